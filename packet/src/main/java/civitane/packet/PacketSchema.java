package civitane.packet;

import civitane.core.facts.OrNone;
import civitane.packet.shape.Shape;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/** The JSON Schema (2020-12) of a packet, made from the shapes its reader checks by. */
public final class PacketSchema {
  private static final int MOST_CHARACTERS = 4_000;
  private static final int BELOW = 1_000_000_000;

  private PacketSchema() {}

  public static String json() {
    return JsonMapper.builder()
        .enable(SerializationFeature.INDENT_OUTPUT)
        .build()
        .writeValueAsString(schema());
  }

  private static Map<String, Object> schema() {
    var schema = new LinkedHashMap<String, Object>();
    schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    schema.put("title", "Civitane packet");
    schema.putAll(of(PacketShape.PACKET));
    @SuppressWarnings("unchecked")
    var properties = known((Map<String, Object>) schema.get("properties"));
    properties.put("version", Map.of("const", PacketShape.VERSION));
    properties.put(
        "requests", orNull(Map.of("type", "array", "items", Map.of("oneOf", requests()))));
    return schema;
  }

  private static List<Object> requests() {
    var requests = new ArrayList<>();
    PacketShape.ANSWERS.forEach((service, answers) -> {
      var request = new LinkedHashMap<String, Object>();
      request.put("type", "object");
      request.put(
          "properties",
          Map.of("service", Map.of("const", service), "answers", orNull(of(answers))));
      request.put("required", List.of("service"));
      request.put("additionalProperties", false);
      requests.add(request);
    });
    return requests;
  }

  private static Map<String, Object> of(Shape shape) {
    return shape.orNone()
        ? Map.of("anyOf", List.of(plain(shape), Map.of("const", OrNone.WORD)))
        : plain(shape);
  }

  private static Map<String, Object> plain(Shape shape) {
    if (shape.form() == null) {
      return Map.of();
    }
    return switch (shape.form()) {
      case TEXT, LONG_TEXT -> Map.of("type", "string", "maxLength", MOST_CHARACTERS);
      case PERSON, INCOME ->
        Map.of("type", "string", "description", "the id of one of the household");
      case CHOICE -> Map.of("enum", List.copyOf(shape.words()));
      // That a number has two decimals can't be said: validators divide it in binary and refuse
      // 1.15.
      case MONEY ->
        Map.of(
            "type",
            "number",
            "minimum",
            0,
            "exclusiveMaximum",
            BELOW,
            "description",
            "euros with at most two decimals");
      case NUMBER -> Map.of("type", "number", "minimum", 0, "exclusiveMaximum", BELOW);
      case WHOLE -> Map.of("type", "integer", "minimum", 0, "maximum", shape.most());
      case DATE -> Map.of("type", "string", "format", "date");
      case MONTH -> Map.of("type", "string", "pattern", "^\\d{4}-(0[1-9]|1[0-2])$");
      case MOMENT -> Map.of("type", "string", "format", "date-time");
      case FLAG -> Map.of("type", "boolean");
      case RESIDENT_NUMBER -> Map.of("type", "string", "pattern", "^\\d{10}$");
      case IBAN -> Map.of("type", "string", "pattern", "^ *[A-Z]{2} *\\d *\\d[A-Z0-9 ]{10,60}$");
      case LIST -> Map.of("type", "array", "items", of(known(shape.element())));
      case BY_PERSON ->
        Map.of("type", "object", "additionalProperties", orNull(of(known(shape.element()))));
      case BY_QUARTER ->
        Map.of(
            "type",
            "object",
            "patternProperties",
            Map.of("^\\d{4}Q[1-4]$", orNull(of(known(shape.element())))),
            "additionalProperties",
            false);
      case GROUP -> object(shape);
    };
  }

  private static Map<String, Object> object(Shape shape) {
    var properties = new LinkedHashMap<String, Object>();
    var required = new TreeSet<String>();
    for (var field : shape.fields()) {
      var must = shape.fields().require(field);
      properties.put(field.key(), must ? of(field.shape()) : orNull(of(field.shape())));
      if (must) {
        required.add(field.key());
      }
    }
    var object = new LinkedHashMap<String, Object>();
    object.put("type", "object");
    object.put("properties", properties);
    if (!required.isEmpty()) {
      object.put("required", required);
    }
    object.put("additionalProperties", false);
    return object;
  }

  /** A part that may be absent may also be null or blank text. */
  private static Map<String, Object> orNull(Map<String, Object> schema) {
    return Map.of(
        "anyOf",
        List.of(schema, Map.of("type", "null"), Map.of("type", "string", "pattern", "^\\s*$")));
  }
}
