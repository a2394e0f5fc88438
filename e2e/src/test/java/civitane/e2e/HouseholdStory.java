package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A household on one page, as it is and as it was; a change that it reports goes through its claims. */
public class HouseholdStory extends Story {
  private static final String NAME = "Ragna Ellingboe";

  /** From the Desk by a claim of hers to the household. */
  static void open(Page page) {
    onTheDesk(page, NAME).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(NAME)).click();
    assertThat(page.getByText("What they get")).isVisible();
  }

  @Test
  public void asItIsAsItWasAndAfterAChange() {
    signIn(page, "ikenna");
    open(page);
    assertThat(page.getByText("School meals: free, for Sunna")).isVisible();
    assertThat(page.getByText("€1,120.00 a week")).isVisible();
    accessible(page, "a household");
    var slide = page.getByLabel("with something new, and today");
    slide.focus();
    page.keyboard().press("ArrowLeft");
    page.keyboard().press("ArrowLeft");
    assertThat(page.getByText("€430.00 a week")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to now"))
        .click();
    assertThat(page.getByText("€1,120.00 a week")).isVisible();

    page.keyboard().press("Alt+c");
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What changes")))
        .isVisible();
    accessible(page, "what changes");
    page.keyboard().press("Alt+6");
    page.keyboard().press("Alt+l");
    assertThat(page.getByRole(AriaRole.ALERT)
            .filter(new com.microsoft.playwright.Locator.FilterOptions()
                .setHasText("how the change was told")))
        .isVisible();
    page.getByText("it is not noted how the change was told").click();
    page.getByLabel("How it was told").fill("by phone");
    page.keyboard().press("Alt+3");
    page.getByLabel("How much, before tax 1").fill("430 w");
    page.keyboard().press("Tab");
    page.keyboard().press("Alt+6");
    saved(page);
    page.keyboard().press("Alt+l");
    assertThat(page.getByText("Reported, from")).isVisible();
    assertThat(page.getByText("€1,120.00 a week → €430.00 a week")).isVisible();
    accessible(page, "a change that was reported");

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("BW-"))
        .first()
        .click();
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("told by phone").first()).isVisible();
    page.getByLabel("A note, for whoever looks at this claim").fill("Rings on Tuesdays only");
    page.keyboard().press("Enter");
    var record =
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What happened"));
    assertThat(record).containsText("Rings on Tuesdays only");
    page.getByLabel("Search in it").fill("tuesdays");
    assertThat(record.getByRole(AriaRole.LISTITEM)).hasCount(1);
  }
}
