package civitane.core.facts;

/** What somebody states by signing, ticked one by one; each service declares its own. A packet may hold others. */
public enum Statement implements Word {
  TRUE,
  CHANGES,
  /** Whoever signs for somebody else: they may, and know what they say. */
  ACTS_FOR,
  SHARE,
  REPAY,
  /** Rent relief: what is owed is owed by them, and nobody else pays it. */
  RENT_OWED,
  /** Home payment relief: it is where they live. */
  LIVES_THERE,
  /** Paid leave: no paid work on the days asked for. */
  NOT_WORKING,
  /** Dental help: no other office has been asked to pay for it. */
  NOBODY_ELSE_PAYS,
  /** Study adjustments: those who carry them out learn what to do, not why. */
  NOT_WHY,
  /** Legal advice: a first call, not a promise. */
  FIRST_CALL,
  /** The housing list: a place on it, not a home. */
  A_PLACE,
  /** A value review: they own it, or may speak for who does. */
  MAY_SPEAK,
  /** An appeal: somebody who did not decide looks at it. */
  HEARD_ANEW,
  /** A payment arrangement: the parts are paid on the days agreed. */
  PAYS_IN_PARTS,
  /** A clear record: it is handed to whom they named. */
  HANDED_OVER,
  /** A change of name: not to get out of what they owe. */
  NO_WAY_OUT,
  /** An estate: every heir they know of is named. */
  ALL_HEIRS,
  /** A taxpayer number: they have none yet. */
  NO_NUMBER_YET,
  /** An identity check: the papers are theirs. */
  PAPERS_ARE_MINE
}
