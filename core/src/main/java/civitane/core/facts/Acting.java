package civitane.core.facts;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who acts for a household.
 *
 * @param contact how they are reached: a phone, an address
 * @param shownBy on what paper they act; empty where nothing was shown
 * @param scope for what; empty where for all of it
 * @param until the last day of it; null where none is known
 * @param identityChecked whether somebody of the office has seen who they are
 * @param letters who gets the letters; the household where nothing is said
 */
public record Acting(
    @Required String name,
    @Required ActingRight right,
    @Nullable String contact,
    @Nullable String shownBy,
    @Nullable String scope,
    @Nullable LocalDate until,
    boolean identityChecked,
    @Nullable LettersTo letters) {

  /** Whether they still act on a day. */
  public boolean actsOn(LocalDate day) {
    return until == null || !until.isBefore(day);
  }
}
