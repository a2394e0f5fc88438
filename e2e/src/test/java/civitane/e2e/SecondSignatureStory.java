package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A claim is decided otherwise than computed: a senior sends it back, it is handed over, decided again and signed. */
public class SecondSignatureStory extends Story {
  private static final String NAME = "Ottoline Fairwater";

  private Locator main() {
    return page.getByRole(AriaRole.MAIN);
  }

  private void press(String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).click();
  }

  private void open(String login) {
    signIn(page, login);
    onTheDesk(page, NAME).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
  }

  private void leave() {
    press("Sign out");
    assertThat(page.getByLabel("Password")).isVisible();
  }

  private void decideOtherwise(String reason) {
    main().getByLabel("Decide otherwise than computed").check();
    main().locator("textarea").fill(reason);
    page.keyboard().press("Alt+g");
    var letter = page.getByRole(AriaRole.DIALOG);
    letter
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Refuse"))
        .click();
    assertThat(page.getByText("once a senior who did not decide it")).isVisible();
  }

  @Test
  public void aDecisionOtherwiseStandsOnceSomebodyElseHasSigned() {
    signIn(page, "ikenna");
    var conversation = new Conversation(page)
        .asksFor("schoolMeals")
        .parentAndChild("Ottoline", "Fairwater", "4 7 84", "Pip", "9 9 2017")
        .livesAt("44 Ropewalk", "BK33", "Gullhaven");
    page.keyboard().press("Alt+5");
    conversation.answers("children/0/school", "Marsh Road School");
    conversation.answers("children/0/grade", "4");
    conversation.answers("householdTotal", "2");
    conversation.lodges(NAME);
    page.keyboard().press("Alt+d");
    onTheDesk(page, NAME).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+t");
    assertThat(page.getByText("Ikenna Okonjo has it")).isVisible();
    decideOtherwise("The child moved to her aunt in October.");
    accessible(page, "a decision that waits for its second signature");
    leave();

    open("teun");
    main().getByLabel("Or send it back, because").fill("ask the aunt first");
    press("Send it back");
    assertThat(main().getByLabel("Decide otherwise than computed")).isVisible();
    leave();

    open("ikenna");
    page.keyboard().press("Alt+h");
    main().getByLabel("Hand it over to").selectOption("maud");
    main()
        .getByLabel("Because", new Locator.GetByLabelOptions().setExact(true))
        .fill("on leave from Monday");
    accessible(page, "what becomes of a claim");
    press("Hand over");
    assertThat(page.getByText("Maud Verhallen has it")).isVisible();
    leave();

    open("maud");
    decideOtherwise("The aunt says so, too.");
    leave();

    open("teun");
    page.keyboard().press("Alt+g");
    assertThat(page.getByText("Signed second by Teun Abara.")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(main()).containsText("Sent back to be decided again: ask the aunt first");
    assertThat(main()).containsText("Handed over to Maud Verhallen: on leave from Monday");
  }
}
