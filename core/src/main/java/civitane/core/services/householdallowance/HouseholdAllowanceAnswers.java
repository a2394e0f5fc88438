package civitane.core.services.householdallowance;

import civitane.core.facts.Asked;
import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
import org.jspecify.annotations.Nullable;

/** What the Household Allowance asks beyond the household's facts. */
public record HouseholdAllowanceAnswers(
    @Asked(optional = true) @Nullable Shelter shelter) {

  /** What the home costs a month; what is absent stands for the expenses. */
  public record Shelter(
      @Asked(
          optional = true,
          calls = {PaperKind.LEASE, PaperKind.MORTGAGE_STATEMENT, PaperKind.TENANCY_PROOF})
      @Nullable
      Amount rentOrMortgage,

      @Asked(optional = true, calls = PaperKind.UTILITY_BILL) @Nullable
      Amount heating) {
    static final Shelter NOT_SAID = new Shelter(null, null);
  }
}
