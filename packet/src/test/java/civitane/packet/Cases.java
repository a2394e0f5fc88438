package civitane.packet;

import civitane.core.rules.Entitlement;
import civitane.core.services.Services;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The worked cases with their expected results. */
public final class Cases {
  static final JsonMapper JSON = JsonMapper.builder()
      .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
      .build();

  /** Cases of what all services share. */
  private static final List<String> SHARED = List.of("identity", "income");

  private Cases() {}

  /** One case with the file it is from. */
  public record Case(String file, JsonNode json) {
    public byte[] packet() {
      return JSON.writeValueAsBytes(json.get("packet"));
    }

    @Override
    public String toString() {
      return file + ": " + json.get("name").stringValue();
    }
  }

  public static List<Case> ofPackets() {
    return Stream.concat(Services.all().stream().map(Entitlement::word), SHARED.stream())
        .flatMap(file -> in(file).stream())
        .toList();
  }

  /** The cases of packets that were read without a fault, each as the arguments of a test. */
  public static Iterator<Object[]> withResults() {
    return ofPackets().stream()
        .filter(one -> one.json().get("expected").isArray())
        .map(one -> new Object[] {one})
        .iterator();
  }

  static List<Case> in(String file) {
    try (var stream = Cases.class.getResourceAsStream("/cases/" + file + ".ndjson")) {
      if (stream == null) {
        throw new IllegalStateException("the worked cases of " + file
            + " are missing: write core/src/test/resources/cases/" + file + ".ndjson");
      }
      var cases = new ArrayList<Case>();
      new String(stream.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .forEach(line -> cases.add(new Case(file, JSON.readTree(line))));
      return cases;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
