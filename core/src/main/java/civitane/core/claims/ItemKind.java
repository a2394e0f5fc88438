package civitane.core.claims;

import civitane.core.facts.Word;

/** What an item wants. */
public enum ItemKind implements Word {
  /** Something only the office can settle, by somebody who may. */
  JUDGEMENT,
  SECOND_SIGNATURE,
  /** A fact or an answer of the household. */
  FACT,
  PAPER,
  SIGNATURE,
  /** The word of a third party: a landlord, a lender. */
  WORD
}
