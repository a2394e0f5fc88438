package civitane.core.services.childdental;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Comparator;
import java.util.List;

/**
 * The numbers of Child Dental.
 *
 * @param periodStart the day of the year on which a period begins
 * @param bands what a child gets a year, the lowest income first
 */
record ChildDentalTerms(MonthDay periodStart, int ageUnder, List<Band> bands) {

  /** What is paid up to an assessed income. */
  record Band(Amount upTo, Amount amount) {}

  static ChildDentalTerms of(RateBook rates) {
    return rates.terms(ChildDentalTerms.class, whole -> {
      var part = whole.section("childDental");
      return new ChildDentalTerms(
          MonthDay.parse("--" + part.text("periodStart")),
          part.whole("ageUnder"),
          part.sections("bands").stream()
              .map(band -> new Band(band.amount("upTo"), band.amount("amount")))
              .sorted(Comparator.comparing(Band::upTo))
              .toList());
    });
  }

  /** The first day of the period that runs on the day. */
  LocalDate periodOf(LocalDate day) {
    var thisYear = periodStart.atYear(day.getYear());
    return day.isBefore(thisYear) ? periodStart.atYear(day.getYear() - 1) : thisYear;
  }

  Amount highest() {
    return bands.get(bands.size() - 1).upTo();
  }

  /** What a child gets at an income; 0 above the last band. */
  Amount sum(Amount income) {
    return bands.stream()
        .filter(band -> income.isWithin(band.upTo()))
        .findFirst()
        .map(Band::amount)
        .orElse(Amount.ZERO);
  }
}
