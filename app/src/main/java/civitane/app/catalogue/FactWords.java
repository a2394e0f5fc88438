package civitane.app.catalogue;

import civitane.core.facts.OrNone;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.facts.Payslip;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A value of the ledger as it is said at the desk. */
public final class FactWords {
  private static final String NOTHING = "—";

  private final Packet packet;
  private final Map<String, UUID> ids;

  /** @param ids the people and incomes of the packet by their ids */
  public FactWords(Packet packet, Map<String, UUID> ids) {
    this.packet = packet;
    this.ids = ids;
  }

  public String of(@Nullable Object value) {
    if (value == null) {
      return NOTHING;
    } else if (value instanceof OrNone<?> or) {
      return or.isNone() ? "none" : of(or.value());
    } else if (value instanceof Amount amount) {
      return say(Argument.once(amount));
    } else if (value instanceof LocalDate day) {
      return say(Argument.day(day));
    } else if (value instanceof OffsetDateTime moment) {
      return say(Argument.day(moment.toLocalDate()));
    } else if (value instanceof YearMonth month) {
      return say(new Argument.Month(month));
    } else if (value instanceof Boolean flag) {
      return flag ? "yes" : "no";
    } else if (value instanceof Word word) {
      return DeskWords.WORDS.word(word);
    } else if (value instanceof Payslip slip) {
      return of(slip.periodEnd()) + ": " + of(slip.gross());
    } else if (value instanceof List<?> list) {
      return list.isEmpty()
          ? "none"
          : String.join("; ", list.stream().map(this::of).toList());
    } else if (value instanceof Map<?, ?> map) {
      return map.isEmpty()
          ? "none"
          : String.join(
              "; ",
              map.entrySet().stream()
                  .map(entry -> of(entry.getKey()) + ": " + of(entry.getValue()))
                  .toList());
    } else if (value instanceof Record record) {
      return record(record);
    }
    return text(value.toString());
  }

  /** The parts of a group that are known, one after the other. */
  private String record(Record record) {
    return String.join(
        ", ",
        Parts.byKey(record).values().stream()
            .filter(value -> !value.equals(List.of()))
            .map(this::of)
            .toList());
  }

  /** A text, or the name of the person whose subject it is. */
  private String text(String text) {
    return ids.entrySet().stream()
        .filter(
            entry -> entry.getValue().toString().equals(text) || entry.getKey().equals(text))
        .findFirst()
        .flatMap(entry -> packet.household().person(entry.getKey()))
        .map(person -> say(Argument.Who.of(packet.household(), person)))
        .orElse(text);
  }

  private static String say(Argument argument) {
    return DeskWords.WORDS.say(argument);
  }
}
