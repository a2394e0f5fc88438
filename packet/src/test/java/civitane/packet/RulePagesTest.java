package civitane.packet;

import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** The pages of rules in docs/rules say what the rules say; they are printed anew with -Dcivitane.describe=yes. */
public class RulePagesTest {
  private static final Path PAGES = Path.of("../docs/rules");

  @DataProvider
  public static Iterator<Object[]> services() {
    return Services.all().stream()
        .map(Entitlement::word)
        .map(word -> new Object[] {word})
        .iterator();
  }

  @Test(dataProvider = "services")
  public void everyCheckHasItsParagraph(String service) throws IOException {
    var page = RulePage.of(service);
    var file = PAGES.resolve(service + ".md");
    if (System.getProperty("civitane.describe") != null) {
      Files.createDirectories(PAGES);
      Files.writeString(file, page);
    }
    assertTrue(
        Files.exists(file),
        "docs/rules/" + service + ".md is missing: print it, as it is said above");
    assertEquals(page, Files.readString(file));
  }
}
