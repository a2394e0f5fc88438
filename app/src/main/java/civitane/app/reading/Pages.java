package civitane.app.reading;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.time.LocalDate;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Reads pages: the words a file has written in it where it has some, else those that can be seen. */
public final class Pages {
  /** A page with fewer letters has none to speak of: it is a picture. */
  private static final int LETTERS = 25;

  private static final float FINE = 300f;
  private static final float POINTS = 72f;

  /** The longest side of a picture that is read, in points: about as many as a page scanned well has. */
  public static final int LONGEST = 3_600;

  private Pages() {}

  /** What a page of a PDF proposes. */
  public static List<Proposal> ofPdf(PDDocument document, int page, LocalDate today)
      throws IOException {
    var typed = FormFields.of(document, page);
    if (!typed.isEmpty()) {
      return typed;
    }
    var written = TextLayer.of(document, page);
    var letters = written.stream().mapToInt(line -> line.text().length()).sum();
    if (letters >= LETTERS) {
      return Reader.proposals(written, page, today);
    }
    return ofPicture(picture(document, page), page, today);
  }

  /** A page of a PDF as finely as pages are read, in grey. */
  public static BufferedImage picture(PDDocument document, int page) throws IOException {
    var box = document.getPage(page).getCropBox();
    var longest = Math.max(1f, Math.max(box.getWidth(), box.getHeight()));
    var dots = Math.min(FINE, LONGEST * POINTS / longest);
    return new PDFRenderer(document).renderImageWithDPI(page, dots, ImageType.GRAY);
  }

  /** The lines that can be seen on a picture that has no rules. */
  static List<PageLine> seen(BufferedImage picture) throws IOException {
    var path = Files.createTempFile("civitane-read", ".png");
    try {
      ImageIO.write(picture, "png", path.toFile());
      return Eye.read(path, picture.getWidth(), picture.getHeight());
    } finally {
      Files.deleteIfExists(path);
    }
  }

  /** What a picture proposes. */
  public static List<Proposal> ofPicture(BufferedImage picture, int page, LocalDate today)
      throws IOException {
    return Reader.proposals(seen(Ruled.without(picture)), page, today);
  }
}
