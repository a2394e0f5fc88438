package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.LoadState;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

/** At the door letters may be twice as large, colours one's own, and no font come: nothing is cut, and nothing is lost. */
public class OwnSightStory extends OnAPhone {
  private static final String NUMBER_OF = """
      select c.number from claim c join household h on h.id = c.household_id
      where h.name = 'Zeno Tavora' and c.service = 'householdAllowance'""";
  private static final String PHONE = "0555 013 333";

  @DataProvider
  public Object[][] languages() {
    return new Object[][] {{"en"}, {"fr"}, {"pt"}, {"ar"}};
  }

  /** Twice as large as somebody set it, as a browser does it that enlarges text only. */
  private static void enlarge(Page where) {
    where.evaluate("""
        () => {
          const size = parseFloat(getComputedStyle(document.documentElement).fontSize);
          document.documentElement.style.fontSize = 2 * size + "px";
        }""");
  }

  private void fitsWithEverythingOpen(String what) {
    page.evaluate(
        "() => document.querySelectorAll('details').forEach(one => { one.open = true; })");
    assertThat(page.locator("details:not([open])")).hasCount(0);
    fits(page, what);
  }

  /** Into a claim with the code that comes, whatever the language of what is read. */
  private void comesIn(String language) throws Exception {
    var number = fromDatabase(NUMBER_OF).get(0);
    page = phone("/door?language=en");
    enter(page, number, PHONE);
    assertThat(page.getByText("I did not make this claim")).isVisible();
    go(page, "/door?language=" + language);
    assertThat(page.getByText(number)).isVisible();
  }

  @Test(dataProvider = "languages")
  public void lettersMayBeTwiceAsLarge(String language) throws Exception {
    page = phone("/door?language=" + language);
    assertThat(page.locator("details").first()).isVisible();
    enlarge(page);
    fitsWithEverythingOpen("the door in " + language);
    comesIn(language);
    enlarge(page);
    fitsWithEverythingOpen("a claim in " + language);
    page.locator("details li button, details .door-main").last().click();
    var pages = page.locator(".door-far > span");
    assertThat(pages.first()).isVisible();
    for (var left = pages.count(); left > 1; left--) {
      fits(page, "a page of an application in " + language);
      var where = page.locator(".door-far + p span").first();
      var before = where.innerText();
      page.locator("form .door-main").click();
      assertThat(where).not().hasText(before);
      // A page is read before the next one.
      page.waitForLoadState(LoadState.NETWORKIDLE);
    }
    fitsWithEverythingOpen("what is signed in " + language);
    putAside();
  }

  /** The last way out of a page, then yes. */
  private void putAside() {
    page.locator("main .plain-link").last().click();
    page.locator(".door-band .door-button").first().click();
    assertThat(page.locator(".door-far")).hasCount(0);
  }

  @Test
  public void coloursMayBeTheirOwn() throws Exception {
    comesIn("en");
    page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
    page.getByText("Ask for something more, or again").click();
    page.locator("details li button").first().click();
    var far = page.locator(".door-far > span");
    assertThat(far.first()).isVisible();
    assertNotEquals(colour(far.first()), colour(far.last()), "how far it is can be seen");
    putAside();
  }

  private static Object colour(Locator piece) {
    return piece.evaluate("one => getComputedStyle(one).backgroundColor");
  }

  @Test
  public void noFontMayCome() {
    page = window();
    page.setViewportSize(WIDE, HIGH);
    page.route("**/*.woff2", font -> font.fulfill(new Route.FulfillOptions().setBody("no font")));
    go(page, "/door?language=en");
    assertThat(page.getByText("What you can ask for")).isVisible();
    fitsWithEverythingOpen("the door without fonts");
    assertEquals(
        page.evaluate("() => [...document.fonts].filter(one => one.status === 'loaded').length"),
        0);
  }
}
