package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** At the front desk somebody gets a number, is called, and hears where their claim stands in their language. */
public class CounterStory extends Story {
  private Locator region(Page where, String name) {
    return where.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  public void twoArriveAndOneIsToldByKeyboardAlone() {
    signIn(page, "pia");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Counter"))
        .click();
    var here = region(page, "Who waits and who is there");
    assertThat(page.getByText("At the counter today")).isVisible();
    page.keyboard().press("Alt+n");
    page.keyboard().press("Enter");
    refused(page, "called by a name");
    page.keyboard().type("Oluchi Tamsett");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("Oluchi Tamsett is number");
    page.keyboard().type("a man with a pram");
    page.keyboard().press("Enter");
    assertThat(here.getByText("a man with a pram")).isVisible();
    accessible(page, "the counter");

    page.keyboard().press("Alt+x");
    assertThat(here.getByText("with Pia Sandoval-Reyes")).hasCount(1);
    var stands = region(page, "Where it stands");
    stands
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("Oluchi Tamsett"))
        .first()
        .press("Enter");
    assertThat(stands).containsText("It was granted on");
    stands.getByLabel("Français").press("Space");
    assertThat(stands).containsText("Accordé le");
    assertThat(stands).containsText("Repas scolaires");
    accessible(page, "where it stands, in French");

    var other = window();
    signIn(other, "ikenna");
    go(other, "/counter");
    other
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Oluchi Tamsett has been seen to"))
        .click();
    assertThat(region(other, "Who waits and who is there").getByText("Oluchi Tamsett"))
        .hasCount(0);
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Oluchi Tamsett has been seen to"))
        .press("Enter");
    refused(page, "seen to already");
  }
}
