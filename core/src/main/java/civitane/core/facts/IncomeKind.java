package civitane.core.facts;

/** Where money comes from, and whether it counts. */
public enum IncomeKind implements Word {
  WAGES(Counts.EARNED),
  SELF_EMPLOYMENT(Counts.EARNED),
  PENSION(Counts.UNEARNED),
  UNEMPLOYMENT_PAY(Counts.UNEARNED),
  CHILD_SUPPORT(Counts.UNEARNED),
  DISABILITY_PENSION(Counts.UNEARNED),
  FAMILY_HELP(Counts.UNEARNED),
  RENT_RECEIVED(Counts.UNEARNED),
  INTEREST(Counts.UNEARNED),
  LEAVE_PAY(Counts.UNEARNED),
  OTHER(Counts.UNEARNED),
  FOSTER_PAYMENT(Counts.NEVER),
  STUDY_GRANT(Counts.NEVER),
  LOAN(Counts.NEVER),
  HOUSEHOLD_ALLOWANCE(Counts.NEVER);

  /** How a kind of income counts. */
  private enum Counts {
    EARNED,
    UNEARNED,
    NEVER
  }

  private final Counts counts;

  IncomeKind(Counts counts) {
    this.counts = counts;
  }

  public boolean isEarned() {
    return counts == Counts.EARNED;
  }

  public boolean isCounted() {
    return counts != Counts.NEVER;
  }
}
