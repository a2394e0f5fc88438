package civitane.core.services;

import civitane.core.facts.Channel;
import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.Request;
import civitane.core.facts.Signature;
import civitane.core.facts.Told;
import civitane.core.facts.Vocabulary;
import civitane.core.rules.Mode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.schema.FailsafeSchema;

/**
 * A packet with the results that are expected of it.
 *
 * @param told the packet as text, lists and maps
 * @param expected what a result must hold, as text, lists and maps
 */
public record WorkedCase(
    String name,
    Map<String, Object> told,
    Packet packet,
    Mode mode,
    List<Map<String, Object>> expected) {
  /** What a packet can't be read without, and what others are named by. */
  private static final Set<String> KEPT =
      Set.of("id", "role", "kind", "service", "lodgedOn", "household", "people");

  /** JSON is YAML; every scalar stays the text it is, so that no number passes through binary. */
  private static final LoadSettings AS_TEXT = LoadSettings.builder()
      .setSchema(new FailsafeSchema())
      .setCodePointLimit(Integer.MAX_VALUE)
      .build();

  /** Cases of what all services share. */
  private static final List<String> SHARED = List.of("identity", "income");

  /** The cases of all services whose packets can be read. */
  public static List<WorkedCase> all() {
    return Stream.concat(Services.all().stream().map(service -> service.word()), SHARED.stream())
        .flatMap(file -> of(file).stream())
        .toList();
  }

  static List<WorkedCase> of(String file) {
    try (var stream = WorkedCase.class.getResourceAsStream("/cases/" + file + ".ndjson")) {
      if (stream == null) {
        throw new IllegalStateException("the worked cases of " + file
            + " are missing: write core/src/test/resources/cases/" + file + ".ndjson");
      }
      var cases = new ArrayList<WorkedCase>();
      for (var line : new String(stream.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        var one = map(new Load(AS_TEXT).loadFromString(line));
        if (one.get("expected") instanceof List<?> expected) {
          var told = map(one.get("packet"));
          cases.add(new WorkedCase(
              file + ": " + one.get("name"),
              told,
              packet(told),
              "screen".equals(one.get("mode")) ? Mode.SCREEN : Mode.DETERMINE,
              expected.stream().map(WorkedCase::map).toList()));
        }
      }
      return cases;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The case with each fact and each answer left out that may be. */
  List<WorkedCase> withoutEach() {
    var cases = new ArrayList<WorkedCase>();
    for (var path : paths(told, List.of())) {
      var left = map(without(told, path));
      cases.add(
          new WorkedCase("without " + String.join("/", path), left, packet(left), mode, expected));
    }
    return cases;
  }

  private static List<List<String>> paths(Object at, List<String> before) {
    var paths = new ArrayList<List<String>>();
    if (at instanceof Map<?, ?> map) {
      map.forEach((key, value) -> {
        var path = with(before, (String) key);
        var names = "person".equals(key) && !before.contains("answers");
        if (!before.isEmpty() && !names && !KEPT.contains(key)) {
          paths.add(path);
        }
        paths.addAll(paths(value, path));
      });
    } else if (at instanceof List<?> list) {
      for (var i = 0; i < list.size(); i++) {
        paths.addAll(paths(list.get(i), with(before, String.valueOf(i))));
      }
    }
    return paths;
  }

  private static List<String> with(List<String> path, String step) {
    return Stream.concat(path.stream(), Stream.of(step)).toList();
  }

  private static Object without(Object at, List<String> path) {
    var rest = path.subList(1, path.size());
    if (at instanceof List<?> list) {
      var copy = new ArrayList<Object>(list);
      var place = Integer.parseInt(path.get(0));
      copy.set(place, without(list.get(place), rest));
      return copy;
    }
    var copy = new LinkedHashMap<>(map(at));
    if (rest.isEmpty()) {
      copy.remove(path.get(0));
    } else {
      copy.put(path.get(0), without(copy.get(path.get(0)), rest));
    }
    return copy;
  }

  /** Without the keys whose value is null. */
  @SuppressWarnings("unchecked")
  private static Map<String, Object> map(Object value) {
    var map = new LinkedHashMap<String, Object>();
    ((Map<String, Object>) value).forEach((key, one) -> {
      if (!"null".equals(one)) {
        map.put(
            key,
            one instanceof Map<?, ?> ? map(one) : one instanceof List<?> list ? list(list) : one);
      }
    });
    return map;
  }

  private static List<Object> list(List<?> list) {
    return list.stream()
        .map(one -> one instanceof Map<?, ?> ? (Object) map(one) : one)
        .toList();
  }

  private static Packet packet(Map<String, Object> told) {
    var lodged = LocalDate.parse((String) told.get("lodgedOn"));
    return new Packet(
        lodged,
        day(told.get("assessedOn"), lodged),
        day(told.get("asOf"), lodged),
        null,
        (Channel) Vocabulary.of(Channel.class).byWord().get(String.valueOf(told.get("channel"))),
        (String) told.get("language"),
        Told.as(Household.class, map(told.get("household"))),
        list(told, "requests").stream().map(WorkedCase::request).toList(),
        list(told, "papers").stream().map(one -> Told.as(Paper.class, map(one))).toList(),
        list(told, "signatures").stream()
            .map(one -> Told.as(Signature.class, map(one)))
            .toList());
  }

  private static List<?> list(Map<String, Object> told, String key) {
    return (List<?>) told.getOrDefault(key, List.of());
  }

  private static LocalDate day(@Nullable Object told, LocalDate otherwise) {
    return told == null ? otherwise : LocalDate.parse((String) told);
  }

  private static Request request(Object told) {
    var service = Services.named((String) map(told).get("service")).orElseThrow();
    var answers = map(told).get("answers");
    return new Request(
        service.word(), Told.as(service.answers(), answers == null ? Map.of() : map(answers)));
  }

  @Override
  public String toString() {
    return name;
  }
}
