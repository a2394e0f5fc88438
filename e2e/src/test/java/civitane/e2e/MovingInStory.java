package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Somebody moves in with somebody of another household: by keyboard, once with something wrong. */
public class MovingInStory extends Story {
  @Test
  public void heMovesInAndTheOthersStay() throws Exception {
    var home = fromDatabase("select id from household where name = 'Anselm Quistgaard'")
        .get(0);
    signIn(page, "ikenna");
    go(page, "/households/" + home);
    button("Somebody moved in").press("Enter");
    page.keyboard().type("Brackley");
    page.keyboard().press("Enter");
    button("Benedikt Brackley-Stone").press("Enter");
    var form = page.getByRole(
        AriaRole.FORM, new Page.GetByRoleOptions().setName("Who of their home lives here"));
    form.getByLabel("Benedikt Brackley-Stone, born").press("Space");
    form.getByLabel("Clelia Brackley-Stone, born").press("Space");
    form.getByLabel("Since").fill("1.11.2026");
    page.keyboard().press("Enter");
    assertThat(form.getByText("hoever applies stays with what was asked for")).isVisible();
    assertThat(form.getByText("it is not noted who told it")).isVisible();
    accessible(page, "who moved in");
    form.getByLabel("Clelia Brackley-Stone, born").press("Space");
    form.getByLabel("What Benedikt Brackley-Stone is").selectOption("spouse");
    form.getByLabel("Who told it, and how").fill("by both, at the counter");
    page.keyboard().press("Enter");
    assertThat(form).hasCount(0);
    var people = page.locator("header").getByRole(AriaRole.LISTITEM);
    assertThat(people.first()).containsText("Anselm");
    assertThat(people.last()).containsText("Benedikt");
    assertThat(people.last()).containsText("spouse");

    var old = fromDatabase("select id from household where name = 'Clelia Brackley-Stone'")
        .get(0);
    go(page, "/households/" + old);
    assertThat(page.getByText("Benedikt Brackley-Stone is of the household of")).isVisible();
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
