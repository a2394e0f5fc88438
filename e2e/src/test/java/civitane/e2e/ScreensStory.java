package civitane.e2e;

import civitane.core.services.Services;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SameSiteAttribute;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Every screen can be used by everybody, by day and by night. */
public class ScreensStory extends Story {

  @Test
  public void signingInWithAWrongPasswordSaysSo() {
    go(page, "/");
    assertThat(page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in to the desk")))
        .isVisible();
    accessible(page, "signing in");
    page.getByLabel("Name").fill("ikenna");
    page.getByLabel("Password").fill("wrong");
    page.keyboard().press("Enter");
    refused(page, "do not go together");
  }

  @Test
  public void theSessionIsKeptFromScriptsAndFromOtherSites() {
    signIn(page, "ikenna");
    var session = page.context().cookies().stream()
        .filter(cookie -> "civitane".equals(cookie.name))
        .findFirst()
        .orElseThrow();
    assertTrue(session.httpOnly);
    assertEquals(session.sameSite, SameSiteAttribute.STRICT);
  }

  @Test
  public void theDeskByDayAndNight() {
    signIn(page, "jun");
    accessible(page, "the desk");
    page.waitForResponse(
        "**/api/choices",
        () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Night"))
            .click());
    accessible(page, "the desk at night");
    page.keyboard().press("F1");
    assertThat(page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Keys")))
        .isVisible();
    accessible(page, "the keys");
    var elsewhere = window();
    signIn(elsewhere, "jun");
    assertThat(elsewhere.locator("html")).hasAttribute("data-theme", "brack-night");
  }

  @Test
  public void keysAreGivenOtherLettersOrTurnedOffAndTheMarginFolds() {
    signIn(page, "teun");
    page.keyboard().press("F1");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions()
                .setName("Alt N, take an application: give it another letter"))
        .click();
    page.waitForResponse("**/api/choices", () -> page.keyboard().press("y"));
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).hasCount(0);
    page.keyboard().press("Alt+y");
    assertThat(page.locator("#add-service")).isFocused();

    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fold").setExact(true))
        .click();
    page.reload();
    var unfold = page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Unfold what it leads to"));
    assertThat(unfold).isVisible();
    accessible(page, "an application with its margin folded");
    unfold.click();
    assertThat(unfold).hasCount(0);

    page.keyboard().press("F1");
    page.waitForResponse(
        "**/api/choices", () -> page.getByLabel("Keys with Alt do something").click());
    page.waitForResponse(
        "**/api/choices", () -> page.getByLabel("Size of letters").selectOption("large"));
    page.keyboard().press("Escape");
    assertThat(page.locator("html")).hasAttribute("data-size", "large");
    page.keyboard().press("Alt+2");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("First of all");

    // As it was, for whoever signs in by this name next.
    page.keyboard().press("F1");
    page.waitForResponse(
        "**/api/choices", () -> page.getByLabel("Keys with Alt do something").click());
    page.waitForResponse(
        "**/api/choices", () -> page.getByLabel("Size of letters").selectOption("plain"));
    page.keyboard().press("Escape");
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
    page.keyboard().press("F1");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions()
                .setName("Alt Y, take an application: give it another letter"))
        .click();
    page.waitForResponse("**/api/choices", () -> page.keyboard().press("n"));
  }

  @Test
  public void everyPartOfAnApplication() {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    for (var part = 1; part <= 9; part++) {
      page.keyboard().press("Alt+" + part);
      accessible(page, "part " + part);
    }
  }

  @Test
  public void theMatterOfEveryServiceIsDrawnFromItsQuestions() {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    page.keyboard().press("Alt+1");
    for (var service : Picking.offered(page, page.locator("#add-service"))) {
      Picking.pick(page.locator("#add-service"), service);
      var part = page.getByRole(AriaRole.NAVIGATION)
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(service));
      part.click();
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText(service);
      accessible(page, service);
      page.keyboard().press("Alt+1");
    }
    assertThat(page.getByRole(AriaRole.COMPLEMENTARY).getByText("Rates from"))
        .hasCount(Services.all().size());
  }

  @Test
  public void whoMayNotTakeAClaimUpIsToldSo() {
    signIn(page, "pia");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Saskia Morwen"))
        .click();
    page.keyboard().press("Alt+t");
    refused(page, "That is not yours to do.");
    page.keyboard().press("Alt+o");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText("Saskia Morwen");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    page.getByRole(AriaRole.MAIN)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Pick it up"))
        .click();
    refused(page, "That is not yours to do.");
    accessible(page, "a refusal");
  }

  @Test
  public void aNumberThatIsNoClaimIsSaidToBeNone() {
    signIn(page, "pia");
    page.getByLabel("Find a person or a claim").fill("BW-26-999999-0");
    page.keyboard().press("Enter");
    refused(page, "is not there");
  }

  @Test
  public void aFirstLookAtEveryServiceKeepsNothing() {
    signIn(page, "pia");
    page.keyboard().press("Alt+q");
    var services = page.getByRole(
            AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Services"))
        .getByRole(AriaRole.LINK);
    assertThat(services).hasCount(Services.all().size());
    for (var service : services.allInnerTexts()) {
      services.filter(new Locator.FilterOptions().setHasText(service)).first().click();
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText("Quick check: " + service);
      accessible(page, "a first look at " + service);
    }
    services.first().click();
    page.getByLabel("Postcode").fill("BK31");
    page.getByLabel("Comes in a month").fill("900");
    assertThat(page.getByRole(AriaRole.COMPLEMENTARY)).containsText("Lives in the district");
    page.keyboard().press("Alt+a");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Who lives there");
    page.keyboard().press("Alt+3");
    assertThat(page.getByText("900.00").first()).isVisible();
  }
}
