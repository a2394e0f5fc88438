package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** From a phone: what there is, the application page by page, left and come back to, signed, a photographed payslip. */
public class ApplyingStory extends OnAPhone {
  /** Lodging is the slowest thing somebody waits for; where other stories run beside, it takes its time. Milliseconds. */
  private static final int SLOWLY = 90_000;

  @BeforeMethod
  public void onAPhone() {
    page.setViewportSize(WIDE, HIGH);
  }

  private void heading(String title) {
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText(title);
  }

  private void type(Map<String, String> answers) {
    answers.forEach(
        (label, text) -> page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
            .first()
            .fill(text));
  }

  /** Turns pages until one begins so. */
  private void turnTo(String title, String way) {
    var head = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    var where = page.getByText(Pattern.compile("^Page \\d+ of \\d+$"));
    while (!head.innerText().startsWith(title)) {
      var before = where.innerText();
      button(page, way).press("Enter");
      assertThat(where).not().hasText(before);
    }
  }

  private void goOn() {
    button(page, "Go on").press("Enter");
  }

  /** What was left out is asked for, and several words answer it. */
  private void answersWhatBroughtItAbout() {
    var hours = page.getByLabel("fewer hours", new Page.GetByLabelOptions().setExact(true));
    hours.check();
    page.getByLabel("illness", new Page.GetByLabelOptions().setExact(true)).check();
    button(page, "Look over what I answered").first().press("Enter");
    assertThat(page.getByText("This is what you tell us now")).isVisible();
    assertThat(page.getByText(Pattern.compile("illness.*fewer hours|fewer hours.*illness"))
            .last())
        .isVisible();
    accessible(page, "several words looked over");
    fits(page, "several words looked over");
    page.getByLabel("Your name, as you told it to us").fill("Thessaly Okonjo-Reyes");
    page.keyboard().press("Enter");
    assertThat(hours).hasCount(0);
  }

  @Test
  public void aFamilyAppliesAndSendsAPhotographedPayslip() throws Exception {
    var mail = "thessaly@brackwater.example";
    go(page, "/door?language=en");
    page.getByText("Rent relief").first().click();
    var offer = page.locator("details")
        .filter(new Locator.FilterOptions().setHasText("Rent relief"))
        .first();
    offer
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask for this"))
        .press("Enter");
    offer.getByLabel("Your own phone or mail address").fill("me");
    page.keyboard().press("Enter");
    assertThat(page.getByText("neither a phone number nor a mail address")).isVisible();
    offer.getByLabel("Your own phone or mail address").fill(mail);
    page.keyboard().press("Enter");
    page.getByLabel("Code, six digits").fill(codeTo(mail, 0));
    page.keyboard().press("Enter");

    heading("Who applies");
    assertThat(page.getByText("Page 1 of")).isVisible();
    accessible(page, "applying");
    var walk = new Walk(page);
    walk.past("applying");
    fits(page, "a page of the application");
    type(Map.of(
        "Given name", "Thessaly",
        "Family name", "Okonjo-Reyes",
        "Date of birth", "1989-05-02",
        "Street and number", "11 Kelp Row",
        "Postcode", "BK31",
        "Town", "Gullhaven"));
    goOn();
    heading("Who else lives there");
    type(Map.of(
        "Given name", "Ines",
        "Family name", "Okonjo-Reyes",
        "Date of birth", "2016-09-30"));
    page.getByLabel("Who they are to you").first().selectOption("child");

    // One bar of signal: what is typed stays, and is sent once there is a connection.
    page.context().setOffline(true);
    goOn();
    assertThat(page.getByText("No connection. What you typed is still here")).isVisible();
    page.context().setOffline(false);
    assertThat(page.getByText("No connection. What you typed is still here")).hasCount(0);
    heading("What comes in");
    page.getByLabel("Whose").first().selectOption("1");
    page.getByLabel("Kind of income").first().selectOption("wages");
    page.getByLabel("How much, before tax").first().fill("about 400");
    goOn();
    heading("Who has no income at all");

    assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
        .isVisible();

    // Left at once; taken up on another phone.
    button(page, "Leave now").click();
    page.waitForURL("about:blank");
    var second = window();
    second.setViewportSize(WIDE, HIGH);
    go(second, "/door?language=pt");
    second.getByText("Continuar o que comecei").click();
    second
        .locator("details[open]")
        .getByLabel("O seu próprio telefone ou correio eletrónico")
        .fill(mail);
    second.keyboard().press("Enter");
    second.getByLabel("Código, seis algarismos").fill(codeTo(mail, 1));
    second.keyboard().press("Enter");
    assertThat(second.getByText("Página")).isVisible();
    button(second, "English").click();
    page = second;
    turnTo("What comes in", "Back");
    assertThat(page.getByLabel("How much, before tax").first()).hasValue("about 400");
    assertThat(page.getByText("Type euros, as in 1234.50.")).isVisible();
    accessible(page, "something that can't be read");
    page.getByLabel("How much, before tax").first().fill("400");
    page.getByLabel("How often").first().selectOption("weekly");
    turnTo("Read it", "Go on");
    assertThat(page.getByText("Thessaly Okonjo-Reyes").first()).isVisible();
    accessible(page, "read before it is signed");
    walk = new Walk(page);
    walk.past("read before it is signed");
    assertEquals(String.join("\n", walk.invalid()), "");
    fits(page, "what is read before it is signed");
    page.getByText("Ask for something else, too").click();
    button(page, "School meals").press("Enter");
    heading("School meals");
    turnTo("Read it", "Go on");
    page.getByLabel("The registers: your home").check();
    page.getByLabel("Your name, as it is written above").fill("Thessaly Reyes-Tarn");
    page.keyboard().press("Enter");
    button(page, "Yes, send it").press("Enter");
    assertThat(page.getByText("You signed Thessaly Reyes-Tarn")).isVisible();
    page.getByLabel("Your name, as it is written above").fill("Thessaly Okonjo-Reyes");
    page.keyboard().press("Enter");
    button(page, "Yes, send it").press("Enter");

    assertThat(page.getByText("It has reached us today."))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SLOWLY));
    assertThat(page.locator("article")).hasCount(2);
    var number = numberShown(page);
    page.getByText("Letters", new Page.GetByTextOptions().setExact(false))
        .first()
        .click();
    assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Receipt")))
        .isVisible();
    accessible(page, "lodged");
    answersWhatBroughtItAbout();
    page.locator("input[type=file]")
        .first()
        .setInputFiles(PapersStory.slip("payslip.png", "Payslip October 2026", "1,733.33"));
    button(page, "Send it").first().press("Enter");
    assertThat(page.getByText("It has come. We look at it.").first()).isVisible();

    var desk = window();
    signIn(desk, "ikenna");
    go(desk, "/claims/" + number);
    assertThat(desk.getByText("Thessaly Okonjo-Reyes").first()).isVisible();
  }
}
