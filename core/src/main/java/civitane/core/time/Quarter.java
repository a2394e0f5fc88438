package civitane.core.time;

import java.time.LocalDate;
import java.time.YearMonth;

/**
 * A calendar quarter, written as in {@code 2025Q3}.
 *
 * @param index quarters since the year 0
 */
public record Quarter(int index) implements Comparable<Quarter> {
  private static final int LENGTH = 6;

  public static Quarter of(LocalDate date) {
    return new Quarter(date.getYear() * 4 + (date.getMonthValue() - 1) / 3);
  }

  public static boolean isWritten(String text) {
    if (text.length() != LENGTH || text.charAt(4) != 'Q') {
      return false;
    }
    for (var i = 0; i < 4; i++) {
      if (text.charAt(i) < '0' || text.charAt(i) > '9') {
        return false;
      }
    }
    return text.charAt(5) >= '1' && text.charAt(5) <= '4';
  }

  /** Reads a quarter that {@link #isWritten}. */
  public static Quarter parse(String text) {
    return new Quarter(Integer.parseInt(text, 0, 4, 10) * 4 + text.charAt(5) - '1');
  }

  /** Its first month. */
  public YearMonth first() {
    return YearMonth.of(Math.floorDiv(index, 4), Math.floorMod(index, 4) * 3 + 1);
  }

  public Quarter minus(int quarters) {
    return new Quarter(index - quarters);
  }

  @Override
  public int compareTo(Quarter other) {
    return Integer.compare(index, other.index);
  }

  @Override
  public String toString() {
    var year = Integer.toString(Math.floorDiv(index, 4));
    return "0".repeat(Math.max(0, 4 - year.length())) + year + "Q" + (Math.floorMod(index, 4) + 1);
  }
}
