package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A guardian asks for somebody else from a phone, is seen by the office, and comes back by a code of their own. */
public class ForOthersStory extends OnAPhone {
  private static final String PHONE = "0555 017 463";
  private static final int SLOWLY = 90_000;

  private static void type(Page where, Map<String, String> answers) {
    answers.forEach((label, text) -> where
        .getByLabel(label, new Page.GetByLabelOptions().setExact(true))
        .first()
        .fill(text));
  }

  private static void turnTo(Page where, String title) {
    var head = where.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    var far = where.getByText(Pattern.compile("^Page \\d+ of \\d+$"));
    while (!head.innerText().startsWith(title)) {
      var before = far.innerText();
      button(where, "Go on").press("Enter");
      assertThat(far).not().hasText(before);
    }
  }

  private static void sign(Page where, String name) {
    where.getByLabel("Your name, as it is written above").fill(name);
    where.keyboard().press("Enter");
    button(where, "Yes, send it").press("Enter");
  }

  @Test
  public void aGuardianAsksForSomebodyElse() {
    var phone = phone("/door?language=en");
    phone.getByText("Identity check").first().click();
    phone
        .locator("details[open]")
        .getByRole(AriaRole.BUTTON)
        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Ask for this"))
        .press("Enter");
    phone.locator("details[open]").getByLabel("Your own phone or mail address").fill(PHONE);
    phone.keyboard().press("Enter");
    phone.getByLabel("Code, six digits").fill(codeTo(PHONE, 0));
    phone.keyboard().press("Enter");

    phone.getByLabel("Who is it for?").selectOption("guardian");
    assertThat(phone.getByText("every question is about whoever you ask for")).isVisible();
    accessible(phone, "asking for somebody else");
    fits(phone, "asking for somebody else");
    type(
        phone,
        Map.of(
            "Your own full name", "Imke Vosberg",
            "Given name", "Corentin",
            "Family name", "Ashgrove",
            "Date of birth", "1951-06-02",
            "Street and number", "3 Lantern Steps",
            "Postcode", "BK31",
            "Town", "Gullhaven"));
    turnTo(phone, "Read it");
    sign(phone, "Imke Vosberg");
    var missing = phone.getByText("Still missing: What shows that you may");
    assertThat(missing).isVisible();
    missing.press("Enter");
    phone.getByLabel("What shows that you may").fill("order of the court");
    turnTo(phone, "Read it");
    assertThat(phone.getByText("I may act for whoever this is about")).isVisible();
    sign(phone, "Corentin Ashgrove");
    assertThat(phone.getByText("You signed Corentin Ashgrove; the application says Imke Vosberg"))
        .isVisible();
    sign(phone, "Imke Vosberg");
    assertThat(phone.getByText("Somebody at the office looks first at the right"))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SLOWLY));
    var number = numberShown(phone);

    signIn(page, "ikenna");
    go(page, "/claims/" + number);
    button(page, "Pick it up").press("Enter");
    assertThat(page.getByText("Ikenna Okonjo has it")).isVisible();
    assertThat(page.getByText("Imke Vosberg applied for them as guardian").first())
        .isVisible();
    page.getByLabel("Because").first().fill("order of the court, page 1");
    button(page, "They may act").press("Enter");
    assertThat(page.getByText("Imke Vosberg applied for them as guardian")).hasCount(0);

    button(phone, "Leave now").click();
    phone.waitForURL("about:blank");
    var again = phone("/door?language=en");
    enter(again, number, PHONE);
    assertThat(again.getByText(number).first()).isVisible();
  }
}
