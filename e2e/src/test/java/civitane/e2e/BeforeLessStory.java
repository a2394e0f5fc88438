package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A wage went up after a grant: the household is told before it gets less, and answers. */
public class BeforeLessStory extends Story {
  private static final String NAME = "Ragna Ellingboe";

  private void press(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .press("Enter");
  }

  @Test
  public void theyAreToldAndAnswer() throws SQLException {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id
        where h.name = '%s' and c.service = 'schoolMeals'""".formatted(NAME)).get(0);
    signIn(page, "ikenna");
    go(page, "/claims/" + number);
    assertThat(page.getByText("This gives less than what stands")).isVisible();
    page.keyboard().press("Alt+w");
    accessible(page, "what would be less");
    press("The letter that tells them");
    press("Tell " + NAME);
    assertThat(page.getByText("They were told, and may say until")).isVisible();
    press("They have answered");
    refused(page, "what they say to it");
    page.getByLabel("What they say to it, and how").fill("by phone: the raise is so");
    page.keyboard().press("Enter");
    assertThat(page.getByText("As computed:")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("by phone: the raise is so")).isVisible();
  }
}
