package civitane.e2e;

import civitane.packet.form.WrittenForm;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Map;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What was filled in elsewhere comes back under any name: as an application, or with everything that is wrong. */
public class FromOutsideStory extends Story {

  private Locator openImport() {
    signIn(page, "maud");
    page.keyboard().press("Alt+i");
    var dialog =
        page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Bring in a file"));
    assertThat(dialog).isVisible();
    return dialog;
  }

  private void bring(String name, String type, byte[] bytes) {
    page.locator("input[type=file]").setInputFiles(new FilePayload(name, type, bytes));
  }

  private byte[] bytesOf(Download download) throws IOException {
    return Files.readAllBytes(download.path());
  }

  private static Map<String, String> written() {
    return WrittenForm.meals("Ragna", "Ulvestad", "14 3 81", "Birk", "8 Ropewalk", "BK33");
  }

  @Test
  public void aFormWithNineFaultsAndThenWithNone() throws IOException {
    var dialog = openImport();
    var blank = bytesOf(page.waitForDownload(() -> dialog
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("PDF"))
        .click()));
    var wrong = written();
    wrong.put("/household/people/0/birthDate", "31 2 88");
    wrong.put("/household/people/0/residentNumber", "4821907368");
    wrong.put("/household/people/2/role", "");
    wrong.put("/household/incomes/0/amount", "much");
    wrong.put("/household/incomes/0/frequency", "wekly");
    wrong.put("/household/incomes/0/person", "8");
    wrong.put("/household/incomes/0/kind", "wage of sorts");
    wrong.put("/requests/0/answers/children/0/person", "9");
    wrong.put("/requests/0/answers/householdTotal", "two");
    bring("scan_0017 (2).pdf", "application/pdf", WrittenForm.filled(blank, wrong));
    assertThat(dialog.getByText("9 faults")).isVisible();
    assertThat(dialog.getByRole(AriaRole.ROW)).hasCount(10);
    accessible(page, "the faults of a form");
    bring("again.pdf", "application/pdf", WrittenForm.filled(blank, written()));
    assertThat(page.getByLabel("Given name 1")).hasValue("Ragna");
    assertThat(page.getByLabel("Given name 2")).hasValue("Birk");
  }

  @Test
  public void aSchoolsListWithRowsThatComeBack() throws IOException {
    var dialog = openImport();
    var template = new String(
        bytesOf(page.waitForDownload(() -> dialog
            .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("template"))
            .click())),
        StandardCharsets.UTF_8);
    assertTrue(template.contains("person1.givenName"), template);
    var rows = """
        person1.givenName,person1.familyName,person1.birthDate,person1.residentNumberMissing,person3.givenName,\
        person3.familyName,person3.birthDate,person3.role,address.line1,address.postcode,income1.person,income1.kind,\
        income1.amount,income1.frequency,children1.person,children1.school,children1.grade,householdTotal,signature1.name
        Gudrun,Ekeberg,3 3 1984,declined,Lars,Ekeberg,1 2 2016,child,2 Ropewalk,BK33,1,wages,1200,monthly,3,Marsh Road School,4,2,Gudrun Ekeberg
        Ottilie,Farsund,31 2 1984,declined,Nils,Farsund,1 3 2016,child,4 Ropewalk,BK33,1,wages,1200,monthly,3,Marsh Road School,4,2,Ottilie Farsund
        Petra,Gjerstad,5 3 1984,declined,Ola,Gjerstad,1 4 2016,child,6 Ropewalk,BK33,1,wages,lots,mostly,3,Marsh Road School,4,2,Petra Gjerstad
        """;
    bring("class 4.csv", "text/csv", rows.getBytes(StandardCharsets.UTF_8));
    assertThat(dialog).isHidden();
    assertThat(page.getByText("1 application lodged")).isVisible();
    assertThat(page.getByText("2 rows come back with their reasons")).isVisible();
    accessible(page, "a list that was taken");
    page.reload();
    var back = new String(
        bytesOf(page.waitForDownload(() -> page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName("Save the rows that came back"))
            .click())),
        StandardCharsets.UTF_8);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put away"))
        .click();
    assertThat(page.getByText("1 application lodged")).isHidden();
    assertEquals(back.lines().count(), 3, back);
    assertTrue(back.contains("Farsund") && back.contains("Gjerstad"), back);
    assertTrue(!back.contains("Ekeberg"), back);
  }
}
