package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A decision is taken back while its letter waits, decided again, goes out, and comes back from an empty house. */
public class PostOutStory extends Story {
  private static final String WHO = "Hanne Oostveen";

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  private void press(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .press("Enter");
  }

  private void decide() {
    page.keyboard().press("Alt+w");
    assertThat(page.getByText("As computed: Entitled.")).isVisible();
    page.keyboard().press("Alt+g");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Grant and write to " + WHO))
        .press("Enter");
    assertThat(page.getByText("Its letter has not gone out yet.")).isVisible();
  }

  private Locator letters() {
    return region("What waits")
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(WHO));
  }

  @Test
  public void aLetterWaitsGoesOutAndComesBack() throws Exception {
    signIn(page, "maud");
    onTheDesk(page, WHO).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("What presses")).isVisible();
    decide();
    press("Take the decision back");
    page.keyboard().press("Enter");
    refused(page, "says why");
    page.getByLabel("Why it is taken back").fill("the cousin was not asked about");
    page.keyboard().press("Enter");
    decide();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("taken back, never goes out")).hasCount(1);
    assertThat(page.getByText("waits to go out")).hasCount(1);
    var code = page.locator("p")
        .filter(new Locator.FilterOptions().setHasText("waits to go out"))
        .locator(".case")
        .innerText();

    go(page, "/post-out");
    assertThat(letters()).hasCount(1);
    accessible(page, "post that goes out");
    page.keyboard().press("Alt+s");
    assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("went out with run");
    assertThat(letters()).hasCount(0);
    assertThat(region("What went out")).containsText("by Maud Verhallen");

    page.getByLabel("Code on the letter").fill("3333-3333-3333");
    page.keyboard().press("Enter");
    refused(page, "No letter of this office has the code");
    page.getByLabel("Code on the letter").fill(code.toLowerCase());
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("It was for " + WHO);
    assertThat(region("What came back")).containsText("no post since");
    accessible(page, "a letter that came back");
    press("The address of " + WHO + " is sure");
    page.keyboard().type("asked by phone: the name was off the letter box");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS).first())
        .containsText("Post goes to " + WHO + " again");

    var pages = page.request()
        .get(URI.create(page.url()).resolve("/api/letters/" + letterOf(code)).toString());
    region("What came back")
        .locator("input[type=file]")
        .first()
        .setInputFiles(new FilePayload("envelopes.pdf", "application/pdf", pages.body()));
    assertThat(region("What came back")).containsText("no post since");
    accessible(page, "envelopes that came back");
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
  }

  private static String letterOf(String code) throws Exception {
    return fromDatabase("select id from letter where code = '" + code + "'").get(0);
  }
}
