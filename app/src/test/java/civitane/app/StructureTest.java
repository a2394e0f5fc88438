package civitane.app;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.modulith.core.ApplicationModules;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.testng.Assert.assertEquals;

/** The application is built as it is meant to be. */
public class StructureTest extends OnDatabase {
  private static final String ROOMS = "<!-- rooms -->";

  @Test
  public void capabilitiesReachEachOtherOnlyThroughWhatTheyOffer() {
    ApplicationModules.of(CivitaneApplication.class).verify();
  }

  /** The interface's types are generated from this description; it is refreshed with -Dcivitane.describe=yes. */
  @Test
  public void theDescriptionOfTheInterfaceIsUpToDate() throws Exception {
    var described = (ObjectNode) body(asIkenna(get("/api/openapi")));
    described.remove("servers");
    var file = Path.of("../web/src/api/openapi.json");
    if (System.getProperty("civitane.describe") != null) {
      Files.writeString(
          file, json.writerWithDefaultPrettyPrinter().writeValueAsString(described) + "\n");
    }
    assertEquals(described, json.readTree(Files.readString(file, StandardCharsets.UTF_8)));
  }

  /** What reads files that came from anywhere is reached through few places, each of which looks at them with distrust. */
  @Test
  public void whatReadsFilesIsUsedInFewPlaces() {
    noClasses()
        .that()
        .resideOutsideOfPackages(
            "..app.papers..",
            "..app.reading..",
            "..app.drafts..",
            "..app.forms..",
            "..app.letters..",
            "..app.post..",
            "..app.demo..",
            "..packet.form..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.apache.pdfbox..", "javax.imageio..", "com.google.zxing..", "net.sourceforge..")
        .check(new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("civitane"));
  }

  /** The rooms and which of them uses which; what a room reaches through another is not drawn twice. */
  @Test
  public void thePictureOfTheRoomsIsUpToDate() throws Exception {
    var modules = ApplicationModules.of(CivitaneApplication.class);
    var uses = new TreeMap<String, Set<String>>();
    modules.forEach(module -> uses.put(
        module.getIdentifier().toString(),
        module
            .getDirectDependencies(modules)
            .uniqueModules()
            .map(other -> other.getIdentifier().toString())
            .collect(Collectors.toCollection(TreeSet::new))));
    var picture = new StringBuilder("\n```mermaid\ngraph TD\n");
    uses.forEach((room, others) -> others.stream()
        .filter(other -> others.stream().noneMatch(between -> reaches(uses, between, other)))
        .forEach(other ->
            picture.append("  ").append(room).append(" --> ").append(other).append('\n')));
    picture.append("```\n");
    var file = Path.of("../docs/architecture.md");
    var page = Files.readString(file);
    var from = page.indexOf(ROOMS) + ROOMS.length();
    var to = page.indexOf("<!-- /rooms -->");
    if (System.getProperty("civitane.describe") != null) {
      Files.writeString(file, page.substring(0, from) + picture + page.substring(to));
    }
    assertEquals(page.substring(from, to), picture.toString(), "print it, as it is said above");
  }

  private static boolean reaches(Map<String, Set<String>> uses, String from, String to) {
    return uses.get(from).stream().anyMatch(next -> next.equals(to) || reaches(uses, next, to));
  }
}
