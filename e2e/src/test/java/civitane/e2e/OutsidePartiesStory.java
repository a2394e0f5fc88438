package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A landlord whom a household names says once that they take part, and the claim goes on by itself. */
public class OutsidePartiesStory extends Story {

  @Test
  public void whatALandlordSaysReachesTheClaimThatWaits() {
    signIn(page, "ikenna");
    var conversation = new Conversation(page)
        .asksFor("rentRelief")
        .parentAndChild("Sunniva", "Weirholt", "14 3 88", "Ask", "2 5 2017")
        .livesAt("9 Capstan Lane", "BK22", "Ferry Hythe");
    page.keyboard().press("Alt+5");
    conversation.answers("comingMonths", "2");
    conversation.answers("landlord/name", "Weirside Lettings");
    page.keyboard().press("Alt+8");
    conversation.lodges("Sunniva Weirholt");

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Outside parties"))
        .click();
    page.locator("#find-outside").fill("weirside");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Weirside Lettings"))
        .click();
    var claims = page.getByRole(AriaRole.MAIN);
    var claim =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sunniva Weirholt"));
    assertThat(claim).isVisible();
    var place = claim.getAttribute("href");
    accessible(page, "an outside party");
    page.getByLabel("How they are asked").fill("by letter");
    page.keyboard().press("Enter");
    page.getByText("They told us something").click();
    page.getByLabel("Takes part").selectOption("yes");
    page.getByLabel("How they told us").fill("letter of 24 November");
    page.keyboard().press("Enter");
    assertThat(claims).containsText("Takes partyes");
    assertThat(claims).containsText("No claim waits for them.");

    go(page, place);
    var verdict = page.getByRole(AriaRole.COMPLEMENTARY);
    assertThat(verdict).not().containsText("Waits for the landlord");
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("Weirside Lettings was asked")).isVisible();
  }
}
