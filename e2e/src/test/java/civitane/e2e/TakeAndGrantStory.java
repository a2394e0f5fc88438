package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A household asks for school meals: taken, lodged, taken up, granted and written to, by keyboard alone. */
public class TakeAndGrantStory extends Story {

  @Test
  public void byKeyboardAlone() {
    signIn(page, "ikenna");
    page.keyboard().press("Alt+n");
    assertThat(page.locator("#add-service")).isFocused();
    type(page, "School");
    page.keyboard().press("Alt+2");
    assertThat(page.getByLabel("Given name 1")).isFocused();
    type(page, "Amadou", "Kerrivan", "14 3 88", "m", "d");
    page.keyboard().press("Alt+p");
    assertThat(page.getByLabel("Given name 2")).isFocused();
    type(page, "Solveig", "", "2 5 2017", "", "F", "n");
    assertThat(page.getByLabel("Date of birth 1"))
        .hasValue(java.util.regex.Pattern.compile("14 Mar 1988, 3\\d"));

    page.keyboard().press("Alt+3");
    page.keyboard().press("Alt+m");
    assertThat(page.getByLabel("Whose 1")).isFocused();
    type(page, "", "", "430 w");
    assertThat(page.getByLabel("How often 1")).hasValue("weekly");
    assertThat(page.getByText("1,863.33")).isVisible();

    page.keyboard().press("Alt+4");
    assertThat(page.getByLabel("Street and number")).isFocused();
    type(page, "12 Tide Row", "BK31", "Gullhaven");

    page.keyboard().press("Alt+5");
    assertThat(page.getByLabel("Child", new Page.GetByLabelOptions().setExact(true)))
        .isFocused();
    type(page, "", "Marsh Road School", "4");
    page.getByLabel("How many people live there in all").focus();
    type(page, "2");
    var margin = page.getByRole(AriaRole.COMPLEMENTARY);
    assertThat(margin.getByText(
            "Entitled", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(margin).containsText("School meals: at the reduced price, for Solveig");

    page.keyboard().press("Alt+8");
    assertThat(page.getByRole(AriaRole.CHECKBOX).first()).isFocused();
    page.keyboard().press("Space");
    page.getByLabel("Signs as Amadou Kerrivan").focus();
    page.keyboard().type("Amadou Kerrivan");
    saved(page);
    page.keyboard().press("Alt+l");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lodged")))
        .isVisible();
    accessible(page, "what became of it, and the voluntary questions");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Skip them all"))
        .click();
    assertThat(page.getByText("What was answered is kept apart")).isVisible();
    accessible(page, "the lodged application");

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("BW-")).focus();
    page.keyboard().press("Enter");
    assertThat(page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Amadou Kerrivan")))
        .isVisible();
    page.keyboard().press("Alt+t");
    assertThat(page.getByText("Ikenna Okonjo has it")).isVisible();
    page.keyboard().press("Alt+g");
    var send = page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Grant and write to Amadou Kerrivan"));
    assertThat(send).isVisible();
    send.focus();
    page.keyboard().press("Enter");
    assertThat(page.getByText("Granted by Ikenna Okonjo")).isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByText("Granted, and the letter written")).isVisible();
    accessible(page, "the record of a claim");
  }
}
