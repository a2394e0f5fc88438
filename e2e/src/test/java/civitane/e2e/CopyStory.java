package civitane.e2e;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A claim is taken along as one file, and its page says without any office whether it is as it was. */
public class CopyStory extends Story {
  /** The same with one file in it changed and another one added. */
  private static Path changed(Path copy) throws IOException {
    var changed = copy.resolveSibling("changed.zip");
    try (var from = new ZipFile(copy.toFile());
        var to = new ZipOutputStream(Files.newOutputStream(changed))) {
      for (var entry : from.stream().toList()) {
        var bytes = from.getInputStream(entry).readAllBytes();
        to.putNextEntry(new ZipEntry(entry.getName()));
        to.write(
            entry.getName().equals("facts.json")
                ? new String(bytes, StandardCharsets.UTF_8)
                    .replace("Tamsett", "Tamsetz")
                    .getBytes(StandardCharsets.UTF_8)
                : bytes);
        to.closeEntry();
      }
      to.putNextEntry(new ZipEntry("papers/99-other.pdf"));
      to.closeEntry();
    }
    return changed;
  }

  /** A copy in a folder, beside the page that came in it. */
  private static Path downloaded(Download download) throws IOException {
    var folder = Files.createTempDirectory("civitane-copy");
    var copy = folder.resolve("copy.zip");
    download.saveAs(copy);
    try (var zip = new ZipFile(copy.toFile())) {
      Files.copy(zip.getInputStream(zip.getEntry("look.html")), folder.resolve("look.html"));
    }
    return copy;
  }

  /** The page beside a copy, where no office is reached. */
  private Page offline(Path copy) {
    var offline = window();
    offline.context().setOffline(true);
    offline.navigate(copy.resolveSibling("look.html").toUri().toString());
    return offline;
  }

  @Test
  public void isCheckedWithoutTheOffice() throws IOException {
    signIn(page, "ikenna");
    page.getByLabel("Find a person or a claim").fill("Oluchi Tamsett");
    page.keyboard().press("Enter");
    page.getByRole(AriaRole.DIALOG).getByText("School meals").first().click();
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+r");
    var link =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("All of it as one file"));
    assertThat(link).isVisible();
    var copy = downloaded(page.waitForDownload(link::click));
    var folder = copy.getParent();

    var offline = offline(copy);
    offline.getByLabel("The copy").setInputFiles(copy);
    var verdict = offline.getByRole(AriaRole.STATUS);
    assertThat(verdict).containsText("files are as they were when it was copied on");
    assertThat(offline.getByText("Signed by the key")).isVisible();
    accessible(offline, "the page of a copy");
    offline.getByLabel("The copy").setInputFiles(changed(copy));
    assertThat(verdict).containsText("2 of the files are not as they were");
    assertThat(offline
            .getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText("facts.json: changed")))
        .isVisible();
    offline.getByLabel("The copy").setInputFiles(folder.resolve("look.html"));
    assertThat(verdict).containsText("This is no ZIP.");
  }

  /** A senior hands somebody all that is kept of them, and it is checked where they are. */
  @Test
  public void somebodyIsHandedAllThatIsKeptOfThem() throws Exception {
    signIn(page, "teun");
    var household = fromDatabase(
            "select id from household where name = 'Catriona O''Malley-Bright'")
        .get(0);
    go(page, "/households/" + household);
    page.getByText("A copy for somebody").press("Enter");
    var link = page.getByRole(
        AriaRole.LINK,
        new Page.GetByRoleOptions().setName("Catriona O'Malley-Bright, as one file"));
    assertThat(link).isVisible();
    accessible(page, "who is handed a copy");
    var copy = downloaded(page.waitForDownload(() -> link.press("Enter")));
    var offline = offline(copy);
    offline.getByLabel("The copy").setInputFiles(copy);
    assertThat(offline.getByRole(AriaRole.STATUS))
        .containsText("A copy of all that is kept of Catriona O'Malley-Bright: all");
    assertThat(offline.getByText("recorded.json: as it was")).isVisible();
  }
}
