package civitane.app.papers;

import civitane.app.problems.Problem;
import civitane.packet.Fuzzer;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Whatever a fuzzer makes of pictures and PDFs is taken as what it is, or refused with words. */
public class FuzzedPapersTest {
  /** A picture or a PDF, as its bytes say. */
  public static final class OfPictures {
    public static void fuzzerTestOneInput(byte[] bytes) throws IOException {
      sifted(bytes);
    }
  }

  /** The same, beginning with a PDF. */
  public static final class OfPdfs {
    public static void fuzzerTestOneInput(byte[] bytes) throws IOException {
      sifted(bytes);
    }
  }

  private static void sifted(byte[] bytes) throws IOException {
    var file = Files.createTempFile("civitane-fuzzed", ".file");
    try {
      Files.write(file, bytes);
      assertTrue(Sifting.of(file).pages() > 0);
    } catch (Problem refused) {
      assertTrue(refused.getMessage().length() > 10, refused.getMessage());
    } finally {
      Files.delete(file);
    }
  }

  @DataProvider
  public static Object[][] targets() throws IOException {
    return new Object[][] {
      {OfPictures.class, Map.of("png", RightFiles.picture("png"), "jpg", RightFiles.picture("jpg"))
      },
      {OfPdfs.class, Map.of("pdf", RightFiles.pdf())}
    };
  }

  @Test(dataProvider = "targets")
  public void isTakenOrRefused(Class<?> target, Map<String, byte[]> right) throws Exception {
    assertEquals(Fuzzer.tried(target, right), "");
  }
}
