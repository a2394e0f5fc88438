package civitane.e2e;

import civitane.standins.Behaviour;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What a household said stands beside what registers answer; one that is down holds nobody up. */
public class RegistersStory extends Story {

  @AfterMethod
  public void everyRegisterAnswersAgain() {
    registers.behave();
  }

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  private void open(String name) {
    signIn(page, "ikenna");
    onTheDesk(page, name).click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText(name);
  }

  @Test
  public void anAccountOfSomebodyElseIsLookedAtByKeyboardAlone() {
    open("Yann Pellworm");
    var differing = region("Side by side");
    assertThat(differing).containsText("by the bank it belongs to Helmi Zammit");
    assertThat(region("Held against registers")).containsText("12 Upper Gate, BK17");
    accessible(page, "what is compared");
    differing
        .getByLabel("Account holder, Yann: reason, or what would settle it")
        .focus();
    page.keyboard().type("Helmi Zammit is his aunt and keeps his money; seen her letter.");
    page.keyboard().press("Enter");
    assertThat(differing).containsText("Left as it is by Ikenna Okonjo");
    assertThat(page.getByText("Compare answers")).hasCount(0);
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("is his aunt and keeps his money")).isVisible();
  }

  @Test
  public void theHouseholdIsAskedAboutABirthDateThatDiffers() {
    signIn(page, "maud");
    onTheDesk(page, "Farid Ibsenholt").click();
    page.keyboard().press("Alt+o");
    var differing = region("Side by side");
    assertThat(differing)
        .containsText(
            "was born on 5 October 1976 by what was said, and on 10 May 1976 by the population register");
    var reason = differing.getByLabel("Date of birth, Farid: reason, or what would settle it");
    reason.fill("");
    differing
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask the household"))
        .first()
        .click();
    assertThat(reason).isFocused();
    reason.fill("a copy of the identity card");
    differing
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask the household"))
        .first()
        .click();
    assertThat(differing).containsText("The household is asked since");
    assertThat(page.getByText("Household to answer").first()).isVisible();
  }

  @Test
  public void aRegisterIsDownDuringACheckAndAnswersAfter() {
    registers.behave("wages", Behaviour.DOWN);
    open("Jonas Marrable");
    page.keyboard().press("Alt+l");
    var held = region("Held against registers");
    assertThat(held).containsText("Wage register");
    held.getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask the registers again"))
        .click();
    assertThat(held).containsText("Wage register, Jonas: not answered yet");
    assertThat(held).containsText("asked again at");
    // The claim goes on meanwhile.
    page.keyboard().press("Alt+w");
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+l");
    registers.behave("wages", Behaviour.RIGHT);
    assertThat(held.getByText("not answered yet")).hasCount(0);
    assertThat(held).containsText("Wage register, Jonas");
  }

  @Test
  public void howTheRegistersAnswerIsSeenAndSetInTheDemo() {
    signIn(page, "ikenna");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Registers"))
        .click();
    var bank = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Bank"));
    assertThat(bank).containsText("it answers");
    accessible(page, "the registers");
    var switched = page.getByLabel("Bank: in this demo it is to");
    switched.selectOption("down");
    page.reload();
    assertThat(switched).hasValue("down");
    switched.selectOption("right");
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
  }

  @Test
  public void aCallerIsAskedForTheirEmployer() throws Exception {
    open("Jonas Marrable");
    page.keyboard().press("Alt+s");
    page.getByLabel("On the phone: does Jonas Marrable know their employer?").click();
    assertThat(page.getByText("Which of these employers reports a wage for you?"))
        .isVisible();
    assertThat(page.getByRole(AriaRole.RADIO)).hasCount(5);
    accessible(page, "a caller is asked");
    var right = fromDatabase("select right_choice from knowledge_check where passed is null")
        .get(0);
    page.getByLabel(right, new Page.GetByLabelOptions().setExact(true)).check();
    page.keyboard().press("Enter");
    assertThat(page.getByText("They knew.")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("Jonas Marrable knew which employer")).isVisible();
  }
}
