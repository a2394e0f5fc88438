package civitane.app.papers;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Set;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** What a PDF may not have in it: a password, anything that runs, more than anybody reads, or a bomb. */
final class PdfSifting {
  private static final int MOST_PAGES = 300;
  private static final long MOST_UNPACKED = 256L * 1024 * 1024;
  private static final long MOST_POINTS = 60_000_000;
  private static final int PIECE = 64 * 1024;

  private static final byte[] STREAM = "stream".getBytes(StandardCharsets.US_ASCII);
  private static final byte[] ENCRYPT = "/Encrypt".getBytes(StandardCharsets.US_ASCII);

  /** What does something by itself when the file is opened or clicked. */
  private static final Set<COSName> ACTIVE = Set.of(
      COSName.getPDFName("JS"),
      COSName.getPDFName("JavaScript"),
      COSName.getPDFName("Launch"),
      COSName.getPDFName("EmbeddedFiles"),
      COSName.getPDFName("RichMedia"),
      COSName.getPDFName("XFA"),
      COSName.getPDFName("AA"));

  private static final Set<String> ACTIVE_ACTIONS =
      Set.of("JavaScript", "Launch", "ImportData", "SubmitForm", "RichMediaExecute", "GoToE");

  private PdfSifting() {}

  /** How many pages a PDF has that may be kept. */
  static int pages(Path file, ByteBuffer bytes) throws IOException {
    // Before anything is unpacked: loading the file unpacks its tables.
    refuseBombs(bytes);
    try (var document = Loader.loadPDF(file.toFile())) {
      if (document.isEncrypted()) {
        throw encrypted();
      }
      refuseActive(document);
      var pages = document.getNumberOfPages();
      if (pages == 0) {
        throw Problem.wrong("The PDF has no page. Save it again from where it was made.");
      }
      if (pages > MOST_PAGES) {
        throw Problem.wrong(
            "The PDF has " + pages + " pages; at most " + MOST_PAGES + " are taken in one file.");
      }
      return pages;
    } catch (InvalidPasswordException e) {
      throw encrypted();
    } catch (Problem e) {
      throw e;
    } catch (IOException | RuntimeException | StackOverflowError e) {
      if (Sifting.contains(bytes, ENCRYPT)) {
        throw encrypted();
      }
      throw Problem.wrong("The PDF is damaged or cut off. Save it again, or scan the paper.");
    }
  }

  private static Problem encrypted() {
    return Problem.wrong("The PDF is encrypted. Save it without a password, or print and scan it.");
  }

  private static void refuseActive(PDDocument document) {
    for (var key : document.getDocument().getXrefTable().keySet()) {
      COSBase object;
      try {
        object = document.getDocument().getObjectFromPool(key).getObject();
      } catch (RuntimeException e) {
        continue;
      }
      if (object instanceof COSStream stream) {
        refuseWalls(stream);
      }
      if (object != null && isActive(object, 0)) {
        throw Problem.wrong(
            "The PDF runs something or carries other files. Print it to a plain PDF, or scan the paper.");
      }
    }
  }

  private static boolean isActive(COSBase object, int depth) {
    final var deepest = 40;
    if (depth > deepest) {
      return true;
    }
    if (object instanceof COSDictionary dictionary) {
      if (dictionary.keySet().stream().anyMatch(ACTIVE::contains)) {
        return true;
      }
      var action = dictionary.getNameAsString(COSName.S);
      if (action != null && ACTIVE_ACTIONS.contains(action)) {
        return true;
      }
      // What is named by its number is looked at by itself.
      return dictionary.getValues().stream()
          .filter(value -> value instanceof COSDictionary || value instanceof COSArray)
          .anyMatch(value -> isActive(value, depth + 1));
    }
    if (object instanceof COSArray array) {
      for (var element : array) {
        if ((element instanceof COSDictionary || element instanceof COSArray)
            && isActive(element, depth + 1)) {
          return true;
        }
      }
    }
    return false;
  }

  private static void refuseWalls(COSStream stream) {
    if (COSName.IMAGE.equals(stream.getCOSName(COSName.SUBTYPE))) {
      var points = (long) stream.getInt(COSName.WIDTH, 0) * stream.getInt(COSName.HEIGHT, 0);
      if (points > MOST_POINTS) {
        throw Problem.wrong(
            "A picture in the PDF is larger than 60 million points. Scan it less finely: 300 dots an inch do.");
      }
    }
  }

  /** Unpacks whatever looks packed, and counts: a small file that becomes a huge one is refused. */
  private static void refuseBombs(ByteBuffer file) {
    var unpacked = 0L;
    for (var i = 0; i < file.limit() - STREAM.length; i++) {
      if (Sifting.isAt(file, i, STREAM)) {
        var from = i + STREAM.length;
        while (from < file.limit() && (file.get(from) == '\r' || file.get(from) == '\n')) {
          from++;
        }
        unpacked += unpacked(file, from, MOST_UNPACKED - unpacked);
        if (unpacked >= MOST_UNPACKED) {
          throw Problem.wrong(
              "The PDF unpacks to far more than a paper holds. Print it to a plain PDF, or scan the paper.");
        }
      }
    }
  }

  private static long unpacked(ByteBuffer file, int from, long most) {
    var inflater = new Inflater();
    try {
      inflater.setInput(file.slice(from, file.limit() - from));
      var piece = new byte[PIECE];
      while (!inflater.finished() && inflater.getBytesWritten() < most) {
        if (inflater.inflate(piece) == 0) {
          break;
        }
      }
      return inflater.getBytesWritten();
    } catch (DataFormatException e) {
      // Not packed in this way.
      return inflater.getBytesWritten();
    } finally {
      inflater.end();
    }
  }
}
