package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What ends and who has a birthday comes up in time; somebody sees to each, by keyboard. */
public class ComingUpStory extends Story {
  private Locator row(String words) {
    return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(words));
  }

  private void press(String name) {
    var button = page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .first();
    button.focus();
    page.keyboard().press("Enter");
  }

  @Test
  public void aRenewalIsAskedForAndABirthdaySeenTo() {
    signIn(page, "ikenna");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Coming up"))
        .click();
    var ends = row("The last day of “Household allowance”");
    var birthday = row("Ketil turns 14");
    assertThat(ends).containsText("Solveig Wrenfield");
    assertThat(ends).containsText("Ikenna Okonjo has it");
    assertThat(birthday).isVisible();
    accessible(page, "what is coming up");
    press("Ask Solveig Wrenfield to renew");
    assertThat(ends).containsText("by which day to ask again");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS))
        .hasText("The letter to Solveig Wrenfield is written.");
    assertThat(ends).hasCount(0);
    press("Seen to, for Solveig Wrenfield");
    page.keyboard().press("Enter");
    refused(page, "with a reason");
    page.keyboard().type("noted for the next renewal");
    page.keyboard().press("Enter");
    assertThat(birthday).hasCount(0);
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
  }

  @Test
  public void aSeniorDeclaresTheOfficeClosedAndTakesItBack() {
    signIn(page, "teun");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Coming up"))
        .click();
    var closed = page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("Days on which the office is closed"));
    closed.getByLabel("Closed from").fill("31 2 29");
    closed.getByLabel("Last closed day").fill("13 6 29");
    closed.getByLabel("Why, as letters and records may say it").fill("spring flood");
    page.keyboard().press("Enter");
    refused(page, "Closed from can’t be read as a day");
    closed.getByLabel("Closed from").fill("12 6 29");
    closed.getByLabel("Closed from").press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("due on the next open day");
    assertThat(closed).containsText("12 Jun 2029 to 13 Jun 2029");
    assertThat(closed).containsText("spring flood · declared by Teun Abara");
    accessible(page, "days on which the office is closed");
    press("Take it back: spring flood");
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("It is taken back");
    assertThat(closed).containsText("None but weekends and public holidays.");
  }
}
