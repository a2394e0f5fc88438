package civitane.core.time;

import java.time.LocalDate;
import java.time.YearMonth;

/** Whole months. */
public final class Months {
  private Months() {}

  /** The calendar difference, less one when the later day of month is the smaller. */
  public static int wholeBetween(LocalDate earlier, LocalDate later) {
    var difference = (later.getYear() - earlier.getYear()) * 12
        + later.getMonthValue()
        - earlier.getMonthValue();
    return later.getDayOfMonth() < earlier.getDayOfMonth() ? difference - 1 : difference;
  }

  /** How many calendar months the first lies before the second; negative when it lies after it. */
  public static int before(YearMonth first, YearMonth second) {
    return (second.getYear() - first.getYear()) * 12
        + second.getMonthValue()
        - first.getMonthValue();
  }
}
