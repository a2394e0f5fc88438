package civitane.app.changes;

import civitane.packet.Fault;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What has to be known of any move of people: since when, and who told it. */
final class Reported {
  /** It may be told before it comes, and long after. Days. */
  private static final int AHEAD = 90;

  private static final int BACK = 730;

  private Reported() {}

  /** What is wrong with the day or with who told it; empty where nothing is. */
  static List<Fault> faults(@Nullable LocalDate on, String told, LocalDate today) {
    var faults = new ArrayList<Fault>();
    if (on == null || on.isAfter(today.plusDays(AHEAD)) || on.isBefore(today.minusDays(BACK))) {
      faults.add(new Fault(
          "/on",
          "it is not said since when, or that day is too far away",
          "a day of the last two years, or of the next three months"));
    }
    if (told.isBlank()) {
      faults.add(new Fault(
          "/told",
          "it is not noted who told it, or what shows it",
          "as in “by her, at the counter”"));
    }
    return faults;
  }
}
