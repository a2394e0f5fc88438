package civitane.app.papers;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** Small files of the kinds that are taken, with nothing wrong in them. */
final class RightFiles {
  private RightFiles() {}

  static byte[] picture(String kind) throws IOException {
    var out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), kind, out);
    return out.toByteArray();
  }

  static byte[] pdf() throws IOException {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var page = new PDPage();
      document.addPage(page);
      try (var content = new PDPageContentStream(document, page)) {
        content.beginText();
        content.setFont(new PDType1Font(FontName.HELVETICA), 12);
        content.showText("Payslip of a made-up household");
        content.endText();
      }
      document.save(out);
      return out.toByteArray();
    }
  }
}
