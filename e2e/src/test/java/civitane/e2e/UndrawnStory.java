package civitane.e2e;

import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A part that cannot be drawn does not take the rest of the screen along. */
public class UndrawnStory extends Story {

  @Test
  public void theOtherPartsGoOn() {
    signIn(page, "ikenna");
    new Conversation(page)
        .asksFor("housingList")
        .parentAndChild("Ottar", "Brekkvik", "14 3 88", "Signe", "2 5 2017");
    page.route("**/api/margin*", UndrawnStory::withAStripOfAnotherShape);
    page.keyboard().press("Alt+2");
    page.waitForResponse("**/api/margin*", () -> page.getByLabel("Given name 2").fill("Signy"));
    page.keyboard().press("Alt+5");
    var fault = page.getByRole(AriaRole.ALERT).getByText("a fault of ours");
    assertThat(fault).isVisible();
    saved(page);
    page.keyboard().press("Alt+2");
    assertThat(fault).hasCount(0);
    assertThat(page.getByLabel("Given name 2")).hasValue("Signy");
    page.unroute("**/api/margin*");
    page.waitForResponse("**/api/margin*", () -> page.getByLabel("Given name 2").fill("Solveig"));
    page.keyboard().press("Alt+5");
    assertThat(page.locator("#at-requests-0-answers-bedroomsNow")).isVisible();
    complainedOf("is not a function");
  }

  private static void withAStripOfAnotherShape(Route route) {
    var answer = route.fetch();
    route.fulfill(new Route.FulfillOptions()
        .setResponse(answer)
        .setBody(answer.text().replaceFirst("\"times\":\\[\\]", "\"times\":{\"length\":1}")));
  }
}
