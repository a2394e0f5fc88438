package civitane.core.identity;

import civitane.core.facts.Person;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Compares names as people write them: order, capitals, accents and hyphens do not matter. */
public final class Names {
  /** From here on two parts of a name are taken for one. */
  private static final double NEAR = 0.92;

  private static final char MOST_PLAIN = 0x7F;

  private Names() {}

  public static NameMatch compare(@Nullable String one, @Nullable String other) {
    if (one == null || other == null) {
      return NameMatch.DIFFERENT;
    }
    if (one.equals(other) && hasLetters(one)) {
      return NameMatch.SAME;
    }
    var best = NameMatch.DIFFERENT;
    for (var left : foldings(one)) {
      for (var right : foldings(other)) {
        best = best.orNearer(compareFolded(left, right));
        if (best == NameMatch.SAME) {
          return best;
        }
      }
    }
    return best == NameMatch.DIFFERENT && inDifferentScripts(one, other)
        ? NameMatch.OTHER_SCRIPT
        : best;
  }

  /** Compares a name with every name the person goes by and takes the nearest. */
  public static NameMatch compare(Person person, @Nullable String name) {
    var best = NameMatch.DIFFERENT;
    for (var own : person.everyName()) {
      best = best.orNearer(compare(own, name));
      if (best == NameMatch.SAME) {
        return best;
      }
    }
    return best;
  }

  /** One key for all ways to write a name: parts in order of letters, without marks and capitals. */
  public static String key(String name) {
    return String.join(" ", foldings(name).get(0).stream().sorted().toList());
  }

  /** The ways a name may be typed: without marks and capitals, its parts in any order. */
  public static List<String> spelled(String name) {
    return foldings(name).stream().map(parts -> String.join(" ", parts)).toList();
  }

  /** The two ways a name is folded: letters with marks reduced, and those letters written out. */
  private static List<List<String>> foldings(String name) {
    if (isPlain(name)) {
      return List.of(tokens(name.toLowerCase(Locale.ROOT)));
    }
    var lower = Normalizer.normalize(name, Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
    var reduced = fold(lower);
    var written = fold(lower
        .replace("ö", "oe")
        .replace("ü", "ue")
        .replace("ä", "ae")
        .replace("ø", "oe")
        .replace("å", "aa"));
    return reduced.equals(written) ? List.of(reduced) : List.of(reduced, written);
  }

  private static List<String> fold(String lower) {
    var spelled = lower
        .replace("ß", "ss")
        .replace("æ", "ae")
        .replace("œ", "oe")
        .replace("ø", "o")
        .replace("đ", "d")
        .replace("ð", "d")
        .replace("ł", "l")
        .replace("þ", "th")
        .replace("ı", "i");
    return tokens(Normalizer.normalize(spelled, Normalizer.Form.NFKD));
  }

  /** Whether a name has none but the plain letters, which fold to themselves. */
  private static boolean isPlain(String name) {
    for (var i = 0; i < name.length(); i++) {
      if (name.charAt(i) > MOST_PLAIN) {
        return false;
      }
    }
    return true;
  }

  /** The parts of a name between what is no letter, in the order of the alphabet. */
  private static List<String> tokens(String decomposed) {
    var tokens = new ArrayList<String>(4);
    var token = new StringBuilder();
    for (var i = 0; i < decomposed.length(); ) {
      var letter = decomposed.codePointAt(i);
      i += Character.charCount(letter);
      if (isMark(letter)) {
        continue;
      }
      if (Character.isLetter(letter)) {
        token.appendCodePoint(letter);
      } else if (token.length() > 0) {
        tokens.add(token.toString());
        token.setLength(0);
      }
    }
    if (token.length() > 0) {
      tokens.add(token.toString());
    }
    Collections.sort(tokens);
    return tokens;
  }

  private static boolean isMark(int letter) {
    var type = Character.getType(letter);
    return type == Character.NON_SPACING_MARK
        || type == Character.ENCLOSING_MARK
        || type == Character.COMBINING_SPACING_MARK;
  }

  private static NameMatch compareFolded(List<String> left, List<String> right) {
    if (left.isEmpty() || right.isEmpty()) {
      return NameMatch.DIFFERENT;
    }
    if (left.equals(right)) {
      return NameMatch.SAME;
    }
    var fewer = left.size() <= right.size() ? left : right;
    var more = fewer == left ? right : left;
    return fewer.size() >= 2 && everyOneHasAPartner(fewer, more)
        ? NameMatch.CLOSE
        : NameMatch.DIFFERENT;
  }

  /** Whether each part of the one name can be given a part of its own in the other. */
  private static boolean everyOneHasAPartner(List<String> fewer, List<String> more) {
    var takenBy = new int[more.size()];
    java.util.Arrays.fill(takenBy, -1);
    for (var i = 0; i < fewer.size(); i++) {
      if (!findPartner(i, fewer, more, takenBy, new boolean[more.size()])) {
        return false;
      }
    }
    return true;
  }

  private static boolean findPartner(
      int part, List<String> fewer, List<String> more, int[] takenBy, boolean[] tried) {
    for (var j = 0; j < more.size(); j++) {
      if (!tried[j] && areNear(fewer.get(part), more.get(j))) {
        tried[j] = true;
        if (takenBy[j] < 0 || findPartner(takenBy[j], fewer, more, takenBy, tried)) {
          takenBy[j] = part;
          return true;
        }
      }
    }
    return false;
  }

  private static boolean areNear(String left, String right) {
    return left.equals(right)
        || isInitialOf(left, right)
        || isInitialOf(right, left)
        || JaroWinkler.similarity(left, right) >= NEAR;
  }

  private static boolean isInitialOf(String initial, String whole) {
    return initial.codePointCount(0, initial.length()) == 1 && whole.startsWith(initial);
  }

  private static boolean inDifferentScripts(String one, String other) {
    if (isPlain(one) && isPlain(other)) {
      return false;
    }
    var left = Letters.of(one);
    var right = Letters.of(other);
    return left.areAllLatin() && right.areNotLatin() || right.areAllLatin() && left.areNotLatin();
  }

  private static boolean hasLetters(String name) {
    for (int i = 0; i < name.length(); ) {
      var letter = name.codePointAt(i);
      if (Character.isLetter(letter)) {
        return true;
      }
      i += Character.charCount(letter);
    }
    return false;
  }

  /** How many letters a name has, and how many of them are Latin. */
  private record Letters(int all, int latin) {
    static Letters of(String name) {
      var all = 0;
      var latin = 0;
      for (int i = 0; i < name.length(); ) {
        var letter = name.codePointAt(i);
        if (Character.isLetter(letter)) {
          all++;
          if (Character.UnicodeScript.of(letter) == Character.UnicodeScript.LATIN) {
            latin++;
          }
        }
        i += Character.charCount(letter);
      }
      return new Letters(all, latin);
    }

    boolean areAllLatin() {
      return all > 0 && latin == all;
    }

    boolean areNotLatin() {
      return all > 0 && latin == 0;
    }
  }
}
