package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** A change that ends in a debt: told late, shown month by month, asked back with its cause, and a part let off by a senior. */
public class OverpaidStory extends Story {
  private static final Pattern EUROS = Pattern.compile("€([0-9.,]+)");

  @Test
  public void moreHelpThanWasToldIsAskedBackAndAPartLetOff() throws Exception {
    var number = fromDatabase("""
        select c.number from claim c join household h on h.id = c.household_id
        where h.name = 'Hesper Lindgate'
        """).get(0);
    signIn(page, "maud");
    go(page, "/claims/" + number);
    heading("Hesper Lindgate");
    page.keyboard().press("Alt+w");
    var much = page.getByRole(
        AriaRole.REGION,
        new Page.GetByRoleOptions().setName("More was given than is due").setExact(true));
    assertThat(much.getByRole(AriaRole.ROW).nth(2)).isVisible();
    accessible(page, "more was given than is due");
    button("Grant").press("Enter");
    assertThat(page.getByText("Say first whose cause that is")).isVisible();
    much.getByLabel("told late, or otherwise than it was").check();
    much.getByLabel("Why, as the letter tells it").fill("the help rose in autumn");
    button("Grant").press("Enter");
    var send = button("Grant and write to");
    send.press("Enter");
    assertThat(page.getByText("Granted").first()).isVisible();

    signIn(page, "edda");
    var household = fromDatabase("select household_id from claim where number = '" + number + "'")
        .get(0);
    go(page, "/households/" + household);
    var owes = page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("What they owe").setExact(true));
    assertThat(owes.getByText("Given too much: household allowance")).isVisible();
    var found = EUROS.matcher(owes.innerText());
    assertTrue(found.find(), owes.innerText());
    var whole = found.group();
    button("Don’t ask for " + number + "-D2 back").press("Enter");
    owes.getByLabel("How much, €").fill("ten");
    owes.getByLabel("Why").fill("she told it at the counter in October");
    page.keyboard().press("Enter");
    assertThat(owes.getByText(whole)).isVisible();
    owes.getByLabel("How much, €").fill("10");
    accessible(page, "let off a part of a debt");
    page.keyboard().press("Enter");
    assertThat(owes.getByLabel("How much, €")).hasCount(0);
    assertThat(owes.getByText(whole)).hasCount(0);
    go(page, "/claims/" + number);
    heading("Hesper Lindgate");
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("€10.00 of " + number + "-D2 is not asked back")).isVisible();
  }

  private void heading(String name) {
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .containsText(name);
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
        .first();
  }
}
