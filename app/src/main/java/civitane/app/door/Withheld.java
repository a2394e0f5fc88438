package civitane.app.door;

import civitane.app.claims.Masked;
import civitane.words.Words;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What the office knows of a household and does not show behind its door, where somebody else may hold the phone: where
 * they live, how they are reached, whole numbers. Left empty, it stays as it is.
 */
final class Withheld {
  private static final Pattern PERSON = Pattern.compile("/household/people/(\\d+)/(.+)");
  private static final String ADDRESS = "/household/address/";
  private static final String CONTACT = "contact/";

  private Withheld() {}

  static boolean isWithheld(String place) {
    var person = PERSON.matcher(place);
    return place.startsWith(ADDRESS)
        || Masked.isNumber(place.substring(place.lastIndexOf('/') + 1))
        || person.matches() && person.group(2).startsWith(CONTACT);
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
    after.replaceAll(
        (place, text) -> isWithheld(place) && typed.getOrDefault(place, "").isBlank()
            ? before.getOrDefault(placeBefore(place, before, after), "")
            : text);
    return after;
  }

  /** Where it stood before: with the person of the same name. */
  private static String placeBefore(
      String place, Map<String, String> before, Map<String, String> after) {
    var person = PERSON.matcher(place);
    if (!person.matches()) {
      return place;
    }
    var called = name(person.group(1), after);
    for (var row = 0; !name(String.valueOf(row), before).isBlank(); row++) {
      if (name(String.valueOf(row), before).equals(called)) {
        return "/household/people/" + row + "/" + person.group(2);
      }
    }
    return "";
  }

  private static String name(String row, Map<String, String> written) {
    var of = "/household/people/" + row + "/";
    return (written.getOrDefault(of + "givenName", "") + " "
            + written.getOrDefault(of + "familyName", ""))
        .strip();
  }
}
