package civitane.core.matching;

import civitane.core.facts.Address;
import civitane.core.facts.Person;
import civitane.core.identity.Names;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What somebody is found by: every name in every way it may be typed, phones as digits, the last four digits of the
 * resident number, and where they live.
 */
public final class Sought {
  private static final int LAST_DIGITS = 4;
  private static final int MOST_WORDS = 6;

  private Sought() {}

  /** The words of somebody, each after a space, in small letters without marks. */
  public static String of(Person person, Address address) {
    var words = new LinkedHashSet<String>();
    person.everyName().forEach(name -> words.addAll(Names.spelled(name)));
    phones(person).map(Sought::digits).forEach(words::add);
    var number = person.residentNumber();
    if (number != null && number.length() >= LAST_DIGITS) {
      words.add(number.substring(number.length() - LAST_DIGITS));
    }
    if (!address.hidden()) {
      words.add(plain(address.line1()));
      words.add(plain(address.postcode()));
    }
    return words.stream()
        .filter(word -> !word.isBlank())
        .map(word -> " " + word)
        .collect(Collectors.joining());
  }

  private static Stream<String> phones(Person person) {
    var contact = person.contact();
    if (contact == null) {
      return Stream.empty();
    }
    var phones = new ArrayList<String>();
    if (contact.phone() != null) {
      phones.add(contact.phone());
    }
    contact.ways().stream().filter(way -> way.at() != null).forEach(way -> phones.add(way.at()));
    return phones.stream();
  }

  private static String digits(String phone) {
    return phone.replaceAll("\\D", "");
  }

  /** An address in small letters: letters and digits, everything else a space. */
  private static String plain(@Nullable String text) {
    return text == null
        ? ""
        : text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
  }

  /**
   * The words that were typed, as they are looked for. A number typed with spaces between is one word, as a phone is.
   */
  public static Set<String> words(String typed) {
    var phone = typed.strip().matches("[\\d\\s/+-]{6,}");
    var text = phone ? digits(typed) : typed;
    return Stream.of(text.split("[\\s,;]+"))
        .flatMap(word -> word.matches(".*\\d.*")
            ? Stream.of(plain(word).replace(" ", ""))
            : Names.spelled(word).stream().limit(1))
        .flatMap(word -> Stream.of(word.split(" ")))
        .filter(word -> !word.isBlank())
        .limit(MOST_WORDS)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** The words in one, to be compared with those of people where not every word is found. */
  public static String together(Set<String> words) {
    return String.join(" ", List.copyOf(words));
  }
}
