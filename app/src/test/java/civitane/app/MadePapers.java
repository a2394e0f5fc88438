package civitane.app;

import java.awt.Color;
import java.awt.Font;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;

/** Papers made for tests: some as people bring them, some as nobody should. */
final class MadePapers {
  private MadePapers() {}

  static byte[] pdf(int pages) throws IOException {
    try (var document = new PDDocument()) {
      for (var i = 0; i < pages; i++) {
        document.addPage(new PDPage());
      }
      return saved(document);
    }
  }

  /** A payslip with its words in it. */
  static byte[] payslip() throws IOException {
    try (var document = new PDDocument()) {
      var page = new PDPage();
      document.addPage(page);
      try (var content = new PDPageContentStream(document, page)) {
        content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
        var y = 700;
        for (var line : new String[] {
          "Hythe Ferry Works: payslip",
          "Employee: Oluchi Tamsett",
          "Pay period: 1 October 2026 to 31 October 2026",
          "Gross pay: 1,863.33",
          "Net pay: 1,490.10"
        }) {
          content.beginText();
          content.newLineAtOffset(70, y);
          content.showText(line);
          content.endText();
          y -= 30;
        }
      }
      return saved(document);
    }
  }

  private static byte[] saved(PDDocument document) throws IOException {
    var bytes = new ByteArrayOutputStream();
    document.save(bytes);
    return bytes.toByteArray();
  }

  static byte[] encrypted() throws IOException {
    try (var document = new PDDocument()) {
      document.addPage(new PDPage());
      document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
      return saved(document);
    }
  }

  static byte[] running() throws IOException {
    try (var document = new PDDocument()) {
      document.addPage(new PDPage());
      document.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert(1)"));
      return saved(document);
    }
  }

  /** A page whose content is a few kilobytes and unpacks to more than a paper ever holds. */
  static byte[] bomb() throws IOException {
    try (var document = new PDDocument()) {
      var page = new PDPage();
      document.addPage(page);
      var packed = new ByteArrayOutputStream();
      try (var deflater =
          new DeflaterOutputStream(packed, new Deflater(Deflater.BEST_COMPRESSION))) {
        var blanks = new byte[1024 * 1024];
        Arrays.fill(blanks, (byte) ' ');
        for (var i = 0; i < 300; i++) {
          deflater.write(blanks);
        }
      }
      var stream = new PDStream(document);
      try (var to = stream.getCOSObject().createRawOutputStream()) {
        to.write(packed.toByteArray());
      }
      stream.getCOSObject().setItem(COSName.FILTER, COSName.FLATE_DECODE);
      page.setContents(stream);
      return saved(document);
    }
  }

  static byte[] png(int width, int height, String text) throws IOException {
    var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    var graphics = image.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, width, height);
    graphics.setColor(Color.BLACK);
    graphics.setFont(new Font(Font.SERIF, Font.PLAIN, 24));
    graphics.drawString(text, 20, 60);
    graphics.dispose();
    return written(image, "png");
  }

  private static byte[] written(BufferedImage image, String format) throws IOException {
    var bytes = new ByteArrayOutputStream();
    ImageIO.write(image, format, bytes);
    return bytes.toByteArray();
  }

  static byte[] jpeg() throws IOException {
    return written(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "jpg");
  }

  /** A picture that says of itself to be 30,000 points wide and high, and holds next to nothing. */
  static byte[] wall() throws IOException {
    var bytes = png(10, 10, "");
    // The width and height stand behind the signature and the name of the first chunk.
    final var width = 16;
    final var height = 20;
    for (var at : new int[] {width, height}) {
      bytes[at] = 0;
      bytes[at + 1] = 0;
      bytes[at + 2] = 0x75;
      bytes[at + 3] = 0x30;
    }
    return bytes;
  }

  static byte[] half(byte[] whole) {
    return Arrays.copyOf(whole, whole.length / 2);
  }

  static byte[] tooLarge() {
    return Arrays.copyOf("%PDF-1.7".getBytes(StandardCharsets.US_ASCII), 15 * 1024 * 1024 + 1);
  }

  static byte[] trialPattern() {
    return ("X5O!P%@AP[4\\PZX54(P^)7CC)7}$" + "EICAR-STANDARD-ANTIVIRUS-TEST-FILE!$H+H*")
        .getBytes(StandardCharsets.US_ASCII);
  }

  static byte[] text(String text) {
    return text.getBytes(StandardCharsets.ISO_8859_1);
  }

  static byte[] joined(byte[] first, byte[] second) {
    var both = Arrays.copyOf(first, first.length + second.length);
    System.arraycopy(second, 0, both, first.length, second.length);
    return both;
  }
}
