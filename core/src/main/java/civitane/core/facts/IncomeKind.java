package civitane.core.facts;

/** Where money comes from, and whether it counts. */
public enum IncomeKind implements Word {
  WAGES("wages", Counts.EARNED),
  SELF_EMPLOYMENT("selfEmployment", Counts.EARNED),
  PENSION("pension", Counts.UNEARNED),
  UNEMPLOYMENT_PAY("unemploymentPay", Counts.UNEARNED),
  CHILD_SUPPORT("childSupport", Counts.UNEARNED),
  DISABILITY_PENSION("disabilityPension", Counts.UNEARNED),
  FAMILY_HELP("familyHelp", Counts.UNEARNED),
  RENT_RECEIVED("rentReceived", Counts.UNEARNED),
  INTEREST("interest", Counts.UNEARNED),
  LEAVE_PAY("leavePay", Counts.UNEARNED),
  OTHER("other", Counts.UNEARNED),
  FOSTER_PAYMENT("fosterPayment", Counts.NEVER),
  STUDY_GRANT("studyGrant", Counts.NEVER),
  LOAN("loan", Counts.NEVER),
  HOUSEHOLD_ALLOWANCE("householdAllowance", Counts.NEVER);

  /** How a kind of income counts. */
  private enum Counts {
    EARNED,
    UNEARNED,
    NEVER
  }

  private final String word;
  private final Counts counts;

  IncomeKind(String word, Counts counts) {
    this.word = word;
    this.counts = counts;
  }

  @Override
  public String word() {
    return word;
  }

  public boolean isEarned() {
    return counts == Counts.EARNED;
  }

  public boolean isCounted() {
    return counts != Counts.NEVER;
  }
}
