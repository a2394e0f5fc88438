package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Somebody calls and gives a name: the claim is found by keyboard alone, however the name is typed. */
public class FinderStory extends Story {

  @Test
  public void aCallerIsFoundByANameThatIsSpeltWrong() {
    signIn(page, "pia");
    page.getByLabel("Find a person or a claim").fill("bjorn angqist");
    page.keyboard().press("Enter");
    var found = page.getByRole(AriaRole.DIALOG);
    assertThat(found).containsText("Björn Ångquist");
    assertThat(found.getByRole(AriaRole.BUTTON).first()).isFocused();
    accessible(page, "who was found");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Björn Ångquist");
    assertThat(found).hasCount(0);
  }

  @Test
  public void nobodyIsSaidToBeNobodyAndANumberGoesStraightToItsClaim() throws Exception {
    signIn(page, "ikenna");
    var finder = page.getByLabel("Find a person or a claim");
    finder.fill("Xqwzzv");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Nobody like that is known");
    page.keyboard().press("Escape");
    var number = fromDatabase("""
            select number from claim where household_id in (select id from household where name = 'Yusra Haddad')
            """).get(0);
    finder.fill(number.toLowerCase(java.util.Locale.ROOT));
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Yusra Haddad");
  }
}
