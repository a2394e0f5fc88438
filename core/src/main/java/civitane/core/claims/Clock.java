package civitane.core.claims;

import civitane.core.rules.StandardTime;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * How long a claim was worked and how long it stood, and when it is due.
 *
 * @param worked days on which it was our turn
 * @param stood days on which it was not; each since it was begun moves the due date by a day
 * @param dueOn a working day
 */
public record Clock(int worked, int stood, LocalDate dueOn) {

  /** A stretch of days with one turn, from a day up to, not including, another. */
  public record Stretch(LocalDate from, LocalDate to, Turn turn) {
    int days() {
      return (int) ChronoUnit.DAYS.between(from, to);
    }
  }

  /** @param begunOn the day it was lodged, or opened again */
  public static Clock of(LocalDate begunOn, StandardTime standard, List<Stretch> stretches) {
    var worked = 0;
    var stood = 0;
    var stoodSince = 0;
    for (var stretch : stretches) {
      if (stretch.turn().runsTheClock()) {
        worked += stretch.days();
      } else if (stretch.turn() != Turn.OVER) {
        stood += stretch.days();
        stoodSince += stretch.from().isBefore(begunOn) ? 0 : stretch.days();
      }
    }
    var due = WorkingDays.onOrAfter(standard.from(begunOn).plusDays(stoodSince));
    return new Clock(worked, stood, due);
  }
}
