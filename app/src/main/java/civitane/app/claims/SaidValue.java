package civitane.app.claims;

import civitane.core.facts.Form;
import civitane.core.facts.Frequency;
import civitane.core.facts.Packet;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.packet.PacketShape;
import civitane.packet.shape.Shape;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

import static civitane.core.facts.Known.known;

/** A value of a packet as it is said: a day as a day, money as money, a word by its words. */
public final class SaidValue {
  private static final String REQUESTS = "requests";
  private static final String AMOUNT = "amount";
  private static final String FREQUENCY = "frequency";
  /** "", "requests", the request, "answers". */
  private static final int UP_TO_ANSWERS = 4;
  /** "", "household". */
  private static final int UP_TO_HOUSEHOLD = 2;

  private SaidValue() {}

  /** What stands at a place; a dash where nothing does. */
  public static Argument.Several of(Packet packet, String pointer, JsonNode value) {
    if (isMasked(pointer.substring(pointer.lastIndexOf('/') + 1), value)) {
      return new Argument.Several(List.of(masked(value)));
    }
    return new Argument.Several(all(packet, shape(packet, pointer), value).toList());
  }

  private static boolean isNothing(JsonNode value) {
    return value.isNull() || value.isContainer() && value.isEmpty();
  }

  private static boolean isMasked(String field, JsonNode value) {
    return Masked.isNumber(field) && value.isString();
  }

  /** What is said goes into the record, which more people read than may see the number. */
  private static Argument masked(JsonNode number) {
    return Argument.told(Masked.number(number.stringValue()));
  }

  /** What has parts, by them, one after the other. */
  private static Stream<Argument> all(Packet packet, @Nullable Shape shape, JsonNode value) {
    if (!value.isContainer() || value.isEmpty()) {
      return Stream.of(said(packet, shape, value));
    }
    if (value.isArray()) {
      return value.valueStream().flatMap(one -> all(packet, within(shape, ""), one));
    }
    var each = each(shape, value);
    return value.properties().stream()
        // A yes or no alone says nothing.
        .filter(part -> !isNothing(part.getValue()) && !part.getValue().isBoolean())
        .filter(part -> each == null || !part.getKey().equals(FREQUENCY))
        .flatMap(part -> {
          if (isMasked(part.getKey(), part.getValue())) {
            return Stream.of(masked(part.getValue()));
          }
          return each != null && part.getKey().equals(AMOUNT)
              ? Stream.of(new Argument.Money(money(part.getValue()), each))
              : all(packet, within(shape, part.getKey()), part.getValue());
        });
  }

  /** The period that the amount of a group is for; null where it has none. */
  private static @Nullable Frequency each(@Nullable Shape shape, JsonNode group) {
    var frequency = within(shape, FREQUENCY);
    return frequency != null
            && group.path(AMOUNT).isNumber()
            && frequency.meanings().get(group.path(FREQUENCY).asString(""))
                instanceof Frequency each
        ? each
        : null;
  }

  private static Amount money(JsonNode value) {
    return Amount.of(value.decimalValue().toPlainString());
  }

  private static Argument said(Packet packet, @Nullable Shape shape, JsonNode value) {
    if (value.isMissingNode() || value.isNull() || value.isContainer()) {
      return Argument.told("—");
    }
    if (value.isBoolean()) {
      return Argument.told(value.booleanValue() ? "yes" : "no");
    }
    var form = shape == null || shape.form() == null ? Form.TEXT : shape.form();
    var text = value.asString("");
    return switch (form) {
      case MONEY -> Argument.once(money(value));
      case DATE -> Argument.day(LocalDate.parse(text));
      case MONTH -> new Argument.Month(YearMonth.parse(text));
      case CHOICE ->
        shape != null && shape.meanings().get(text) instanceof Word word
            ? Argument.term(word)
            : Argument.told(text);
      case PERSON ->
        packet
            .household()
            .person(text)
            .<Argument>map(person -> Argument.Who.of(packet.household(), person))
            .orElse(Argument.told(text));
      default -> Argument.told(text);
    };
  }

  private static @Nullable Shape shape(Packet packet, String pointer) {
    var steps = pointer.split("/");
    if (steps.length > UP_TO_ANSWERS && steps[1].equals(REQUESTS)) {
      var request = packet.requests().get(Integer.parseInt(steps[2]));
      return known(PacketShape.ANSWERS.get(request.service())).below(after(steps, UP_TO_ANSWERS));
    }
    return PacketShape.HOUSEHOLD.below(after(steps, UP_TO_HOUSEHOLD));
  }

  private static String after(String[] steps, int from) {
    return String.join("/", List.of(steps).subList(from, steps.length));
  }

  private static @Nullable Shape within(@Nullable Shape whole, String part) {
    return whole == null ? null : whole.below(part);
  }
}
