package civitane.core.facts;

/** A benefit the household receives now. */
public enum Benefit implements Word {
  HOUSEHOLD_ALLOWANCE("householdAllowance"),
  DISABILITY_ALLOWANCE("disabilityAllowance"),
  HOUSING_SUBSIDY("housingSubsidy");

  private final String word;

  Benefit(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
