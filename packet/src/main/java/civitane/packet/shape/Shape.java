package civitane.packet.shape;

import civitane.core.facts.Word;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a value must look like, told once: the reader checks by it and the JSON Schema is made from it.
 *
 * @param meanings the words to choose from, with what each is read as
 * @param fields the parts of an object
 * @param element what a list or map holds
 * @param orWord a word that may stand in its place
 * @param most the largest whole number
 */
public record Shape(
    Kind kind,
    Map<String, Object> meanings,
    Fields fields,
    @Nullable Shape element,
    @Nullable String orWord,
    int most) {
  private static final int MOST_WHOLE = 999_999_999;

  public static Shape of(Kind kind) {
    return new Shape(kind, Map.of(), Fields.NONE, null, null, MOST_WHOLE);
  }

  public static Shape upTo(int most) {
    return new Shape(Kind.WHOLE, Map.of(), Fields.NONE, null, null, most);
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
        Kind.WORD, Collections.unmodifiableMap(meanings), Fields.NONE, null, null, MOST_WHOLE);
  }

  public static Shape listOf(Shape element) {
    return map(Kind.LIST, element);
  }

  public static Shape map(Kind kind, Shape element) {
    return new Shape(kind, Map.of(), Fields.NONE, element, null, MOST_WHOLE);
  }

  public static Shape object(Map<String, Shape> shapes, String... required) {
    return new Shape(
        Kind.OBJECT, Map.of(), new Fields(shapes, Set.of(required)), null, null, MOST_WHOLE);
  }

  public Shape orWord(@Nullable String word) {
    return new Shape(kind, meanings, fields, element, word, most);
  }

  /** The words to choose from. */
  public Set<String> words() {
    return meanings.keySet();
  }
}
