package civitane.core.services.rentrelief;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;

/**
 * The numbers of Rent Relief.
 *
 * @param backMonths the lodging month and those before it that may be paid
 * @param comingMonths how many months to come may be paid, {@code monthsInAll} together with those owed
 * @param landlordDays after so many days without the landlord's yes the tenant is paid
 */
record RentReliefTerms(
    Amount incomePercent,
    Amount assetLimit,
    int backMonths,
    int comingMonths,
    int monthsInAll,
    Amount cap,
    Amount medicalPercent,
    int landlordDays) {

  static RentReliefTerms of(RateBook rates) {
    return rates.terms(RentReliefTerms.class, whole -> {
      var part = whole.section("rentRelief");
      return new RentReliefTerms(
          part.amount("incomePercent"),
          part.amount("assetLimit"),
          part.whole("backMonths"),
          part.whole("comingMonths"),
          part.whole("monthsInAll"),
          part.amount("cap"),
          part.amount("medicalPercent"),
          part.whole("landlordDays"));
    });
  }
}
