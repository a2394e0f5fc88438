package civitane.e2e;

import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

/** From a phone, who is known asks for something more: all of it stands there, one thing is different, it is signed and sent. */
public class AskingAgainStory extends OnAPhone {
  private static final String NUMBER_OF = """
      select c.number from claim c join household h on h.id = c.household_id
      where h.name = 'Zeno Tavora' and c.service = 'householdAllowance'""";
  private static final String NUMBER_OF_SEEN = """
      select c.number from claim c join household h on h.id = c.household_id where h.name = 'Jonas Umland'""";
  private static final String PHONE = "0555 013 333";

  private void goesOn() {
    page.keyboard().press("Enter");
  }

  /** Opens what can be asked for, and chooses. */
  private void asks(String service) {
    page.getByText("Ask for something more, or again").click();
    button(page, service).click();
  }

  @Test
  public void whoIsKnownTellsNothingTwice() throws Exception {
    page = phone("/door?language=en");
    enter(page, fromDatabase(NUMBER_OF).get(0), PHONE);
    asks("Child dental");
    assertThat(page.getByText("This is what we know")).isVisible();
    assertThat(page.getByText("May we look some of it up for you?")).hasCount(0);
    assertThat(page.getByLabel("Given name")).hasValue("Zeno");
    assertThat(page.getByLabel("Street and number")).hasValue("");
    assertThat(page.getByLabel("Street and number"))
        .hasAccessibleDescription(
            "We know this, and do not show it here. Type it only if it is different now.");
    assertFalse(page.content().contains(PHONE), "whoever holds the phone does not learn it here");
    accessible(page, "an application of who is known");
    fits(page, "an application of who is known");
    var walk = new Walk(page);
    walk.past("an application of who is known");
    assertEquals(String.join("\n", walk.invalid()), "");

    // They look where it stands, and come back to it.
    button(page, "Back to where it stands").click();
    assertThat(page.getByText("Household allowance · ")).isVisible();
    asks("Go on with what you began: Child dental");
    page.getByLabel("Given name").focus();
    goesOn();
    assertThat(page.getByText("Page 2 of")).isVisible();
    signs("The registers: your home");
    assertThat(page.getByText("Child dental · ")).isVisible();
    assertThat(page.getByText("Household allowance · ")).isVisible();
    takesBackWhatSheAllowed();
  }

  /** By keyboard; what she takes back is there no more, here and when she looks again. */
  private void takesBackWhatSheAllowed() {
    var allowed = page.locator("details:has-text('Whom we may ask about you')");
    allowed.locator("summary").focus();
    goesOn();
    assertThat(allowed.getByText("The registers: your home")).isVisible();
    accessible(page, "whom she allows to be asked");
    fits(page, "whom she allows to be asked");
    page.keyboard().press("Tab");
    goesOn();
    var gone = allowed.getByText("From now on we ask nobody by that.");
    assertThat(gone).isFocused();
    assertThat(allowed.getByText("The registers: your home")).hasCount(0);
    page.reload();
    assertThat(page.getByText("Child dental · ")).isVisible();
    assertThat(allowed).hasCount(0);
  }

  /** The office has seen his papers, so the registers are asked first, and what they know he looks over. */
  @Test
  public void whoWasSeenLooksOverWhatTheRegistersKnow() throws Exception {
    page = phone("/door?language=en");
    enter(page, fromDatabase(NUMBER_OF_SEEN).get(0), "0555 017 207");
    asks("Paid leave");
    assertThat(page.getByText("You allow it until")).isVisible();
    accessible(page, "the registers first");
    fits(page, "the registers first");
    button(page, "I allow it, look it up").focus();
    goesOn();
    assertThat(page.getByText("filled in. Look over where it says")).isVisible();
    assertThat(page.getByText("May we look some of it up for you?")).hasCount(0);
    var found = page.getByText("This is from a register. Change it if it is wrong.");
    while (found.count() == 0) {
      turns();
    }
    accessible(page, "what a register said");
    fits(page, "what a register said");
    turns();
    button(page, "Back").click();
    assertThat(found).hasCount(0);
  }

  /** Goes on to the next page. */
  private void turns() {
    var where = page.locator(".door-far + p span").first();
    var before = where.innerText();
    button(page, "Go on").click();
    assertThat(where).not().hasText(before);
  }

  /** Goes through what is left, page by page, allows somebody to be asked, and signs. */
  private void signs(String allows) {
    var name = page.getByLabel("Your name, as it is written above");
    while (name.count() == 0) {
      turns();
    }
    page.getByLabel(allows).check();
    name.fill("Zeno Tavora");
    page.keyboard().press("Enter");
    button(page, "Yes, send it").click();
    assertThat(page.getByText("It has reached us today")).isVisible();
  }
}
