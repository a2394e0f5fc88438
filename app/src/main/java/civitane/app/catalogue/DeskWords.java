package civitane.app.catalogue;

import civitane.words.Language;
import civitane.words.Words;

/** The words of the desk: caseworkers read one language, whatever a household reads. */
public final class DeskWords {
  public static final Words WORDS = Words.in(Language.EN);

  private DeskWords() {}
}
