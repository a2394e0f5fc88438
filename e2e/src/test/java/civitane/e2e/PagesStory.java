package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A scan of several pages is put in order, turned, filed in pieces, and joined again. */
public class PagesStory extends Story {

  private static FilePayload scan(int pages) throws IOException {
    try (var document = new PDDocument()) {
      for (var page = 0; page < pages; page++) {
        document.addPage(new PDPage());
      }
      var bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return new FilePayload("scan.pdf", "application/pdf", bytes.toByteArray());
    }
  }

  private Locator button(Locator within, String name) {
    return within.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  public void aFileOfNinePagesIsSplitTurnedAndJoined() throws IOException {
    signIn(page, "ikenna");
    onTheDesk(page, "Khadija Nascimento").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+e");
    var list = page.getByRole(
        AriaRole.REGION,
        new Page.GetByRoleOptions().setName("Papers that are wanted, and that came"));
    var chooser = page.waitForFileChooser(() -> button(list, "Choose files").click());
    chooser.setFiles(scan(9));
    assertThat(page.getByText("Page 1 of 9")).isVisible();
    var open = page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Order, split or join"));
    open.click();
    var pages = page.getByRole(AriaRole.DIALOG);
    assertThat(pages.getByRole(AriaRole.LISTITEM)).hasCount(9);
    accessible(page, "the pages of a paper");
    button(pages, "Turn page 2").click();
    button(pages, "Page 9 earlier").click();
    button(pages, "Keep this order").click();
    assertThat(pages).hasCount(0);

    open.click();
    pages.getByLabel("Take out page 1").check();
    pages.getByLabel("Take out page 2").check();
    Picking.pick(
        pages.getByRole(
            AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("What the ticked pages are")),
        "notice of rent owed");
    button(pages, "Make these 2 a paper of their own").click();
    assertThat(pages).hasCount(0);
    var notice = list.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Notice of rent owed to be read"));
    assertThat(notice).isVisible();
    assertThat(page.getByText("Page 1 of 7")).isVisible();

    open.click();
    pages
        .getByLabel("Put behind it the pages of")
        .selectOption(new com.microsoft.playwright.options.SelectOption()
            .setLabel("Notice of rent owed, scan.pdf"));
    button(pages, "Join them").click();
    assertThat(pages).hasCount(0);
    assertThat(page.getByText("Page 1 of 9")).isVisible();
    assertThat(notice).hasCount(0);
  }
}
