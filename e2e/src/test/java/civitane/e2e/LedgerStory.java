package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What the machine read is taken by the keys after it was looked at; then the ledger says what is gone by, and why. */
public class LedgerStory extends Story {

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  private void openBjörn() {
    signIn(page, "ikenna");
    onTheDesk(page, "Björn Ångquist").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
  }

  @Test
  public void aPayslipIsReadByKeyboardAlone() {
    openBjörn();
    page.keyboard().press("Alt+e");
    var reading = region("What it shows");
    assertThat(reading.getByText("read 505.00").or(reading.getByText("read 310.00")))
        .isVisible();
    assertThat(reading.getByLabel("Before tax")).hasValue("");
    reading.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).focus();
    assertThat(page.locator(".read-now")).hasCount(1);
    for (var i = 0; i < 3; i++) {
      page.keyboard().press("Enter");
    }
    assertThat(reading.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)))
        .hasValue("Björn Ångquist");
    assertThat(reading.getByLabel("Before tax")).not().hasValue("");
    accessible(page, "a paper with what the machine read");
    page.keyboard().press("Alt+a");
    assertThat(region("Papers that are wanted, and that came")
            .getByText("accepted", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
  }

  @Test
  public void aValueIsUsedInsteadWithItsReasonAndWhatWasSaidStays() {
    openBjörn();
    page.keyboard().press("Alt+l");
    var main = page.getByRole(AriaRole.MAIN);
    assertThat(main.getByText("in euros a month")).isVisible();
    accessible(page, "the ledger of a claim");
    main.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("More of: How many people live there in all"))
        .click();
    main.getByLabel("Use instead").fill("two");
    main.getByLabel("From where").fill("said on the phone");
    main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use it"))
        .click();
    assertThat(main.getByRole(AriaRole.ALERT)
            .filter(new Locator.FilterOptions().setHasText("can't be read")))
        .isVisible();
    main.getByLabel("Use instead").fill("3");
    main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Only try it"))
        .press("Enter");
    assertThat(region("What would come of it")).containsText("As it is now:");
    accessible(page, "a value that is tried out");
    main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use it"))
        .click();
    var history = main.getByLabel("Everything recorded of it, the newest first");
    assertThat(history).containsText("said on the phone");
    main.getByLabel("Use instead").fill("2");
    main.getByLabel("From where").fill("said again");
    main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use it"))
        .click();
    assertThat(history).containsText("said again");
    main.getByLabel("As known on").fill("1 1 26");
    page.keyboard().press("Enter");
    assertThat(main.getByText("Nothing that this claim needs is known yet.")).isVisible();
    main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Back to now"))
        .click();
    assertThat(main.getByText("in euros a month")).isVisible();
    assertThat(main.getByLabel("As known on")).hasValue("");
  }
}
