package civitane.e2e;

import civitane.packet.PlainWords;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import tools.jackson.databind.json.JsonMapper;

/** Screens as they are passed, one after the other: what can be read on each, and its page for the checker of the W3C. */
final class Walk {
  private static final Path CHECKER = Path.of("../web/node_modules/vnu-jar/build/dist/vnu.jar");
  private static final int MINUTES = 3;
  private static final String KNOWN_WRONG = "known-wrong.html";

  /** What is shown of a page: its text, and what is read out or shown of its parts. */
  private static final String READ = """
      () => {
        const read = [];
        const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (texts.nextNode()) {
          const inside = texts.currentNode.parentElement;
          if (inside.checkVisibility() && !["SCRIPT", "STYLE"].includes(inside.tagName)) {
            read.push(texts.currentNode.textContent);
          }
        }
        return [
        ...read,
        ...[...document.querySelectorAll("[aria-label], [title], [placeholder], option, summary")]
          .flatMap((one) => [one.getAttribute("aria-label"), one.getAttribute("title"),
            one.getAttribute("placeholder"), one.tagName === "OPTION" ? one.textContent : null])
          .filter(Boolean)
        ].join("\\n");
      }
      """;

  /** The checks of the rules by their ids, which the Rules and Working show to who works with them. */
  private static final Pattern CHECK_ID = Pattern.compile("\\b[A-Z]{2,3}-[A-Z]+\\b");

  private final Page page;
  private final Path pages;
  private final Map<String, List<String>> wrong = new TreeMap<>();

  Walk(Page page) {
    this.page = page;
    try {
      this.pages = Files.createTempDirectory("civitane-pages");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Reads the screen that is shown. */
  void past(String screen) {
    var text = CHECK_ID.matcher((String) page.evaluate(READ)).replaceAll("·");
    note(screen, PlainWords.wrongIn(text));
    try {
      Files.writeString(
          pages.resolve(screen.replaceAll("\\W+", "-") + ".html"),
          "<!DOCTYPE html>\n" + page.evaluate("() => document.documentElement.outerHTML"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  void note(String what, List<String> found) {
    if (!found.isEmpty()) {
      wrong.computeIfAbsent(what, name -> new ArrayList<>()).addAll(found);
    }
  }

  /** What could not be read by anybody, by the screen. */
  Map<String, List<String>> wrong() {
    return wrong;
  }

  /** What the checker of the W3C finds wrong in the pages. */
  List<String> invalid() throws IOException, InterruptedException {
    Files.writeString(pages.resolve(KNOWN_WRONG), "<!DOCTYPE html><p><li>no title, no list");
    var java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
    var checker = new ProcessBuilder(
            java,
            "-jar",
            CHECKER.toString(),
            "--format",
            "json",
            "--stdout",
            "--errors-only",
            "--exit-zero-always",
            pages.toString())
        .redirectError(ProcessBuilder.Redirect.DISCARD)
        .start();
    var said = checker.getInputStream().readAllBytes();
    if (!checker.waitFor(MINUTES, TimeUnit.MINUTES)) {
      checker.destroyForcibly();
    }
    var found = new ArrayList<String>();
    for (var message : new JsonMapper().readTree(said).path("messages")) {
      found.add(message.path("url").asString("").replaceAll(".*/", "") + ": "
          + message.path("message").asString("") + " in "
          + message.path("extract").asString(""));
    }
    if (!found.removeIf(one -> one.startsWith(KNOWN_WRONG))) {
      found.add("the checker did not say what is wrong in " + KNOWN_WRONG);
    }
    return found;
  }

  boolean hasPages() throws IOException {
    try (var files = Files.list(pages)) {
      return files.findAny().isPresent();
    }
  }
}
