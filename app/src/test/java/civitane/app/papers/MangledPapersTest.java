package civitane.app.papers;

import civitane.app.problems.Problem;
import civitane.packet.Mangling;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertTrue;

/** A file that was damaged in any way is taken as what it still is, or refused with words: nothing falls over on it. */
public class MangledPapersTest {
  private static byte[] picture(String kind) throws IOException {
    var out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), kind, out);
    return out.toByteArray();
  }

  private static byte[] pdf() throws IOException {
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

  @DataProvider
  public static Object[][] files() throws IOException {
    return new Object[][] {{"pdf", pdf()}, {"png", picture("png")}, {"jpg", picture("jpg")}};
  }

  @Test(dataProvider = "files")
  public void isTakenOrRefused(String kind, byte[] right) throws IOException {
    var file = Files.createTempFile("civitane-mangled", "." + kind);
    try {
      for (var seed = 1L; seed <= Mangling.MANY / 2; seed++) {
        Files.write(file, new Mangling(seed).bytes(right));
        try {
          assertTrue(Sifting.of(file).pages() > 0, kind + ", seed " + seed);
        } catch (Problem refused) {
          assertTrue(refused.getMessage().length() > 10, kind + ", seed " + seed);
        } catch (RuntimeException fell) {
          throw new AssertionError(kind + ", seed " + seed, fell);
        }
      }
    } finally {
      Files.delete(file);
    }
  }
}
