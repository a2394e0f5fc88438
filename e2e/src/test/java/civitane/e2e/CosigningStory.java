package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/**
 * Two grown-ups on two phones: one asks at an address that is old, the office asks at the one she has, and she reads and
 * signs by herself, first with a name that is not hers any more.
 */
public class CosigningStory extends OnAPhone {
  private static final String HERS = "tove@brackwater.example";

  @Test
  public void sheReadsItAndSignsWithHerOwnName() throws Exception {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id where h.name = 'Silas Fjordan'
        """).get(0);
    var his = "0555 019 319";
    page = phone("/door?language=en");
    enter(page, number, his);
    var contact = page.getByLabel("Their own phone or mail address");
    contact.fill(his);
    page.keyboard().press("Enter");
    assertThat(page.getByText("That is your own.")).isVisible();
    contact.fill("tove-before@brackwater.example");
    page.keyboard().press("Enter");
    assertThat(page.getByText("They are asked.")).isVisible();
    assertThat(page.getByText("Asked to sign on")).isVisible();
    accessible(page, "another is asked to sign");

    askedByTheOffice(number, his);
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

  private void askedByTheOffice(String number, String his) {
    var desk = window();
    signIn(desk, "ikenna");
    go(desk, "/claims/" + number);
    button(desk, "Pick it up").press("Enter");
    assertThat(desk.getByText("Ikenna Okonjo has it")).isVisible();
    desk.keyboard().press("Alt+w");
    button(desk, "Ask Tove to sign").press("Enter");
    var contact = desk.getByLabel("Tove’s own phone number or mail address");
    assertThat(contact).isFocused();
    type(desk, his);
    refused(desk, "Whoever applied is reached there");
    accessible(desk, "asking somebody to sign");
    contact.fill(HERS);
    desk.keyboard().press("Enter");
    assertThat(contact).hasCount(0);
    desk.keyboard().press("Alt+r");
    assertThat(desk.getByText("Tove Fjordan was asked to sign").first()).isVisible();
  }
}
