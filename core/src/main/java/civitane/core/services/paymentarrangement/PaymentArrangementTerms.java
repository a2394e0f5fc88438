package civitane.core.services.paymentarrangement;

import civitane.core.money.Amount;
import civitane.core.rates.RateBook;

/** The numbers of the Payment Arrangement: how many months it may take, and the least part due at once. */
record PaymentArrangementTerms(int monthsFrom, int monthsTo, Amount downPercentFrom) {

  static PaymentArrangementTerms of(RateBook rates) {
    return rates.terms(PaymentArrangementTerms.class, whole -> {
      var part = whole.section("paymentArrangement");
      return new PaymentArrangementTerms(
          part.section("months").whole("from"),
          part.section("months").whole("to"),
          part.amount("downPercentFrom"));
    });
  }
}
