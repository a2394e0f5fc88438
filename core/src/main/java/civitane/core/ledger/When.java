package civitane.core.ledger;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/**
 * The two times a question is asked for.
 *
 * @param holdsOn the day of the world
 * @param knownAt what was recorded by then counts
 */
public record When(LocalDate holdsOn, Instant knownAt) {

  /** The last moment of a day: everything that was recorded on it counts. */
  public static Instant endOf(LocalDate day, ZoneId zone) {
    return day.plusDays(1).atStartOfDay(zone).toInstant().minusNanos(1);
  }
}
