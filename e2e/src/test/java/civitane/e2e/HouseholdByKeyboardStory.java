package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.Reporter;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** A household comes once, tells its facts once, and asks for several things: by keyboard alone. */
public class HouseholdByKeyboardStory extends Story {
  /** More would mean that something is asked twice, or that a field needs a mouse's help. */
  private static final int MOST_KEYS = 480;

  private Keystrokes keys;

  private void asksFor(String... beginnings) {
    signIn(page, "ikenna");
    keys = new Keystrokes(page);
    keys.press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    for (var i = 0; i < beginnings.length; i++) {
      keys.enter(beginnings[i]);
      assertThat(page.getByRole(AriaRole.COMPLEMENTARY).getByText("Rates from")).hasCount(i + 1);
    }
  }

  private void person(int row, String given, String family, String born, String role, String sex) {
    if (row > 1) {
      keys.press("Alt+p");
    }
    assertThat(page.getByLabel("Given name " + row)).isFocused();
    keys.enter(given, family, born);
    if (row > 1) {
      keys.enter(role);
    }
    keys.enter(sex, "n");
  }

  private void income(int row, String whose, String amount) {
    keys.press("Alt+m");
    assertThat(page.getByLabel("Whose " + row)).isFocused();
    keys.enter(whose, "", amount);
  }

  private void lodge(String... names) {
    keys.press("Alt+8");
    for (var name : names) {
      var last = page.getByLabel("Signs as " + name);
      for (var i = 0; i < 4; i++) {
        assertThat(page.locator("input[type=checkbox]:focus")).isVisible();
        keys.press("Space", "Enter");
      }
      assertThat(last).isFocused();
      keys.enter(name);
    }
    saved(page);
    keys.press("Alt+l");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lodged")))
        .isVisible();
  }

  @Test
  public void fourPeopleAndTwoServices() {
    asksFor("rent r", "school");
    keys.press("Alt+2");
    person(1, "Zofia", "Aldersey", "14 3 88", "", "f");
    person(2, "Matteo", "", "2 8 1986", "s", "m");
    person(3, "Ines", "", "2 5 2017", "", "f");
    person(4, "Bram", "", "9 11 2019", "", "m");
    keys.press("Alt+3");
    income(1, "", "430 w");
    income(2, "m", "1150 m");
    keys.press("Alt+4");
    keys.enter("7 Marsh Lane", "BK32", "Reedholm");
    keys.press("Alt+5");
    assertThat(page.getByLabel("Rent a month")).isFocused();
    keys.enter("640", "", "", "", "", "", "", "640", "640", "2");
    keys.press("Enter", "Space");
    keys.press("Alt+ArrowDown");
    assertThat(page.getByLabel("School", new Page.GetByLabelOptions().setExact(true))
            .first())
        .isVisible();
    keys.press("Tab");
    keys.enter("Marsh Road School", "4");
    keys.press("Enter", "Enter");
    keys.enter("Marsh Road School", "1");
    lodge("Zofia Aldersey", "Matteo Aldersey");
    assertThat(page.getByRole(AriaRole.MAIN).getByText("BW-26-")).hasCount(2);
    Reporter.log("A four-person, two-service application: " + keys.count() + " keystrokes.", true);
    assertTrue(keys.count() <= MOST_KEYS, keys.count() + " keystrokes");
  }

  @Test
  public void threeServicesInOneGo() {
    asksFor("legal", "child d", "school");
    keys.press("Alt+2");
    person(1, "Hanne", "Vestergaard", "3 7 90", "", "f");
    person(2, "Pim", "", "2 5 2018", "", "m");
    keys.press("Alt+3");
    income(1, "", "12,50 h 30");
    keys.press("Alt+4");
    keys.enter("3 Marsh Lane", "BK32", "Reedholm");
    keys.press("Alt+5");
    assertThat(page.getByLabel("hearing")).isFocused();
    keys.press("Enter");
    assertThat(page.locator("#at-requests-0-answers-area")).isFocused();
    keys.enter("hous", "Repairs are refused since spring");
    keys.press("Alt+ArrowDown");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Child dental");
    keys.enter("", "n", "y");
    keys.press("Alt+ArrowDown");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("School meals");
    keys.enter("", "Marsh Road School", "2");
    lodge("Hanne Vestergaard");
    assertThat(page.getByRole(AriaRole.MAIN).getByText("BW-26-")).hasCount(3);
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("School meals");
    Reporter.log("A two-person, three-service application: " + keys.count() + " keystrokes.", true);
  }
}
