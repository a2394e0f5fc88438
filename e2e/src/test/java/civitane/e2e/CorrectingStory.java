package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** What the office asks about is put right from a phone, also without a connection, and looked at as before and after. */
public class CorrectingStory extends OnAPhone {
  private static final String CHILDREN = "Children";
  private static final String TOTAL = "How many people live there in all";

  private Page desk(String number) {
    var desk = window();
    signIn(desk, "ikenna");
    go(desk, "/claims/" + number);
    assertThat(desk.getByText("The checks")).isVisible();
    return desk;
  }

  private static Locator inMain(Page where, String name) {
    return where
        .getByRole(AriaRole.MAIN)
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  /** The demo's wage whose period looks wrong; how many they are is asked about beside it. */
  private String asked() throws SQLException {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id where h.name = 'Teodor Wexgate'
        """).get(0);
    var desk = desk(number);
    desk.keyboard().press("Alt+l");
    putToThem(desk, TOTAL, 1);
    putToThem(desk, CHILDREN, 2);
    desk.keyboard().press("Alt+w");
    assertThat(desk.getByText("This does not fit with something else")).hasCount(2);
    return number;
  }

  private static void putToThem(Page desk, String about, int soFar) {
    inMain(desk, "More of: " + about).click();
    desk.getByLabel("Ask the household about: " + about).selectOption("CONTRADICTION");
    inMain(desk, "Put it to them").press("Enter");
    assertThat(desk.getByText("It is put to the household, to be answered by")).hasCount(soFar);
  }

  @Test
  public void itIsPutRightSignedAnewAndSettlesWhatWasAsked() throws Exception {
    var number = asked();
    page = phone("/door?language=en");
    enter(page, number, "0555 019 455");
    var often = page.getByLabel("How often", new Page.GetByLabelOptions().setExact(true));
    var many = page.getByLabel(TOTAL, new Page.GetByLabelOptions().setExact(true));
    assertThat(page.getByText("So far you told us: a week")).isVisible();
    accessible(page, "what is asked at the door");
    var walk = new Walk(page);
    walk.past("what is asked at the door");
    assertEquals(walk.wrong().toString(), "{}");
    assertEquals(String.join("\n", walk.invalid()), "");
    fits(page, "what is asked at the door");

    often.selectOption("monthly");
    many.fill("two or three");
    page.getByLabel("Grade").fill("6");
    button(page, "Look over what I answered").press("Enter");
    assertThat(page.getByText("Type a number, as in 3.")).isVisible();
    many.fill("2");
    page.getByLabel("Child", new Page.GetByLabelOptions().setExact(true))
        .selectOption("Lina Wexgate");
    page.getByLabel("School", new Page.GetByLabelOptions().setExact(true)).fill("Tern Lane School");
    button(page, "Look over what I answered").press("Enter");
    assertThat(page.getByText("This is what you tell us now")).isVisible();
    assertThat(page.getByText("(stays as it was told)")).hasCount(1);
    assertThat(page.getByText("Lina, Tern Lane School and 6")).isVisible();
    accessible(page, "before and after at the door");
    fits(page, "before and after at the door");
    page.getByLabel("Your name, as you told it to us").fill("Theodore Wexgate");
    page.keyboard().press("Enter");
    assertThat(page.getByText("You signed Theodore Wexgate")).isVisible();

    page.context().setOffline(true);
    page.getByLabel("Your name, as you told it to us").fill("Teodor Wexgate");
    page.keyboard().press("Enter");
    assertThat(page.getByText("It goes off by itself")).isVisible();
    page.context().setOffline(false);
    assertThat(page.getByText("It has come. We look at it.")).hasCount(3);

    var desk = desk(number);
    assertThat(desk.getByText("a week → a month")).isVisible();
    assertThat(desk.getByText("Lina, Hythe Primary and 5 → Lina, Tern Lane School and 6"))
        .isVisible();
    inMain(desk, "That settles it: This does not fit with something else that was said: “Children”")
        .press("Enter");
    assertThat(desk.getByText("Tern Lane School and 6")).hasCount(0);
    accessible(desk, "what was put right");
    inMain(desk, "That settles it: The time an amount is for").press("Enter");
    assertThat(desk.getByText("a week → a month")).hasCount(0);
    desk.getByLabel("Why it is asked again: This does not fit").selectOption("CONTRADICTION");
    inMain(desk, "Ask again").press("Enter");
    assertThat(desk.getByText("what came was given back once")).isVisible();
    inMain(desk, "They say it otherwise now").press("Enter");
    desk.getByLabel("What they say now").fill("3");
    desk.getByLabel("Who said so, and how").fill("the father, by phone");
    desk.keyboard().press("Enter");
    assertThat(desk.getByText("2 → 3")).isVisible();
    inMain(desk, "That settles it").press("Enter");
    assertThat(desk.getByText("2 → 3")).hasCount(0);
    desk.keyboard().press("Alt+r");
    assertThat(desk.getByText("(the father, by phone)")).isVisible();
  }
}
