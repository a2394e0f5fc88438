package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;

import static org.testng.Assert.assertEquals;

/** What a household does from a phone, with the codes that come to it. */
abstract class OnAPhone extends Story {
  protected static final int WIDE = 390;
  protected static final int HIGH = 844;
  private static final Duration PATIENCE = Duration.ofSeconds(90);
  /** A code: the digits of a claim’s number, of which news are told as well, are none. */
  private static final Pattern SIX_DIGITS = Pattern.compile("(?<![-\\d])\\d{6}(?![-\\d])");

  private static final Pattern NUMBER = Pattern.compile("^[A-Z]{2}-\\d");

  protected Page phone(String path) {
    var phone = window();
    phone.setViewportSize(WIDE, HIGH);
    go(phone, path);
    return phone;
  }

  /** The codes that were sent to a contact, the newest first. */
  protected static List<String> codes(String contact) {
    return registers.messages().stream()
        .filter(message -> contact.equals(message.get("to")))
        .map(message -> SIX_DIGITS.matcher(message.get("text")))
        .filter(Matcher::find)
        .map(Matcher::group)
        .toList();
  }

  /** The code that comes to a contact after those that came before. */
  protected static String codeTo(String contact, int before) {
    Awaitility.await().atMost(PATIENCE).until(() -> codes(contact).size() > before);
    return codes(contact).get(0);
  }

  /** Goes in with the number of a claim and the code that comes to the contact of whoever made it. */
  protected void enter(Page where, String number, String contact) {
    var before = codes(contact).size();
    where.getByLabel("Number of your claim").fill(number);
    where.keyboard().press("Enter");
    where.getByLabel("Code, six digits").fill(codeTo(contact, before));
    where.keyboard().press("Enter");
  }

  /** The number of the claim that stands there, once it does. */
  protected static String numberShown(Page where) {
    return where
        .locator("article .case")
        .filter(new Locator.FilterOptions().setHasText(NUMBER))
        .first()
        .innerText()
        .strip();
  }

  protected static Locator button(Page where, String name) {
    return where.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Nothing of a page has to be scrolled sideways; what is too wide is named. */
  protected static void fits(Page where, String what) {
    var wide = where.evaluate("""
        () => {
          const width = document.documentElement.clientWidth;
          if (document.documentElement.scrollWidth <= width) return [];
          return [...document.body.querySelectorAll("*")]
            .filter(one => {
              const at = one.getBoundingClientRect();
              return at.right > width + 1 || at.left < -1;
            })
            .map(one => one.tagName + " " + one.className + ": " + one.textContent.slice(0, 40));
        }""");
    assertEquals(wide, List.of(), what);
  }
}
