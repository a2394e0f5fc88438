package civitane.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * The checker of accessibility, run in the page itself. Its own library for this browser hands over all it looked at, each
 * time in a page of its own, and takes seconds for it; here only what is wrong leaves the page.
 */
final class Axe {
  private static final String CHECKER = checker();

  private static final String RUN = """
      async () => {
        const found = await axe.run(document, {resultTypes: ["violations"], iframes: false});
        if (found.passes.length === 0) {
          throw new Error("nothing was looked at");
        }
        return found.violations.map((rule) => rule.id + " " + rule.nodes[0].html);
      }
      """;

  private Axe() {}

  private static String checker() {
    try (var file = Axe.class.getResourceAsStream("/axe.min.js")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Each rule that is broken, with the first place where it is. */
  @SuppressWarnings("unchecked")
  static List<String> wrongIn(Page page) {
    if (Boolean.FALSE.equals(page.evaluate("() => 'axe' in window"))) {
      page.evaluate(CHECKER);
    }
    return (List<String>) page.evaluate(RUN);
  }
}
