package civitane.app.drafts;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.reading.Smaller;
import civitane.app.staff.Staff;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.tika.Tika;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Paper forms as they were scanned, to be typed from.
 *
 * <p>What is kept and shown is a picture made here of each page, never the file that came in.
 */
@Service
public class Scans {
  private static final int MOST_BYTES = 15_000_000;
  private static final int MOST_PAGES = 20;
  private static final long MOST_PIXELS = 60_000_000;
  private static final int DOTS = 110;
  private static final float POINTS = 72;
  private static final int WIDEST = 1_600;

  private final Applications applications;
  private final JdbcClient database;
  private final AuditLog audit;
  private final Clock clock;
  private final Tika types = new Tika();

  Scans(Applications applications, JdbcClient database, AuditLog audit, Clock clock) {
    this.applications = applications;
    this.database = database;
    this.audit = audit;
    this.clock = clock;
  }

  /** A page of a scan. */
  public record Page(UUID id, int page) {}

  /** Adds the pages of a file; its type is found from what it holds, not from its name. */
  @Transactional
  public List<Page> add(Staff.Colleague by, UUID application, byte[] file) {
    applications.view(application);
    var before = of(application).size();
    var added = new AtomicInteger();
    eachPage(
        file,
        DOTS,
        page -> keep(by, application, before + added.incrementAndGet(), narrowed(page)));
    audit.record(
        by.login(), "paper form scanned", application.toString(), before + added.get() + " pages");
    return of(application);
  }

  /**
   * Hands on the pages of a file as pictures, one at a time, a PDF at so many dots an inch; what is no scan is refused.
   */
  public void eachPage(byte[] file, int dots, Consumer<BufferedImage> to) {
    if (file.length > MOST_BYTES) {
      throw Problem.wrong("The file is larger than 15 MB. Scan it in fewer pages or less finely.");
    }
    var type = types.detect(file);
    try {
      switch (type) {
        case "image/png", "image/jpeg" -> to.accept(picture(file));
        case "application/pdf" -> pagesOfPdf(file, dots, to);
        default ->
          throw Problem.wrong(
              "This is no scan: PDF, PNG and JPEG are taken, whatever the file is called.");
      }
    } catch (IOException | RuntimeException e) {
      if (e instanceof Problem problem) {
        throw problem;
      }
      throw Problem.wrong("The scan can't be read. Scan it again, or save it as PNG.");
    }
  }

  private static BufferedImage picture(byte[] file) throws IOException {
    try (var stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      var readers = ImageIO.getImageReaders(stream);
      if (!readers.hasNext()) {
        throw new IOException("no reader");
      }
      var reader = readers.next();
      reader.setInput(stream);
      if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
        throw Problem.wrong("The picture is too large. Scan it less finely: 300 dots an inch do.");
      }
      return reader.read(0);
    }
  }

  private static BufferedImage narrowed(BufferedImage image) {
    if (image.getWidth() <= WIDEST) {
      return image;
    }
    var height = Math.max(1, (int) ((long) image.getHeight() * WIDEST / image.getWidth()));
    return Smaller.of(image, WIDEST, height);
  }

  private static void pagesOfPdf(byte[] file, int dots, Consumer<BufferedImage> to)
      throws IOException {
    try (var document = Loader.loadPDF(file)) {
      if (document.isEncrypted()) {
        throw Problem.wrong("The PDF is encrypted. Save it without a password.");
      }
      if (document.getNumberOfPages() > MOST_PAGES) {
        throw Problem.wrong("The PDF has more than " + MOST_PAGES + " pages.");
      }
      var renderer = new PDFRenderer(document);
      for (var i = 0; i < document.getNumberOfPages(); i++) {
        if (isWall(document.getPage(i).getCropBox(), dots)) {
          throw Problem.wrong("A page of the PDF is too large. Save it as A4.");
        }
        to.accept(renderer.renderImageWithDPI(i, dots, ImageType.RGB));
      }
    }
  }

  /** Whether a page says it is so large that nobody could draw it. */
  private static boolean isWall(PDRectangle page, int dots) {
    var fine = dots / POINTS;
    return (double) page.getWidth() * fine * page.getHeight() * fine > MOST_PIXELS;
  }

  private void keep(Staff.Colleague by, UUID application, int page, BufferedImage image) {
    try {
      var png = new ByteArrayOutputStream();
      ImageIO.write(image, "png", png);
      database
          .sql("insert into scan values (:id, :application, :page, :hash, :png, :by, :now)")
          .param("id", UUID.randomUUID())
          .param("application", application)
          .param("page", page)
          .param("hash", hash(png.toByteArray()))
          .param("png", png.toByteArray())
          .param("by", by.login())
          .param("now", Timestamp.from(clock.instant()))
          .update();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private static String hash(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  @Transactional(readOnly = true)
  List<Page> of(UUID application) {
    return database
        .sql("select id, page from scan where application_id = :application order by page")
        .param("application", application)
        .query((row, n) -> new Page(row.getObject(1, UUID.class), row.getInt(2)))
        .list();
  }

  @Transactional
  byte[] png(Staff.Colleague by, UUID id) {
    audit.record(by.login(), "scan read", id.toString(), "");
    return database
        .sql("select png from scan where id = :id")
        .param("id", id)
        .query(byte[].class)
        .optional()
        .orElseThrow(() -> Problem.notThere("The page"));
  }
}
