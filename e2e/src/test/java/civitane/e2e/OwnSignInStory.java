package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

/** She takes another password by keyboard, mistyping it first, and is signed out where she had forgotten to. */
public class OwnSignInStory extends Story {
  @Test
  public void anotherPasswordIsTaken() throws Exception {
    inDatabase("""
        insert into staff (login, name, role, password_hash, disabled)
        select 'odile', 'Odile Varga', 'AUDITOR', password_hash, false from staff where login = 'jun'
        """);
    var forgotten = window();
    enter(forgotten, "jun-jun");
    enter(page, "jun-jun");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Odile Varga"))
        .press("Enter");
    assertThat(page.getByText("another browser")).isVisible();
    accessible(page, "how one signs in");
    var walk = new Walk(page);
    walk.past("how one signs in");
    assertEquals(String.join("\n", walk.invalid()), "");

    page.getByLabel("Password now").fill("jun-jun");
    page.getByLabel("New password", new Page.GetByLabelOptions().setExact(true))
        .fill("four slow blue herons");
    page.getByLabel("New password once more").fill("four slow blue heron");
    page.keyboard().press("Enter");
    assertThat(page.getByText("The new password was typed in two ways.")).isVisible();
    page.getByLabel("New password once more").fill("four slow blue herons");
    page.keyboard().press("Enter");
    assertThat(page.getByText("It holds from now on.")).isVisible();
    assertThat(page.getByText("Nowhere else.")).isVisible();

    forgotten.reload();
    assertThat(forgotten.getByLabel("Password")).isVisible();
    enter(forgotten, "four slow blue herons");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Odile Varga"))
        .press("Enter");
    page.reload();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign out everywhere else"))
        .press("Enter");
    assertThat(page.getByText("Nowhere else.")).isVisible();
    forgotten.reload();
    assertThat(forgotten.getByLabel("Password")).isVisible();
  }

  private void enter(Page where, String password) {
    go(where, "/sign-in");
    where.getByLabel("Name").fill("odile");
    where.getByLabel("Password").fill(password);
    where.keyboard().press("Enter");
    assertThat(where.getByText("Odile Varga")).isVisible();
  }
}
