package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** Somebody comes again: what they told last is taken over, marked with its day, and confirmed with a key. */
public class KnownAlreadyStory extends Story {

  private Locator unconfirmed() {
    return page.getByRole(AriaRole.MAIN)
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("^from \\d{1,2} .*F2")));
  }

  @Test
  public void whatWasToldLastIsTakenOverAndConfirmed() {
    signIn(page, "ikenna");
    new Conversation(page).asksFor("legalAdvice");
    page.getByLabel("Given name 1").fill("Oluchi");
    page.getByLabel("Family name 1").fill("Tamsett");
    page.getByLabel("Date of birth 1").fill("14 3 88");
    assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Known already")))
        .isVisible();
    accessible(page, "before you start, with somebody who is known");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use what is known"))
        .first()
        .click();
    assertThat(page.getByLabel("Resident number 1").first())
        .hasValue(Pattern.compile("•••• \\d{4}"));
    page.keyboard().press("Alt+2");
    var people = unconfirmed();
    assertThat(people.first()).isVisible();
    var marked = people.count();
    assertTrue(marked > 1, "each of the household is marked");
    page.getByLabel("Given name 1").focus();
    page.keyboard().press("F2");
    assertThat(people).hasCount(marked - 1);
    page.keyboard().press("Alt+7");
    assertThat(page.getByRole(AriaRole.MAIN).getByText("not confirmed").first()).isVisible();
    saved(page);
    page.reload();
    saved(page);
    page.keyboard().press("Alt+2");
    assertThat(people).hasCount(marked - 1);
  }
}
