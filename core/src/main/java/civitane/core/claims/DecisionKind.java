package civitane.core.claims;

import civitane.core.facts.Word;

/** What brought a decision about. */
public enum DecisionKind implements Word {
  FIRST,
  AFTER_CHANGE,
  RENEWAL,
  OPENED_AGAIN
}
