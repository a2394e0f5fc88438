package civitane.core.claims;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What makes a claim press, beside its clock.
 *
 * @param urgent whether it goes before all that is not
 * @param outside the day after which an answer may come too late; null where there is none
 */
public record Pace(boolean urgent, @Nullable OutsideDate outside) {
  public static final Pace USUAL = new Pace(false, null);
  public static final Pace URGENT = new Pace(true, null);

  public static Pace of(boolean urgent) {
    return urgent ? URGENT : USUAL;
  }

  public Pace until(@Nullable OutsideDate date) {
    return new Pace(urgent, date);
  }

  Pace hurried() {
    return new Pace(true, outside);
  }

  /** The day that presses, where something falls due on a day: whichever comes first. */
  LocalDate pressing(LocalDate due) {
    return outside != null && outside.on().isBefore(due) ? outside.on() : due;
  }
}
