package civitane.bench;

import civitane.core.facts.Packet;
import civitane.core.rates.RateShelf;
import civitane.core.services.Services;
import civitane.packet.PacketReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/** The worked cases that the rules are tested by, as packets to measure with. */
final class WorkedCases {
  static final RateShelf RATES = RateShelf.shipped();
  static final JsonMapper JSON = JsonMapper.builder()
      .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
      .build();

  private WorkedCases() {}

  /** A packet with the results it must come to. */
  record Case(String name, JsonNode packet, JsonNode expected, String mode) {
    Packet facts() {
      return known(new PacketReader(RATES).read(JSON.writeValueAsBytes(packet)).packet());
    }
  }

  /** The cases of a service that are read without a fault. */
  static List<Case> of(String service) {
    try (var stream = WorkedCases.class.getResourceAsStream("/cases/" + service + ".ndjson")) {
      var cases = new ArrayList<Case>();
      new String(stream.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .map(JSON::readTree)
          .filter(one -> one.get("expected").isArray())
          .forEach(one -> cases.add(new Case(
              one.get("name").asString(),
              one.get("packet"),
              one.get("expected"),
              one.get("mode").asString())));
      return cases;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static List<Case> all() {
    return Services.all().stream()
        .flatMap(service -> of(service.word()).stream())
        .toList();
  }
}
