package civitane.core.time;

import java.time.LocalDate;

/**
 * Days on which the office is closed though they are working days: a flood, a power cut.
 *
 * @param from the first day
 * @param until the last day
 */
public record Closure(LocalDate from, LocalDate until) {
  public Closure {
    if (until.isBefore(from)) {
      throw new IllegalArgumentException("a closure ends on or after the day it begins");
    }
  }

  public boolean covers(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(until);
  }
}
