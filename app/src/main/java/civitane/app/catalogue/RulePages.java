package civitane.app.catalogue;

import civitane.app.problems.Problem;
import civitane.core.services.Services;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

import static civitane.core.facts.Known.known;

/** The pages of rules, printed when the application is built. */
final class RulePages {
  private RulePages() {}

  static String of(String service) {
    var known = Services.named(service)
        .orElseThrow(() -> Problem.notThere("A service of this name"))
        .word();
    try (var page = known(RulePages.class.getResourceAsStream("/rules/" + known + ".md"))) {
      return new String(page.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
