package civitane.core.time;

import java.time.LocalDate;
import java.time.Period;

/** Ages in completed years. Somebody born on 29 February has the birthday on 1 March in a common year. */
public final class Ages {
  public static final int ADULT = 18;

  private Ages() {}

  public static int completedYears(LocalDate birthDate, LocalDate on) {
    return Period.between(birthDate, on).getYears();
  }

  /** The birthday on which somebody is so many years old. */
  public static LocalDate reached(LocalDate birthDate, int years) {
    var on = birthDate.plusYears(years);
    return completedYears(birthDate, on) < years ? on.plusDays(1) : on;
  }

  public static boolean isAdult(LocalDate birthDate, LocalDate on) {
    return completedYears(birthDate, on) >= ADULT;
  }
}
