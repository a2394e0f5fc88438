package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** A draft is opened again later: its numbers show their end, stay whole, and one is shown by keyboard. */
public class NumbersStory extends Story {
  private static final String NUMBER = "4821907369";

  @Test
  public void aNumberIsKeptWholeAndShownByItsEnd() throws Exception {
    signIn(page, "ikenna");
    new Conversation(page).asksFor("schoolMeals");
    page.keyboard().press("Alt+2");
    page.getByLabel("Given name 1").fill("Marisol");
    page.getByLabel("Family name 1").fill("Thornhaven");
    var number = page.getByLabel("Resident number 1").first();
    number.fill("48219073");
    page.keyboard().press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT).getByText("ten digits")).isVisible();
    number.fill(NUMBER);
    saved(page);
    page.reload();
    saved(page);
    page.keyboard().press("Alt+2");
    assertThat(number).hasValue("•••• 7369");
    accessible(page, "a draft with a number");
    number.focus();
    page.keyboard().press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT).getByText("ten digits")).hasCount(0);
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Resident number 1: show whole"))
        .press("Enter");
    assertThat(page.getByText(NUMBER)).isVisible();
    page.getByLabel("Family name 1").fill("Thornhaven-Reis");
    saved(page);
    page.reload();
    saved(page);
    assertEquals(
        fromDatabase("select count(*) from application where title = 'Marisol Thornhaven-Reis'"
                + " and draft::text like '%" + NUMBER + "%'")
            .get(0),
        "1");
  }
}
