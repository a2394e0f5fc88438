package civitane.core.claims;

import civitane.core.facts.Word;

/** The states of a claim; what may follow what stands in {@link Move}. */
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

  /** Whether somebody still has to do something before a decision. */
  public boolean isUndecided() {
    return this == DRAFTING || this == LODGED || this == OPEN;
  }
}
