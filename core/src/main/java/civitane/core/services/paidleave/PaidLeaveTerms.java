package civitane.core.services.paidleave;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;

/**
 * The numbers of Paid Leave.
 *
 * @param weeks of leave in any 52 weeks, {@code complicationWeeks} more for a birth with a complication
 * @param highestQuarterFrom what the best base quarter must come to
 * @param lowerPercent of the weekly earnings up to {@code lowerUpTo}, {@code upperPercent} of the rest
 * @param lateWaitDays how many days are unpaid when notice came late
 */
record PaidLeaveTerms(
    Amount weeks,
    Amount complicationWeeks,
    Amount highestQuarterFrom,
    Amount lowerUpTo,
    Amount lowerPercent,
    Amount upperPercent,
    Amount weeklyMaximum,
    Amount weeklyMinimum,
    int noticeDays,
    int writtenNoticeDays,
    int lateWaitDays,
    Amount nationalPercent,
    Amount districtPercent) {

  static PaidLeaveTerms of(RateBook rates) {
    return rates.terms(PaidLeaveTerms.class, whole -> {
      var part = whole.section("paidLeave");
      return new PaidLeaveTerms(
          part.amount("weeks"),
          part.amount("complicationWeeks"),
          part.amount("highestQuarterFrom"),
          part.section("lowerBand").amount("upTo"),
          part.section("lowerBand").amount("percent"),
          part.section("upperBand").amount("percent"),
          part.amount("weeklyMaximum"),
          part.amount("weeklyMinimum"),
          part.whole("noticeDays"),
          part.whole("writtenNoticeDays"),
          part.whole("lateWaitDays"),
          part.section("withholding").amount("national"),
          part.section("withholding").amount("district"));
    });
  }
}
