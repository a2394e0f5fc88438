package civitane.core.facts;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who acts for a household.
 *
 * @param speaker the person who speaks for it, where it is an organisation
 * @param contact how they are reached: a phone, an address
 * @param reachedAt a phone number or mail address of their own, which they showed to be theirs; null where they did not
 * @param shownBy on what paper they act; empty where nothing was shown
 * @param scope for what; empty where for all of it
 * @param until the last day of it; null where none is known
 * @param identityChecked whether somebody of the office has seen who they are
 * @param letters who gets the letters; the household where nothing is said
 */
public record Acting(
    @Required String name,
    @Required ActingRight right,
    @Nullable String speaker,
    @Nullable String contact,
    @Nullable String reachedAt,
    @Nullable String shownBy,
    @Nullable String scope,
    @Nullable LocalDate until,
    boolean identityChecked,
    @Nullable LettersTo letters) {

  /** Whether they still act on a day. */
  public boolean actsOn(LocalDate day) {
    return until == null || !until.isBefore(day);
  }

  /** Whether they may be told of the household on a day: whoever came from elsewhere is seen first. */
  public boolean mayBeToldOn(LocalDate day) {
    return actsOn(day) && !isUnseen();
  }

  /** Whether they came from elsewhere, and nobody of the office has seen who they are and by what right they act. */
  public boolean isUnseen() {
    return reachedAt != null && !identityChecked;
  }

  /** The same, seen by somebody of the office. */
  public Acting seen() {
    return new Acting(
        name, right, speaker, contact, reachedAt, shownBy, scope, until, true, letters);
  }

  public boolean getsLetters() {
    return letters == LettersTo.ACTING;
  }

  /** Where messages to them go that only they read; none where they did not show it. */
  public Optional<Way> way() {
    return Optional.ofNullable(reachedAt)
        .map(at -> new Way(at.contains("@") ? WayKind.MAIL : WayKind.PHONE, at, true, null));
  }

  /** Who signs for it: the person who speaks for an organisation, else whoever acts. */
  public String signer() {
    return speaker == null ? name : speaker;
  }
}
