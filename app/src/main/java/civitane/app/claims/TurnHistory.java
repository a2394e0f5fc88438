package civitane.app.claims;

import civitane.core.claims.Clock;
import civitane.core.claims.Turn;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/** Whose turn it was from day to day, read off what happened. */
final class TurnHistory {
  private TurnHistory() {}

  /** Stretches from lodging up to today; what happened last on a day decides the day. */
  static List<Clock.Stretch> of(
      LocalDate lodgedOn, List<StoredEvent> events, LocalDate today, ZoneId zone) {
    var stretches = new ArrayList<Clock.Stretch>();
    var from = lodgedOn;
    var turn = Turn.OURS;
    for (var event : events) {
      var day = LocalDate.ofInstant(event.happenedAt(), zone);
      if (event.turn() != turn) {
        if (day.isAfter(from)) {
          stretches.add(new Clock.Stretch(from, day, turn));
          from = day;
        }
        turn = event.turn();
      }
    }
    if (today.isAfter(from)) {
      stretches.add(new Clock.Stretch(from, today, turn));
    }
    return stretches;
  }
}
