package civitane.packet.shape;

import civitane.core.facts.Word;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a value must look like, told once: the reader checks by it and the JSON Schema is made from it.
 *
 * @param meanings the words to choose from, with what each is read as
 * @param fields the parts of an object
 * @param mustBeThere a bit for the place of each part that must be there
 * @param element what a list or map holds
 * @param orWord a word that may stand in its place
 * @param most the largest whole number
 */
public record Shape(
    Kind kind,
    Map<String, Object> meanings,
    Map<String, Field> fields,
    long mustBeThere,
    @Nullable Shape element,
    @Nullable String orWord,
    int most) {
  private static final int MOST_WHOLE = 999_999_999;

  public static Shape of(Kind kind) {
    return new Shape(kind, Map.of(), Map.of(), 0, null, null, MOST_WHOLE);
  }

  public static Shape upTo(int most) {
    return new Shape(Kind.WHOLE, Map.of(), Map.of(), 0, null, null, most);
  }

  /** One of some words, each read as it stands. */
  public static Shape words(List<String> words) {
    var meanings = new LinkedHashMap<String, Object>();
    words.forEach(word -> meanings.put(word, word));
    return words(meanings);
  }

  /** One of the words of a closed vocabulary. */
  public static Shape words(Word... vocabulary) {
    var meanings = new LinkedHashMap<String, Object>();
    for (var word : vocabulary) {
      meanings.put(word.word(), word);
    }
    return words(meanings);
  }

  private static Shape words(Map<String, Object> meanings) {
    return new Shape(
        Kind.WORD, Collections.unmodifiableMap(meanings), Map.of(), 0, null, null, MOST_WHOLE);
  }

  public static Shape listOf(Shape element) {
    return map(Kind.LIST, element);
  }

  public static Shape map(Kind kind, Shape element) {
    return new Shape(kind, Map.of(), Map.of(), 0, element, null, MOST_WHOLE);
  }

  public static Shape object(Map<String, Shape> shapes, String... required) {
    if (shapes.size() > Field.MOST) {
      throw new IllegalArgumentException("an object of " + shapes.size() + " parts");
    }
    var fields = new LinkedHashMap<String, Field>();
    shapes.forEach((key, shape) -> fields.put(key, new Field(key, shape, fields.size())));
    var mustBeThere = 0L;
    for (var key : required) {
      mustBeThere |= fields.get(key).bit();
    }
    return new Shape(Kind.OBJECT, Map.of(), fields, mustBeThere, null, null, MOST_WHOLE);
  }

  public Shape orWord(@Nullable String word) {
    return new Shape(kind, meanings, fields, mustBeThere, element, word, most);
  }

  /** The words to choose from. */
  public Set<String> words() {
    return meanings.keySet();
  }

  /** The keys that must be there. */
  public Set<String> required() {
    return fields.values().stream()
        .filter(field -> (mustBeThere & field.bit()) != 0)
        .map(Field::key)
        .collect(Collectors.toUnmodifiableSet());
  }
}
