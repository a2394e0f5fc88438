package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A household whose home is lost on a day asks to be hurried; a colleague agrees that the form came earlier. */
public class PressingStory extends Story {

  @Test
  public void aDayOutsideAWishAndAnotherDayItReachedUs() {
    signIn(page, "ikenna");
    var conversation = new Conversation(page).asksFor("housingList");
    page.getByLabel("What happens that we should answer before?").selectOption("homeLost");
    page.getByLabel("On", new Page.GetByLabelOptions().setExact(true)).fill("d");
    page.keyboard().press("Tab");
    assertThat(page.getByText("can't be read")).isVisible();
    page.getByLabel("On", new Page.GetByLabelOptions().setExact(true)).fill("24 12 2099");
    page.getByLabel("They ask us to hurry, because").fill("the locks are changed");
    conversation
        .parentAndChild("Torvald", "Askdahl", "14 3 88", "Liv", "2 5 2017")
        .livesAt("11 Capstan Lane", "BK22", "Ferry Hythe")
        .lodges("Torvald Askdahl");
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Settle \\d+$")))
        .click();
    page.getByText("Torvald Askdahl").first().click();
    assertThat(page.getByRole(AriaRole.COMPLEMENTARY)).containsText("Loss of the home on");
    page.keyboard().press("Alt+t");
    assertThat(page.getByRole(AriaRole.COMPLEMENTARY)
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Pick it up")))
        .hasCount(0);
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The household asks us to hurry: the locks are changed"))
        .isVisible();
    page.getByLabel("Because").fill("nowhere else to go");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("It goes before others"))
        .click();
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("· urgent");

    page.keyboard().press("Alt+p");
    page.getByLabel("Reached us on").fill("1 11 26");
    page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What presses"))
        .getByLabel("Shown by")
        .last()
        .fill("post stamp");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Did it reach us on")).isVisible();
    accessible(page, "what presses on a claim");
    var maud = window();
    signIn(maud, "maud");
    go(maud, page.url().replaceFirst("^.*(/claims/)", "$1"));
    maud.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("It counts from then"))
        .click();
    assertThat(maud.getByText("lodged Sun 1 Nov")).isVisible();
  }
}
