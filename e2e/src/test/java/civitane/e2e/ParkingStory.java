package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Somebody is called away in the middle of it: what they were at is parked, and comes back with the cursor where it was. */
public class ParkingStory extends Story {
  private static final String CARET = "document.activeElement.selectionStart";

  private com.microsoft.playwright.Locator parked() {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Parked"));
  }

  @Test
  public void anApplicationByKeyboard() {
    signIn(page, "maud");
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    type(page, "School");
    page.keyboard().press("Alt+2");
    assertThat(page.getByLabel("Given name 1")).isFocused();
    type(page, "Wendeline", "Passerine");
    page.keyboard().press("Alt+4");
    assertThat(page.getByLabel("Street and number")).isFocused();
    type(page, "5 Tide Row");
    assertThat(page.getByLabel("Postcode")).isFocused();
    page.keyboard().type("BK1");
    page.keyboard().press("ArrowLeft");
    page.keyboard().press("Alt+k");
    assertThat(parked()).containsText("Wendeline Passerine");
    assertThat(parked()).containsText("at “Postcode”");
    accessible(page, "what is parked");

    go(page, "/");
    var goOn = parked()
        .getByRole(
            AriaRole.BUTTON,
            new com.microsoft.playwright.Locator.GetByRoleOptions()
                .setName("Go on with Wendeline Passerine"));
    goOn.focus();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Postcode")).isFocused();
    page.waitForFunction(CARET + " === 2");
    page.keyboard().type("3");
    assertThat(page.getByLabel("Postcode")).hasValue("BK31");
    assertThat(page.getByLabel("Street and number")).hasValue("5 Tide Row");
    page.keyboard().press("Alt+d");
    assertThat(page).hasURL(Pattern.compile("/$"));
    assertThat(parked()).hasCount(0);
  }

  @Test
  public void aClaimWithWhatWasOpenInIt() {
    signIn(page, "ikenna");
    onTheDesk(page, "Runa Okafor-Wiese").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("What presses")).isVisible();
    page.keyboard().press("Alt+r");
    page.keyboard().press("Alt+s");
    var words = page.getByLabel("What everybody should know who deals with them");
    words.focus();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Park").setExact(true))
        .click();
    assertThat(parked()).containsText("Runa Okafor-Wiese");
    parked().getByText("Go on").click();
    assertThat(words).isFocused();
    assertThat(page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record").setExact(true)))
        .hasAttribute("aria-pressed", "true");
  }
}
