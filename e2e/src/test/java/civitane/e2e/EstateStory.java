package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Font;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** What somebody who asks for an estate handed in does not fit in two things: both go back, each with its reason. */
public class EstateStory extends Story {
  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  private Locator reading() {
    return region("What it shows");
  }

  /** The first paper that waits is of this kind; what the machine read is taken. */
  private void take(String kind, String read, int fields) {
    assertThat(reading()
            .getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Kind of paper")))
        .hasValue(kind);
    assertThat(reading().getByText("read " + read)).isVisible();
    assertThat(reading().locator("tbody :focus")).hasCount(1);
    for (var i = 0; i < fields; i++) {
      page.keyboard().press("Enter");
    }
  }

  private void kindIs(String kind) {
    assertThat(reading()
            .getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Kind of paper")))
        .hasValue(kind);
  }

  private void giveBack(String fault, String settles) {
    page.keyboard().press("Alt+b");
    reading()
        .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(fault))
        .press("Space");
    reading().getByLabel("Reason, or what would settle it").fill(settles);
    page.keyboard().press("Alt+b");
  }

  private static FilePayload record() throws IOException {
    var image = new BufferedImage(900, 420, BufferedImage.TYPE_INT_RGB);
    var graphics = image.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
    graphics.setColor(Color.BLACK);
    graphics.setFont(new Font(Font.SERIF, Font.PLAIN, 30));
    graphics.drawString("Record of a death", 40, 70);
    graphics.drawString("Name: Verna Dunmallow", 40, 130);
    graphics.drawString("Number of the record: DR-00533", 40, 190);
    graphics.dispose();
    var bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "png", bytes);
    return new FilePayload("record again.png", "image/png", bytes.toByteArray());
  }

  @Test
  public void twoThingsDoNotFitAndOneComesAgain() throws IOException {
    signIn(page, "ikenna");
    onTheDesk(page, "Ilmar Dunmallow").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+e");
    take("passport", "11 Dec 1979", 4);
    assertThat(reading()).containsText("another day than was said");
    accessible(page, "a passport with another birth date");
    giveBack(
        "the date of birth differs", "a passport or card with the right day, or the day set right");
    var list = region("Papers that are wanted, and that came");
    assertThat(list.getByText("given back", new Locator.GetByTextOptions().setExact(true)))
        .hasCount(1);
    take("death record", "Verner Dunnock", 1);
    assertThat(reading().getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)))
        .hasValue("Verner Dunnock");
    giveBack("another person’s", "the record about Verna Dunmallow");
    assertThat(list.getByText("given back", new Locator.GetByTextOptions().setExact(true)))
        .hasCount(2);

    page.keyboard().press("Alt+q");
    var dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("the record about Verna Dunmallow");
    assertThat(dialog).containsText("the date of birth differs");
    dialog
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ask for"))
        .press("Enter");
    assertThat(dialog).hasCount(0);

    list.getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("death record"))
        .first()
        .click();
    var chooser = page.waitForFileChooser(
        () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose files"))
            .click());
    chooser.setFiles(record());
    var fresh = reading().getByLabel("Name", new Locator.GetByLabelOptions().setExact(true));
    kindIs("death record");
    assertThat(fresh).hasValue("");
    assertThat(list).containsText("came in place of what was given back");
    assertThat(reading()).containsText("the record about Verna Dunmallow");
    reading()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Look at both"))
        .press("Enter");
    assertThat(page.getByRole(
            AriaRole.IMG, new Page.GetByRoleOptions().setName("Death record, page 1")))
        .hasCount(2);
    fresh.fill("Verna Dunmallow");
    page.keyboard().press("Alt+a");
    assertThat(list.getByText("given back; another came")).hasCount(1);
    assertThat(list.getByText("accepted", new Locator.GetByTextOptions().setExact(true)))
        .hasCount(1);
    page.keyboard().press("Alt+r");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("the record about Verna Dunmallow");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("The paper was accepted: death record");
  }
}
