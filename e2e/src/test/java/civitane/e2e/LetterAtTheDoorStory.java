package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.awaitility.Awaitility;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

/** Nothing may be posted to her: a text says that there is news, and she reads the letter from her phone; or takes it along. */
public class LetterAtTheDoorStory extends OnAPhone {
  private static final String PHONE = "0555 027 417";

  private String lodged(String name, String born, String contact) throws Exception {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(
        page,
        StoryPackets.meals(2)
            .replace("Perpetua", name)
            .replace("Lindqvory", name + "holm")
            .replace("2017-05-02", born.replaceFirst("\\d{4}", "2016"))
            .replace("1988-03-14", born)
            .replace("12 Tide Row", "31 Tide Row")
            .replace(
                "\"role\": \"applicant\"", "\"role\": \"applicant\", \"contact\": " + contact));
    assertThat(page.getByLabel("Given name 1")).hasValue(name);
    page.keyboard().press("Alt+8");
    assertThat(page.locator("#lodge")).isVisible();
    page.keyboard().press("Alt+l");
    assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("BW-"))
            .first())
        .isVisible();
    return fromDatabase("select c.number from claim c join household h on h.id = c.household_id"
            + " where h.name = '" + name + " " + name + "holm'")
        .get(0);
  }

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  public void sheReadsItFromHerPhone() throws Exception {
    var number = lodged(
        "Sunniva",
        "1986-05-19",
        "{\"phone\": \"%s\", \"mayText\": true, \"mayWrite\": false}".formatted(PHONE));
    go(page, "/post-out");
    var line = region("What waits")
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("Sunniva Sunnivaholm"));
    assertThat(line).containsText("Not by post: read at the door");
    page.keyboard().press("Alt+s");
    assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("at the door now");
    var unread = region("At the door, and not read");
    assertThat(unread).containsText("Sunniva Sunnivaholm");
    accessible(page, "letters at the door");
    Awaitility.await().until(() -> !texts().isEmpty());
    assertFalse(texts().get(0).contains("meals"), texts().toString());

    var phone = phone("/door?language=en");
    enter(phone, number, PHONE);
    var letter = phone
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Receipt"))
        .first();
    phone.locator("summary", new Page.LocatorOptions().setHasText("Letters")).click();
    assertThat(letter).isVisible();
    var got = phone.evaluate(
        "address => fetch(address).then(answer => answer.status)", letter.getAttribute("href"));
    assertEquals(got, 200);
    page.reload();
    assertThat(region("What went out")).isVisible();
    assertThat(page.getByText("Sunniva Sunnivaholm")).hasCount(0);
  }

  private static List<String> texts() {
    return registers.messages().stream()
        .filter(message -> PHONE.equals(message.get("to")))
        .map(message -> message.get("text"))
        .toList();
  }

  @Test
  public void heTakesItAlongFromTheCounter() throws Exception {
    lodged("Torvald", "1979-09-02", "{\"mayWrite\": false}");
    go(page, "/post-out");
    assertThat(region("To be handed over")).containsText("Torvald Torvaldholm");
    var counter = window();
    signIn(counter, "pia");
    go(counter, "/counter");
    counter.getByLabel("Whose claims, by name or number").fill("Torvald Torvaldholm");
    counter.keyboard().press("Enter");
    counter
        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Where it stands"))
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("Torvald Torvaldholm"))
        .press("Enter");
    button(counter, "Hand out: Receipt").press("Enter");
    counter.keyboard().press("Enter");
    refused(counter, "how it was seen who they are");
    accessible(counter, "a letter to hand out");
    counter.keyboard().type("driving licence");
    counter.keyboard().press("Enter");
    assertThat(counter.getByText("Receipt: handed out.")).isVisible();
    assertThat(button(counter, "Hand out: Receipt")).hasCount(0);
    page.reload();
    assertThat(region("What went out")).isVisible();
    assertThat(page.getByText("Torvald Torvaldholm")).hasCount(0);
  }
}
