package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Rows and matters are taken off, and what was noted of the others stays with them. */
public class RowsStory extends Story {

  private void takeOff(String what) {
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName("Remove " + what).setExact(true))
        .first()
        .click();
  }

  @Test
  public void whatCannotBeReadStaysWithItsRow() {
    signIn(page, "ikenna");
    new Conversation(page).asksFor("schoolMeals");
    page.keyboard().press("Alt+3");
    page.keyboard().press("Alt+m");
    page.getByLabel("How much, before tax 1").fill("430 w");
    page.keyboard().press("Alt+m");
    page.getByLabel("How much, before tax 2").fill("about as much");
    page.keyboard().press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT).getByText("can't be read")).isVisible();
    takeOff("1");
    assertThat(page.getByLabel("How much, before tax 1")).hasValue("about as much");
    assertThat(page.getByLabel("How much, before tax 2")).hasCount(0);
    saved(page);
    page.reload();
    saved(page);
    page.keyboard().press("Alt+3");
    assertThat(page.getByLabel("How much, before tax 1")).hasValue("about as much");
    takeOff("1");
    assertThat(page.getByText("can't be read")).hasCount(0);
  }

  @Test
  public void somebodyTakenOffTakesOnlyTheirOwnAlong() {
    signIn(page, "ikenna");
    new Conversation(page)
        .asksFor("schoolMeals")
        .parentAndChild("Ottar", "Brekkvik", "14 3 88", "Signe", "2 5 2017");
    page.keyboard().press("Alt+2");
    page.keyboard().press("Alt+p");
    page.getByLabel("Given name 3").fill("Halvor");
    page.getByLabel("Date of birth 3").fill("31 2 2019");
    page.keyboard().press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT).getByText("can't be read")).isVisible();
    page.keyboard().press("Alt+5");
    page.keyboard().press("Alt+2");
    takeOff("Signe");
    assertThat(page.getByLabel("Given name 2")).hasValue("Halvor");
    assertThat(page.getByLabel("Date of birth 2")).hasValue("31 2 2019");
    assertThat(page.getByLabel("Given name 3")).hasCount(0);
    page.keyboard().press("Alt+3");
    assertThat(page.getByLabel("How much, before tax 1")).hasValue("430.00");
    page.keyboard().press("Alt+5");
    assertThat(page.getByLabel("Child", new Page.GetByLabelOptions().setExact(true)))
        .hasCount(1);
  }

  @Test
  public void aMatterTakenOffLeavesTheOthersAsTheyWere() {
    signIn(page, "ikenna");
    new Conversation(page).asksFor("schoolMeals", "decisionAppeal");
    page.getByRole(AriaRole.NAVIGATION).getByText("Decision appeal").click();
    page.locator("#at-requests-1-answers-noticeOn").fill("the other day");
    page.keyboard().press("Tab");
    assertThat(page.getByRole(AriaRole.ALERT).getByText("can't be read")).isVisible();
    page.keyboard().press("Alt+1");
    takeOff("School meals");
    page.keyboard().press("Alt+5");
    assertThat(page.locator("#at-requests-0-answers-noticeOn")).hasValue("the other day");
  }
}
