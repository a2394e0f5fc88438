package civitane.e2e;

import civitane.core.services.Services;
import civitane.packet.PlainWords;
import civitane.words.Language;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A walk past every screen and through every kind of letter: all is said in words, and every page is as the W3C has it. */
public class WalkStory extends Story {

  @Test
  public void everyScreenIsInWordsAndValid() throws IOException, InterruptedException {
    var walk = new Walk(page);
    go(page, "/sign-in");
    assertThat(page.getByLabel("Password")).isVisible();
    walk.past("signing in");
    signIn(page, "ikenna");
    page.waitForResponse(
        "**/api/choices",
        () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Night"))
            .click());
    walk.past("the Desk");
    page.keyboard().press("F1");
    walk.past("the keys");
    page.keyboard().press("Escape");
    // Keys pressed while it still closes are not the Desk's.
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    pastAnApplication(walk);
    pastClaims(walk);
    pastTheRest(walk);
    assertEquals(walk.wrong().toString(), "{}");
    assertTrue(walk.hasPages());
    assertEquals(String.join("\n", walk.invalid()), "");
  }

  @Test
  public void whatOnlySeniorsSeeIsInWordsAndValid() throws IOException, InterruptedException {
    var walk = new Walk(page);
    signIn(page, "teun");
    HouseholdStory.open(page);
    page.getByText("Restrict it to named people").click();
    assertThat(page.getByLabel("Why it is restricted")).isVisible();
    walk.past("restricting a household");
    go(page, "/looks");
    assertThat(page.getByText("Who looked at what")).isVisible();
    assertThat(page.getByRole(AriaRole.LISTITEM).first()).isVisible();
    walk.past("who looked at what");
    assertEquals(walk.wrong().toString(), "{}");
    assertEquals(String.join("\n", walk.invalid()), "");
  }

  private void pastAnApplication(Walk walk) {
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    for (var part = 1; part <= 9; part++) {
      page.keyboard().press("Alt+" + part);
      walk.past("part " + part);
      accessible(page, "part " + part + " at night");
    }
    page.keyboard().press("Alt+1");
    for (var service : Picking.offered(page, page.locator("#add-service"))) {
      Picking.pick(page.locator("#add-service"), service);
      page.getByRole(AriaRole.NAVIGATION)
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(service))
          .click();
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .hasText(service);
      walk.past("the matter of " + service);
      page.keyboard().press("Alt+1");
    }
    saved(page);
    page.keyboard().press("Alt+d");
    assertThat(page.getByText("of work due today")).isVisible();
  }

  private void pastClaims(Walk walk) {
    for (var household : List.of("Teodor Brankovic", "Saskia Morwen", "Björn Ångquist")) {
      onTheDesk(page, household).click();
      walk.past("the Desk beside " + household);
      page.keyboard().press("Alt+o");
      assertThat(page.getByText("The checks")).isVisible();
      walk.past("the working of " + household);
      accessible(page, "the working at night");
      page.keyboard().press("Alt+e");
      assertThat(page.getByText("Still wanted")).isVisible();
      walk.past("the papers of " + household);
      page.keyboard().press("Alt+l");
      assertThat(
              page.getByText("more", new Page.GetByTextOptions().setExact(true)).first())
          .isVisible();
      walk.past("the ledger of " + household);
      accessible(page, "the ledger at night");
      page.keyboard().press("Alt+r");
      walk.past("the record of " + household);
      page.keyboard().press("Alt+s");
      page.getByText("Somebody acts for them").click();
      walk.past("how to speak with " + household);
      page.keyboard().press("Alt+p");
      walk.past("what presses " + household);
      page.keyboard().press("Alt+h");
      walk.past("what becomes of the claim of " + household);
      go(page, "/");
      assertThat(page.getByText("of work due today")).isVisible();
    }
  }

  private void pastTheRest(Walk walk) {
    go(page, "/");
    HouseholdStory.open(page);
    walk.past("a household");
    accessible(page, "a household at night");
    page.keyboard().press("Alt+c");
    assertThat(page.getByLabel("How it was told")).isVisible();
    walk.past("what changes");
    page.keyboard().press("Alt+6");
    walk.past("reporting a change");
    page.getByText("Withdraw the draft").click();
    assertThat(page.getByText("of work due today")).isVisible();
    go(page, "/tray");
    assertThat(page.getByText("handwritten note.pdf").first()).isVisible();
    walk.past("the post tray");
    go(page, "/coming-up");
    assertThat(page.getByText("Coming up in the next sixty days")).isVisible();
    walk.past("what is coming up");
    go(page, "/post-out");
    assertThat(page.getByText("What came back")).isVisible();
    walk.past("post that goes out");
    go(page, "/counter");
    assertThat(page.getByText("At the counter today")).isVisible();
    walk.past("the counter");
    go(page, "/alike");
    assertThat(page.getByText("Your claims that can be decided")).isVisible();
    walk.past("what is decided together");
    go(page, "/registers");
    assertThat(page.getByText("Population register")).isVisible();
    walk.past("the registers");
    go(page, "/outside");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Quay Lets"))
        .click();
    page.getByText("They told us something").click();
    walk.past("an outside party");
    accessible(page, "an outside party at night");
    for (var service : Services.all()) {
      go(page, "/quick-check/" + service.word());
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .containsText("Quick check");
      walk.past("the quick check of " + service.word());
      go(page, "/rules/" + service.word());
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .isVisible();
      walk.past("the rules of " + service.word());
    }
    accessible(page, "rules at night");
  }

  /** One letter of each kind and language that is there by now. */
  @Test
  public void everyLetterIsInTheWordsOfItsReader() throws SQLException, IOException {
    var walk = new Walk(page);
    signIn(page, "ikenna");
    var letters = fromDatabase("""
        select distinct on (kind, says::json ->> 'language') id::text || ' ' || (says::json ->> 'language') || ' ' || kind
        from letter order by kind, says::json ->> 'language', written_on, id
        """);
    assertFalse(letters.isEmpty());
    for (var letter : letters) {
      var parts = letter.split(" ");
      var answer = page.request()
          .get(page.url().replaceFirst("(//[^/]+)/.*", "$1") + "/api/letters/" + parts[0]);
      assertEquals(answer.status(), 200, letter);
      try (var pdf = Loader.loadPDF(answer.body())) {
        var text = new PDFTextStripper().getText(pdf);
        assertFalse(text.isBlank(), letter);
        walk.note(letter, PlainWords.wrongIn(text));
      }
    }
    assertEquals(walk.wrong().toString(), "{}");
    assertTrue(
        letters.stream().anyMatch(one -> one.contains(" " + Language.EN + " ")),
        letters.toString());
  }
}
