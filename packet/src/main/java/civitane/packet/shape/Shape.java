package civitane.packet.shape;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a value must look like, told once: the reader checks by it and the JSON Schema is made from it.
 *
 * @param words the words to choose from
 * @param fields the parts of an object
 * @param required the keys that must be there
 * @param element what a list or map holds
 * @param orWord a word that may stand in its place
 * @param most the largest whole number
 */
public record Shape(
    Kind kind,
    Set<String> words,
    Map<String, Field> fields,
    Set<String> required,
    @Nullable Shape element,
    @Nullable String orWord,
    int most) {
  private static final int MOST_WHOLE = 999_999_999;

  public static Shape of(Kind kind) {
    return new Shape(kind, Set.of(), Map.of(), Set.of(), null, null, MOST_WHOLE);
  }

  public static Shape upTo(int most) {
    return new Shape(Kind.WHOLE, Set.of(), Map.of(), Set.of(), null, null, most);
  }

  public static Shape words(List<String> words) {
    return new Shape(
        Kind.WORD,
        Collections.unmodifiableSet(new LinkedHashSet<>(words)),
        Map.of(),
        Set.of(),
        null,
        null,
        MOST_WHOLE);
  }

  public static Shape listOf(Shape element) {
    return new Shape(Kind.LIST, Set.of(), Map.of(), Set.of(), element, null, MOST_WHOLE);
  }

  public static Shape map(Kind kind, Shape element) {
    return new Shape(kind, Set.of(), Map.of(), Set.of(), element, null, MOST_WHOLE);
  }

  public static Shape object(Map<String, Shape> fields, String... required) {
    return new Shape(
        Kind.OBJECT, Set.of(), placed(fields), Set.of(required), null, null, MOST_WHOLE);
  }

  private static Map<String, Field> placed(Map<String, Shape> shapes) {
    if (shapes.size() > Field.MOST) {
      throw new IllegalArgumentException("an object of " + shapes.size() + " parts");
    }
    var fields = new LinkedHashMap<String, Field>();
    shapes.forEach((key, shape) -> fields.put(key, new Field(key, shape, fields.size())));
    return fields;
  }

  public Shape orWord(@Nullable String word) {
    return new Shape(kind, words, fields, required, element, word, most);
  }
}
