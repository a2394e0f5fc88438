package civitane.app.papers;

import civitane.app.reading.Pages;
import civitane.app.reading.Smaller;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages drawn as pictures of a size that can be read and kept. */
final class PagePictures {
  static final int LONGEST = 1_800;
  private static final int SMALL = 160;
  private static final float QUALITY = 0.82f;
  private static final float DOTS_OF_A_POINT = 72f;
  private static final float FINEST = 150f;

  private PagePictures() {}

  /** A page as a picture, and the same small; both JPEG. */
  record Drawn(byte[] picture, byte[] small) {
    static Drawn of(BufferedImage page) throws IOException {
      return new Drawn(jpeg(page), jpeg(fitting(page, SMALL)));
    }
  }

  static BufferedImage ofPdf(PDDocument document, int page) throws IOException {
    var box = document.getPage(page).getCropBox();
    var longest = Math.max(1f, Math.max(box.getWidth(), box.getHeight()));
    var dots = Math.min(FINEST, LONGEST * DOTS_OF_A_POINT / longest);
    return new PDFRenderer(document).renderImageWithDPI(page, dots, ImageType.RGB);
  }

  /** A picture, read no finer than it is kept. Throws where it has too many points, is damaged or is cut off. */
  static BufferedImage ofPicture(Path file, long mostPixels) throws IOException {
    return ofPicture(file, mostPixels, LONGEST);
  }

  /** The same about as finely as a page that is scanned well: for what is small on it. */
  static BufferedImage fineOfPicture(Path file) throws IOException {
    return ofPicture(file, Long.MAX_VALUE, Pages.LONGEST);
  }

  private static BufferedImage ofPicture(Path file, long mostPixels, int longest)
      throws IOException {
    try (var stream = ImageIO.createImageInputStream(file.toFile())) {
      var readers = ImageIO.getImageReaders(stream);
      if (!readers.hasNext()) {
        throw new IOException("no reader for it");
      }
      var reader = readers.next();
      try {
        reader.setInput(stream);
        var width = reader.getWidth(0);
        var height = reader.getHeight(0);
        if ((long) width * height > mostPixels) {
          throw new Sifting.TooLarge();
        }
        var every = Math.max(1, Math.max(width, height) / longest);
        var how = reader.getDefaultReadParam();
        how.setSourceSubsampling(every, every, 0, 0);
        return fitting(plain(reader.read(0, how)), longest);
      } finally {
        reader.dispose();
      }
    }
  }

  /** On white, without what shines through. */
  private static BufferedImage plain(BufferedImage image) {
    var plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    var graphics = plain.createGraphics();
    graphics.setColor(java.awt.Color.WHITE);
    graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
    graphics.drawImage(image, 0, 0, null);
    graphics.dispose();
    return plain;
  }

  private static BufferedImage fitting(BufferedImage image, int longest) {
    var now = Math.max(image.getWidth(), image.getHeight());
    if (now <= longest) {
      return image;
    }
    var width = Math.max(1, (int) ((long) image.getWidth() * longest / now));
    var height = Math.max(1, (int) ((long) image.getHeight() * longest / now));
    return Smaller.of(image, width, height);
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    var bytes = new ByteArrayOutputStream();
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (var stream = ImageIO.createImageOutputStream(bytes)) {
      var how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(QUALITY);
      writer.setOutput(stream);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
