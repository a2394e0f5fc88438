package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Two grown-ups on two phones: one asks, the other reads and signs by herself, first with a name that is not hers any more. */
public class CosigningStory extends Story {
  private static final int WIDE = 390;
  private static final int HIGH = 844;
  private static final Pattern SIX_DIGITS = Pattern.compile("\\b\\d{6}\\b");
  private static final String HERS = "tove@brackwater.example";

  private String codeTo(String contact, int before) {
    Awaitility.await().atMost(Duration.ofSeconds(20)).until(() -> codes(contact).size() > before);
    return codes(contact).get(0);
  }

  /** The codes that were sent to a contact, the newest first. */
  private static List<String> codes(String contact) {
    return registers.messages().stream()
        .filter(message -> contact.equals(message.get("to")))
        .map(message -> SIX_DIGITS.matcher(message.get("text")))
        .filter(Matcher::find)
        .map(Matcher::group)
        .toList();
  }

  private static Locator button(Page where, String name) {
    return where.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Page phone(String path) {
    var phone = window();
    phone.setViewportSize(WIDE, HIGH);
    go(phone, path);
    return phone;
  }

  @Test
  public void sheReadsItAndSignsWithHerOwnName() throws Exception {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id where h.name = 'Silas Fjordan'
        """).get(0);
    var his = "0555 019 319";
    page = phone("/door?language=en");
    page.getByLabel("Number of your claim").fill(number);
    var before = codes(his).size();
    page.keyboard().press("Enter");
    page.getByLabel("Code, six digits").fill(codeTo(his, before));
    page.keyboard().press("Enter");
    var contact = page.getByLabel("Their own phone or mail address");
    contact.fill(his);
    page.keyboard().press("Enter");
    assertThat(page.getByText("That is your own.")).isVisible();
    contact.fill(HERS);
    page.keyboard().press("Enter");
    assertThat(page.getByText("They are asked.")).isVisible();
    assertThat(page.getByText("Asked to sign on")).isVisible();
    accessible(page, "another is asked to sign");

    var hers = phone("/door?language=pt");
    hers.getByText("Pediram-me que assine").click();
    var way = hers.locator("details")
        .filter(new Locator.FilterOptions().setHasText("Pediram-me que assine"));
    way.getByLabel("O seu próprio telefone ou correio eletrónico").fill(HERS);
    hers.keyboard().press("Enter");
    way.getByLabel("Código, seis algarismos").fill(codeTo(HERS, 0));
    way.getByLabel("A sua data de nascimento").fill("1986-09-30");
    button(hers, "Continuar").press("Enter");
    assertThat(hers.getByText("Silas Fjordan pede-lhe que assine")).isVisible();
    assertThat(hers.getByText("2100,00").first()).isVisible();
    accessible(hers, "read by who is asked to sign");
    var walk = new Walk(hers);
    walk.past("read by who is asked to sign");
    assertEquals(String.join("\n", walk.invalid()), "");
    var apart = hers.evaluate(
        "() => document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertTrue(((Number) apart).intValue() <= 0, "as wide as the phone");
    hers.reload();
    var name = hers.getByLabel(Pattern.compile("^O seu nome"));
    name.fill("Tove Brandt");
    button(hers, "Assinar").press("Enter");
    assertThat(hers.getByText("Tove Fjordan").last()).isVisible();
    assertThat(hers.getByRole(AriaRole.ALERT)
            .filter(new Locator.FilterOptions().setHasText("Tove Brandt")))
        .isVisible();
    name.fill("Tove Fjordan");
    button(hers, "Assinar").press("Enter");
    assertThat(hers.getByText("Obrigado. Assinou.")).isVisible();

    page.reload();
    assertThat(page.getByText(number).first()).isVisible();
    assertThat(contact).hasCount(0);
  }
}
