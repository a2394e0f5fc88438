package civitane.core.facts;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The words of one enum, each written once: derived from the constants, never listed again. */
public final class Vocabulary {
  private static final ClassValue<Vocabulary> KNOWN = new ClassValue<>() {
    @Override
    protected Vocabulary computeValue(Class<?> type) {
      return new Vocabulary(type);
    }
  };

  private final Class<?> type;
  private final String name;
  private final String[] words;
  private volatile @Nullable Map<String, Word> byWord;

  private Vocabulary(Class<?> type) {
    var constants = type.getEnumConstants();
    if (constants == null) {
      throw new IllegalArgumentException(type + " is no vocabulary");
    }
    var simple = type.getSimpleName();
    this.type = type;
    this.name = simple.substring(0, 1).toLowerCase(Locale.ROOT) + simple.substring(1);
    this.words = Stream.of(constants)
        .map(constant -> camel(((Enum<?>) constant).name()))
        .toArray(String[]::new);
  }

  /** The vocabulary of an enum of words. */
  public static Vocabulary of(Class<?> type) {
    return KNOWN.get(type);
  }

  static Vocabulary of(Word word) {
    return KNOWN.get(((Enum<?>) word).getDeclaringClass());
  }

  public String name() {
    return name;
  }

  String written(int ordinal) {
    return words[ordinal];
  }

  /** The constants by their words, in their order. */
  public Map<String, Word> byWord() {
    var known = byWord;
    if (known == null) {
      known = new LinkedHashMap<>();
      for (var constant : type.getEnumConstants()) {
        known.put(((Word) constant).word(), (Word) constant);
      }
      known = Collections.unmodifiableMap(known);
      byWord = known;
    }
    return known;
  }

  public List<String> words() {
    return List.copyOf(byWord().keySet());
  }

  /** A constant's name with small letters and humps: {@code FOSTER_CHILD} is {@code fosterChild}. */
  public static String camel(String constant) {
    var camel = new StringBuilder(constant.length());
    var hump = false;
    for (var i = 0; i < constant.length(); i++) {
      var letter = constant.charAt(i);
      if (letter == '_') {
        hump = true;
      } else {
        camel.append(hump ? letter : Character.toLowerCase(letter));
        hump = false;
      }
    }
    return camel.toString();
  }
}
