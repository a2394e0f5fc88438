package civitane.e2e;

import com.microsoft.playwright.Page;

/** A keyboard that counts what is pressed on it; a chord counts once. */
final class Keystrokes {
  private final Page page;
  private int count;

  Keystrokes(Page page) {
    this.page = page;
  }

  void press(String... keys) {
    for (var key : keys) {
      page.keyboard().press(key);
      count++;
    }
  }

  /** Types into the field that has the focus, and stays there. */
  void type(String text) {
    page.keyboard().type(text);
    count += text.length();
  }

  /** Types into one field after the other, going on with Enter; an empty text passes a field by. */
  void enter(String... texts) {
    for (var text : texts) {
      type(text);
      press("Enter");
    }
  }

  int count() {
    return count;
  }
}
