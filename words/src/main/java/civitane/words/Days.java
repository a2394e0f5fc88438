package civitane.words;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.DecimalStyle;
import java.util.Locale;

/** Days and months as a language writes them. */
final class Days {
  private final DateTimeFormatter day;
  private final DateTimeFormatter first;
  private final DateTimeFormatter month;

  Days(Language language) {
    var locale = language.locale().toLocale();
    var style = DecimalStyle.of(locale);
    this.day = of(language == Language.PT ? "d 'de' MMMM 'de' y" : "d MMMM y", locale, style);
    this.first = language == Language.FR ? of("d'er' MMMM y", locale, style) : day;
    this.month = of(language == Language.PT ? "MMMM 'de' y" : "MMMM y", locale, style);
  }

  private static DateTimeFormatter of(String pattern, Locale locale, DecimalStyle style) {
    return DateTimeFormatter.ofPattern(pattern, locale).withDecimalStyle(style);
  }

  String day(LocalDate date) {
    return (date.getDayOfMonth() == 1 ? first : day).format(date);
  }

  String month(YearMonth of) {
    return month.format(of);
  }
}
