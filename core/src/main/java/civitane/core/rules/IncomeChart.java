package civitane.core.rules;

import civitane.core.facts.Frequency;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Reason;
import org.jspecify.annotations.Nullable;

/**
 * A limit or sum of a rate book by the size of a household, in euros.
 *
 * @param label what it is
 * @param each the period it is for; {@link Frequency#ONCE} for what has none
 * @param first for the first person
 * @param from14 for each further person of 14 or over; null where the size does not matter
 * @param under14 for each person under 14
 */
public record IncomeChart(
    Reason label,
    Frequency each,
    Amount first,
    @Nullable Amount from14,
    @Nullable Amount under14) {

  /** A per cent of what a household needs a year. */
  public static IncomeChart ofBase(Reason label, RateBook rates, Amount percent) {
    return of(label, Frequency.YEARLY, rates, rates.baseIncome().percent(percent), 1);
  }

  /** A per cent of what a household needs, a month. */
  public static IncomeChart ofBaseMonthly(Reason label, RateBook rates, Amount percent) {
    return of(label, Frequency.MONTHLY, rates, rates.baseIncome().percent(percent), 12);
  }

  /** A per cent of what a household has in the middle of the district, a year. */
  public static IncomeChart ofMiddle(Reason label, RateBook rates, Amount percent) {
    return of(label, Frequency.YEARLY, rates, rates.middleIncome().percent(percent), 1);
  }

  /** A number that does not depend on the size. */
  public static IncomeChart flat(Reason label, Frequency each, Amount amount) {
    return new IncomeChart(label, each, amount, null, null);
  }

  private static IncomeChart of(
      Reason label, Frequency each, RateBook rates, Amount whole, int periods) {
    var weights = rates.weights();
    return new IncomeChart(
        label,
        each,
        whole.times(weights.first()).dividedBy(periods),
        whole.times(weights.from14()).dividedBy(periods),
        whole.times(weights.under14()).dividedBy(periods));
  }
}
