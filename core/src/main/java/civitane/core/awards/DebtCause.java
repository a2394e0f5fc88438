package civitane.core.awards;

import civitane.core.facts.Word;

/** Whose cause it is that more was given than is due. */
public enum DebtCause implements Word {
  /** The household told something late, or otherwise than it was. */
  THEIRS,
  /** The office erred, or did not act on what it knew. */
  OURS
}
