package civitane.packet.form;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;

/** Lines of languages that are read from the right, as they are drawn from the left. */
final class RightToLeft {
  private static final ArabicShaping SHAPING = new ArabicShaping(ArabicShaping.LETTERS_SHAPE);

  private RightToLeft() {}

  /** The letters joined as they meet, in the order they stand on the page. */
  static String drawn(String text) {
    try {
      return new Bidi(SHAPING.shape(text), Bidi.RTL).writeReordered(Bidi.DO_MIRRORING);
    } catch (ArabicShapingException e) {
      throw new IllegalArgumentException("the line can't be drawn: " + text, e);
    }
  }
}
