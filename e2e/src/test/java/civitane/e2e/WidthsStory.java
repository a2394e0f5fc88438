package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** From a phone to a wide screen nothing has to be scrolled sideways. */
public class WidthsStory extends Story {
  private static final int HEIGHT = 844;

  @DataProvider
  public Object[][] widths() {
    return new Object[][] {{360}, {390}, {768}, {1024}, {1280}, {1920}};
  }

  private void fits(String what) {
    var apart = page.evaluate(
        "() => document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertTrue(((Number) apart).intValue() <= 0, what + " is " + apart + " px too wide");
  }

  @Test(dataProvider = "widths")
  public void nothingScrollsSideways(int width) {
    page.setViewportSize(width, HEIGHT);
    go(page, "/door?language=fr");
    assertThat(page.getByText("Ce que vous pouvez demander")).isVisible();
    page.locator("summary").first().click();
    fits("the door");
    signIn(page, "ikenna");
    assertThat(page.getByText("of work due today")).isVisible();
    fits("the Desk");
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    for (var part = 1; part <= 9; part++) {
      page.keyboard().press("Alt+" + part);
      fits("part " + part);
    }
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
    onTheDesk(page, "Teodor Brankovic").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    fits("a claim's working");
    page.keyboard().press("Alt+e");
    assertThat(page.getByText("Still wanted")).isVisible();
    fits("a claim's papers");
    page.keyboard().press("Alt+l");
    assertThat(page.getByText("As known on")).isVisible();
    assertThat(page.getByText("Household", new Page.GetByTextOptions().setExact(true))
            .first())
        .isVisible();
    fits("a claim's ledger");
    page.keyboard().press("Alt+r");
    fits("a claim's record");
    page.keyboard().press("Alt+s");
    page.getByText("Somebody acts for them").click();
    fits("how to speak with them");
    page.keyboard().press("Alt+p");
    fits("what presses");
    page.keyboard().press("Alt+h");
    assertThat(page.getByLabel("Hand it over to")).isVisible();
    fits("what becomes of a claim");
    go(page, "/");
    HouseholdStory.open(page);
    fits("a household");
    page.keyboard().press("Alt+c");
    assertThat(page.getByLabel("How it was told")).isVisible();
    fits("what changes");
    page.keyboard().press("Alt+6");
    fits("reporting a change");
    go(page, "/tray");
    assertThat(page.getByText("handwritten note.pdf").first()).isVisible();
    fits("the post tray");
    go(page, "/coming-up");
    assertThat(page.getByText("Coming up in the next sixty days")).isVisible();
    fits("what is coming up");
    go(page, "/post-out");
    assertThat(page.getByText("What came back")).isVisible();
    fits("post that goes out");
    go(page, "/counter");
    assertThat(page.getByText("At the counter today")).isVisible();
    fits("the counter");
    go(page, "/alike");
    assertThat(page.getByText("Your claims that can be decided")).isVisible();
    fits("what is decided together");
    go(page, "/registers");
    assertThat(page.getByText("Population register")).isVisible();
    fits("the registers");
    go(page, "/outside");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Quay Lets"))
        .click();
    page.getByText("They told us something").click();
    fits("an outside party");
    go(page, "/");
    assertThat(page.getByText("of work due today")).isVisible();
    page.keyboard().press("Alt+q");
    assertThat(page.getByLabel("Postcode")).isVisible();
    fits("a first look");
  }

  @Test(dataProvider = "widths")
  public void norDoesWhatOnlySeniorsSee(int width) {
    signIn(page, "teun");
    page.setViewportSize(width, HEIGHT);
    HouseholdStory.open(page);
    page.getByText("Restrict it to named people").click();
    assertThat(page.getByLabel("Why it is restricted")).isVisible();
    fits("restricting a household");
    go(page, "/looks");
    assertThat(page.getByText("Who looked at what")).isVisible();
    assertThat(page.getByRole(AriaRole.LISTITEM).first()).isVisible();
    fits("who looked at what");
    go(page, "/own-sign-in");
    assertThat(page.getByText("this browser")).isVisible();
    fits("how one signs in");
  }
}
