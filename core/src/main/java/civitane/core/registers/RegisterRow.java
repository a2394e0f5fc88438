package civitane.core.registers;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * One row of an answer, as the register gave it.
 *
 * @param columns by their names in the register; an empty one says nothing
 */
public record RegisterRow(SortedMap<String, String> columns) {
  public static RegisterRow of(Map<String, String> columns) {
    return new RegisterRow(new TreeMap<>(columns));
  }

  /** What stands in a column. Throws {@link IllegalArgumentException} where the register has no such column. */
  public String text(String column) {
    var text = columns.get(column);
    if (text == null) {
      throw new IllegalArgumentException("the answer has no " + column);
    }
    return text;
  }

  /** What stands in a column, or null where nothing does. */
  public @Nullable String textOrNull(String column) {
    var text = text(column);
    return text.isEmpty() ? null : text;
  }

  public LocalDate date(String column) {
    return LocalDate.parse(text(column));
  }

  public @Nullable LocalDate dateOrNull(String column) {
    return text(column).isEmpty() ? null : date(column);
  }

  public Amount amount(String column) {
    return Amount.of(text(column));
  }

  /** Whether a column says yes. Throws {@link IllegalArgumentException} where it says neither yes nor no. */
  public boolean flag(String column) {
    return switch (text(column)) {
      case "yes" -> true;
      case "no" -> false;
      default -> throw new IllegalArgumentException("the answer says neither yes nor no");
    };
  }

  public @Nullable Amount amountOrNull(String column) {
    return text(column).isEmpty() ? null : amount(column);
  }

  boolean isSilentOn(String column) {
    return !columns.containsKey(column);
  }
}
