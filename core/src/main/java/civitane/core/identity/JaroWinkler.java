package civitane.core.identity;

/** The likeness of two words from 0 to 1: letters in common near the same place, with more weight on the beginning. */
public final class JaroWinkler {
  private static final double PREFIX_SCALE = 0.1;
  private static final int LONGEST_PREFIX = 4;

  private JaroWinkler() {}

  /** From 0, nothing in common, to 1, the same. */
  public static double similarity(String one, String other) {
    var left = characters(one);
    var right = characters(other);
    var jaro = jaro(left, right);
    var prefix = 0;
    while (prefix < LONGEST_PREFIX
        && prefix < left.length
        && prefix < right.length
        && left[prefix] == right[prefix]) {
      prefix++;
    }
    return jaro + prefix * PREFIX_SCALE * (1 - jaro);
  }

  private static int[] characters(String word) {
    var characters = new int[word.codePointCount(0, word.length())];
    for (int i = 0, at = 0; i < characters.length; i++) {
      characters[i] = word.codePointAt(at);
      at += Character.charCount(characters[i]);
    }
    return characters;
  }

  private static double jaro(int[] left, int[] right) {
    var reach = Math.max(Math.max(left.length, right.length) / 2 - 1, 0);
    var matchedLeft = new boolean[left.length];
    var matchedRight = new boolean[right.length];
    var matches = 0;
    for (var i = 0; i < left.length; i++) {
      for (var j = Math.max(0, i - reach); j < Math.min(right.length, i + reach + 1); j++) {
        if (!matchedRight[j] && left[i] == right[j]) {
          matchedLeft[i] = true;
          matchedRight[j] = true;
          matches++;
          break;
        }
      }
    }
    if (matches == 0) {
      return 0;
    }
    var outOfOrder = 0;
    for (int i = 0, j = 0; i < left.length; i++) {
      if (matchedLeft[i]) {
        while (!matchedRight[j]) {
          j++;
        }
        if (left[i] != right[j++]) {
          outOfOrder++;
        }
      }
    }
    double m = matches;
    return (m / left.length + m / right.length + (m - outOfOrder / 2.0) / m) / 3;
  }
}
