package civitane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** One of many, found by typing the beginnings of its words. */
final class Picking {
  private Picking() {}

  /** Takes what has these words. */
  static void pick(Locator field, String words) {
    field.fill(words);
    field.press("Enter");
  }

  /** All that is there to be chosen. */
  static List<String> offered(Page page, Locator field) {
    field.press("ArrowDown");
    var options = page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION);
    assertThat(options.first()).isVisible();
    var words = options.allInnerTexts();
    field.press("Escape");
    assertThat(options).hasCount(0);
    return words;
  }
}
