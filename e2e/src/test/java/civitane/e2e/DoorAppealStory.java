package civitane.e2e;

import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** From a phone, against what was decided: why, signed by the name that was told; the appeal stands with the claims. */
public class DoorAppealStory extends OnAPhone {
  @Test
  public void aDecisionIsAppealedAgainst() throws Exception {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id
        where h.name = 'Oluchi Tamsett' and c.service = 'schoolMeals' order by c.number limit 1""").get(0);
    page = phone("/door?language=en");
    enter(page, number, "0555 016 220");
    page.getByText("I do not agree with what was decided").click();
    assertThat(page.getByText("You can appeal until")).isVisible();
    page.getByLabel("Why do you not agree?").fill("The price was lower last year.");
    page.getByLabel("Your name, as you told it to us").fill("Somebody Else");
    page.keyboard().press("Enter");
    assertThat(page.getByText("You signed Somebody Else")).isVisible();
    accessible(page, "an appeal at the door");
    fits(page, "an appeal at the door");
    var walk = new Walk(page);
    walk.past("an appeal at the door");
    assertEquals(String.join("\n", walk.invalid()), "");
    page.getByLabel("Your name, as you told it to us").fill("Oluchi Tamsett");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Your appeal has reached us today")).isVisible();
    assertThat(page.getByText("Decision appeal")).isVisible();
    assertThat(page.getByText("I do not agree with what was decided")).hasCount(0);
  }
}
