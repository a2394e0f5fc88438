package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.packet.shape.Shape;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

import static civitane.core.facts.Known.known;

/** What people write into the fields of a form, as values of a packet. */
final class FormText {
  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
  private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
  private static final Pattern SAID =
      Pattern.compile("(\\d{1,2})[\\s./-]+(\\d{1,2})[\\s./-]+(\\d{2}|\\d{4})");
  private static final Pattern MONTH = Pattern.compile("(\\d{1,2})[\\s./-]+(\\d{4})");
  private static final Pattern ISO_MONTH = Pattern.compile("\\d{4}-\\d{2}");
  private static final Pattern GROUPED = Pattern.compile("\\d{1,3}(?:,\\d{3})+(?:\\.\\d{1,6})?");
  private static final Pattern PLAIN = Pattern.compile("-?\\d{1,12}(?:[.,]\\d{1,6})?");
  private static final Pattern PERSON = Pattern.compile("p?(\\d{1,2})");
  private static final int CENTURY = 100;
  private static final int THIS_CENTURY = 2000;

  private FormText() {}

  /** The value that was written; empty when it can't be read as one. Years of two digits never lie ahead. */
  static Optional<JsonNode> read(String text, Shape shape, LocalDate on) {
    return switch (known(shape.form())) {
      case MONEY, NUMBER, WHOLE -> number(text).map(JSON::numberNode).map(JsonNode.class::cast);
      case DATE -> date(text, on).map(LocalDate::toString).map(JSON::stringNode);
      case MONTH -> month(text).map(JSON::stringNode);
      case FLAG -> flag(text);
      case CHOICE -> word(text, shape).map(JSON::stringNode);
      case PERSON -> person(text).map(JSON::stringNode);
      case LIST -> list(text, known(shape.element()), on);
      default -> Optional.of(JSON.stringNode(text));
    };
  }

  private static Optional<BigDecimal> number(String text) {
    var plain = text.replaceAll("[\\s\u00A0]", "");
    if (GROUPED.matcher(plain).matches()) {
      return Optional.of(new BigDecimal(plain.replace(",", "")));
    }
    return PLAIN.matcher(plain).matches()
        ? Optional.of(new BigDecimal(plain.replace(',', '.')))
        : Optional.empty();
  }

  private static Optional<LocalDate> date(String text, LocalDate on) {
    var iso = ISO.matcher(text);
    var said = SAID.matcher(text);
    try {
      if (iso.matches()) {
        return Optional.of(LocalDate.of(
            Integer.parseInt(iso.group(1)),
            Integer.parseInt(iso.group(2)),
            Integer.parseInt(iso.group(3))));
      }
      if (said.matches()) {
        var year = Integer.parseInt(said.group(3));
        if (said.group(3).length() == 2) {
          year += THIS_CENTURY;
          year -= year > on.getYear() + 1 ? CENTURY : 0;
        }
        return Optional.of(
            LocalDate.of(year, Integer.parseInt(said.group(2)), Integer.parseInt(said.group(1))));
      }
    } catch (DateTimeException e) {
      return Optional.empty();
    }
    return Optional.empty();
  }

  private static Optional<String> month(String text) {
    if (ISO_MONTH.matcher(text).matches()) {
      return Optional.of(text);
    }
    var said = MONTH.matcher(text);
    return said.matches()
        ? Optional.of(said.group(2) + "-" + (said.group(1).length() < 2 ? "0" : "") + said.group(1))
        : Optional.empty();
  }

  private static Optional<JsonNode> flag(String text) {
    return switch (text.toLowerCase(java.util.Locale.ROOT)) {
      case "yes", "y", "true" -> Optional.of(JSON.booleanNode(true));
      case "no", "n", "false" -> Optional.of(JSON.booleanNode(false));
      default -> Optional.empty();
    };
  }

  private static Optional<String> word(String text, Shape shape) {
    return shape.words().stream()
        .filter(word -> plain(word).equals(plain(text)))
        .findFirst();
  }

  private static String plain(String text) {
    return text.replaceAll("[\\s_-]", "").toLowerCase(java.util.Locale.ROOT);
  }

  /** People are named by their number on the form. */
  private static Optional<String> person(String text) {
    var number = PERSON.matcher(text);
    return number.matches() ? Optional.of("p" + number.group(1)) : Optional.empty();
  }

  private static Optional<JsonNode> list(String text, Shape element, LocalDate on) {
    List<JsonNode> values = new ArrayList<>();
    for (var part : text.split("[,;]")) {
      if (!part.isBlank()) {
        var value = read(part.strip(), element, on);
        if (value.isEmpty()) {
          return Optional.empty();
        }
        values.add(value.get());
      }
    }
    return Optional.of(JSON.arrayNode().addAll(values));
  }

  /** What would be right in a field: what can be chosen, in the words it is chosen by. */
  static String expected(FormField field) {
    return field.options().isEmpty()
        ? expected(field.shape())
        : "one of "
            + String.join(", ", field.options().stream().map(FormOption::said).toList());
  }

  private static String expected(Shape shape) {
    return switch (known(shape.form())) {
      case MONEY -> "euros, as in 1,234.50";
      case NUMBER, WHOLE -> "a number, as in 3";
      case DATE -> "a day, as in 14.3.1988";
      case MONTH -> "a month, as in 8.2026";
      case FLAG -> "yes or no";
      case CHOICE -> "one of " + String.join(", ", shape.words());
      case PERSON -> "the number of the person on the form, as in 2";
      case LIST -> expected(known(shape.element())) + "; several with commas between";
      default -> "a text";
    };
  }

  /** A value of a packet as it is written into a field; people by their place among the ids. */
  static String written(JsonNode value, Shape shape, List<String> people) {
    if (value.isBoolean()) {
      return value.booleanValue() ? FormLayout.YES : FormLayout.NO;
    }
    if (value.isNumber()) {
      return value.decimalValue().toPlainString();
    }
    if (value.isArray()) {
      var parts = new ArrayList<String>();
      value.forEach(part -> parts.add(written(part, shape, people)));
      return String.join(", ", parts);
    }
    var text = value.asString("");
    return shape.is(Form.PERSON) && people.contains(text)
        ? Integer.toString(people.indexOf(text) + 1)
        : text;
  }
}
