package civitane.core.time;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Set;

/** Working days of the district: Monday to Friday and no public holiday. */
public final class WorkingDays {
  private static final Set<MonthDay> FIXED_HOLIDAYS = Set.of(
      MonthDay.of(1, 1),
      MonthDay.of(5, 1),
      MonthDay.of(6, 25),
      MonthDay.of(8, 15),
      MonthDay.of(11, 1),
      MonthDay.of(12, 25),
      MonthDay.of(12, 26));

  private WorkingDays() {}

  public static boolean isWorkingDay(LocalDate date) {
    return date.getDayOfWeek() != DayOfWeek.SATURDAY
        && date.getDayOfWeek() != DayOfWeek.SUNDAY
        && !isHoliday(date);
  }

  public static boolean isHoliday(LocalDate date) {
    if (FIXED_HOLIDAYS.contains(MonthDay.from(date))) {
      return true;
    }
    var easter = easterSunday(date.getYear());
    return date.equals(easter.minusDays(2)) || date.equals(easter.plusDays(1));
  }

  /** The date itself when it is a working day, else the next one. */
  public static LocalDate onOrAfter(LocalDate date) {
    var day = date;
    while (!isWorkingDay(day)) {
      day = day.plusDays(1);
    }
    return day;
  }

  /** The working day that many working days after the date; the date itself is not counted. */
  public static LocalDate add(LocalDate date, int workingDays) {
    var day = date;
    for (var left = workingDays; left > 0; left--) {
      day = onOrAfter(day.plusDays(1));
    }
    return day;
  }

  /** How many working days lie after the first date up to and including the second; negative when it lies before. */
  public static int between(LocalDate from, LocalDate to) {
    if (to.isBefore(from)) {
      return -between(to, from);
    }
    var count = 0;
    for (var day = from.plusDays(1); !day.isAfter(to); day = day.plusDays(1)) {
      if (isWorkingDay(day)) {
        count++;
      }
    }
    return count;
  }

  /** Easter Sunday of the Gregorian calendar, by the anonymous algorithm of 1876. */
  static LocalDate easterSunday(int year) {
    int golden = year % 19;
    int century = year / 100;
    int inCentury = year % 100;
    int epact =
        (19 * golden + century - century / 4 - (century - (century + 8) / 25 + 1) / 3 + 15) % 30;
    int weekday = (32 + 2 * (century % 4) + 2 * (inCentury / 4) - epact - inCentury % 4) % 7;
    int correction = (golden + 11 * epact + 22 * weekday) / 451;
    int days = epact + weekday - 7 * correction + 114;
    return LocalDate.of(year, days / 31, days % 31 + 1);
  }
}
