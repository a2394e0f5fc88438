package civitane.core.time;

import java.time.LocalDate;
import java.util.List;

/** The days on which the office is open: working days on which no closure lies. */
public record OpenDays(List<Closure> closures) implements LastDay {

  /** Nothing but Sundays, Saturdays and public holidays is closed. */
  public static final OpenDays USUAL = new OpenDays(List.of());

  public OpenDays {
    closures = List.copyOf(closures);
  }

  public boolean isOpen(LocalDate day) {
    return WorkingDays.isWorkingDay(day)
        && closures.stream().noneMatch(closure -> closure.covers(day));
  }

  /** The day itself when the office is open on it, else the next one on which it is. */
  @Override
  public LocalDate of(LocalDate counted) {
    var day = counted;
    while (!isOpen(day)) {
      day = day.plusDays(1);
    }
    return day;
  }
}
