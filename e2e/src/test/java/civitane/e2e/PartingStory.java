package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A household that splits: by keyboard, once with something wrong; each half goes on with what is its own. */
public class PartingStory extends Story {
  @Test
  public void sheLivesByHerselfSinceTheFirst() throws Exception {
    var household =
        fromDatabase("select id from household where name = 'Silas Fjordan'").get(0);
    signIn(page, "ikenna");
    go(page, "/households/" + household);
    button("They live apart").press("Enter");
    var form = page.getByRole(
        AriaRole.FORM,
        new Page.GetByRoleOptions().setName("Who lives elsewhere").setExact(true));
    form.getByLabel("Since").fill("1.11.2026");
    page.keyboard().press("Enter");
    assertThat(form.getByText("no grown-up is among them")).isVisible();
    assertThat(form.getByText("where they live")).isVisible();
    accessible(page, "who lives elsewhere");
    form.getByLabel("Tove").check();
    form.getByLabel("Street and number").fill("9 Sluice Row");
    form.getByLabel("Postcode").fill("BK32");
    form.getByLabel("Town").fill("Gullhaven");
    form.getByLabel("Who told it, and how").fill("by her, at the counter");
    page.keyboard().press("Enter");

    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText("Tove");
    assertThat(page.getByText("9 Sluice Row")).isVisible();
    go(page, "/households/" + household);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Silas Fjordan");
    assertThat(page.getByText("9 Sluice Row")).hasCount(0);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Home payment relief"))
        .first()
        .press("Enter");
    assertThat(page.getByText("lodged")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("Lives elsewhere since").first()).isVisible();
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }
}
