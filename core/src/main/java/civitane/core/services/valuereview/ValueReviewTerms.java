package civitane.core.services.valuereview;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;

/**
 * The numbers of the Value Review.
 *
 * @param days within which it is lodged after the notice
 * @param trendPercentPerMonth by how much prices move a month
 * @param marginalAreaPercent of the price a square metre, for each more or less
 * @param conditionPercent for each step of condition
 * @param saleMonths how far back a sale is usable
 * @param sales how many are used
 * @param supportPercent how far above the asked value the sales may speak and still support it
 */
record ValueReviewTerms(
    int days,
    Amount trendPercentPerMonth,
    Amount marginalAreaPercent,
    Amount conditionPercent,
    int saleMonths,
    int sales,
    Amount supportPercent) {

  static ValueReviewTerms of(RateBook rates) {
    return rates.terms(ValueReviewTerms.class, whole -> {
      var part = whole.section("valueReview");
      return new ValueReviewTerms(
          part.whole("days"),
          part.amount("trendPercentPerMonth"),
          part.amount("marginalAreaPercent"),
          part.amount("conditionPercent"),
          part.whole("saleMonths"),
          part.whole("sales"),
          part.amount("supportPercent"));
    });
  }
}
