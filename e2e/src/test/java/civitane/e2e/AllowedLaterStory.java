package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/**
 * What somebody allows by phone is noted while the claim runs; then a form goes to whom it names, until it is taken back.
 * By keyboard alone.
 */
public class AllowedLaterStory extends Story {
  private static final String DOCTOR = "Dr Ines Callowhill";

  private Locator inMain(AriaRole role, String name) {
    return page.getByRole(AriaRole.MAIN)
        .getByRole(role, new Locator.GetByRoleOptions().setName(name));
  }

  private Locator chosen(String name) {
    return page.getByRole(
        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void askForADoctor() {
    page.keyboard().press("Alt+e");
    page.getByText("Have a form filled in").press("Enter");
    chosen("Form").selectOption("doctor");
  }

  @Test
  public void aFormIsMadeOnceSomebodyAllowsIt() throws Exception {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id
        where h.name = 'Runa Okafor-Wiese' and c.service = 'paidLeave'
        """).get(0);
    signIn(page, "ikenna");
    go(page, "/claims/" + number);
    assertThat(page.getByText("The checks")).isVisible();
    askForADoctor();
    assertThat(page.getByText("Once somebody does, note it in the Ledger")).isVisible();
    accessible(page, "a form that nobody allows yet");

    page.keyboard().press("Alt+l");
    var allowing = noting("Somebody allows now that others are asked");
    var whom = allowing.getByLabel("Who allows whom to be asked");
    whom.selectOption("Runa Okafor-Wiese: the doctor");
    var how = allowing.getByLabel("Who said so, and how");
    how.fill(" ");
    how.press("Enter");
    assertThat(page.getByText("It is noted with who said so and how")).isVisible();
    how.fill("by phone, herself");
    accessible(page, "what somebody allows now");
    how.press("Enter");
    assertThat(whom.getByText("the doctor")).hasCount(0);

    askForADoctor();
    assertThat(chosen("About")).containsText("Runa Okafor-Wiese");
    var filledIn = page.getByLabel("Filled in by");
    assertThat(inMain(AriaRole.BUTTON, "Make the form")).isDisabled();
    filledIn.fill(DOCTOR);
    accessible(page, "a form that somebody allows");
    filledIn.press("Enter");
    assertThat(page.getByText(DOCTOR).first()).isVisible();
    assertThat(inMain(AriaRole.LINK, "Doctor’s certificate")).hasCount(1);
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("A form was made for " + DOCTOR)).isVisible();
    assertThat(page.getByText("that the doctor may be asked (by phone, herself)"))
        .isVisible();

    page.keyboard().press("Alt+l");
    var takingBack = noting("Somebody takes back what they allowed");
    var what = takingBack.getByLabel("Who no longer allows whom to be asked");
    what.selectOption("Runa Okafor-Wiese: the doctor");
    var told = takingBack.getByLabel("Who said so, and how");
    told.fill("at the counter, herself");
    accessible(page, "what somebody takes back");
    told.press("Enter");
    assertThat(what.getByText("the doctor")).hasCount(0);
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("takes back that the doctor may be asked (at the counter, herself)"))
        .isVisible();
  }

  /** Opens what is noted of what somebody allows. */
  private Locator noting(String title) {
    page.getByText(title).press("Enter");
    return page.locator("details", new Page.LocatorOptions().setHasText(title));
  }
}
