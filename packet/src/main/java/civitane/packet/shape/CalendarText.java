package civitane.packet.shape;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.time.ZoneOffset;
import org.jspecify.annotations.Nullable;

/** Days, months and moments as ISO 8601 writes them. */
final class CalendarText {
  private static final int MONTH_LENGTH = "2026-08".length();
  private static final int DATE_LENGTH = "2026-11-23".length();
  private static final int MOMENT_LENGTH = "2026-11-23T09:12:00+01:00".length();

  private CalendarText() {}

  /** A day as in 2026-11-23; null for any other form. Throws for a day that is not on the calendar. */
  static @Nullable Object day(String text) {
    if (text.length() != DATE_LENGTH || text.charAt(4) != '-' || text.charAt(7) != '-') {
      return null;
    }
    var year = digits(text, 0, 4);
    var month = digits(text, 5, 7);
    var day = digits(text, 8, DATE_LENGTH);
    return year < 0 || month < 0 || day < 0 ? null : LocalDate.of(year, month, day);
  }

  /** A month as in 2026-08; null for any other form. Throws for a month there is not. */
  static @Nullable Object month(String text) {
    if (text.length() != MONTH_LENGTH || text.charAt(4) != '-') {
      return null;
    }
    var year = digits(text, 0, 4);
    var month = digits(text, 5, MONTH_LENGTH);
    return year < 0 || month < 0 ? null : YearMonth.of(year, month);
  }

  /** A moment; the usual form without a formatter, which takes its time. */
  static Object moment(String text) {
    if (text.length() != MOMENT_LENGTH
        || text.charAt(DATE_LENGTH) != 'T'
        || text.charAt(13) != ':'
        || text.charAt(16) != ':'
        || text.charAt(22) != ':'
        || !(day(text.substring(0, DATE_LENGTH)) instanceof LocalDate date)) {
      return OffsetDateTime.parse(text);
    }
    var hour = digits(text, 11, 13);
    var minute = digits(text, 14, 16);
    var second = digits(text, 17, 19);
    var hours = digits(text, 20, 22);
    var minutes = digits(text, 23, MOMENT_LENGTH);
    var sign = text.charAt(19) == '+' ? 1 : text.charAt(19) == '-' ? -1 : 0;
    if (sign == 0 || hours < 0 || minutes < 0) {
      return OffsetDateTime.parse(text);
    }
    return OffsetDateTime.of(
        date,
        LocalTime.of(hour, minute, second),
        ZoneOffset.ofHoursMinutes(sign * hours, sign * minutes));
  }

  /** The number that some digits make; -1 when one of them is none. */
  private static int digits(String text, int from, int to) {
    var number = 0;
    for (var i = from; i < to; i++) {
      var digit = text.charAt(i) - '0';
      if (digit < 0 || digit > 9) {
        return -1;
      }
      number = number * 10 + digit;
    }
    return number;
  }
}
