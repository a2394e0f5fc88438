package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import java.util.List;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A form goes out to an employer, who answers it from a phone by its code, and sees nothing else of the household. */
public class PartByCodeStory extends OnAPhone {
  private static final String CONSENTS = """
      "consents": [{"to": "employer", "person": "p1", "on": "2026-11-23", "until": "2027-11-23"}], "expenses": []""";

  private String formFor(String employer) throws SQLException {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(
        page, StoryPackets.meals(2).replace("\"expenses\": []", CONSENTS));
    button(page, "Papers").click();
    page.getByLabel("Filled in by").fill(employer);
    page.keyboard().press("Enter");
    assertThat(page.getByText("out since")).isVisible();
    return fromDatabase("select code from form_out where asked = '" + employer + "'")
        .get(0);
  }

  @Test
  public void anEmployerAnswersWithTheCodeThatIsOnTheForm() throws SQLException {
    var code = formFor("Terrapin Boatyard");
    var phone = phone("/door?language=en");
    phone
        .locator("summary", new Page.LocatorOptions().setHasText("I was asked to fill in a form"))
        .press("Enter");
    phone.getByLabel("The code on the form").fill("2222-3333-4444");
    phone.keyboard().press("Enter");
    assertThat(phone.getByText("There is no form with this code.")).isVisible();
    accessible(phone, "a code that is none");
    phone.getByLabel("The code on the form").fill(code.toLowerCase(java.util.Locale.ROOT));
    phone.keyboard().press("Enter");
    assertThat(phone.getByText("About Perpetua Lindqvory.")).isVisible();
    assertThat(phone.getByText("Terrapin Boatyard")).isVisible();
    phone.getByLabel("Last day worked").fill("2026-11-20");
    phone.getByLabel("Pay before tax").fill("a fair bit");
    phone.getByLabel("Paid while away").selectOption("no");
    button(phone, "Send it").press("Enter");
    assertThat(phone.getByText("Type euros, as in")).isVisible();
    assertThat(phone.getByText("Type your name.")).isVisible();
    assertThat(phone.getByLabel("Pay before tax")).hasValue("a fair bit");
    accessible(phone, "a part with something wrong");
    fits(phone, "a part with something wrong");
    phone.getByLabel("Pay before tax").fill("1 860,50");
    phone.getByLabel("Your name, and what you are there").fill("Ines Halvorsen, pay office");
    button(phone, "Send it").press("Enter");
    assertThat(phone.getByText("Thank you. It has come")).isVisible();
    accessible(phone, "a part that has come");
    page.reload();
    button(page, "Papers").click();
    assertThat(page.getByText("came back on")).isVisible();
  }

  @Test
  public void thePictureOnTheFormLeadsToItInEveryLanguage() throws SQLException {
    var code = formFor("Cormorant Ropes");
    for (var language : List.of("fr", "pt", "ar")) {
      var phone = phone("/door?language=" + language + "#code=" + code);
      var place = phone.locator("details[open] input").first();
      assertThat(place).hasValue(code);
      assertThat(phone).hasURL(java.util.regex.Pattern.compile(".*language=" + language + "$"));
      place.press("Enter");
      assertThat(phone.getByText("Cormorant Ropes")).isVisible();
      assertThat(phone.getByText("Perpetua Lindqvory")).isVisible();
      accessible(phone, "a part, " + language);
      fits(phone, "a part, " + language);
      button(phone, leaving(language)).press("Enter");
      assertThat(phone).hasURL("about:blank");
      phone.context().close();
    }
  }

  private static String leaving(String language) {
    return switch (language) {
      case "fr" -> "Quitter";
      case "pt" -> "Sair já";
      default -> "اخرجوا فورا";
    };
  }

  @Test
  public void whoMustAnswerIsToldOnceItHasCome() throws SQLException {
    var code = formFor("Plover Dairy");
    inDatabase("update form_out set returned_at = now() where code = '" + code + "'");
    var phone = phone("/door?language=en#code=" + code);
    button(phone, "Open it").press("Enter");
    assertThat(phone
            .getByRole(AriaRole.STATUS)
            .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("already")))
        .isVisible();
  }
}
