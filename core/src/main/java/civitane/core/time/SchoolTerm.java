package civitane.core.time;

import java.time.LocalDate;
import java.time.Month;
import java.time.Year;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Half of a school year, which runs from August to July: {@code 2026-autumn} from 1 August to 31 January, {@code
 * 2027-spring} from 1 February to 31 July.
 *
 * @param year the one in which it begins
 */
public record SchoolTerm(int year, Half half) {
  private static final Pattern WRITTEN = Pattern.compile("(\\d{4})-(autumn|spring)");

  /** Which half of a school year. */
  public enum Half {
    SPRING(Month.FEBRUARY, Month.JULY),
    AUTUMN(Month.AUGUST, Month.JANUARY);

    private final Month first;
    private final Month last;

    Half(Month first, Month last) {
      this.first = first;
      this.last = last;
    }
  }

  /** The one in which a day lies. */
  public static SchoolTerm of(LocalDate day) {
    var month = day.getMonth();
    if (month == Month.JANUARY) {
      return new SchoolTerm(day.getYear() - 1, Half.AUTUMN);
    }
    return new SchoolTerm(
        day.getYear(), month.compareTo(Month.AUGUST) < 0 ? Half.SPRING : Half.AUTUMN);
  }

  /** Reads one written as in {@code 2026-autumn}; empty for anything else. */
  public static Optional<SchoolTerm> parse(String text) {
    var written = WRITTEN.matcher(text.strip());
    return written.matches()
        ? Optional.of(new SchoolTerm(
            Integer.parseInt(written.group(1)),
            "autumn".equals(written.group(2)) ? Half.AUTUMN : Half.SPRING))
        : Optional.empty();
  }

  public LocalDate firstDay() {
    return LocalDate.of(year, half.first, 1);
  }

  public LocalDate lastDay() {
    return Year.of(half == Half.AUTUMN ? year + 1 : year).atMonth(half.last).atEndOfMonth();
  }
}
