package civitane.e2e;

import com.microsoft.playwright.options.AriaRole;
import java.sql.SQLException;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Two people type on one draft; neither overwrites the other unseen. */
public class TwoBrowsersStory extends Story {

  @Test
  public void theSecondIsToldWhoWasFasterAndLosesNothing() {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    var other = window();
    signIn(other, "maud");
    go(other, page.url().replaceFirst("^http://[^/]+", ""));
    assertThat(other.getByLabel("Given name 1")).hasValue("Perpetua");

    page.getByLabel("Given name 2").fill("Wrenna");
    saved(page);
    page.waitForResponse(
        response -> response.request().method().equals("PUT") && response.ok(),
        () -> page.getByLabel("Family name 2").fill("Lindqvory-Aske"));

    other.getByLabel("Given name 1").fill("Perpetua Maria");
    var conflict = other.getByRole(AriaRole.ALERT);
    assertThat(conflict).containsText("Ikenna Okonjo saved this draft in another window");
    assertThat(other.getByLabel("Given name 1")).hasValue("Perpetua Maria");
    accessible(other, "two windows on one draft");
    conflict.getByText("Show what they saved").click();
    assertThat(other.getByLabel("Given name 2")).hasValue("Wrenna");
    assertThat(other.getByLabel("Given name 1")).hasValue("Perpetua");
  }

  @Test
  public void whatOneTakesUpTheOtherSeesWithoutAsking() throws SQLException {
    var number = fromDatabase("""
        select number from claim where state = 'LODGED' and holder is null
        and household_id not in (select household_id from restricted_household)
        order by number desc limit 1""").get(0);
    signIn(page, "ikenna");
    go(page, "/claims/" + number);
    assertThat(page.getByText("The checks")).isVisible();
    var other = window();
    signIn(other, "maud");
    go(other, "/claims/" + number);
    assertThat(other.getByText("The checks")).isVisible();
    other.keyboard().press("Alt+t");
    assertThat(other.getByText("Maud Verhallen has it")).isVisible();
    assertThat(page.getByText("Somebody else changed this claim while you look at it."))
        .isVisible();
    accessible(page, "a claim that somebody else moved");
    page.getByText("Show it as it is now").click();
    assertThat(page.getByText("Maud Verhallen has it")).isVisible();
    assertThat(page.getByText("Somebody else changed this claim")).hasCount(0);
  }

  @Test
  public void whatIsTypedWithoutAConnectionIsSavedWhenItComesBack() {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    page.context().setOffline(true);
    page.getByLabel("Given name 2").fill("Offline");
    assertThat(page.getByText("Not saved: no connection")).isVisible();
    page.context().setOffline(false);
    saved(page);
    page.reload();
    assertThat(page.getByLabel("Given name 2")).hasValue("Offline");
  }
}
