package civitane.core.ledger;

import civitane.core.facts.Word;

/** How something came to be known. */
public enum EntryKind implements Word {
  /** Told by the household. */
  SAID,
  /** Read off an accepted paper. */
  SHOWN,
  /** Answered by a register or by somebody whose word it is. */
  CHECKED,
  /** Set by a caseworker, with a reason. */
  USED
}
