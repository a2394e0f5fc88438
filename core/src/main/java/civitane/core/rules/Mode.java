package civitane.core.rules;

import civitane.core.facts.Word;

/** What a determination asks for. */
public enum Mode implements Word {
  /** The facts alone: identity, papers and signatures are not asked for. */
  SCREEN,
  /** Everything a decision needs. */
  DETERMINE
}
