package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What came by post is looked at and filed with its claim by the keys; what is not for the office is put aside. */
public class TrayStory extends Story {

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  public void anEnvelopeIsFiledByKeyboardAndAdvertisingPutAside() throws Exception {
    var number = fromDatabase("""
            select number from claim where household_id in (select id from household where name = 'Saskia Morwen')
            """).get(0);
    signIn(page, "ikenna");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Post tray"))
        .click();
    var list = region("What came by post");
    list.getByText("envelope without a letter.pdf").click();
    var filing = region("Where it belongs");
    accessible(page, "the post tray");
    filing.getByLabel("Number of the claim").fill("BW-26-999999-9");
    page.keyboard().press("Tab");
    assertThat(filing.getByRole(AriaRole.ALERT).first()).isVisible();
    filing.getByLabel("Number of the claim").fill(number);
    page.keyboard().press("Tab");
    assertThat(filing).containsText("Saskia Morwen");
    Picking.pick(
        filing.getByRole(
            AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Kind of paper")),
        "payslips");
    page.keyboard().press("Alt+a");
    assertThat(list.getByText("envelope without a letter.pdf")).hasCount(0);

    list.getByText("post 24 November.pdf").click();
    filing.getByLabel("What it is").fill("advertising");
    page.keyboard().press("Enter");
    assertThat(list.getByText("post 24 November.pdf")).hasCount(0);
    assertThat(list.getByText("handwritten note.pdf")).isVisible();

    go(page, "/claims/" + number);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Saskia Morwen");
    page.keyboard().press("Alt+e");
    assertThat(region("Papers that are wanted, and that came").getByText("Payslips"))
        .isVisible();
  }

  @Test
  public void theFrontDeskTakesPostAndSeesWhereItBelongs() {
    signIn(page, "pia");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Post tray"))
        .click();
    assertThat(region("What came by post").getByText("handwritten note.pdf")).isVisible();
    assertThat(page.getByText("Not for this office")).hasCount(0);
  }
}
