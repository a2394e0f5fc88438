package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A senior restricts a household; a caseworker does not find it any more, and sees it all the same with a reason. */
public class RestrictedStory extends Story {
  private static final String NAME = "Cornelis Vantongeren-Ash";

  private static Locator sought(Page where) {
    where.getByLabel("Find a person or a claim").fill("Vantongeren");
    where.keyboard().press("Enter");
    return where.getByRole(AriaRole.DIALOG);
  }

  @Test
  public void isThereForThoseWhoAreNamedAndForWhoHasToSeeIt() {
    signIn(page, "teun");
    sought(page)
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(NAME))
        .click();
    assertThat(page.getByText("What they get")).isVisible();
    var claim = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Claims"))
        .getByRole(AriaRole.LINK)
        .first()
        .getAttribute("href");
    page.getByText("Restrict it to named people").click();
    accessible(page, "restricting a household");
    page.getByLabel("Why it is restricted").fill("brother of a colleague");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Restrict it").setExact(true))
        .click();
    assertThat(page.getByText("brother of a colleague")).isVisible();

    var ikenna = window();
    signIn(ikenna, "ikenna");
    assertThat(sought(ikenna)).containsText("Somebody who fits is restricted: ask a senior.");
    assertThat(ikenna.getByRole(AriaRole.DIALOG)).not().containsText(NAME);
    ikenna.keyboard().press("Escape");
    go(ikenna, claim);
    assertThat(ikenna.getByText("is not there, or not yours to see")).isVisible();
    ikenna.getByText("I have to see it").click();
    ikenna.getByLabel("Why; it is kept, and seniors read it").fill("he stands at the counter");
    ikenna.keyboard().press("Enter");
    assertThat(ikenna.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(NAME)))
        .isVisible();

    page.reload();
    assertThat(page.getByText("Ikenna Okonjo, who had to: he stands at the counter"))
        .isVisible();
    var household = page.url();
    go(page, "/");
    var broken = page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("had to see a restricted household"));
    assertThat(broken).containsText("Ikenna Okonjo: he stands at the counter");
    accessible(page, "that somebody had to see it");
    broken
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Noted: Ikenna Okonjo"))
        .press("Enter");
    assertThat(broken).hasCount(0);
    page.navigate(household);
    page.getByText("Lift it").click();
    assertThat(page.getByText("Restrict it to named people")).isVisible();
    go(page, "/looks");
    assertThat(page.getByRole(
            AriaRole.LIST, new Page.GetByRoleOptions().setName("Looks, the newest first")))
        .containsText(NAME);
    accessible(page, "who looked at what");
  }
}
