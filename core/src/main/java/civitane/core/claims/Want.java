package civitane.core.claims;

import civitane.core.reasons.Reason;
import java.util.List;

/**
 * Something a claim still wants.
 *
 * @param subject what it is about: a fact or a paper as the rules call it
 * @param reasons why it is wanted, and what would settle it
 */
public record Want(ItemKind kind, String subject, List<Reason> reasons, Turn owner) {
  public Want {
    reasons = List.copyOf(reasons);
  }

  /** The same, named otherwise. */
  public Want about(String other) {
    return new Want(kind, other, reasons, owner);
  }

  /** Whether it wants the same thing, however it is told. */
  boolean isSameAs(Want other) {
    return kind == other.kind && subject.equals(other.subject);
  }
}
