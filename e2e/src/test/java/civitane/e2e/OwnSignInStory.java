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
    assertThat(forgotten.getByText("Your password was changed on")).isVisible();
    accessible(forgotten, "that one's password was changed");
    forgotten
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("That was me"))
        .press("Enter");
    assertThat(forgotten.getByText("Your password was changed on")).hasCount(0);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Odile Varga"))
        .press("Enter");
    page.reload();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign out everywhere else"))
        .press("Enter");
    assertThat(page.getByText("Nowhere else.")).isVisible();
    forgotten.reload();
    assertThat(forgotten.getByLabel("Password")).isVisible();
  }

  @Test
  public void whoComesWithAPasswordThatSomebodyElseChoseTakesOneOfTheirOwn() throws Exception {
    inDatabase("""
        insert into staff (login, name, role, password_hash, disabled, handed_out_until)
        select 'petra', 'Petra Lindqvory', 'CASEWORKER', password_hash, false, now() + interval '1 day'
        from staff where login = 'jun'
        """);
    enter(page, "petra", "jun-jun", "Petra Lindqvory");
    assertThat(page.getByText("Somebody else chose the password")).isVisible();
    assertThat(page.getByRole(AriaRole.NAVIGATION)).hasCount(0);
    accessible(page, "a password of one's own");
    go(page, "/tray");
    assertThat(page.getByText("Somebody else chose the password")).isVisible();

    page.getByLabel("Password now").fill("jun-jun");
    var typed = page.getByLabel("New password", new Page.GetByLabelOptions().setExact(true));
    typed.fill("password password");
    assertThat(page.getByText("It is one of those that are tried first")).isVisible();
    assertThat(page.getByText("weak")).isVisible();
    typed.fill("seven loud grey geese");
    assertThat(page.getByText("hard to find", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    page.getByLabel("New password once more").fill("seven loud grey geese");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Your password is taken. Sign in with it.")).isVisible();
    page.getByLabel("Name").fill("petra");
    page.getByLabel("Password").fill("seven loud grey geese");
    page.getByLabel("Show what I type").check();
    assertThat(page.getByLabel("Password")).hasAttribute("type", "text");
    page.getByLabel("Password").press("Enter");
    assertThat(page.getByText("of work due today")).isVisible();
    assertThat(page.getByText("Your password was changed on")).hasCount(0);
  }

  private void enter(Page where, String password) {
    enter(where, "odile", password, "Odile Varga");
  }

  private void enter(Page where, String login, String password, String name) {
    go(where, "/sign-in");
    where.getByLabel("Name").fill(login);
    where.getByLabel("Password").fill(password);
    where.keyboard().press("Enter");
    assertThat(where.getByText(name)).isVisible();
  }
}
