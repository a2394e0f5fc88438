package civitane.app.door;

import civitane.app.claims.Masked;
import civitane.words.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * What the office knows of a household and does not show behind its door, where somebody else may hold the phone: where
 * they live, how they are reached, whole numbers. Left empty, it stays as it is.
 */
final class Withheld {
  private static final String PEOPLE = "/household/people/";
  private static final Pattern PERSON = Pattern.compile(PEOPLE + "(\\d{1,3})/(.+)");
  private static final String ADDRESS = "/household/address/";
  private static final String CONTACT = "contact/";

  private Withheld() {}

  static boolean isWithheld(String place) {
    var person = PERSON.matcher(place);
    return place.startsWith(ADDRESS)
        || Masked.isNumber(place.substring(place.lastIndexOf('/') + 1))
        || person.matches() && person.group(2).startsWith(CONTACT);
  }

  /** Whether a place is withheld, or something in it. */
  static boolean isWithin(String place) {
    return isWithheld(place) || isWithheld(place + "/");
  }

  /** What is said beside a question whose answer is known and not shown. */
  static String said(String place, String value, Words words) {
    return Masked.isNumber(place.substring(place.lastIndexOf('/') + 1))
        ? words.say("door.again.number", "number", Masked.number(value))
        : words.say("door.again.known");
  }

  /**
   * What stands once a page was typed: where something withheld was left empty it stays, with a person wherever they stand
   * in the list now.
   *
   * @param before what stood, whole
   * @param typed what was typed, by the names of its questions
   */
  static Map<String, String> kept(Map<String, String> before, Map<String, String> typed) {
    var after = new HashMap<>(before);
    after.putAll(typed);
    var people = new SamePeople(people(before), people(after));
    after.replaceAll(
        (place, text) -> isWithheld(place) && typed.getOrDefault(place, "").isBlank()
            ? before.getOrDefault(placeBefore(place, people), "")
            : text);
    return after;
  }

  /** Where it stood before: with the person it is of. */
  private static String placeBefore(String place, SamePeople people) {
    var person = PERSON.matcher(place);
    if (!person.matches()) {
      return place;
    }
    var row = people.rowBefore(Integer.parseInt(person.group(1)));
    return row.isPresent() ? PEOPLE + row.getAsInt() + "/" + person.group(2) : "";
  }

  private static List<SamePeople.Named> people(Map<String, String> written) {
    var last = written.keySet().stream()
        .map(PERSON::matcher)
        .filter(Matcher::matches)
        .mapToInt(person -> Integer.parseInt(person.group(1)))
        .max()
        .orElse(-1);
    return IntStream.rangeClosed(0, last)
        .mapToObj(row -> PEOPLE + row + "/")
        .map(of -> new SamePeople.Named(
            written.getOrDefault(of + "givenName", ""),
            written.getOrDefault(of + "familyName", ""),
            written.getOrDefault(of + "birthDate", "")))
        .toList();
  }
}
