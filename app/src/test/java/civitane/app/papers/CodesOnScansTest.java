package civitane.app.papers;

import civitane.app.reading.Pages;
import civitane.packet.form.CodePicture;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** The code of a form that comes back is seen at 300 dots an inch and finer, also where it lay a little askew. */
public class CodesOnScansTest {
  /** The side of the code on a form, in points: 14 mm. */
  private static final float SIDE = 40;

  @DataProvider
  Object[][] scans() {
    return new Object[][] {
      {"K7QM-2RDA-9XWB", 300, 0.0}, {"K7QM-2RDA-9XWB", 300, -0.013},
      {"3HVN-TT8C-PL6E", 300, 0.006}, {"W2ZD-6FJA-4YKQ", 300, 0.017},
      {"W2ZD-6FJA-4YKQ", 400, 0.009}, {"3HVN-TT8C-PL6E", 600, -0.004}
    };
  }

  /** @param askew by how much it lay turned, in radians */
  @Test(dataProvider = "scans")
  public void itIsSeen(String code, int dots, double askew) throws IOException {
    try (var scan = scanned(printed(code, dots), askew)) {
      assertEquals(ReplyCodes.on(Pages.picture(scan, 0)).orElseThrow(), new ReplyCode(code, null));
    }
  }

  private static BufferedImage printed(String code, int dots) throws IOException {
    try (var form = new PDDocument()) {
      var page = new PDPage(PDRectangle.A4);
      form.addPage(page);
      var text = "https://forms.brackwater.example/answer#code=" + code;
      try (var content = new PDPageContentStream(form, page)) {
        content.drawImage(
            PDImageXObject.createFromByteArray(form, CodePicture.png(text), "code"),
            PDRectangle.A4.getWidth() - 45 - SIDE,
            PDRectangle.A4.getHeight() - 7 - SIDE,
            SIDE,
            SIDE);
      }
      return new PDFRenderer(form).renderImageWithDPI(0, dots, ImageType.GRAY);
    }
  }

  private static PDDocument scanned(BufferedImage printed, double askew) throws IOException {
    var lying =
        new BufferedImage(printed.getWidth(), printed.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
    var graphics = lying.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, lying.getWidth(), lying.getHeight());
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.rotate(askew, lying.getWidth() / 2.0, lying.getHeight() / 2.0);
    graphics.drawImage(printed, 0, 0, null);
    graphics.dispose();
    var scan = new PDDocument();
    var page = new PDPage(PDRectangle.A4);
    scan.addPage(page);
    try (var content = new PDPageContentStream(scan, page)) {
      content.drawImage(
          JPEGFactory.createFromImage(scan, lying, 0.7f),
          0,
          0,
          page.getMediaBox().getWidth(),
          page.getMediaBox().getHeight());
    }
    return scan;
  }
}
