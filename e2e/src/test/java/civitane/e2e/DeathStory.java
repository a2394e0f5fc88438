package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Whoever applied has died: it is noted by keyboard, nothing is decided meanwhile, and a person says who goes on. */
public class DeathStory extends Story {
  @Test
  public void whoGoesOnIsSaidByAPerson() throws Exception {
    var household =
        fromDatabase("select id from household where name = 'Abel Nkemelu'").get(0);
    signIn(page, "ikenna");
    go(page, "/households/" + household);
    button("Report a death").press("Enter");
    page.getByLabel("On which day").fill("31.2.2026");
    page.getByLabel("Who told it").fill("his sister, by phone");
    page.keyboard().press("Enter");
    assertThat(page.getByText("The day they died can’t be read")).isVisible();
    page.getByLabel("On which day").fill("1.11.2026");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Abel Nkemelu died on")).isVisible();
    accessible(page, "somebody has died");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("School meals"))
        .first()
        .press("Enter");
    assertThat(page.getByText("Who goes on with it?")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Say who goes on"))
        .press("Enter");
    page.getByLabel("Who goes on").selectOption("Ifeoma Nkemelu, spouse or partner");
    page.getByLabel("Because").fill("she lives there and asks for it");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Ifeoma Nkemelu");
    assertThat(page.getByText("Abel Nkemelu died on")).hasCount(0);
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }
}
