package civitane.core.time;

import java.time.LocalDate;

/** Dates as the office writes them, as in {@code 14 March 1988}; the same on every machine. */
public final class Dates {
  private static final String[] MONTHS = {
    "January",
    "February",
    "March",
    "April",
    "May",
    "June",
    "July",
    "August",
    "September",
    "October",
    "November",
    "December"
  };

  private Dates() {}

  public static String written(LocalDate date) {
    return date.getDayOfMonth() + " " + MONTHS[date.getMonthValue() - 1] + " " + date.getYear();
  }
}
