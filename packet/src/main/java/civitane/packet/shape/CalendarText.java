package civitane.packet.shape;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import org.jspecify.annotations.Nullable;

/** Days, months and moments as ISO 8601 writes them. */
final class CalendarText {
  private static final int MONTH_LENGTH = "2026-08".length();
  private static final int DATE_LENGTH = "2026-11-23".length();

  private CalendarText() {}

  /** A day as in 2026-11-23; null for any other length. Throws for a day that is not on the calendar. */
  static @Nullable Object day(String text) {
    return text.length() == DATE_LENGTH ? LocalDate.parse(text) : null;
  }

  /** A month as in 2026-08; null for any other length. Throws for a month there is not. */
  static @Nullable Object month(String text) {
    return text.length() == MONTH_LENGTH ? YearMonth.parse(text) : null;
  }

  static Object moment(String text) {
    return OffsetDateTime.parse(text);
  }
}
