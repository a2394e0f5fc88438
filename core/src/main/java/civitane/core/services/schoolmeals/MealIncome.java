package civitane.core.services.schoolmeals;

import civitane.core.facts.Frequency;
import civitane.core.income.CountedIncome;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A household's income against the two limits: by the one period all incomes have, else by the year. */
final class MealIncome {
  private final IncomePicture income;
  private final SchoolMealsTerms terms;
  private final Amount base;
  private final @Nullable Frequency one;

  MealIncome(IncomePicture income, RateBook rates) {
    this.income = income;
    this.terms = SchoolMealsTerms.of(rates);
    this.base = income.counted().base(rates);
    this.one = income.oneFrequency().orElse(null);
  }

  /** What it adds up to with the lower value of each disputed income. */
  Amount low() {
    return one == null
        ? income.yearlyLow()
        : total(item -> item.isDisputed() ? item.low() : item.period());
  }

  Amount high() {
    return one == null
        ? income.yearlyHigh()
        : total(item -> item.isDisputed() ? item.high() : item.period());
  }

  private Amount total(Function<CountedIncome, Amount> part) {
    return income.sum(part, item -> true);
  }

  Tier tier(Amount total) {
    if (total.isWithin(limit(Tier.FREE))) {
      return Tier.FREE;
    }
    return total.isWithin(limit(Tier.REDUCED)) ? Tier.REDUCED : Tier.FULL;
  }

  /** The limit of the tier, up to the whole euro; of the reduced price where there is none. */
  Amount limit(Tier tier) {
    var yearly = base.percent(percent(tier));
    return one == null ? yearly.ceil() : yearly.dividedBy(one.periods()).ceil();
  }

  private Amount percent(Tier tier) {
    return tier == Tier.FREE ? terms.freePercent() : terms.reducedPercent();
  }

  /** Whether the yearly total lies so little below one of the yearly limits that the application is checked first. */
  boolean isNearLimit() {
    var total = income.yearlyHigh();
    return isNear(total, Tier.FREE) || isNear(total, Tier.REDUCED);
  }

  private boolean isNear(Amount total, Tier tier) {
    var left = base.percent(percent(tier)).ceil().minus(total);
    return left.compareTo(Amount.ZERO) >= 0 && left.isWithin(terms.nearLimitYearly());
  }

  /** An amount for the period that is compared. */
  Argument.Money money(Amount amount) {
    return Argument.each(amount, one == null ? Frequency.YEARLY : one);
  }
}
