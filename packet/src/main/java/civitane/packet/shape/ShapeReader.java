package civitane.packet.shape;

import civitane.core.facts.Answers;
import civitane.core.identity.CheckDigits;
import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import civitane.packet.json.Faults;
import civitane.packet.json.Path;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.apache.commons.validator.routines.checkdigit.IBANCheckDigit;
import org.jspecify.annotations.Nullable;

/** Reads plain JSON values by a shape into typed ones, noting every fault with its place. */
public final class ShapeReader {
  private static final String AN_ID = "the id of a person of the household";

  private final Faults faults;
  private final Path path = new Path();
  private final List<Reference> references = new ArrayList<>();

  public ShapeReader(Faults faults) {
    this.faults = faults;
  }

  /** Every place read so far that names a person or an income. */
  public List<Reference> references() {
    return references;
  }

  /** Reads a value below a place that was entered before; null where it is absent or faulty. */
  public @Nullable Object read(@Nullable Object value, Shape shape) {
    if (value == null) {
      return null;
    }
    if (shape.orWord() != null && shape.orWord().equals(value)) {
      return value;
    }
    return switch (shape.kind()) {
      case ELSEWHERE -> null;
      case TEXT -> text(value);
      case WORD -> word(value, shape);
      case MONEY ->
        number(
            value,
            Numbers.MONEY_DECIMALS,
            "euros as a number with at most two decimals, as in 430.50");
      case NUMBER -> number(value, Numbers.MOST_DECIMALS, "a number, not negative");
      case WHOLE -> whole(value, shape);
      case DATE -> date(value);
      case MONTH -> month(value);
      case TIMESTAMP ->
        parsed(value, CalendarText::moment, "a time as in 2026-11-23T09:12:00+01:00");
      case FLAG -> value instanceof Boolean ? value : wrong("it is not yes or no", "true or false");
      case RESIDENT_NUMBER -> residentNumber(value);
      case IBAN -> iban(value);
      case PERSON -> reference(value, Kind.PERSON, AN_ID);
      case INCOME -> reference(value, Kind.INCOME, "the id of an income of the household");
      case OBJECT -> object(value, shape);
      case LIST -> list(value, shape);
      case BY_PERSON -> byPerson(value, shape);
      case BY_QUARTER -> byQuarter(value, shape);
    };
  }

  private @Nullable Object wrong(String message, String expected) {
    faults.add(path.pointer(), message, expected);
    return null;
  }

  private @Nullable Object text(Object value) {
    return value instanceof String ? value : wrong("it is not a text", "a text");
  }

  private @Nullable Object word(Object value, Shape shape) {
    if (value instanceof String text && text.isBlank()) {
      return null;
    }
    return value instanceof String word && shape.words().contains(word)
        ? word
        : wrong("the word is not known here", "one of " + String.join(", ", shape.words()));
  }

  private @Nullable Object number(Object value, int decimals, String expected) {
    if (!(value instanceof BigDecimal number)) {
      return wrong("it is not a number", expected);
    }
    var fault = Numbers.fault(number, decimals);
    return fault.isPresent() ? wrong(fault.get(), expected) : Amount.of(number);
  }

  private @Nullable Object whole(Object value, Shape shape) {
    var expected = "a whole number from 0 to " + shape.most();
    if (!(value instanceof BigDecimal number)) {
      return wrong("it is not a number", expected);
    }
    var fault = Numbers.fault(number, 0);
    if (fault.isPresent() || !Numbers.isWhole(number)) {
      return wrong("it is not a whole number that makes sense here", expected);
    }
    return number.compareTo(BigDecimal.valueOf(shape.most())) > 0
        ? wrong("it is too large", expected)
        : Amount.of(number);
  }

  private @Nullable Object date(Object value) {
    return parsed(value, CalendarText::day, "a day of the calendar, as in 2026-11-23");
  }

  private @Nullable Object month(Object value) {
    return parsed(value, CalendarText::month, "a month, as in 2026-08");
  }

  private @Nullable Object parsed(
      Object value, Function<String, @Nullable Object> parser, String expected) {
    if (value instanceof String text) {
      if (text.isBlank()) {
        return null;
      }
      try {
        var parsed = parser.apply(text);
        if (parsed != null) {
          return parsed;
        }
      } catch (DateTimeException e) {
        return wrong("it is not on the calendar", expected);
      }
    }
    return wrong("it is not on the calendar", expected);
  }

  private @Nullable Object residentNumber(Object value) {
    var expected =
        "ten digits, the last the check digit of the others; null when there is none, with the reason";
    if (!(value instanceof String text)) {
      return wrong("it is not a text", expected);
    }
    if (text.isBlank()) {
      return null;
    }
    return CheckDigits.isResidentNumber(text)
        ? text
        : wrong("the check digit of the resident number is wrong", expected);
  }

