package civitane.core.claims;

import civitane.core.facts.Word;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

import static civitane.core.facts.Known.known;

/** The states of a claim, with the one table of what may follow what. */
public enum ClaimState implements Word {
  DRAFTING,
  /** The receipt is given, and nobody has it yet. */
  LODGED,
  OPEN,
  DECIDED,
  /** What follows a grant: payments, a place on a list, a review date. */
  RUNNING,
  WITHDRAWN,
  LAPSED,
  CLOSED;

  private static Map<ClaimState, Set<ClaimState>> table() {
    return Map.of(
        DRAFTING, EnumSet.of(LODGED, WITHDRAWN),
        LODGED, EnumSet.of(OPEN),
        OPEN, EnumSet.of(DECIDED, WITHDRAWN, LAPSED),
        DECIDED, EnumSet.of(RUNNING, OPEN, CLOSED),
        RUNNING, EnumSet.of(OPEN, CLOSED),
        WITHDRAWN, EnumSet.of(OPEN),
        LAPSED, EnumSet.of(OPEN),
        CLOSED, EnumSet.of(OPEN));
  }

  public boolean canBecome(ClaimState next) {
    return known(table().get(this)).contains(next);
  }

  /** The next state. Throws {@link IllegalTransition} for one that may not follow. */
  public ClaimState become(ClaimState next) {
    if (!canBecome(next)) {
      throw new IllegalTransition(this, next);
    }
    return next;
  }

  /** Whether somebody still has to do something before a decision. */
  public boolean isUndecided() {
    return this == DRAFTING || this == LODGED || this == OPEN;
  }
}
