package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** With more claims on the Desk than it shows at once, every one of them is still reached. */
public class FullDeskStory extends Story {
  private static final int A_PAGE = 50;
  private static final int MORE = 230;

  /** As many more of one claim that waits, under numbers of their own. */
  private static void fill() throws SQLException {
    inDatabase("""
        with one as (
          select * from claim where number = (select min(number) from claim where not urgent and state = 'LODGED')),
        copies as (
          insert into claim
          select (jsonb_populate_record(one::claim, jsonb_build_object(
            'id', gen_random_uuid(), 'number', 'copy-' || lpad(n::text, 3, '0')))).*
          from one, generate_series(1, %d) n
          returning id)
        insert into claim_stint select copies.id, s.nr, s.since, s.turn
        from copies, claim_stint s where s.claim_id = (select id from one)
        """.formatted(MORE));
  }

  @AfterMethod
  public void empty() throws SQLException {
    inDatabase("""
        with stints as (
          delete from claim_stint where claim_id in (select id from claim where number like 'copy-%'))
        delete from claim where number like 'copy-%'
        """);
  }

  private Locator rows() {
    return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Claims by due date"))
        .getByRole(AriaRole.LISTITEM);
  }

  /** The row in a place of the whole list, from 1. */
  private Locator row(int place) {
    return page.locator("li[aria-posinset='" + place + "']");
  }

  @Test
  public void theRestComesWithScrollingAndTheArrowKey() throws SQLException {
    fill();
    signIn(page, "ikenna");
    assertThat(rows().first()).hasAttribute("aria-setsize", String.valueOf(A_PAGE));
    var tide = page.getByText(" of work due today").textContent();
    while (row(MORE).count() == 0) {
      rows().last().scrollIntoViewIfNeeded();
    }
    var there = Integer.parseInt(row(MORE).getAttribute("aria-setsize"));
    assertTrue(rows().count() < there, "only what is near the view is there");
    assertEquals(page.getByText(" of work due today").textContent(), tide);
    row(MORE).getByRole(AriaRole.BUTTON).click();
    page.keyboard().press("ArrowDown");
    assertThat(row(MORE + 1).getByRole(AriaRole.BUTTON)).hasAttribute("aria-current", "true");
    assertThat(row(MORE + 1)).isInViewport();
  }

  @Test
  public void theClaimThatIsChosenStaysChosenWhenAnotherComesBeforeIt() throws SQLException {
    fill();
    signIn(page, "ikenna");
    var chosen = page.locator("[aria-current=true]");
    row(1).getByRole(AriaRole.BUTTON).click();
    page.keyboard().press("ArrowDown");
    page.keyboard().press("ArrowDown");
    assertThat(row(3).locator("[aria-current=true]")).isVisible();
    var number = page.getByRole(AriaRole.COMPLEMENTARY).textContent();
    inDatabase("update claim set urgent = true where number in ('copy-229', 'copy-230')");
    // What came less than a second ago is not asked for again: it is looked at until it is.
    page.waitForCondition(() -> {
      page.evaluate("dispatchEvent(new Event('visibilitychange'))");
      return row(5).locator("[aria-current=true]").isVisible();
    });
    assertThat(chosen).hasCount(1);
    assertEquals(page.getByRole(AriaRole.COMPLEMENTARY).textContent(), number);
  }

  @Test
  public void whatDidNotComeIsAskedForAgainByHand() throws SQLException {
    fill();
    signIn(page, "ikenna");
    accessible(page, "a full desk");
    page.route("**/api/desk?*afterDay*", Route::abort);
    row(A_PAGE).scrollIntoViewIfNeeded();
    assertThat(page.getByText("could not be loaded")).isVisible();
    complainedOf("Failed to load resource");
    page.unroute("**/api/desk?*afterDay*");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Show more"))
        .click();
    assertThat(rows().first()).not().hasAttribute("aria-setsize", String.valueOf(A_PAGE));
  }
}
