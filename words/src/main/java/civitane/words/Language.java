package civitane.words;

import civitane.core.facts.Word;
import com.ibm.icu.util.ULocale;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A language that everything is said in. */
public enum Language implements Word {
  EN("en-GB"),
  FR("fr-FR"),
  PT("pt-PT"),
  /** With its own digits, read from the right. */
  AR("ar-u-nu-arab");

  private final ULocale locale;

  Language(String tag) {
    this.locale = ULocale.forLanguageTag(tag);
  }

  /** The language of a packet's word for it; of the office where there is none of that name. */
  public static Language of(@Nullable String word) {
    return Stream.of(values())
        .filter(language -> word != null
            && word.strip().toLowerCase(Locale.ROOT).split("[-_]")[0].equals(language.word()))
        .findFirst()
        .orElse(EN);
  }

  ULocale locale() {
    return locale;
  }

  public boolean runsRightToLeft() {
    return this == AR;
  }
}
