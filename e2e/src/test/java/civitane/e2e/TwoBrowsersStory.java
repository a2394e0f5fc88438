package civitane.e2e;

import com.microsoft.playwright.options.AriaRole;
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
