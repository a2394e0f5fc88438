package civitane.packet.shape;

import civitane.core.identity.CheckDigits;
import civitane.core.money.Amount;
import civitane.packet.json.Faults;
import civitane.packet.json.JsonText;
import civitane.packet.json.Path;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

import static civitane.core.facts.Known.known;

/** Reads single values, each by what it must look like; null where one is blank or faulty. */
final class ScalarReader {

  private final JsonParser parser;
  private final JsonText json;
  private final Path path;
  private final Faults faults;

  ScalarReader(JsonParser parser, JsonText json, Path path, Faults faults) {
    this.parser = parser;
    this.json = json;
    this.path = path;
    this.faults = faults;
  }

  /** Tells what is wrong with the value here, and passes over what lies in it. */
  @Nullable
  Object wrong(String message, String expected) {
    faults.add(path.pointer(), message, expected);
    if (parser.currentToken() == JsonToken.START_OBJECT
        || parser.currentToken() == JsonToken.START_ARRAY) {
      json.passOver();
    }
    return null;
  }

  private boolean isText() {
    return parser.currentToken() == JsonToken.VALUE_STRING;
  }

  @Nullable
  Object text() {
    return isText() ? json.text() : wrong("it is not a text", "a text");
  }

  @Nullable
  Object flag() {
    return switch (parser.currentToken()) {
      case VALUE_TRUE -> Boolean.TRUE;
      case VALUE_FALSE -> Boolean.FALSE;
      default -> wrong("it is not yes or no", "true or false");
    };
  }

  @Nullable
  Object word(Shape shape) {
    var word = isText() ? json.text() : null;
    var meaning = word == null ? null : word.isBlank() ? word : shape.meanings().get(word);
    return meaning != null
        ? meaning
        : wrong("the word is not known here", "one of " + String.join(", ", shape.words()));
  }

  private @Nullable BigDecimal decimal() {
    return parser.currentToken() == JsonToken.VALUE_NUMBER_INT
            || parser.currentToken() == JsonToken.VALUE_NUMBER_FLOAT
        ? parser.getDecimalValue()
        : null;
  }

  @Nullable
  Object number(int decimals, String expected) {
    var number = decimal();
    var fault = number == null ? "it is not a number" : Numbers.fault(number, decimals);
    return fault == null ? Amount.of(known(number)) : wrong(fault, expected);
  }

  @Nullable
  Object whole(int most) {
    var number = decimal();
    if (number != null
        && Numbers.fault(number, 0) == null
        && number.compareTo(BigDecimal.valueOf(most)) <= 0) {
      return number.intValueExact();
    }
    return wrong(
        number == null ? "it is not a number" : "it is not a whole number that makes sense here",
        "a whole number from 0 to " + most);
  }

  @Nullable
  Object day() {
    return onCalendar(CalendarText::day, "a day of the calendar, as in 2026-11-23");
  }

  @Nullable
  Object month() {
    return onCalendar(CalendarText::month, "a month, as in 2026-08");
  }

  @Nullable
  Object moment() {
    return onCalendar(CalendarText::moment, "a time as in 2026-11-23T09:12:00+01:00");
  }

  private @Nullable Object onCalendar(Function<String, @Nullable Object> reader, String expected) {
    if (isText()) {
      var text = json.text();
      if (text.isBlank()) {
        return null;
      }
      try {
        var read = reader.apply(text);
        if (read != null) {
          return read;
        }
      } catch (DateTimeException e) {
        return wrong("it is not on the calendar", expected);
      }
    }
    return wrong("it is not on the calendar", expected);
  }

  @Nullable
  Object residentNumber() {
    var text = isText() ? json.text() : null;
    if (text != null && (text.isBlank() || CheckDigits.isResidentNumber(text))) {
      return text;
    }
    return wrong(
        text == null ? "it is not a text" : "the check digit of the resident number is wrong",
        "ten digits, the last the check digit of the others; null when there is none, with the reason");
  }

  @Nullable
  Object iban() {
    var plain = isText() ? json.text().replace(" ", "") : null;
    if (plain != null && (plain.isBlank() || Accounts.isIban(plain))) {
      return plain;
    }
    return wrong(
        plain == null ? "it is not a text" : "the check digits of the IBAN are wrong",
        "an IBAN with its check digits right");
  }

  /** An id; null where it is blank. */
  @Nullable
  String id(String expected) {
    if (isText()) {
      var id = json.text();
      return id.isBlank() ? null : id;
    }
    wrong("it is not an id", expected);
    return null;
  }
}
