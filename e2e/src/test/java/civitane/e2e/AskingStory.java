package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A household is asked for all that is wanted in one letter; a fact in doubt is put to it, and is right as it is. */
public class AskingStory extends Story {

  private void open(String login, String name) {
    signIn(page, login);
    onTheDesk(page, name).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
  }

  private Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  @Test
  public void whatIsWantedIsAskedForByKeyboardAlone() {
    open("maud", "Jorun Wieloch");
    page.keyboard().press("Alt+q");
    assertThat(dialog()).containsText("not asked for yet");
    assertThat(page.locator("iframe")).isVisible();
    accessible(page, "asking a household");
    dialog().getByLabel("To be with us by").fill("yesterday week");
    assertThat(dialog().getByText("can’t be read").or(dialog().locator(".wrong").first()))
        .isVisible();
    dialog().getByLabel("To be with us by").fill("31 12 26");
    dialog().getByLabel("What would settle it: Still needed: photo.").fill("one taken this year");
    dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask for all 4"))
        .press("Enter");
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByText("by Thu 31 Dec").first()).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("The household is asked for 4 things, until 31 December 2026"))
        .isVisible();
    page.keyboard().press("Alt+q");
    assertThat(dialog()).containsText("asked for on");
    assertThat(dialog()).containsText("Asked so far");
    page.keyboard().press("Escape");
    assertThat(dialog()).hasCount(0);
  }

  @Test
  public void aFactInDoubtIsPutToTheHouseholdAndIsRightAsItIs() {
    open("ikenna", "Jonas Marrable");
    page.keyboard().press("Alt+l");
    var main = page.getByRole(AriaRole.MAIN);
    main.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("More of: How many people live there in all"))
        .click();
    main.getByLabel("Ask the household about: How many people live there in all")
        .selectOption("CONTRADICTION");
    main.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it to them"))
        .press("Enter");
    assertThat(page.getByText("Household to answer").first()).isVisible();
    page.keyboard().press("Alt+w");
    assertThat(main.getByText("This does not fit with something else that was said"))
        .isVisible();
    main.getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("It is right as it is: This does not fit"))
        .click();
    main.getByLabel("Who said so, and how").fill("the father, by phone");
    page.keyboard().press("Enter");
    assertThat(main.getByText("This does not fit with something else that was said"))
        .hasCount(0);
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("the father, by phone")).isVisible();
  }
}
