package civitane.core.rules;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import org.jspecify.annotations.Nullable;

/**
 * A limit or sum of a rate book by the size of a household, in euros.
 *
 * @param label what it is, as in "free meals, income up to"
 * @param period what it is for, as in "a year"
 * @param first for the first person
 * @param from14 for each further person of 14 or over; null where the size does not matter
 * @param under14 for each person under 14
 */
public record IncomeChart(
    String label,
    String period,
    Amount first,
    @Nullable Amount from14,
    @Nullable Amount under14) {

  /** A per cent of what a household needs a year. */
  public static IncomeChart ofBase(String label, RateBook rates, Amount percent) {
    return of(label, "a year", rates, rates.baseIncome().percent(percent), 1);
  }

  /** A per cent of what a household needs, a month. */
  public static IncomeChart ofBaseMonthly(String label, RateBook rates, Amount percent) {
    return of(label, "a month", rates, rates.baseIncome().percent(percent), 12);
  }

  /** A per cent of what a household has in the middle of the district, a year. */
  public static IncomeChart ofMiddle(String label, RateBook rates, Amount percent) {
    return of(label, "a year", rates, rates.middleIncome().percent(percent), 1);
  }

  /** A number that does not depend on the size. */
  public static IncomeChart flat(String label, String period, Amount amount) {
    return new IncomeChart(label, period, amount, null, null);
  }

  private static IncomeChart of(
      String label, String period, RateBook rates, Amount whole, int periods) {
    var weights = rates.weights();
    return new IncomeChart(
        label,
        period,
        whole.times(weights.first()).dividedBy(periods),
        whole.times(weights.from14()).dividedBy(periods),
        whole.times(weights.under14()).dividedBy(periods));
  }
}
