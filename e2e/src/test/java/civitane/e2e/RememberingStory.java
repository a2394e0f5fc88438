package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What everybody should know is pinned to a household; what one wants to be told of again comes back on its day. */
public class RememberingStory extends Story {
  private void openRuna() {
    signIn(page, "ikenna");
    onTheDesk(page, "Runa Okafor-Wiese").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("What presses")).isVisible();
  }

  @Test
  public void aNoticeIsPinnedSeenByTheFrontDeskAndTakenOff() {
    openRuna();
    var claim = page.url().replaceFirst("^http://[^/]+", "").replaceFirst("\\?.*", "");
    page.keyboard().press("Alt+s");
    var words = page.getByLabel("What everybody should know who deals with them");
    words.focus();
    page.keyboard().type("Deaf in the left ear: sit to her right");
    page.getByLabel("Shown until").fill("not a day");
    page.keyboard().press("Enter");
    assertThat(page.getByText("can't be read: 4 12 26")).isVisible();
    assertThat(words).hasValue("Deaf in the left ear: sit to her right");
    page.getByLabel("Shown until").fill("4 12 27");
    page.keyboard().press("Enter");
    var notices = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Notices"));
    assertThat(notices).containsText("Ikenna Okonjo, until 4 Dec 2027");
    accessible(page, "a notice");

    var counter = window();
    signIn(counter, "pia");
    go(counter, claim);
    assertThat(counter.getByText("Deaf in the left ear: sit to her right")).isVisible();
    assertThat(counter.getByText("take it off")).hasCount(0);

    notices
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions()
                .setName("Take off: Deaf in the left ear: sit to her right"))
        .click();
    assertThat(page.getByText("Deaf in the left ear")).hasCount(0);
  }

  @Test
  public void aReminderComesBackToWhoMadeItOnItsDay() throws Exception {
    openRuna();
    page.getByText("What presses").click();
    var words = page.getByLabel("Remind me, and nobody else");
    words.focus();
    page.keyboard().type("Has the surgery answered?");
    page.keyboard().press("Tab");
    page.keyboard().type("4 12 27");
    page.keyboard().press("Enter");
    assertThat(page.getByText("You are reminded on")).isVisible();
    accessible(page, "a reminder");
    inDatabase("update own_reminder set on_day = current_date - 1");
    go(page, "/");
    var told = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Reminder"));
    assertThat(told).containsText("Has the surgery answered?");
    accessible(page, "a reminder on the Desk");
    told.getByText("done").click();
    assertThat(told).hasCount(0);
  }
}
