package civitane.e2e;

import civitane.words.Language;
import civitane.words.Words;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** One household's conversation at the counter, part by part, from the first question to the receipt. */
final class Conversation {
  private final Page page;

  Conversation(Page page) {
    this.page = page;
  }

  /** Begins an application for some services, by their words. */
  Conversation asksFor(String... services) {
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    for (var i = 0; i < services.length; i++) {
      Picking.pick(page.locator("#add-service"), Words.in(Language.EN).title(services[i]));
      assertThat(margin().getByText("Rates from")).hasCount(i + 1);
    }
    return this;
  }

  Conversation lettersIn(String language) {
    page.getByLabel("Letters in").selectOption(language);
    return this;
  }

  /** A parent and a child, who live on a weekly wage. */
  Conversation parentAndChild(
      String given, String family, String born, String child, String childBorn) {
    page.keyboard().press("Alt+2");
    page.getByLabel("Given name 1").fill(given);
    page.getByLabel("Family name 1").fill(family);
    page.getByLabel("Date of birth 1").fill(born);
    page.getByLabel("Resident number 1").fill("d");
    page.keyboard().press("Alt+p");
    assertThat(page.getByLabel("Given name 2")).isFocused();
    page.getByLabel("Given name 2").fill(child);
    page.getByLabel("Date of birth 2").fill(childBorn);
    page.keyboard().press("Alt+3");
    page.keyboard().press("Alt+m");
    page.getByLabel("How much, before tax 1").fill("430 w");
    return this;
  }

  Conversation livesAt(String line, String postcode, String town) {
    page.keyboard().press("Alt+4");
    page.getByLabel("Street and number").fill(line);
    page.getByLabel("Postcode").fill(postcode);
    page.getByLabel("Town").fill(town);
    return this;
  }

  /** Answers a question of the first service: types it, chooses it, ticks it, or adds a row with a plus; what is seen of it after "=". */
  void answers(String where, String what) {
    if ("=".equals(where)) {
      assertThat(main()).containsText(what);
      return;
    }
    var id = "#at-requests-0-answers-" + where.replace('/', '-');
    if ("+".equals(what)) {
      page.locator(id + "-add").click();
      return;
    }
    if ("none".equals(what)) {
      page.locator(id + "-none").check();
      return;
    }
    if ("*".equals(what)) {
      main().locator("table, fieldset").getByRole(AriaRole.CHECKBOX).first().check();
      return;
    }
    if ("parcel".equals(where)) {
      page.locator(id).fill(what);
      page.keyboard().press("Enter");
      main()
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("This one"))
          .click();
      return;
    }
    var field = page.locator(id);
    if (field.count() == 0) {
      main()
          .getByRole(
              AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(what).setExact(true))
          .check();
      return;
    }
    switch ((String) field.evaluate("field => field.localName")) {
      case "select" -> field.selectOption(what);
      case "input" -> {
        field.fill(what);
        page.keyboard().press("combobox".equals(field.getAttribute("role")) ? "Enter" : "Tab");
      }
      case "fieldset" ->
        field
            .getByRole(
                AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(what).setExact(true))
            .check();
      default -> {
        field.fill(what);
        page.keyboard().press("Tab");
      }
    }
  }

  /** Signs with the name as given, and lodges; what the receipt is called. */
  String lodges(String name) {
    page.keyboard().press("Alt+8");
    assertThat(page.getByLabel("Signs as " + name)).isVisible();
    var signer = main().getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName(name));
    for (var statement : signer.getByRole(AriaRole.CHECKBOX).all()) {
      statement.check();
    }
    page.getByLabel("Signs as " + name).fill(name);
    Story.saved(page);
    page.keyboard().press("Alt+l");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lodged")))
        .isVisible();
    var told = page.getByText(Pattern.compile("^Receipt "));
    assertThat(told).isVisible();
    return told.innerText();
  }

  /** The receipt as a file. */
  byte[] receipt() {
    var link =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the receipt"));
    var answer = page.request()
        .get(page.url().replaceFirst("(//[^/]+)/.*", "$1") + link.getAttribute("href"));
    assertEquals(answer.status(), 200);
    return answer.body();
  }

  Locator margin() {
    return page.getByRole(AriaRole.COMPLEMENTARY);
  }

  private Locator main() {
    return page.getByRole(AriaRole.MAIN);
  }
}
