package civitane.core.claims;

import civitane.core.facts.Word;

/** What has become of a decision. */
public enum DecisionState implements Word {
  /** Somebody else has to sign it yet. */
  WAITS_FOR_SECOND,
  STANDS,
  /** It was sent back, or opened again before its letter left. */
  TAKEN_BACK
}
