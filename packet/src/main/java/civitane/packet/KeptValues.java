package civitane.packet;

import civitane.core.facts.Role;
import civitane.core.facts.Value;
import civitane.core.facts.Vocabulary;
import civitane.core.ledger.FieldTypes;
import civitane.core.ledger.Membership;
import civitane.core.ledger.SubjectKind;
import civitane.packet.json.Faults;
import civitane.packet.json.Path;
import civitane.packet.shape.Shape;
import civitane.packet.shape.ShapeReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/** Single facts as they are kept: each as the packet would have it in its place. */
public final class KeptValues {
  private static final JsonFactory JSON = new JsonFactory();
  private static final JsonMapper TREES = JsonMapper.builder().build();
  private static final String HOUSEHOLD = "household";
  private static final String ROLE = "role";

  private KeptValues() {}

  public static String written(Object value) {
    var text = new StringWriter();
    try (var json = JSON.createGenerator(text)) {
      if (value instanceof Membership member) {
        json.writeStartObject();
        json.writeStringProperty(HOUSEHOLD, member.household().toString());
        json.writeStringProperty(ROLE, member.role().word());
        json.writeEndObject();
      } else {
        ValueWriter.value(json, value);
      }
    }
    return text.toString();
  }

  /**
   * The value of a subject's field that was kept.
   *
   * @param service of a request, the service it asks for; else null
   */
  public static @Nullable Object read(
      SubjectKind kind, @Nullable String service, String field, String kept) {
    if (FieldTypes.isMembership(field)) {
      var member = TREES.readTree(kept);
      return new Membership(UUID.fromString(member.get(HOUSEHOLD).stringValue()), (Role)
          known(Vocabulary.of(Role.class).byWord().get(member.get(ROLE).stringValue())));
    }
    var as = FieldTypes.of(kind, service, field);
    var value = read(as, kept);
    return as.type() == Set.class && value instanceof List<?> list ? Set.copyOf(list) : value;
  }

  /** The value that was kept. Throws where it is not one that the field can have. */
  public static @Nullable Object read(Value as, String kept) {
    var faults = new Faults();
    try (var parser = JSON.createParser(kept)) {
      parser.nextToken();
      var reader = new ShapeReader(parser, new Path(), faults, new ArrayList<>(), other -> null);
      var value = reader.read(Shape.of(as));
      if (!faults.isEmpty()) {
        throw new IllegalArgumentException("what was kept can't be read: " + faults.list());
      }
      return value;
    }
  }
}
