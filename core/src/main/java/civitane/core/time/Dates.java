package civitane.core.time;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Dates as the office writes them, as in {@code 14 March 1988}; the same on every machine. */
public final class Dates {
  private static final DateTimeFormatter LONG =
      DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

  private Dates() {}

  public static String written(LocalDate date) {
    return LONG.format(date);
  }
}
