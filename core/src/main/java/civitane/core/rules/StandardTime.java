package civitane.core.rules;

import civitane.core.time.WorkingDays;
import java.time.LocalDate;

/**
 * A time within which a claim is worked.
 *
 * @param days how many
 * @param working whether they are working days, not calendar days
 */
public record StandardTime(int days, boolean working) {

  public static StandardTime days(int days) {
    return new StandardTime(days, false);
  }

  public static StandardTime workingDays(int days) {
    return new StandardTime(days, true);
  }

  public LocalDate from(LocalDate start) {
    return working ? WorkingDays.add(start, days) : start.plusDays(days);
  }
}
