package civitane.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.modulith.core.ApplicationModules;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What docs/security.md and docs/threats.md say is whole, and names what is there. */
public class SecurityPageTest {
  /** The items of levels 1 and 2, chapter by chapter; what is not in a range is deleted, or of level 3. */
  private static final String ITEMS = """
      1.1.1-7 1.2.1-4 1.4.1 1.4.4-5 1.5.1-4 1.6.1-4 1.7.1-2 1.8.1-2 1.9.1-2 1.10.1 1.11.1-2 1.12.2 1.14.1-6
      2.1.1-12 2.2.1-3 2.3.1-3 2.4.1-5 2.5.1-7 2.6.1-3 2.7.1-6 2.8.1-7 2.9.1-3 2.10.1-4
      3.1.1 3.2.1-4 3.3.1-4 3.4.1-5 3.5.1-3 3.7.1
      4.1.1-3 4.1.5 4.2.1-2 4.3.1-3
      5.1.1-5 5.2.1-8 5.3.1-10 5.4.1-3 5.5.1-4
      6.1.1-3 6.2.1-6 6.3.1-2 6.4.1-2
      7.1.1-4 7.2.1-2 7.3.1 7.3.3-4 7.4.1-3
      8.1.1-4 8.2.1-3 8.3.1-8
      9.1.1-3 9.2.1-4
      10.2.1-2 10.3.1-3
      11.1.1-8
      12.1.1-3 12.2.1 12.3.1-6 12.4.1-2 12.5.1-2 12.6.1
      13.1.1 13.1.3-5 13.2.1-3 13.2.5-6 13.3.1-2 13.4.1-2
      14.1.1-4 14.2.1-6 14.3.2-3 14.4.1-7 14.5.1-4
      """;

  private static final Pattern ROW = Pattern.compile("\\| (.+?) \\| (\\S*) \\| (.*) \\|");
  private static final Pattern ITEM =
      Pattern.compile("(\\d+)\\.(\\d+)\\.(\\d+)(?:–\\d+\\.\\d+\\.(\\d+))?");
  private static final Pattern TEST = Pattern.compile("`(\\w+(?:Test|Story))`");

  /** @param says yes or none */
  private record Row(String what, String says, String how) {}

  private static List<Row> rows() throws IOException {
    var rows = new ArrayList<Row>();
    for (var line : Files.readAllLines(Path.of("../docs/security.md"))) {
      var match = ROW.matcher(line);
      if (match.matches() && !match.group(1).equals("item") && !match.group(1).equals("---")) {
        rows.add(new Row(match.group(1), match.group(2), match.group(3)));
      }
    }
    return rows;
  }

  private static Stream<String> items(String chapter, int from, int to) {
    return IntStream.rangeClosed(from, to).mapToObj(nr -> chapter + "." + nr);
  }

  private static List<String> itemsOf(String words) {
    return ITEM.matcher(words)
        .results()
        .flatMap(found -> items(
            found.group(1) + "." + found.group(2),
            Integer.parseInt(found.group(3)),
            Integer.parseInt(found.group(4) == null ? found.group(3) : found.group(4))))
        .toList();
  }

  @Test
  public void eachItemOfBothLevelsIsThereOnce() throws IOException {
    var wanted = itemsOf(ITEMS.replaceAll("(\\d+\\.\\d+\\.)(\\d+)-(\\d+)", "$1$2–$1$3"));
    var there = rows().stream().flatMap(row -> itemsOf(row.what()).stream()).toList();
    assertEquals(new TreeSet<>(there).size(), there.size(), "none twice: " + twice(there));
    var missing = new TreeSet<>(wanted);
    missing.removeAll(there);
    assertTrue(missing.isEmpty(), "missing: " + missing);
  }

  private static List<String> twice(List<String> items) {
    return items.stream()
        .collect(Collectors.groupingBy(one -> one, Collectors.counting()))
        .entrySet()
        .stream()
        .filter(one -> one.getValue() > 1)
        .map(one -> one.getKey())
        .toList();
  }

  @Test
  public void eachIsMetOrDoesNotApplyWithAReason() throws IOException {
    for (var row : rows()) {
      assertTrue(List.of("yes", "none").contains(row.says()), row.toString());
      assertTrue(row.how().length() > "so".length(), row.toString());
    }
  }

  @Test
  public void theTestsThatAreNamedAreThere() throws IOException {
    var there = new TreeSet<String>();
    for (var module : List.of("core", "words", "packet", "app", "e2e")) {
      try (var files = Files.walk(Path.of("..", module, "src/test/java"))) {
        files
            .map(file -> file.getFileName().toString())
            .filter(name -> name.endsWith(".java"))
            .forEach(name -> there.add(name.replace(".java", "")));
      }
    }
    for (var page : List.of("../docs/security.md", "../docs/threats.md", "../SECURITY.md")) {
      var named = TEST.matcher(Files.readString(Path.of(page)))
          .results()
          .map(found -> found.group(1))
          .filter(name -> !there.contains(name))
          .toList();
      assertTrue(named.isEmpty(), page + " names " + named);
    }
  }

  @Test
  public void eachRoomHasItsThreats() throws IOException {
    var page = Files.readString(Path.of("../docs/threats.md"));
    var without = ApplicationModules.of(CivitaneApplication.class).stream()
        .map(module -> module.getIdentifier().toString())
        .filter(room -> !page.contains("`" + room + "`"))
        .toList();
    assertTrue(without.isEmpty(), "docs/threats.md says nothing of " + without);
  }
}
