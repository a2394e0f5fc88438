package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** How far somebody has shown who they are is seen from their claim, and a check is begun there. */
public class IdentityStory extends Story {
  @Test
  public void aCheckIsBegunFromTheClaimAndNothingIsTypedTwice() {
    signIn(page, "maud");
    onTheDesk(page, "Nelia Wieloch").click();
    page.keyboard().press("Alt+o");
    var head = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Who they are"));
    assertThat(head).isVisible();
    head.focus();
    page.keyboard().press("Enter");
    var who = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Who they are"));
    assertThat(who).containsText("passport, identity card");
    assertThat(who).containsText("PDF, PNG or JPEG, up to 15 MB each");
    accessible(page, "who they are");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Check who Nelia Wieloch is"))
        .focus();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel("Given name 1")).hasValue("Nelia");
    assertThat(page.getByText("Identity check").first()).isVisible();
    assertThat(page.getByText("confirm (F2)").first()).isVisible();
  }
}
