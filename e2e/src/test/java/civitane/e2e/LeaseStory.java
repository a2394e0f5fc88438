package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What a lease shows is taken by keyboard, beside what was said; an amount needs its period. */
public class LeaseStory extends Story {
  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  public void theRentThatALeaseShowsStandsBesideWhatWasSaid() {
    signIn(page, "ikenna");
    onTheDesk(page, "Khadija Nascimento").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+e");
    region("Papers that are wanted, and that came")
        .getByText("Lease, Khadija")
        .first()
        .click();
    var reading = region("What it shows");
    var rent = reading.getByLabel("Rent", new Locator.GetByLabelOptions().setExact(true));
    assertThat(reading).containsText("€620.00 a month");
    assertThat(reading).containsText("640.00 m");
    accessible(page, "a lease beside what was said");
    rent.focus();
    page.keyboard().type("640");
    page.keyboard().press("Alt+a");
    assertThat(reading.getByRole(AriaRole.ALERT)).containsText("an amount with its period");
    rent.fill("");
    rent.focus();
    page.keyboard().press("Enter");
    assertThat(rent).hasValue("640.00 m");
    var names = reading.getByLabel("Names on the lease");
    assertThat(names).isFocused();
    page.keyboard().press("Enter");
    assertThat(names).hasValue("Khadija Nascimento, Sorin Valdecasa");
    page.keyboard().press("Alt+a");
    assertThat(region("Papers that are wanted, and that came")
            .getByText("accepted")
            .first())
        .isVisible();
    page.keyboard().press("Alt+l");
    var ledger = page.getByRole(AriaRole.MAIN);
    assertThat(ledger).containsText("€640.00");
    assertThat(ledger).containsText("€620.00");
  }
}
