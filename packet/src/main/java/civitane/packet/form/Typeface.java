package civitane.packet.form;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The letters of a form: how wide a text is, where it breaks, and how it is drawn. */
final class Typeface {
  /** Letters, marks and signs of Arabic; a question mark of it is of no script of its own. */
  private static final Set<Character.UnicodeBlock> ARABIC = Set.of(
      Character.UnicodeBlock.ARABIC,
      Character.UnicodeBlock.ARABIC_PRESENTATION_FORMS_A,
      Character.UnicodeBlock.ARABIC_PRESENTATION_FORMS_B);

  private final PDFont latin;
  private final PDFont values;
  private final PDFont arabic;
  private final boolean fromRight;

  Typeface(PDDocument document, byte[] latin, byte[] values, byte[] arabic, boolean fromRight)
      throws IOException {
    this.fromRight = fromRight;
    this.values = PDType0Font.load(document, new ByteArrayInputStream(values), false);
    this.latin = PDType0Font.load(document, new ByteArrayInputStream(latin), false);
    this.arabic = fromRight
        ? PDType0Font.load(document, new ByteArrayInputStream(arabic), false)
        : this.latin;
  }

  /** What stands in fields: its noughts are plain, so that a machine takes none for a six. */
  PDFont values() {
    return values;
  }

  /** The text in lines that are no wider than this; a word alone may be. */
  List<String> lines(String text, float width, float size) throws IOException {
    var lines = new ArrayList<String>();
    var line = "";
    for (var word : text.split(" ")) {
      var longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && width(drawn(longer), size) > width) {
        lines.add(line);
        line = word;
      } else {
        line = longer;
      }
    }
    lines.add(line);
    return lines;
  }

  /** Draws a line that begins at a margin: at the left one, or at the right one of a language read from there. */
  void draw(PDPageContentStream content, String text, float left, float y, float width, float size)
      throws IOException {
    var drawn = drawn(text);
    content.beginText();
    content.newLineAtOffset(fromRight ? left + width - width(drawn, size) : left, y);
    var from = 0;
    while (from < drawn.length()) {
      var font = font(drawn.charAt(from));
      var to = from + 1;
      while (to < drawn.length() && font(drawn.charAt(to)) == font) {
        to++;
      }
      content.setFont(font, size);
      content.showText(drawn.substring(from, to));
      from = to;
    }
    content.endText();
  }

  private String drawn(String text) {
    return fromRight ? RightToLeft.drawn(text) : text;
  }

  private float width(String drawn, float size) throws IOException {
    var width = 0f;
    for (var i = 0; i < drawn.length(); i++) {
      width += font(drawn.charAt(i)).getStringWidth(drawn.substring(i, i + 1)) / 1000 * size;
    }
    return width;
  }

  private PDFont font(char letter) {
    return fromRight && ARABIC.contains(Character.UnicodeBlock.of(letter)) ? arabic : latin;
  }
}
