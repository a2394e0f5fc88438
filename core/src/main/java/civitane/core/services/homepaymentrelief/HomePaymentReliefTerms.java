package civitane.core.services.homepaymentrelief;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;

/**
 * The numbers of Home Payment Relief.
 *
 * @param missedFrom how many months must have been missed, within {@code missedWithinMonths} before lodging
 * @param differencePercent from which difference on the lender's figure and the owner's word differ
 * @param figureDays how many days a lender's figure stays fresh
 */
record HomePaymentReliefTerms(
    int missedFrom,
    int missedWithinMonths,
    Amount incomePercent,
    Amount liquidLimit,
    Amount cap,
    Amount differencePercent,
    int figureDays) {

  static HomePaymentReliefTerms of(RateBook rates) {
    return rates.terms(HomePaymentReliefTerms.class, whole -> {
      var part = whole.section("homePaymentRelief");
      return new HomePaymentReliefTerms(
          part.whole("missedFrom"),
          part.whole("missedWithinMonths"),
          part.amount("incomePercent"),
          part.amount("liquidLimit"),
          part.amount("cap"),
          part.amount("differencePercent"),
          part.whole("figureDays"));
    });
  }
}
