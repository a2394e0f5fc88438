package civitane.core.rules;

import civitane.core.reasons.Argument;
import java.time.LocalDate;

/** What rates that come into force later would change. */
public final class NewerRates {
  private NewerRates() {}

  /** The check with the day from which newer rates would meet it. */
  public static Check changing(Check check, LocalDate from) {
    return check.changedBy(Why.NEWER_RATES.with(Argument.day(from)));
  }
}
