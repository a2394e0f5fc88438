package civitane.e2e;

import civitane.words.Language;
import civitane.words.Words;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** From a phone, in each language: could it be for us, every page, the name, the receipt, a photographed payslip. */
public class FourLanguagesStory extends OnAPhone {
  /** Lodging is the slowest thing somebody waits for; where other stories run beside, it takes its time. Milliseconds. */
  private static final int SLOWLY = 90_000;

  private static final JsonMapper JSON = new JsonMapper();
  private static final String SERVICE = "householdAllowance";

  private Words words;
  private String language;

  @DataProvider
  public Object[][] families() {
    return new Object[][] {
      {"en", "Isolde", "Farrowmere", "1985-02-03"},
      {"fr", "Solène", "Vaucresson", "1986-04-05"},
      {"pt", "Graça", "Almourol", "1987-06-07"},
      {"ar", "سلمى", "الزهراوي", "1988-08-09"},
    };
  }

  private String say(String key) {
    return words.say("door." + key);
  }

  /** What the page was given to ask, in its language. */
  private JsonNode given(String path) {
    return JSON.readTree((String) page.evaluate(
        "address => fetch(address).then(answer => answer.text())",
        path + (path.contains("?") ? "&" : "?") + "language=" + language));
  }

  /** Answers questions by their names, as they are asked in the language. */
  private static void answer(Locator where, List<JsonNode> asks, Map<String, String> answers) {
    for (var ask : asks) {
      var text = answers.get(ask.get("name").stringValue());
      if (text != null) {
        var field = where
            .getByLabel(
                ask.get("label").stringValue(), new Locator.GetByLabelOptions().setExact(true))
            .first();
        if (ask.get("choices").isEmpty() && !"person".equals(ask.get("kind").stringValue())) {
          field.fill(text);
        } else {
          field.selectOption(text);
        }
      }
    }
  }

  private void looksFirst(Locator offer) {
    offer
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(say("look.open")))
        .press("Enter");
    var asks = given("/api/door/first-look/" + SERVICE)
        .get("groups")
        .valueStream()
        .flatMap(group -> group.get("asks").valueStream())
        .toList();
    answer(
        offer, asks, Map.of("under14", "2", "postcode", "BK31", "monthly", "640", "owned", "200"));
    page.keyboard().press("Enter");
    assertThat(offer.getByRole(AriaRole.STATUS)).containsText(say("look.worthwhile"));
    accessible(page, "a first look, " + language);
    fits(page, "a first look, " + language);
  }

  private void begins(Locator offer, String mail) {
    button(offer, say("apply.ask")).press("Enter");
    offer.getByLabel(say("apply.contact")).fill(mail);
    page.keyboard().press("Enter");
    page.getByLabel(say("entry.code")).fill(codeTo(mail, 0));
    page.keyboard().press("Enter");
    assertThat(page.locator(".door-far")).isVisible();
  }

  private static Locator button(Locator where, String name) {
    return where.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private static Map<String, String> told(String given, String family, String born) {
    var told = new LinkedHashMap<String, String>();
    told.put("/household/people/0/givenName", given);
    told.put("/household/people/0/familyName", family);
    told.put("/household/people/0/birthDate", born);
    told.put("/household/people/0/residentNumberMissing", "declined");
    told.put("/household/address/line1", "7 Ropewalk Steps");
    told.put("/household/address/postcode", "BK33");
    told.put("/household/address/town", "Gullhaven");
    told.put("/household/people/1/givenName", "Nils");
    told.put("/household/people/1/familyName", family);
    told.put("/household/people/1/role", "child");
    told.put("/household/people/1/birthDate", "2016-05-02");
    told.put("/household/incomes/0/person", "1");
    told.put("/household/incomes/0/kind", "wages");
    told.put("/household/incomes/0/amount", "430");
    told.put("/household/incomes/0/frequency", "weekly");
    return told;
  }

  /** Before it is lodged, as it lies on the table. */
  private void sendsThePayslip() throws Exception {
    var early = page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(say("early.title")).setExact(true));
    var payslip = early.locator("> ul > li").last();
    payslip
        .locator("input[type=file]")
        .setInputFiles(PapersStory.slip("payslip.png", "Payslip October 2026", "1,733.33"));
    // Nobody is to think that it goes along by signing.
    page.getByLabel(say("sign.name")).fill("A B");
    page.getByLabel(say("sign.name")).press("Enter");
    assertThat(page.getByText(say("early.unsent"))).isVisible();
    button(payslip, say("wanted.send")).press("Enter");
    assertThat(payslip.getByRole(AriaRole.STATUS))
        .containsText(words.say("door.wanted.pages", "n", BigDecimal.ONE));
    assertThat(button(payslip, say("apply.takeAway"))).isVisible();
  }

  @Test(dataProvider = "families")
  public void fromTheFirstLookToTheReceipt(String tongue, String given, String family, String born)
      throws Exception {
    language = tongue;
    words = Words.in(Language.of(tongue));
    page = phone("/door?language=" + tongue);
    var offer = page.locator("details:has(#offer-" + SERVICE + ")");
    offer.locator("> summary").press("Enter");
    looksFirst(offer);
    begins(offer, "family-" + tongue + "@brackwater.example");

    var head = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    var pages = given("/api/door/application").get("pages").valueStream().toList();
    var told = told(given, family, born);
    for (var one : pages) {
      assertThat(head).hasText(one.get("title").stringValue());
      var asks = one.get("asks").valueStream().toList();
      answer(page.getByRole(AriaRole.MAIN), asks, told);
      fits(page, one.get("title").stringValue());
      page.locator("form .door-main").press("Enter");
    }
    assertThat(head).hasText(say("sign.page"));
    assertThat(page.getByText(given + " " + family).first()).isVisible();
    assertThat(page.locator(".wrong:visible")).hasCount(0);
    sendsThePayslip();
    accessible(page, "what is signed, " + tongue);
    fits(page, "what is signed, " + tongue);
    page.getByLabel(say("sign.name")).fill(given + " " + family);
    page.keyboard().press("Enter");
    button(page, say("sign.yes")).press("Enter");
    assertThat(page.getByText(say("sign.done")))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SLOWLY));
    assertThat(page.locator("article")).hasCount(1);

    page.locator("summary", new Page.LocatorOptions().setHasText(say("letters.title")))
        .click();
    var receipt = page.locator("a[href^='/api/door/letters/']").first();
    assertThat(receipt).containsText(say("letter.receipt"));
    var read = page.evaluate(
        "address => fetch(address).then(answer => answer.arrayBuffer())"
            + ".then(bytes => String.fromCharCode(...new Uint8Array(bytes).slice(0, 5)))",
        receipt.getAttribute("href"));
    assertEquals(read, "%PDF-");
    page.locator("input[type=file]")
        .first()
        .setInputFiles(PapersStory.slip("payslip.png", "Payslip October 2026", "1,733.33"));
    button(page, say("wanted.send")).first().press("Enter");
    assertThat(page.getByText(say("wanted.came")).first()).isVisible();
    // What was sent before is filed in a moment.
    Awaitility.await().atMost(Duration.ofMillis(SLOWLY)).until(() -> {
      page.reload();
      assertThat(page.locator("article")).hasCount(1);
      return page.getByText(say("wanted.came")).count() == 2;
    });
    accessible(page, "lodged, " + tongue);
    fits(page, "lodged, " + tongue);
  }
}
