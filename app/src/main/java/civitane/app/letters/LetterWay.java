package civitane.app.letters;

import civitane.core.facts.Acting;
import civitane.core.facts.Household;
import civitane.core.facts.SafeWays;
import java.time.LocalDate;
import java.util.Collection;

/** How a letter reaches whom it is for, by what the household said is safe. */
public enum LetterWay {
  POST,
  /** It is read at the door: nothing may be posted, but a message tells that it is there. */
  DOOR,
  /** It is handed over: neither post nor a message is safe. */
  HAND;

  static LetterWay without(Household household, Collection<Acting> acting, LocalDate on) {
    return SafeWays.of(household, acting, on).isEmpty() ? HAND : DOOR;
  }
}
