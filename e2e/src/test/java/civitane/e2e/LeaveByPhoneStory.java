package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

/** Leave asked for on the phone: nothing is asked twice, the days are set on a strip, the statements are read out and answered. */
public class LeaveByPhoneStory extends Story {

  @Test
  public void whatIsToldOnceIsOfferedAndTheDaysAreSteppedAndDragged() {
    signIn(page, "maud");
    new Conversation(page)
        .asksFor("paidLeave")
        .parentAndChild("Brigida", "Holmvane", "4 5 84", "Kolja", "6 7 2015");
    page.keyboard().press("Alt+3");
    page.getByLabel("Employer 1").fill("Marram Basket Works");
    page.keyboard().press("Alt+5");
    answer("person").focus();
    page.keyboard().press("Alt+u");
    assertThat(answer("person")).hasValue("p1");
    main()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Marram Basket Works"))
        .click();
    assertThat(answer("employers-0-name")).hasValue("Marram Basket Works");
    assertThat(margin()).not().containsText("Not entitled");

    answer("pattern").selectOption("continuous");
    answer("absentFrom").fill("16 11 2026");
    answer("benefitFrom").focus();
    page.keyboard().press("ArrowUp");
    assertThat(answer("benefitFrom")).hasValue("17 Nov 2026");
    page.keyboard().press("ArrowDown");
    assertThat(answer("benefitFrom")).hasValue("16 Nov 2026");
    answer("returnOn").focus();
    page.keyboard().press("PageUp");
    page.keyboard().press("PageUp");
    assertThat(answer("returnOn")).hasValue("30 Nov 2026");
    assertThat(main()).containsText("from Mon 16 Nov to Sun 29 Nov, 2 weeks");
    accessible(page, "leave with its strip");

    var strip = main().locator("svg").first();
    strip.scrollIntoViewIfNeeded();
    var box = strip.boundingBox();
    var lane = box.y + box.height - LANE_OF_THE_LAST;
    page.mouse().move(box.x + box.width / 2, lane);
    page.mouse().down();
    page.mouse().move(box.x + box.width - 1, lane);
    page.mouse().up();
    assertThat(answer("returnOn")).not().hasValue("30 Nov 2026");
  }

  @Test
  public void onThePhoneEachStatementIsAnsweredAndACopyGoesOutOnPaper() throws IOException {
    signIn(page, "maud");
    var conversation = new Conversation(page)
        .asksFor("schoolMeals")
        .parentAndChild("Estrid", "Quayle-Munro", "9 2 86", "Pim", "1 3 2016")
        .livesAt("14 Ropewalk", "BK33", "Gullhaven");
    page.keyboard().press("Alt+8");
    var signer = main()
        .getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Estrid Quayle-Munro"));
    signer.getByLabel("How").selectOption("spoken");
    var yes = signer.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("yes"));
    var no = signer.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("no"));
    for (var statement : yes.all()) {
      statement.check();
    }
    no.first().check();
    page.getByLabel("Signs as Estrid Quayle-Munro").fill("Estrid Quayle-Munro");
    page.getByLabel("Interpreter, if any").fill("Ottilie Brandvold");
    assertThat(signer).containsText("answered with no: nothing is signed");
    yes.first().check();
    assertThat(signer).not().containsText("answered with no");
    accessible(page, "signing by voice");
    saved(page);
    page.keyboard().press("Alt+l");
    assertThat(main()).containsText("print the receipt and post it");
    try (var receipt = Loader.loadPDF(conversation.receipt())) {
      var text = new PDFTextStripper().getText(receipt).replaceAll("\\s+", " ");
      assertTrue(text.contains("signed by voice"), text);
      assertTrue(text.contains("interpreted by Ottilie Brandvold"), text);
      assertTrue(text.contains("If something in it is not as it was said, tell us by"), text);
    }
  }

  private static final int LANE_OF_THE_LAST = 38;

  private Locator answer(String key) {
    return page.locator("#at-requests-0-answers-" + key);
  }

  private Locator main() {
    return page.getByRole(AriaRole.MAIN);
  }

  private Locator margin() {
    return page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions());
  }
}
