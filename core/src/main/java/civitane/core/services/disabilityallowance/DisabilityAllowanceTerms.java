package civitane.core.services.disabilityallowance;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The numbers of the Disability Allowance.
 *
 * @param earningsFree what may be earned a month before the allowance is lessened by {@code taperPercent} of the rest
 * @param bands what is paid a month, the highest per cent first
 * @param reviewYears after how many years it is looked at again
 */
record DisabilityAllowanceTerms(
    int ageFrom,
    int ageTo,
    Amount percentFrom,
    Amount earningsFree,
    Amount taperPercent,
    Amount incomePercent,
    List<Band> bands,
    int reviewYears,
    List<String> issuers) {

  /** What is paid from a per cent on. */
  record Band(Amount from, Amount amount) {}

  static DisabilityAllowanceTerms of(RateBook rates) {
    return rates.terms(DisabilityAllowanceTerms.class, whole -> {
      var part = whole.section("disabilityAllowance");
      return new DisabilityAllowanceTerms(
          part.whole("ageFrom"),
          part.whole("ageTo"),
          part.amount("percentFrom"),
          part.amount("earningsFree"),
          part.amount("taperPercent"),
          part.amount("incomePercent"),
          part.sections("bands").stream()
              .map(band -> new Band(band.amount("from"), band.amount("amount")))
              .sorted(Comparator.comparing(Band::from).reversed())
              .toList(),
          part.whole("reviewYears"),
          part.texts("issuers"));
    });
  }

  Optional<Amount> band(Amount percent) {
    return bands.stream()
        .filter(band -> band.from().isWithin(percent))
        .map(Band::amount)
        .findFirst();
  }
}
