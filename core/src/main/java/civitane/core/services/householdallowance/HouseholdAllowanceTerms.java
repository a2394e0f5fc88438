package civitane.core.services.householdallowance;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.Section;

/**
 * The numbers of the Household Allowance; euros a month unless said otherwise.
 *
 * @param resources what may be owned; {@code resourcesOlder} for an older or disabled household
 * @param vehicleDisregard what of the first vehicle's value is left out
 * @param smallestFirstMonth a first month below this is not paid
 * @param renewMonths for how many months it is granted
 */
record HouseholdAllowanceTerms(
    Amount grossPercent,
    Amount netPercent,
    Amount resources,
    Amount resourcesOlder,
    Amount vehicleDisregard,
    int olderFrom,
    Amount earnedDisregardPercent,
    Amount allowanceFirst,
    Amount allowanceEach,
    Amount medicalThreshold,
    Amount housingSharePercent,
    Amount housingCap,
    Amount maximumFirst,
    Amount maximumEach,
    Amount contributionPercent,
    Amount minimum,
    Amount smallestFirstMonth,
    Amount urgentIncomeUnder,
    Amount urgentLiquidUnder,
    int renewMonths) {

  static HouseholdAllowanceTerms of(RateBook rates) {
    return rates.terms(HouseholdAllowanceTerms.class, HouseholdAllowanceTerms::read);
  }

  private static HouseholdAllowanceTerms read(Section whole) {
    var part = whole.section("householdAllowance");
    return new HouseholdAllowanceTerms(
        part.amount("grossPercent"),
        part.amount("netPercent"),
        part.section("resources").amount("standard"),
        part.section("resources").amount("olderOrDisabled"),
        part.amount("vehicleDisregard"),
        part.whole("olderFrom"),
        part.amount("earnedDisregardPercent"),
        part.section("basicAllowance").amount("first"),
        part.section("basicAllowance").amount("each"),
        part.amount("medicalThreshold"),
        part.amount("housingSharePercent"),
        part.amount("housingCap"),
        part.section("maximum").amount("first"),
        part.section("maximum").amount("each"),
        part.amount("contributionPercent"),
        part.amount("minimum"),
        part.amount("smallestFirstMonth"),
        part.section("urgent").amount("incomeUnder"),
        part.section("urgent").amount("liquidUnder"),
        part.whole("renewMonths"));
  }

  Amount basicAllowance(int people) {
    return allowanceFirst.plus(allowanceEach.times(people - 1L));
  }

  Amount maximum(int people) {
    return maximumFirst.plus(maximumEach.times(people - 1L));
  }
}
