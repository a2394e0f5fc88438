package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** The two commonest mistakes are seen while they are made, and said why. */
public class CommonMistakesStory extends Story {

  private Page draftOf(String name) {
    signIn(page, "maud");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Drafts"))
        .click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name)).click();
    return page;
  }

  @Test
  public void aMonthlyWageTypedAsWeekly() {
    draftOf("Rui Valdeira");
    var doubt = page.getByRole(
        AriaRole.BUTTON,
        new Page.GetByRoleOptions()
            .setName(
                "Wages of €2,400.00 a week are €124,800.00 a year — is it €2,400.00 a month?"));
    assertThat(doubt).isVisible();
    doubt.click();
    assertThat(page.getByLabel("How often 1")).isFocused();
    page.getByLabel("How often 1").selectOption("monthly");
    assertThat(doubt).isHidden();
    accessible(page, "the money of an application");
    page.getByLabel("How often 1").selectOption("weekly");
    assertThat(doubt).isVisible();
  }

  @Test
  public void whatCannotBeReadStaysAsTypedAndSaysWhatWouldBeRight() {
    draftOf("Wilhelmina Aster");
    var born = page.getByLabel("Date of birth 1");
    born.fill("31 2 96");
    page.waitForResponse(
        response -> "PUT".equals(response.request().method())
            && response.request().postData().contains("31 2 96"),
        () -> page.keyboard().press("Tab"));
    assertThat(page.getByRole(AriaRole.ALERT).getByText("can't be read: 14 3 88"))
        .isVisible();
    page.reload();
    assertThat(page.getByLabel("Date of birth 1")).hasValue("31 2 96");
    page.getByLabel("Date of birth 1").fill("1.2.96");
    page.keyboard().press("Tab");
    assertThat(page.getByText("can't be read")).isHidden();
    saved(page);
  }

  @Test
  public void statedFiveListedFour() {
    signIn(page, "ikenna");
    importPacket(page, StoryPackets.meals(5));
    var margin = page.getByRole(AriaRole.COMPLEMENTARY);
    assertThat(margin).containsText("5 people were said, and 2 are listed and counted.");
    page.keyboard().press("Alt+7");
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("5 people were said, and 2 are listed and counted.");
    accessible(page, "the read-through");
    page.keyboard().press("Alt+8");
    assertThat(page.getByRole(AriaRole.MAIN))
        .containsText("the family name differs, born on the same day, the address is the same");
    accessible(page, "signing, with somebody who may be known");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lodge with 1 to settle"))
        .click();
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("Oluchi Tamsett may be known already");
    page.getByLabel("somebody else: keep them apart").check();
    saved(page);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lodge with 1 to settle"))
        .click();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("BW-")).click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pick it up"))
        .click();
    assertThat(page.getByText("Household to answer")).isVisible();
    assertThat(page.getByText("It can't be decided yet")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Set the answer"))
        .click();
    page.getByLabel("Value to be used").fill("2");
    page.getByLabel("From where").fill("said on the phone");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Decide it", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    accessible(page, "a claim");
  }

  static void importPacket(Page page, String packet) {
    page.keyboard().press("Alt+i");
    page.locator("input[type=file]")
        .setInputFiles(new com.microsoft.playwright.options.FilePayload(
            "packet.json",
            "application/json",
            packet.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
  }

  @Test
  public void aPacketWithFaultsShowsEachOfThem() {
    signIn(page, "ikenna");
    importPacket(
        page, StoryPackets.meals(2).replace("weekly", "wekly").replace("1988-03-14", "1988-02-30"));
    var dialog =
        page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Bring in a file"));
    assertThat(dialog.getByText("2 faults")).isVisible();
    assertThat(dialog.getByRole(
            AriaRole.CELL,
            new Locator.GetByRoleOptions().setName("/household/incomes/0/frequency")))
        .isVisible();
    assertThat(dialog).containsText("What comes in, line 1, How often");
    assertThat(dialog).containsText("it is not on the calendar");
    accessible(page, "the faults of a packet");
    page.keyboard().press("Escape");
    assertThat(dialog).isHidden();
  }
}
