package civitane.app.papers;

import com.sun.management.ThreadMXBean;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** However large a file is, only pieces of it are in memory while it is taken and looked through. */
public class SiftingMemoryTest {
  private static final int LARGE = 14 * 1024 * 1024;

  private static final long MEGABYTE = 1024L * 1024;

  /** Pieces of a file, and the tables of a PDF. */
  private static final long PIECES = 2 * MEGABYTE;

  /** A picture as it is kept, some times over; read whole, it would be 170 MB. */
  private static final long PICTURES = 90 * MEGABYTE;

  private interface Making {
    byte[] bytes() throws IOException;
  }

  private static byte[] noise(int size) {
    var bytes = new byte[size];
    new Random(20261127).nextBytes(bytes);
    return bytes;
  }

  private static byte[] largePdf() throws IOException {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var page = new PDPage();
      document.addPage(page);
      var stream = new PDStream(document);
      try (var to = stream.createOutputStream()) {
        to.write(noise(LARGE));
      }
      page.getCOSObject().setItem(COSName.getPDFName("Kept"), stream);
      document.save(out);
      return out.toByteArray();
    }
  }

  /** Nearly as many points as are taken, all of one colour: a small file of a large picture. */
  private static byte[] widePicture() throws IOException {
    var image = new BufferedImage(7_700, 7_700, BufferedImage.TYPE_BYTE_GRAY);
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  @DataProvider
  public Object[][] files() {
    return new Object[][] {
      {"a large PDF", (Making) SiftingMemoryTest::largePdf, PIECES},
      {"a picture of 59 million points", (Making) SiftingMemoryTest::widePicture, PICTURES},
    };
  }

  /** Bytes that a piece of work takes from the heap altogether, whether they are given back meanwhile or not. */
  private static long taken(Path file) throws IOException {
    var threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    var before = threads.getCurrentThreadAllocatedBytes();
    try (var stream = Files.newInputStream(file);
        var incoming = Incoming.of(stream)) {
      Sifting.of(incoming.path());
    }
    return threads.getCurrentThreadAllocatedBytes() - before;
  }

  @Test(dataProvider = "files")
  public void isLookedThroughPieceByPiece(String name, Making making, long most)
      throws IOException {
    var file = Files.createTempFile("civitane-test", ".in");
    try {
      Files.write(file, making.bytes());
      taken(file);
      var bytes = taken(file);
      assertTrue(bytes < most, name + ": " + bytes / 1024 + " KB");
    } finally {
      Files.delete(file);
    }
  }

  @Test
  public void whatIsTooLargeIsGivenUpAtItsLimit() throws IOException {
    var file = Files.createTempFile("civitane-test", ".in");
    try {
      Files.write(file, noise((int) Incoming.MOST_BYTES + 1));
      var threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
      var before = threads.getCurrentThreadAllocatedBytes();
      try (var stream = Files.newInputStream(file)) {
        expectThrows(RuntimeException.class, () -> Incoming.of(stream));
      }
      var bytes = threads.getCurrentThreadAllocatedBytes() - before;
      assertTrue(bytes < PIECES, bytes / 1024 + " KB");
    } finally {
      Files.delete(file);
    }
  }
}
