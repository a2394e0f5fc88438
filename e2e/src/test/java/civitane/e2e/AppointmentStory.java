package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** An appointment is made from the claim, the front desk sees who is awaited and checks them in, the Desk says so. */
public class AppointmentStory extends Story {
  private static final String WHO = "Elske Tarrant-Boye";

  private void press(Locator within, String name) {
    within
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
        .press("Enter");
  }

  private static Locator region(Page of, String name) {
    return of.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  public void oneIsMadeAndTheNextIsKept() throws SQLException {
    // On a day on which the office is closed the demo has nobody come.
    inDatabase("update appointment set on_day = current_date where on_day <= current_date + 4");
    signIn(page, "ikenna");
    // By its address: on the Desk the name stands twice, among whom one meets and among the claims.
    go(
        page,
        "/claims/"
            + fromDatabase("select c.number from claim c join household h on h.id = c.household_id"
                    + " where h.name = '" + WHO + "'")
                .get(0));
    assertThat(page.getByText("How to speak with them")).isVisible();
    page.keyboard().press("Alt+s");
    var speaking = region(page, "How to speak with them");
    press(speaking, "Note a call with " + WHO);
    speaking.getByLabel("What was said, or is known").press("Enter");
    assertThat(speaking.getByRole(AriaRole.ALERT)).containsText("Say what was said");
    speaking.getByLabel("What was said, or is known").fill("the surgery opens on Monday");
    page.keyboard().press("Enter");
    assertThat(speaking.getByRole(AriaRole.ALERT)).hasCount(0);
    page.keyboard().press("Alt+r");
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("Called " + WHO + ": the surgery opens on Monday");
    press(speaking, "Make an appointment");
    assertThat(speaking.getByLabel("What it is about")).isVisible();
    page.keyboard().type("12 6 29");
    speaking.getByLabel("Time", exact()).fill("half past");
    speaking.getByLabel("What it is about").fill("the form of the surgery");
    page.keyboard().press("Enter");
    assertThat(speaking.getByRole(AriaRole.ALERT)).containsText("right would be 14:30");
    speaking.getByLabel("Time", exact()).fill("930");
    page.keyboard().press("Enter");
    assertThat(speaking.getByRole(AriaRole.ALERT)).containsText("at most 120 days ahead");
    accessible(page, "an appointment that can't be made");

    var front = window();
    signIn(front, "pia");
    go(front, "/counter");
    var awaited = region(front, "Who is awaited today");
    assertThat(awaited).containsText(WHO);
    press(awaited, WHO + " is here");
    assertThat(awaited
            .getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText(WHO)))
        .containsText("here since");

    page.keyboard().press("Alt+d");
    var mine = region(page, "Whom you meet today");
    assertThat(mine).containsText("here since");
    press(mine, WHO + " did not come");
    page.keyboard().press("Enter");
    assertThat(mine.getByRole(AriaRole.ALERT)).containsText("Say what is known");
    press(mine, WHO + " came");
    assertThat(mine).hasCount(0);
  }

  private static Locator.GetByLabelOptions exact() {
    return new Locator.GetByLabelOptions().setExact(true);
  }
}
