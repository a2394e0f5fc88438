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
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Payslips are brought, read beside what was said, accepted by the keys, and given back where they can't be read. */
public class PapersStory extends Story {
  /** The specimen of ICAO Doc 9303, part 4. */
  private static final String ZONE =
      "P<UTOERIKSSON<<ANNA<MARIA<<<<<<<<<<<<<<<<<<<\nL898902C36UTO7408122F1204159ZE184226B<<<<<10";

  static FilePayload slip(String name, String... lines) throws IOException {
    var image = new BufferedImage(700, 420, BufferedImage.TYPE_INT_RGB);
    var graphics = image.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
    graphics.setColor(Color.BLACK);
    graphics.setFont(new Font(Font.SERIF, Font.PLAIN, 26));
    for (var i = 0; i < lines.length; i++) {
      graphics.drawString(lines[i], 40, 70 + i * 50);
    }
    graphics.dispose();
    var bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "png", bytes);
    return new FilePayload(name, "image/png", bytes.toByteArray());
  }

  private void bring(FilePayload file) {
    var chooser = page.waitForFileChooser(
        () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Choose files"))
            .click());
    chooser.setFiles(file);
  }

  private Locator region(String name) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  public void payslipsAreReadAcceptedAndGivenBack() throws IOException {
    signIn(page, "ikenna");
    onTheDesk(page, "Yusra Haddad").click();
    page.keyboard().press("Alt+o");
    assertThat(page.getByText("The checks")).isVisible();
    page.keyboard().press("Alt+e");
    var list = region("Papers that are wanted, and that came");
    list.getByText("Payslips will settle it").click();
    accessible(page, "papers before any came");

    bring(new FilePayload(
        "payslip.pdf",
        "application/pdf",
        ("X5O!P%@AP[4\\PZX54(P^)7CC)7}$" + "EICAR-STANDARD-ANTIVIRUS-TEST-FILE!$H+H*")
            .getBytes(StandardCharsets.US_ASCII)));
    assertThat(list.getByRole(AriaRole.ALERT)).containsText("a pattern of harmful programs");
    list.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave it"))
        .click();

    bring(
        slip("october.png", "Delta Cannery Co-op", "Yusra Haddad", "Period ends 31 October 2026"));
    var reading = region("What it shows");
    assertThat(
            page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Payslips, page 1")))
        .isVisible();
    assertThat(reading).containsText("Yusra Haddad");
    assertThat(page.getByText("Look at what came")).isVisible();
    accessible(page, "a paper beside what was said");
    page.keyboard().press("Alt+a");
    assertThat(reading.getByRole(AriaRole.ALERT)).containsText("the day its period ends");
    reading.getByLabel("Period ends").focus();
    page.keyboard().type("31 10 26");
    page.keyboard().press("Tab");
    page.keyboard().type("1,512.40");
    page.keyboard().press("Alt+a");
    assertThat(list.getByText("accepted", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();

    bring(slip("dark.png", "…"));
    assertThat(list.getByText("to be read")).isVisible();
    var kind = reading.getByRole(
        AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Kind of paper"));
    Picking.pick(kind, "passport");
    assertThat(kind).hasValue("passport");
    var zone = reading.getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Zone"));
    zone.fill(ZONE.replace("7408122F", "7408123F"));
    assertThat(reading).containsText("The check digit for date of birth is 3; 2 would be right.");
    zone.fill(ZONE);
    assertThat(reading).containsText("Every check digit is right.");
    assertThat(reading).containsText("born 12 Aug 1974");
    assertThat(kind).hasValue("passport");
    Picking.pick(kind, "payslips");
    page.keyboard().press("Alt+b");
    assertThat(reading.getByRole(AriaRole.ALERT)).containsText("Say what is wrong with it");
    reading.getByLabel("not legible").check();
    reading.getByLabel("Reason, or what would settle it").fill("a picture by daylight");
    page.keyboard().press("Alt+b");
    assertThat(list.getByText("given back", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    page.keyboard().press("Alt+r");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("The paper was accepted: payslips");
    assertThat(page.getByRole(AriaRole.MAIN)).containsText("not legible. a picture by daylight");
  }
}
