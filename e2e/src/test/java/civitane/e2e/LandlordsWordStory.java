package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A landlord answers after two weeks: the claim that waited says what it is, and can be decided. */
public class LandlordsWordStory extends Story {

  @Test
  public void isSetWithWhereItComesFrom() {
    signIn(page, "maud");
    onTheDesk(page, "Teodor Brankovic").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Teodor Brankovic")))
        .isVisible();
    var verdict = page.getByRole(AriaRole.COMPLEMENTARY);
    assertThat(verdict).containsText("Waits for the landlord");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Set the answer"))
        .click();
    page.getByLabel("Value to be used").selectOption("yes");
    page.getByLabel("From where").fill("the landlord's form, page 1");
    page.keyboard().press("Enter");
    assertThat(verdict).not().containsText("Waits for the landlord");
    accessible(page, "a claim that waited for a landlord");
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("the landlord's form, page 1")).isVisible();
  }
}
