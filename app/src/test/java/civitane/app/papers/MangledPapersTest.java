package civitane.app.papers;

import civitane.app.problems.Problem;
import civitane.packet.Mangling;
import java.io.IOException;
import java.nio.file.Files;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertTrue;

/** A file that was damaged in any way is taken as what it still is, or refused with words: nothing falls over on it. */
public class MangledPapersTest {
  @DataProvider
  public static Object[][] files() throws IOException {
    return new Object[][] {
      {"pdf", RightFiles.pdf()},
      {"png", RightFiles.picture("png")},
      {"jpg", RightFiles.picture("jpg")}
    };
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