  private @Nullable Object iban(Object value) {
    var expected = "an IBAN with its check digits right";
    if (!(value instanceof String text)) {
      return wrong("it is not a text", expected);
    }
    var plain = text.replace(" ", "");
    if (plain.isBlank()) {
      return null;
    }
    return plain.matches("[A-Z]{2}\\d{2}[A-Z0-9]{10,30}")
            && IBANCheckDigit.IBAN_CHECK_DIGIT.isValid(plain)
        ? plain
        : wrong("the check digits of the IBAN are wrong", expected);
  }

  private @Nullable Object reference(Object value, Kind kind, String expected) {
    if (!(value instanceof String id)) {
      return wrong("it is not an id", expected);
    }
    if (id.isBlank()) {
      return null;
    }
    references.add(new Reference(kind, path.here(), id));
    return id;
  }

  private @Nullable Object object(Object value, Shape shape) {
    if (!(value instanceof Map<?, ?> object)) {
      return wrong(
          "it has no parts",
          "an object with " + String.join(", ", shape.fields().keySet()));
    }
    var read = new LinkedHashMap<String, Object>();
    for (var entry : object.entrySet()) {
      var name = String.valueOf(entry.getKey());
      path.enter(name);
      var field = shape.fields().get(name);
      if (field == null) {
        faults.add(path.pointer(), "the key is not known here", nearest(name, shape));
      } else {
        keep(read, name, read(entry.getValue(), field));
      }
      path.leave();
    }
    for (var key : shape.required()) {
      var part = object.get(key);
      if (part == null || part instanceof String text && text.isBlank()) {
        faults.add(path.pointer(key), "it is missing", "a value for " + key);
      }
    }
    return Answers.holding(read);
  }

  private static boolean isBlank(Object value) {
    return value instanceof String text && text.isBlank();
  }

  private static String nearest(String name, Shape shape) {
    return shape.fields().keySet().stream()
        .filter(known -> known.equalsIgnoreCase(name.strip()) || isNear(known, name))
        .findFirst()
        .map(known -> known + ", perhaps")
        .orElseGet(() -> "one of " + String.join(", ", shape.fields().keySet()));
  }

  /** Whether two keys differ by one letter at most. */
  private static boolean isNear(String known, String said) {
    if (Math.abs(known.length() - said.length()) > 1) {
      return false;
    }
    var same = 0;
    while (same < Math.min(known.length(), said.length())
        && known.charAt(same) == said.charAt(same)) {
      same++;
    }
    return known
            .substring(Math.min(known.length(), same + 1))
            .equals(said.substring(Math.min(said.length(), same + 1)))
        || known.substring(same).equals(said.substring(Math.min(said.length(), same + 1)))
        || known.substring(Math.min(known.length(), same + 1)).equals(said.substring(same));
  }

  private @Nullable Object list(Object value, Shape shape) {
    if (!(value instanceof List<?> list)) {
      return wrong("it is not a list", "a list, as in [ ]");
    }
    var read = new ArrayList<Object>(list.size());
    for (var i = 0; i < list.size(); i++) {
      path.enter(i);
      if (list.get(i) == null) {
        wrong("there is nothing here", "a value, or no place in the list");
      }
      var typed = read(list.get(i), shape.element());
      if (typed != null) {
        read.add(typed);
      }
      path.leave();
    }
    return read;
  }

  private @Nullable Object byPerson(Object value, Shape shape) {
    if (!(value instanceof Map<?, ?> map)) {
      return wrong("it has no parts", "values by the ids of people");
    }
    for (var id : map.keySet()) {
      path.enter(String.valueOf(id));
      references.add(new Reference(Kind.PERSON, path.here(), String.valueOf(id)));
      path.leave();
    }
    return entries(map, shape);
  }

  private @Nullable Object byQuarter(Object value, Shape shape) {
    if (!(value instanceof Map<?, ?> map)) {
      return wrong("it has no parts", "euros by quarter, as in {\"2025Q3\": 9800}");
    }
    map.keySet().stream()
        .map(String::valueOf)
        .filter(key -> !Quarter.isWritten(key))
        .forEach(
            key -> faults.add(path.pointer(key), "it is not a quarter", "a quarter, as in 2025Q3"));
    return entries(map, shape);
  }

  private Answers entries(Map<?, ?> map, Shape shape) {
    var read = new LinkedHashMap<String, Object>();
    for (var entry : map.entrySet()) {
      var name = String.valueOf(entry.getKey());
      path.enter(name);
      keep(read, name, read(entry.getValue(), shape.element()));
      path.leave();
    }
    return Answers.holding(read);
  }

  private static void keep(Map<String, Object> read, String name, @Nullable Object typed) {
    if (typed != null && !isBlank(typed)) {
      read.put(name, typed);
    }
  }

  /** Reads a value as if it stood at the place. */
  public @Nullable Object readAt(
      String key, int index, String below, @Nullable Object value, Shape shape) {
    path.enter(key);
    path.enter(index);
    path.enter(below);
    var read = read(value, shape);
    path.leave();
    path.leave();
    path.leave();
    return read;
  }
}
