package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Somebody moves in with somebody of another household: by keyboard, once with something wrong. */
public class MovingInStory extends Story {
  @Test
  public void sheMovesInWithHimAndHerSisterStays() throws Exception {
    var home = fromDatabase("select id from household where name = 'Anselm Quistgaard'")
        .get(0);
    signIn(page, "ikenna");
    go(page, "/households/" + home);
    button("Somebody moved in").press("Enter");
    page.keyboard().type("Garrow");
    page.keyboard().press("Enter");
    button("Dagny Garrow").press("Enter");
    var form = page.getByRole(
        AriaRole.FORM, new Page.GetByRoleOptions().setName("Who of their home lives here"));
    form.getByLabel("Dagny Garrow, born").press("Space");
    form.getByLabel("Camille Garrow, born").press("Space");
    form.getByLabel("Since").fill("1.11.2026");
    page.keyboard().press("Enter");
    assertThat(form.getByText("What they asked for is not over by that day: BW-"))
        .isVisible();
    assertThat(form.getByText("it is not noted who told it")).isVisible();
    accessible(page, "who moved in");
    form.getByLabel("Camille Garrow, born").press("Space");
    form.getByLabel("What Dagny Garrow is").selectOption("spouse");
    form.getByLabel("Who told it, and how").fill("by both, at the counter");
    page.keyboard().press("Enter");
    assertThat(form).hasCount(0);
    var people = page.locator("header").getByRole(AriaRole.LISTITEM);
    assertThat(people.first()).containsText("Anselm");
    assertThat(people.last()).containsText("Dagny");
    assertThat(people.last()).containsText("spouse");

    var old =
        fromDatabase("select id from household where name = 'Camille Garrow'").get(0);
    go(page, "/households/" + old);
    assertThat(page.getByText("Dagny Garrow is of the household of")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Anselm Quistgaard"))
        .press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Anselm Quistgaard");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Home payment relief"))
        .first()
        .press("Enter");
    assertThat(page.getByText("lodged")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("Lives here since").first()).isVisible();
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }
}
