package civitane.app.reading;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** The words that a page of a PDF has written in it, with their places. */
final class TextLayer extends PDFTextStripper {
  private final List<PageLine> lines = new ArrayList<>();
  private final List<PageWord> line = new ArrayList<>();
  private final double pageWidth;
  private final double pageHeight;

  private TextLayer(double pageWidth, double pageHeight) {
    this.pageWidth = pageWidth;
    this.pageHeight = pageHeight;
    setSortByPosition(true);
  }

  static List<PageLine> of(PDDocument document, int page) throws IOException {
    var box = document.getPage(page).getCropBox();
    var turned = document.getPage(page).getRotation() % 180 != 0;
    var layer = turned
        ? new TextLayer(box.getHeight(), box.getWidth())
        : new TextLayer(box.getWidth(), box.getHeight());
    layer.setStartPage(page + 1);
    layer.setEndPage(page + 1);
    layer.getText(document);
    return List.copyOf(layer.lines);
  }

  @Override
  protected void writeString(String text, List<TextPosition> letters) {
    var word = new StringBuilder();
    Box box = null;
    for (var letter : letters) {
      if (letter.getUnicode().isBlank()) {
        box = end(word, box);
        continue;
      }
      word.append(letter.getUnicode());
      var here = place(letter);
      box = box == null ? here : box.with(here);
    }
    end(word, box);
  }

  private @org.jspecify.annotations.Nullable Box end(
      StringBuilder word, @org.jspecify.annotations.Nullable Box box) {
    if (box != null && word.length() > 0) {
      line.add(new PageWord(word.toString(), box, 1));
    }
    word.setLength(0);
    return null;
  }

  private Box place(TextPosition letter) {
    var height = Math.max(letter.getHeightDir(), letter.getFontSizeInPt() * 0.7f);
    return new Box(
        letter.getXDirAdj() / pageWidth,
        (letter.getYDirAdj() - height) / pageHeight,
        letter.getWidthDirAdj() / pageWidth,
        height / pageHeight);
  }

  @Override
  protected void writeLineSeparator() {
    if (!line.isEmpty()) {
      lines.add(new PageLine(List.copyOf(line)));
      line.clear();
    }
  }

  @Override
  protected void writePageEnd() {
    writeLineSeparator();
  }
}
