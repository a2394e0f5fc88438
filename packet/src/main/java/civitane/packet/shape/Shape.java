package civitane.packet.shape;

import civitane.core.facts.Form;
import civitane.core.facts.Parts;
import civitane.core.facts.Value;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a value must look like, told once by the core's records: the reader checks by it and the JSON Schema is made from
 * it.
 *
 * @param form null for a part that is read by a shape of its own
 * @param meanings the words to choose from, with what each is read as
 * @param fields the parts of a group
 * @param parts what a group is made into; null where it stays the values of its fields
 * @param element what a list or map holds
 * @param orNone whether the word {@code none} may stand in its place
 * @param most the largest whole number
 */
public record Shape(
    @Nullable Form form,
    Map<String, ?> meanings,
    Fields fields,
    @Nullable Parts parts,
    @Nullable Shape element,
    boolean orNone,
    int most) {
  private static final int MOST_WHOLE = 999_999_999;

  /** Anything: it is read by a shape of its own. */
  public static final Shape ELSEWHERE =
      new Shape(null, Map.of(), Fields.NONE, null, null, false, MOST_WHOLE);

  public static Shape of(Form form) {
    return new Shape(form, Map.of(), Fields.NONE, null, null, false, MOST_WHOLE);
  }

  /** The shape of a value as a record declares it. */
  public static Shape of(Value value) {
    var element = value.element() == null ? null : of(value.element());
    return switch (value.form()) {
      case CHOICE ->
        new Shape(
            Form.CHOICE,
            value.words().byWord(),
            Fields.NONE,
            null,
            null,
            value.orNone(),
            MOST_WHOLE);
      case GROUP ->
        new Shape(
            Form.GROUP,
            Map.of(),
            Fields.of(value.parts()),
            value.parts(),
            null,
            value.orNone(),
            MOST_WHOLE);
      default ->
        new Shape(value.form(), Map.of(), Fields.NONE, null, element, value.orNone(), value.most());
    };
  }

  /** The shape of a record. */
  public static Shape of(Class<?> record) {
    var parts = Parts.of(record);
    return new Shape(Form.GROUP, Map.of(), Fields.of(parts), parts, null, false, MOST_WHOLE);
  }

  /** One word and no other. */
  public static Shape only(String word) {
    return new Shape(Form.CHOICE, Map.of(word, word), Fields.NONE, null, null, false, MOST_WHOLE);
  }

  public static Shape listOf(Shape element) {
    return new Shape(Form.LIST, Map.of(), Fields.NONE, null, element, false, MOST_WHOLE);
  }

  /** An object whose parts stay values by their places. */
  public static Shape object(Map<String, Shape> shapes, String... required) {
    return new Shape(
        Form.GROUP, Map.of(), new Fields(shapes, Set.of(required)), null, null, false, MOST_WHOLE);
  }

  public boolean is(Form other) {
    return form == other;
  }

  /** The shape of what stands below, as in {@code address/town} or {@code 0/kind}; null where nothing can. */
  public @Nullable Shape below(String path) {
    var shape = this;
    for (var step : path.split("/")) {
      if (shape.element != null) {
        shape = shape.element;
      } else {
        var field = shape.fields.named(step);
        if (field == null) {
          return null;
        }
        shape = field.shape();
      }
    }
    return shape;
  }

  /** The words to choose from. */
  public Set<String> words() {
    return meanings.keySet();
  }
}
