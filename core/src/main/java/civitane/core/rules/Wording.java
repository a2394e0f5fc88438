package civitane.core.rules;

import java.util.ArrayList;
import java.util.List;

/** Plain words for keys and pointers. */
public final class Wording {
  private Wording() {}

  /** A key as it is said aloud: {@code monthlyRent} is "monthly rent". */
  public static String spoken(String key) {
    var name = key.substring(key.lastIndexOf('/') + 1);
    var words = new StringBuilder(name.length() + 4);
    for (var i = 0; i < name.length(); i++) {
      var letter = name.charAt(i);
      if (i > 0 && !isSmall(letter) && isSmall(name.charAt(i - 1))) {
        words.append(' ');
      }
      words.append(Character.toLowerCase(letter));
    }
    return words.toString();
  }

  private static boolean isSmall(char letter) {
    return letter >= 'a' && letter <= 'z';
  }

  /** The sentence for facts that are not there. */
  public static String wanted(List<String> pointers) {
    var words = new ArrayList<String>(pointers.size());
    for (var pointer : pointers) {
      var word = spoken(pointer);
      if (!words.contains(word)) {
        words.add(word);
      }
    }
    return "Not yet known: " + String.join(", ", words) + ".";
  }

  /** Several words as a list: "a, b and c". */
  public static String list(List<String> words) {
    if (words.size() < 2) {
      return String.join("", words);
    }
    return String.join(", ", words.subList(0, words.size() - 1)) + " and "
        + words.get(words.size() - 1);
  }
}
