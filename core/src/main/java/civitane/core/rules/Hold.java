package civitane.core.rules;

import civitane.core.facts.Word;

/** Whom an undecided request waits for. */
public enum Hold implements Word {
  LANDLORD,
  LENDER,
  CONFLICT
}
