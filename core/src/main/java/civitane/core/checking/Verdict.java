package civitane.core.checking;

import civitane.core.facts.Word;

/** How two things that should be the same stand to one another. */
public enum Verdict implements Word {
  AGREES,
  /** So near that it is taken for the same, and shown. */
  NEAR,
  DIFFERS,
  /** Only one of them is known, as the register has not answered yet. */
  NOT_ANSWERED
}
