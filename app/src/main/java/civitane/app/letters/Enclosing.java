package civitane.app.letters;

import java.util.Optional;

/** Puts something into the envelope of a letter, as a form to be sent back. It is made once, when the letter is printed. */
public interface Enclosing {
  /**
   * What goes with a letter; empty where nothing does.
   *
   * @param kind of the letter
   * @param about the number it is about
   */
  Optional<byte[]> with(String kind, String about);
}
