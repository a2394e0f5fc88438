package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.Reporter;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** Six papers are read by keyboard alone, and what the register and the household told differently is settled by them. */
public class SixPapersStory extends Story {
  /** Takes what the machine read, having looked at it, and two keys more to accept: it may not become more. */
  private static final int MOST_KEYS = 40;

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  /** Takes what was read into every empty field of the paper, and accepts it. */
  private void accept(Keystrokes keys, String kind, int fields, int read) {
    var reading = region("What it shows");
    assertThat(reading.getByRole(
            AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Kind of paper")))
        .hasValue(kind);
    assertThat(reading.locator("tbody :focus")).hasCount(1);
    for (var i = 0; i < fields; i++) {
      keys.press("Enter");
    }
    keys.press("Alt+a");
    assertThat(region("Papers that are wanted, and that came")
            .getByText("accepted", new Locator.GetByTextOptions().setExact(true)))
        .hasCount(read);
  }

  @Test
  public void fromWhatCameToReady() {
    signIn(page, "ikenna");
    onTheDesk(page, "Ottoline Rasmark").click();
    var begun = System.nanoTime();
    var keys = new Keystrokes(page);
    keys.press("Alt+o");
    assertThat(page.getByText("Not yet known")).isVisible();
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("Income is between €1,490.67 a month and €2,610.00 a month");
    keys.press("Alt+e");
    var reading = region("What it shows");
    assertThat(reading.getByText("read 18 Jun 1991")).isVisible();
    accept(keys, "passport", 5, 1);
    for (var slip = 0; slip < 4; slip++) {
      accept(keys, "payslips", 3, 2 + slip);
    }
    assertThat(reading.getByText("read 640.00 m")).isVisible();
    accept(keys, "lease", 5, 6);
    assertThat(region("Papers that are wanted, and that came"))
        .containsText("No paper is wanted now");
    keys.press("Alt+w");
    assertThat(page.getByText("Decide").first()).isVisible();
    assertThat(page.getByRole(AriaRole.MAIN)).not().containsText("Payslips will settle it");
    assertThat(page.getByText("Not yet known")).hasCount(0);
    var seconds = (System.nanoTime() - begun) / 1_000_000_000;
    Reporter.log("six papers to ready: " + keys.count() + " keys, " + seconds + " s", true);
    assertTrue(keys.count() <= MOST_KEYS, "keys: " + keys.count());
  }
}
