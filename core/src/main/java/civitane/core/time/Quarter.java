package civitane.core.time;

import java.time.LocalDate;

/**
 * A calendar quarter, written as in {@code 2025Q3}.
 *
 * @param index quarters since the year 0
 */
public record Quarter(int index) implements Comparable<Quarter> {

  public static Quarter of(LocalDate date) {
    return new Quarter(date.getYear() * 4 + (date.getMonthValue() - 1) / 3);
  }

  public static boolean isWritten(String text) {
    return text.matches("\\d{4}Q[1-4]");
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
    return "%04dQ%d".formatted(index / 4, index % 4 + 1);
  }
}
