package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A screen or a page that is left in the middle of a word keeps the word. */
public class LeavingStory extends Story {

  private void beginAnApplication() {
    signIn(page, "maud");
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    page.keyboard().press("Alt+2");
  }

  @Test
  public void theDeskIsGoneBackToWhileTyping() {
    beginAnApplication();
    page.getByLabel("Given name 1").fill("Sunniva");
    page.getByLabel("Family name 1").fill("Rosendal");
    page.keyboard().press("Alt+d");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Drafts"))
        .click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sunniva Rosendal"))
        .click();
    assertThat(page.getByLabel("Given name 1")).hasValue("Sunniva");
  }

  @Test
  public void thePageIsLoadedAgainWhileTyping() {
    beginAnApplication();
    page.getByLabel("Given name 1").fill("Tordis");
    page.reload();
    assertThat(page.getByLabel("Given name 1")).hasValue("Tordis");
  }
}
