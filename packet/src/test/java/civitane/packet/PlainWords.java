package civitane.packet;

import civitane.words.Language;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** What no text that a person reads may have in it. */
public final class PlainWords {
  /** A word of a packet, a pointer, a place left open, a value the machine writes. */
  public static final Pattern MACHINE = Pattern.compile(
      "\\b[a-z]+[A-Z][a-z]\\w*|/\\w+/|[{}@]|\\b(null|undefined|NaN)\\b|\\bcivitane\\.|\\d{4}-\\d\\d");

  public static final Pattern ONE_OF_MANY = Pattern.compile(
      "(?<![\\d.,:\\u00a0\\u202f])1 (days|weeks|months|years|hours|people|claims|faults|checks|jours|semaines|heures|dias|meses|anos)\\b");

  /** Money always has its cents. */
  public static final Pattern HALF_MONEY = Pattern.compile(
      "€\\d[\\d,]*(?![\\d,.])|€[\\d,]*\\.\\d(?!\\d)|(?<![\\d.,\\u00a0\\u202f])\\d+[\\u00a0\\u202f]€");

  /** A day or a time that is written in another way than all others. */
  public static final Pattern OTHER_DATE =
      Pattern.compile("\\b\\d{1,2}/\\d{1,2}/\\d{2,4}\\b|\\b\\d{1,2}\\.\\d{1,2}\\.\\d{4}\\b");

  public static final Pattern ENGLISH =
      Pattern.compile("\\b(the|and|with|household|month|year|week|does|was)\\b");

  public static final Pattern LATIN = Pattern.compile("\\p{IsLatin}{3,}");

  private static final Map<String, Pattern> EVERYWHERE = Map.of(
      "a machine's word", MACHINE,
      "one of many", ONE_OF_MANY,
      "money without cents", HALF_MONEY,
      "a date of another form", OTHER_DATE);

  private static final Pattern MAIL = Pattern.compile("[\\w.]+@[\\w.]+\\w");

  /** The code by which anybody confirms a letter: drawn at random, it may look like anything. */
  private static final Pattern CODE = Pattern.compile("\\b(?:[0-9A-Z]{4}-){2}[0-9A-Z]{4}\\b");

  private PlainWords() {}

  /** What is wrong in a text, each with the words around it; empty where it can be read by anybody. */
  public static List<String> wrongIn(String text) {
    var wrong = new ArrayList<String>();
    var own = CODE.matcher(MAIL.matcher(text).replaceAll("·")).replaceAll("·");
    EVERYWHERE.forEach((what, pattern) -> find(own, what, pattern, wrong));
    return wrong;
  }

  /** The same, and what is left in English of a text in another language. */
  public static List<String> wrongIn(String text, Language language) {
    var wrong = wrongIn(text);
    if (language != Language.EN) {
      find(text, "English", ENGLISH, wrong);
    }
    if (language == Language.AR) {
      find(text, "Latin letters", LATIN, wrong);
    }
    return wrong;
  }

  private static void find(String text, String what, Pattern pattern, List<String> wrong) {
    pattern
        .matcher(text)
        .results()
        .map(found -> what + ": …"
            + text.substring(
                Math.max(0, found.start() - 20), Math.min(text.length(), found.end() + 20))
            + "…")
        .forEach(wrong::add);
  }

  /** A sentence without what the household told in its own words, the longest first. */
  public static String withoutTold(String text, JsonNode packet) {
    return words(packet)
        .filter(word -> word.length() > 2)
        .sorted(Comparator.comparingInt(String::length).reversed())
        .reduce(text, (left, word) -> left.replace(word, "·"));
  }

  private static Stream<String> words(JsonNode node) {
    return node.isString()
        ? Stream.of(node.stringValue())
        : node.valueStream().flatMap(PlainWords::words);
  }
}
