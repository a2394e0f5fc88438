package civitane.words;

import civitane.core.money.Amount;
import com.ibm.icu.number.FormattedNumber;
import com.ibm.icu.number.LocalizedNumberFormatter;
import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.number.NumberFormatter.UnitWidth;
import com.ibm.icu.number.Precision;
import com.ibm.icu.util.Currency;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Pattern;

/** Numbers and money as a language writes them. */
final class Numbers {
  private static final Pattern MARKS = Pattern.compile("[\\u061c\\u200e\\u200f]");
  private static final int MOST_DECIMALS = 6;

  private final LocalizedNumberFormatter plain;
  private final LocalizedNumberFormatter money;

  private final boolean marks;

  Numbers(Language language) {
    this.marks = language.runsRightToLeft();
    this.plain = NumberFormatter.withLocale(language.locale())
        .precision(Precision.maxFraction(MOST_DECIMALS))
        .roundingMode(RoundingMode.HALF_UP);
    this.money = NumberFormatter.withLocale(language.locale())
        .unit(Currency.getInstance("EUR"))
        .unitWidth(UnitWidth.NARROW)
        .precision(Precision.fixedFraction(2))
        .roundingMode(RoundingMode.HALF_UP);
  }

  String number(BigDecimal number) {
    FormattedNumber written = plain.format(number);
    return unmarked(written);
  }

  /** Euros with two decimals, half up. */
  String euros(Amount amount) {
    return unmarked(money.format(amount.toDecimal()));
  }

  /** Without marks of direction: where the text is set its direction is known, and on paper they have no form. */
  private String unmarked(FormattedNumber written) {
    return marks ? MARKS.matcher(written).replaceAll("") : written.toString();
  }
}
