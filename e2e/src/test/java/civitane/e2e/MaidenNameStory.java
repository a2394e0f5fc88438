package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Somebody signed with the name they were born with: it is left as it is, with a reason that stays. */
public class MaidenNameStory extends Story {
  @Test
  public void aNameThatWasSignedOtherwiseIsExplained() {
    signIn(page, "ikenna");
    onTheDesk(page, "Camille Garrow").click();
    page.keyboard().press("Alt+o");
    var differing =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Side by side"));
    assertThat(differing).containsText("Dagny signed as Dagny Thorsholm");
    assertThat(page.getByText("Compare answers")).isVisible();
    var reason = differing.getByLabel("Name signed, Dagny: reason, or what would settle it");
    reason.focus();
    page.keyboard().press("Enter");
    assertThat(reason).isFocused();
    page.keyboard().type("born Thorsholm; seen in her birth record");
    page.keyboard().press("Enter");
    assertThat(differing).containsText("Left as it is by Ikenna Okonjo");
    assertThat(page.getByText("Compare answers")).hasCount(0);
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("born Thorsholm; seen in her birth record")).isVisible();
  }
}
