package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertNotEquals;

/** A round is gone through: when one claim is done, Enter brings the next with which the same is to be done. */
public class RoundStory extends Story {

  @Test
  public void answersAreComparedOneClaimAfterTheOther() {
    signIn(page, "ikenna");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Compare answers \\d+$")))
        .click();
    page.getByText("Tomasz Sesay").first().click();
    page.keyboard().press("Alt+o");
    var heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    assertThat(heading).hasText("Tomasz Sesay");
    var round = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The round"));
    assertThat(round).containsText("Round: Compare answers");
    page.getByLabel("Wages, Tomasz: reason, or what would settle it").fill("a job that ended");
    page.keyboard().press("Enter");
    assertThat(round).containsText("Done with this one.");
    var next = round.getByRole(AriaRole.BUTTON);
    assertThat(next).isFocused();
    accessible(page, "a round, with one of it done");
    page.keyboard().press("Enter");
    assertThat(heading).not().hasText("Tomasz Sesay");
    var second = heading.innerText();
    assertThat(page.getByText("Held against registers")).isVisible();
    assertThat(round).containsText("Round: Compare answers");
    page.keyboard().press("Alt+x");
    assertThat(heading).not().hasText(second);
    assertNotEquals(heading.innerText(), second);
  }
}
