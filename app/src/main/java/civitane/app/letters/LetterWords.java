package civitane.app.letters;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;

/** What letters say, in one language. */
public final class LetterWords {
  /** The languages letters are written in; others get the first. */
  public static final List<String> LANGUAGES = List.of("en", "fr", "pt", "ar");

  private final String language;
  private final ResourceBundle words;

  private LetterWords(String language) {
    this.language = language;
    this.words = ResourceBundle.getBundle(
        "words.letters",
        Locale.forLanguageTag(language),
        ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
  }

  public static LetterWords in(String language) {
    return new LetterWords(LANGUAGES.contains(language) ? language : LANGUAGES.get(0));
  }

  public String language() {
    return language;
  }

  public boolean runsRightToLeft() {
    return "rtl".equals(words.getString("direction"));
  }

  /** A sentence with its numbered places filled. */
  public String say(String key, Object... parts) {
    var text = words.getString(key);
    for (var i = 0; i < parts.length; i++) {
      text = text.replace("{" + i + "}", String.valueOf(parts[i]));
    }
    return text;
  }

  /** A date as it is written, as in 24 de novembro de 2026. */
  public String date(LocalDate date) {
    var months = words.getString("months").split(",");
    return say("date", date.getDayOfMonth(), months[date.getMonthValue() - 1], date.getYear());
  }
}
