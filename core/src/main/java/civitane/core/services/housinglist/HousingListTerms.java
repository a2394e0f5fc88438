package civitane.core.services.housinglist;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;

/**
 * The numbers of the Housing List.
 *
 * @param longDays days of homelessness that are long, {@code longTimes} separate times within {@code longWindowYears}
 */
record HousingListTerms(
    Amount longHomeless,
    Amount homeless,
    Amount displaced,
    Amount disabledMember,
    Amount overcrowded,
    Amount rentBurden,
    Amount localTie,
    Amount rentBurdenPercent,
    int longDays,
    int longTimes,
    int longWindowYears) {

  static HousingListTerms of(RateBook rates) {
    return rates.terms(HousingListTerms.class, whole -> {
      var part = whole.section("housingList");
      var points = part.section("points");
      var lasting = part.section("longHomeless");
      return new HousingListTerms(
          points.amount("longHomeless"),
          points.amount("homeless"),
          points.amount("displaced"),
          points.amount("disabledMember"),
          points.amount("overcrowded"),
          points.amount("rentBurden"),
          points.amount("localTie"),
          part.amount("rentBurdenPercent"),
          lasting.whole("days"),
          lasting.whole("times"),
          lasting.whole("windowYears"));
    });
  }
}
