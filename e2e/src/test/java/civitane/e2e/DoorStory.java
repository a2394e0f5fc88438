package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

/** From a phone: where it stands, a photographed paper, a message that is answered, and gone at once. */
public class DoorStory extends OnAPhone {
  private static final String PHONE = "0555 016 256";

  @BeforeMethod
  public void onAPhone() {
    page.setViewportSize(WIDE, HIGH);
  }

  /** The demo's claim with a stranger on the lease: it wants papers of somebody who may be texted. */
  private static String wantingAPaper() throws SQLException {
    return fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id
        where h.name = 'Khadija Nascimento' order by c.number limit 1""").get(0);
  }

  private void enter(String number) {
    enter(page, number, PHONE);
    assertThat(page.getByText("I did not make this claim")).isVisible();
  }

  /** What goes with each change. */
  private String token() {
    return page.context().cookies().stream()
        .filter(cookie -> "XSRF-TOKEN".equals(cookie.name))
        .map(cookie -> cookie.value)
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void aPaperIsPhotographedAndAMessageAnswered() throws Exception {
    var number = wantingAPaper();
    go(page, "/door?language=en");
    assertThat(page.getByText("What you can ask for")).isVisible();
    accessible(page, "before the door");
    var walk = new Walk(page);
    walk.past("before the door");
    page.getByLabel("Number of your claim").fill("BW-26-1");
    page.keyboard().press("Enter");
    refused(page, "no number of a claim");
    enter(number);
    var token = token();
    page.getByText("Everything you told us").click();
    assertThat(page.getByText("Where you live, and how you are reached, is not shown here."))
        .isVisible();
    accessible(page, "behind the door");
    walk.past("behind the door");
    assertEquals(walk.wrong().toString(), "{}");
    assertEquals(String.join("\n", walk.invalid()), "");
    fits(page, "a claim at the door");
    var wanted = page.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHas(button(page, "Photo or file")))
        .first();
    var picker =
        page.locator("[id='" + wanted.locator("input[type=file]").getAttribute("id") + "']");
    picker.setInputFiles(PapersStory.slip("payslip.png", "Payslip October 2026", "1,840.00"));
    assertEquals(
        token(), token, "an answer that brought another would have what is sent meanwhile refused");
    assertThat(page.getByText("This picture has few points")).isVisible();
    page.getByLabel("Do you want to say something to it?").fill("page 2 follows");
    picker.setInputFiles(PapersStory.slip("page2.png", "Payslip October 2026, page 2", "92.00"));
    assertThat(page.getByText("page2.png").first()).isVisible();
    button(page, "Send it").press("Enter");
    assertThat(page.getByText("It has come. We look at it. 2 pages so far.").first())
        .isVisible();
    picker.setInputFiles(PapersStory.slip("page3.png", "Payslip October 2026, page 3", "1.00"));
    button(page, "Send it").press("Enter");
    assertThat(page.getByText("It has come. We look at it. 3 pages so far.").first())
        .isVisible();
    button(page, "Say it in your own words").first().press("Enter");
    page.getByLabel("Your answer").fill("He is my cousin and stays until spring.");
    button(page, "Send").first().press("Enter");
    assertThat(page.getByText("Somebody looks at it within two working days")).isVisible();
    page.getByText("Messages").click();
    page.getByLabel("Write to us").fill("My employer pays on the 5th.");
    page.getByRole(AriaRole.GROUP)
        .filter(new Locator.FilterOptions().setHasText("Write to us"))
        .getByRole(AriaRole.BUTTON)
        .press("Enter");
    assertThat(page.getByText("Somebody reads it within two working days")).isVisible();

    var desk = window();
    signIn(desk, "teun");
    go(desk, "/claims/" + number);
    assertThat(desk.getByText("He is my cousin").first()).isVisible();
    desk.getByLabel("Say in their language").selectOption("nothingNeeded");
    desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send"))
        .first()
        .press("Enter");
    assertThat(desk.getByText("Answer what they wrote")).hasCount(0);

    button(page, "Français").click();
    assertThat(page.getByText("Nous n’avons plus besoin de rien")).isVisible();
    button(page, "العربية").click();
    assertThat(page.locator("html")).hasAttribute("dir", "rtl");
    accessible(page, "behind the door, from the right");
    fits(page, "a claim at the door, from the right");
    button(page, "اخرجوا فورا").click();
    page.waitForURL("about:blank");
    page.goBack();
    assertEquals(
        List.of("about:blank", "").contains(page.locator("body").innerText()), true, page.url());
    go(page, "/door?language=en");
    assertThat(page.getByLabel("Number of your claim")).isVisible();
  }

  @Test
  public void aCodeThatIsGuessedAtIsRefusedAsOneOfNoClaimIs() throws SQLException {
    var heard = new String[2];
    var numbers = List.of(wantingAPaper(), "BW-26-900001-0");
    for (var i = 0; i < numbers.size(); i++) {
      var before = codes(PHONE).size();
      go(page, "/door?language=en");
      page.getByLabel("Number of your claim").fill(numbers.get(i));
      page.keyboard().press("Enter");
      assertThat(page.getByText("a code is on its way there")).isVisible();
      if (i == 0) {
        assertNotEquals(codeTo(PHONE, before), "000000");
      }
      page.getByLabel("Code, six digits").fill("000000");
      page.keyboard().press("Enter");
      refused(page, "do not go together");
      heard[i] = page.locator("main").innerText();
    }
    assertEquals(heard[1], heard[0]);
  }
}
