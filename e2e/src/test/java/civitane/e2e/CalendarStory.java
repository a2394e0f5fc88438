package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A day is typed, or chosen from a calendar by keys or with the mouse. */
public class CalendarStory extends Story {

  private Locator begun() {
    signIn(page, "maud");
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    page.keyboard().press("Alt+2");
    return page.getByLabel("Date of birth 1");
  }

  private Locator calendar() {
    return page.getByRole(
        AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Calendar").setExact(true));
  }

  @Test
  public void byKeysAroundTheDayThatIsTyped() {
    var birth = begun();
    birth.fill("14 3 88");
    birth.press("F4");
    assertThat(calendar()).containsText("March 1988");
    accessible(page, "a calendar");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("PageDown");
    assertThat(calendar()).containsText("April 1988");
    page.keyboard().press("Enter");
    assertThat(calendar()).hasCount(0);
    assertThat(birth).isFocused();
    page.keyboard().press("Tab");
    assertThat(birth).hasValue(Pattern.compile("^15 Apr 1988, \\d+$"));
    page.reload();
    assertThat(page.getByLabel("Date of birth 1")).hasValue(Pattern.compile("^15 Apr 1988, \\d+$"));
  }

  @Test
  public void escapeLeavesWhatWasTyped() {
    var birth = begun();
    birth.fill("14 3 88");
    birth.press("F4");
    assertThat(calendar()).isVisible();
    page.keyboard().press("Escape");
    assertThat(calendar()).hasCount(0);
    assertThat(birth).isFocused();
    assertThat(birth).hasValue(Pattern.compile("^14 Mar 1988"));
  }

  @Test
  public void withTheMouse() {
    var birth = begun();
    birth.fill("14 3 88");
    page.locator(".day-place")
        .filter(new Locator.FilterOptions().setHas(birth))
        .locator(".day-mark")
        .click();
    calendar().getByText("22", new Locator.GetByTextOptions().setExact(true)).click();
    page.keyboard().press("Tab");
    assertThat(birth).hasValue(Pattern.compile("^22 Mar 1988"));
  }
}
