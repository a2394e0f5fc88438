package civitane.core.services.decisionappeal;

import civitane.core.rates.RateBook;

/**
 * The numbers of the Decision Appeal.
 *
 * @param days within which it is lodged after delivery, {@code lateDays} with a reason
 * @param continueDays within which payment goes on when asked
 * @param hearingNoticeDays the least time before a hearing
 */
record DecisionAppealTerms(int days, int lateDays, int continueDays, int hearingNoticeDays) {

  static DecisionAppealTerms of(RateBook rates) {
    return rates.terms(DecisionAppealTerms.class, whole -> {
      var part = whole.section("decisionAppeal");
      return new DecisionAppealTerms(
          part.whole("days"),
          part.whole("lateDays"),
          part.whole("continueDays"),
          part.whole("hearingNoticeDays"));
    });
  }
}
