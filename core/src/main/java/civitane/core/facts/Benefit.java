package civitane.core.facts;

/** A benefit the household receives now. */
public enum Benefit implements Word {
  HOUSEHOLD_ALLOWANCE,
  DISABILITY_ALLOWANCE,
  HOUSING_SUBSIDY
}
