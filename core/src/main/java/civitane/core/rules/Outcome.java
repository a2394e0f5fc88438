package civitane.core.rules;

import civitane.core.facts.Word;

/** How a test ends. */
public enum Outcome implements Word {
  MET,
  NOT_MET,
  /** A fact it needs is missing, or two facts contradict each other. */
  UNKNOWN,
  NOT_APPLICABLE
}
