package civitane.core.claims;

import civitane.core.facts.Word;

/** What is done next with a claim. */
public enum Step implements Word {
  TAKE_UP,
  DECIDE,
  SECOND_SIGN,
  JUDGE,
  /** Two things that should be the same are not, and somebody of the office looks at both. */
  COMPARE,
  /** Something came, and somebody of the office looks at it. */
  LOOK,
  /** The office is to bring something itself. */
  BRING,
  /** The household is to answer. */
  ANSWER,
  /** Somebody outside is to give their word. */
  AWAIT
}
