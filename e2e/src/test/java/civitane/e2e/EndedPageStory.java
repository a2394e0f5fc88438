package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.awaitility.Awaitility;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

/** A phone ends the page as its camera opens: what was typed and photographed is there again, and nobody reads it meanwhile. */
public class EndedPageStory extends OnAPhone {
  private static final String PHONE = "0555 016 256";

  @BeforeMethod
  public void onAPhone() {
    page.setViewportSize(WIDE, HIGH);
  }

  /** What the device keeps of the door, each byte a letter. */
  private static String onTheDevice(Page where) {
    return (String) where.evaluate("""
        async () => {
          const asked = indexedDB.open("civitane-door");
          await new Promise(done => { asked.onsuccess = done; });
          const places = asked.result.transaction("places").objectStore("places").getAll();
          await new Promise(done => { places.onsuccess = done; });
          asked.result.close();
          const letters = bytes => Array.from(new Uint8Array(bytes), one => String.fromCharCode(one)).join("");
          return places.result.map(one => one.place + one.parts.map(part => letters(part.bytes)).join("")).join(" ");
        }""");
  }

  private static boolean isKept(Page where, int bytes) {
    return onTheDevice(where).length() > bytes;
  }

  /** Ends the page without asking it, and opens the door again in the same browser. */
  private void endAndOpenAgain() {
    var browser = page.context();
    page.close();
    browser.setOffline(false);
    page = browser.newPage();
    onAPhone();
    go(page, "/door?language=en");
  }

  @Test
  public void aPhotoAndAMessageAreThereAgain() throws Exception {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id
        where h.name = 'Khadija Nascimento' order by c.number limit 1""").get(0);
    go(page, "/door?language=en");
    enter(page, number, PHONE);
    var photo = PapersStory.slip("payslip.png", "Payslip October 2026", "1,840.00");
    page.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions()
            .setHas(button(page, "Photo or file"))
            .setHasNotText("It has come"))
        .first()
        .locator("input[type=file]")
        .setInputFiles(photo);
    page.getByLabel("Do you want to say something to it?").fill("the second page is lost");
    page.locator("summary", new Page.LocatorOptions().setHasText("Something has changed"))
        .click();
    page.getByLabel("What is otherwise, and since which day?").fill("My employer pays on the 5th.");
    Awaitility.await().until(() -> isKept(page, photo.buffer.length));
    var kept = onTheDevice(page);
    for (var plain : List.of("payslip", "second page", "employer", "PNG", "claims", number)) {
      assertFalse(kept.contains(plain), plain);
    }

    endAndOpenAgain();
    assertThat(page.getByText("payslip.png").first()).isVisible();
    assertThat(page.getByLabel("Do you want to say something to it?"))
        .hasValue("the second page is lost");
    assertThat(page.getByLabel("What is otherwise, and since which day?"))
        .hasValue("My employer pays on the 5th.");
    assertThat(page.getByText("What you had begun here and not sent is here again."))
        .hasCount(2);
    accessible(page, "given back behind the door");
    fits(page, "given back behind the door");

    button(page, "Leave now").click();
    page.waitForURL("about:blank");
    go(page, "/door?language=en");
    assertThat(page.getByLabel("Number of your claim")).isVisible();
    assertEquals(
        page.evaluate("() => indexedDB.databases().then(all => all.map(one => one.name))"),
        List.of());
  }

  @Test
  public void whatWasTypedWithoutAConnectionIsThereAgain() throws Exception {
    var mail = "brennholt@brackwater.example";
    go(page, "/door?language=en");
    page.getByText("School meals").first().click();
    var offer = page.locator("details")
        .filter(new Locator.FilterOptions().setHasText("School meals"))
        .first();
    offer
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask for this"))
        .press("Enter");
    offer.getByLabel("Your own phone or mail address").fill(mail);
    page.keyboard().press("Enter");
    page.getByLabel("Code, six digits").fill(codeTo(mail, 0));
    page.keyboard().press("Enter");
    var family = page.getByLabel("Family name", new Page.GetByLabelOptions().setExact(true));
    assertThat(family).isVisible();
    page.getByLabel("Given name", new Page.GetByLabelOptions().setExact(true)).fill("Leila");
    assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    Awaitility.await().until(() -> onTheDevice(page).isEmpty());

    page.context().setOffline(true);
    family.fill("Brennholt");
    assertThat(page.getByText("No connection. What you typed is still here")).isVisible();
    Awaitility.await().until(() -> isKept(page, 0));
    assertFalse(onTheDevice(page).contains("Brennholt"));

    endAndOpenAgain();
    assertThat(page.getByText("What you had begun here and not sent is here again."))
        .isVisible();
    assertThat(page.getByLabel("Family name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("Brennholt");
    Awaitility.await().until(() -> onTheDevice(page).isEmpty());
    assertEquals(
        fromDatabase("select count(*) from application where draft like '%Brennholt%'"),
        List.of("1"));
  }
}
