package civitane.core.matching;

import civitane.core.identity.JaroWinkler;
import civitane.core.registers.Street;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * An address of the address book that is near what was typed.
 *
 * @param line1 the street as it is written, with the number that was typed
 * @param exact whether it is what was typed, but for capitals and spaces
 * @param likeness from 0 to 1
 */
public record AddressMatch(
    String line1, String postcode, String town, boolean exact, double likeness) {
  private static final double NEAR = 0.82;
  private static final double SAME_POSTCODE = 0.06;
  private static final int MOST = 4;
  private static final Pattern NUMBER = Pattern.compile("\\d+(?:\\s?[A-Za-z]\\b)?(?:/\\d+)?");

  /** The few streets nearest to what was typed, the nearest first; none when nothing is near. */
  public static List<AddressMatch> of(
      List<Street> streets, String typed, @Nullable String postcode) {
    var number = number(typed);
    var name = plain(NUMBER.matcher(typed).replaceAll(" "));
    if (name.length() < 3) {
      return List.of();
    }
    return streets.stream()
        .flatMap(street -> match(street, name, number, typed, postcode))
        .sorted(Comparator.comparing(AddressMatch::likeness)
            .reversed()
            .thenComparing(AddressMatch::line1))
        .limit(MOST)
        .toList();
  }

  private static Stream<AddressMatch> match(
      Street street, String name, String number, String typed, @Nullable String postcode) {
    var there = plain(street.name());
    var alike = there.startsWith(name) ? 1 : JaroWinkler.similarity(name, there);
    var samePost = postcode != null && plain(postcode).equals(plain(street.postcode()));
    var likeness = Math.min(1, alike * (1 - SAME_POSTCODE) + (samePost ? SAME_POSTCODE : 0));
    if (likeness < NEAR) {
      return Stream.empty();
    }
    var line = number.isEmpty() ? street.name() : number + " " + street.name();
    var exact = samePost && plain(line).equals(plain(typed));
    return Stream.of(new AddressMatch(line, street.postcode(), street.town(), exact, likeness));
  }

  private static String number(String typed) {
    var found = NUMBER.matcher(typed);
    return found.find() ? found.group().replace(" ", "") : "";
  }

  /** Whether two lines are the same but for capitals, commas and spaces. */
  public static boolean isSame(String one, String other) {
    return plain(one).equals(plain(other));
  }

  private static String plain(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
  }
}
