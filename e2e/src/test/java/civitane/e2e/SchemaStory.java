package civitane.e2e;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import civitane.packet.PacketReader;
import civitane.packet.PacketSchema;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Somebody else's program checks packets by the schema: it takes what the reader takes, and refuses what no packet may be. */
public class SchemaStory {
  private static final JsonMapper JSON = JsonMapper.builder()
      .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
      .build();
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());
  private static final Path WEB = Path.of("../web");

  private final List<String> packets = new ArrayList<>();
  private final List<Boolean> passes = new ArrayList<>();

  @Test
  public void takesWhatTheReaderTakesAndRefusesWhatItRefuses() throws Exception {
    var services = Services.all().stream().map(Entitlement::word);
    for (var file : Stream.concat(services, Stream.of("identity", "income")).toList()) {
      for (var packet : cases(file)) {
        put(packet, true);
        change(packet, packet);
      }
    }
    assertTrue(packets.size() > 10_000, packets.size() + " packets");
    var said = validated();
    assertEquals(said.size(), packets.size());
    for (var i = 0; i < said.size(); i++) {
      assertEquals(said.get(i), String.valueOf(passes.get(i)), packets.get(i));
    }
  }

  private static List<ObjectNode> cases(String file) throws IOException {
    try (var stream = SchemaStory.class.getResourceAsStream("/cases/" + file + ".ndjson")) {
      return new String(stream.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .map(JSON::readTree)
          .filter(one -> one.get("expected").isArray())
          .map(one -> (ObjectNode) one.get("packet"))
          .toList();
    }
  }

  private void put(JsonNode packet, boolean right) {
    packets.add(packet.toString());
    passes.add(right);
  }

  /** Left out, a part is missed by both or by neither; misspelt or of another kind, it is refused by both. */
  private void change(ObjectNode whole, JsonNode at) {
    if (at instanceof ObjectNode object) {
      for (var key : object.propertyNames().stream().toList()) {
        var was = object.get(key);
        object.remove(key);
        if (isRead(whole)) {
          put(whole, true);
        }
        if (!"taxFiled".equals(key) && !key.matches("p\\d+|\\d{4}Q\\d")) {
          object.set(key + "s", was);
          refused(whole);
          object.remove(key + "s");
        }
        if (was.isValueNode() && !was.isNull()) {
          object.putObject(key).put("odd", true);
          refused(whole);
        }
        object.set(key, was);
        change(whole, was);
      }
    } else if (at instanceof ArrayNode array) {
      array.forEach(element -> change(whole, element));
    }
  }

  private void refused(ObjectNode packet) {
    assertTrue(!isRead(packet), "the reader takes " + packet);
    put(packet, false);
  }

  private static boolean isRead(ObjectNode packet) {
    return READER.read(JSON.writeValueAsBytes(packet)).packet() != null;
  }

  private List<String> validated() throws IOException, InterruptedException {
    var schema = Files.createTempFile("packet", ".schema.json");
    var lines = Files.createTempFile("packets", ".ndjson");
    var said = Files.createTempFile("said", ".txt");
    try {
      Files.writeString(schema, PacketSchema.json());
      Files.write(lines, packets);
      var node = new ProcessBuilder("node", "schema.mjs", schema.toString(), lines.toString())
          .directory(WEB.toFile())
          .redirectOutput(said.toFile())
          .redirectError(ProcessBuilder.Redirect.INHERIT)
          .start();
      assertEquals(node.waitFor(), 0, "the schema is one that a strict validator reads");
      return Files.readAllLines(said);
    } finally {
      Files.delete(schema);
      Files.delete(lines);
      Files.delete(said);
    }
  }
}
