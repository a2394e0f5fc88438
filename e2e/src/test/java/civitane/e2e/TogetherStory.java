package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Claims that come out alike are decided together by keyboard; one of them is taken out first, and its letter is read. */
public class TogetherStory extends Story {
  private static final Pattern DECIDE = Pattern.compile("^Decide");

  @Test
  public void twoOfThreeAreGranted() {
    signIn(page, "ikenna");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(DECIDE))
        .first()
        .click();
    page.getByRole(
            AriaRole.LINK,
            new Page.GetByRoleOptions().setName("Decide together what comes out alike"))
        .press("Enter");
    var group = page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("School meals: Entitled"));
    assertThat(group.getByText("Marguerite Sauvageot")).isVisible();
    accessible(page, "what is decided together");
    var letter = group.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("The letter to Tove Mbeki-Lund"));
    letter.press("Enter");
    assertThat(page.locator("iframe")).isVisible();
    page.keyboard().press("Escape");
    for (var box : group.getByRole(AriaRole.CHECKBOX).all()) {
      var isOurs =
          box.getAttribute("aria-label").matches("Decide (Tove Mbeki-Lund|Jonas Umland).*");
      if (box.isChecked() != isOurs) {
        box.press("Space");
      }
    }
    group
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Grant these 2"))
        .press("Enter");
    assertThat(page.getByRole(AriaRole.STATUS)).hasText("2 claims are decided.");
    assertThat(group.getByText("Tove Mbeki-Lund")).hasCount(0);
    assertThat(group.getByText("Marguerite Sauvageot")).isVisible();
  }
}
