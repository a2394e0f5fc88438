package civitane.core.facts;

/** Whose word counts for an answer. */
public enum WhoseWord implements Word {
  /** Who asks says it. */
  HOUSEHOLD,
  /** This office says it, by its own books, by what it has seen, or by what a register answered. */
  OFFICE,
  /** Somebody else says it: a landlord, a lender, a trustee. */
  THIRD_PARTY
}
