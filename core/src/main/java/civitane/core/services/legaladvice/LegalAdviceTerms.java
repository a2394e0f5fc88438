package civitane.core.services.legaladvice;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import java.util.List;

/**
 * The numbers of Legal Advice.
 *
 * @param stretchedPercent the wider limit for those whose costs take more than {@code expenseSharePercent}
 * @param urgentDays a date so many days after lodging, or sooner, is urgent
 * @param areas the matters the office takes
 */
record LegalAdviceTerms(
    Amount incomePercent,
    Amount stretchedPercent,
    Amount expenseSharePercent,
    int urgentDays,
    List<String> areas) {

  static LegalAdviceTerms of(RateBook rates) {
    return rates.terms(LegalAdviceTerms.class, whole -> {
      var part = whole.section("legalAdvice");
      return new LegalAdviceTerms(
          part.amount("incomePercent"),
          part.amount("stretchedPercent"),
          part.amount("expenseSharePercent"),
          part.whole("urgentDays"),
          part.texts("areas"));
    });
  }
}
