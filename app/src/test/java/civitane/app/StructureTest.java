package civitane.app;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.modulith.core.ApplicationModules;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;

/** The application is built as it is meant to be. */
public class StructureTest extends OnDatabase {

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
}
