package civitane.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** An application as a screen reader tells it: what each field asks, what stands in it, and in the order of the work. */
public class HeardStory extends Story {
  /** Something that takes an answer and does not say what is asked. */
  private static final Pattern NAMELESS = Pattern.compile(
      "(?m)^\\s*- (textbox|combobox|checkbox|radio|button|spinbutton|slider)(:|$| \\[)");

  @Test
  public void everyPartSaysWhatItAsks() {
    signIn(page, "ikenna");
    CommonMistakesStory.importPacket(page, StoryPackets.meals(2));
    assertThat(page.getByLabel("Given name 1")).hasValue("Perpetua");
    for (var part = 1; part <= 9; part++) {
      page.keyboard().press("Alt+" + part);
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
          .isVisible();
      var heard = page.getByRole(AriaRole.MAIN).ariaSnapshot();
      var nameless =
          NAMELESS.matcher(heard).results().map(found -> found.group()).toList();
      assertEquals(nameless, List.of(), "part " + part + ":\n" + heard);
    }
    page.keyboard().press("Alt+2");
    var who = page.getByRole(AriaRole.MAIN).ariaSnapshot();
    var from = 0;
    for (var told : List.of(
        "textbox \"Given name 1\": Perpetua",
        "textbox \"Family name 1\"",
        "textbox \"Date of birth 1\"",
        "textbox \"Given name 2\"")) {
      var at = who.indexOf(told, from);
      assertTrue(at >= 0, told + " is not heard in its place in\n" + who);
      from = at;
    }
  }
}
