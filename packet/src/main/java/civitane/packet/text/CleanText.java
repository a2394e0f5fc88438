package civitane.packet.text;

import java.text.Normalizer;
import org.jspecify.annotations.Nullable;

/**
 * Every text that comes in shows all that is in it: composed as Unicode's NFC has it, so that what looks alike is alike,
 * and without signs that nobody sees but that change what is read. Marks that only help a line of mixed scripts along
 * (left-to-right, right-to-left, joiners) may stay: Arabic is written with them.
 */
public final class CleanText {
  /** Below it every letter is composed already, and nothing but control characters is refused. */
  private static final int PLAIN = 0x300;

  private static final int HIDDEN_FROM = 0x2000;

  private CleanText() {}

  /**
   * Why a text can't be taken.
   *
   * @param message what is wrong
   * @param expected what would be right
   */
  public record Unfit(String message, String expected) {
    private static final Unfit CONTROL =
        new Unfit("the text has a control character", "text without control characters");
    private static final Unfit HALF =
        new Unfit("the text has half of a character", "whole characters");
    private static final Unfit TURNED = new Unfit(
        "the text has a hidden sign that turns the order of what is read",
        "the text typed anew, without what was copied along");
    private static final Unfit NONE =
        new Unfit("the text has a code that stands for no character", "characters only");
  }

  /** The text as NFC has it. */
  public static String composed(String text) {
    for (var i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= PLAIN) {
        return Normalizer.normalize(text, Normalizer.Form.NFC);
      }
    }
    return text;
  }

  /** What is wrong with a text of one line. */
  public static @Nullable Unfit fault(String line) {
    return fault(line, false);
  }

  /** What is wrong with a text that may have several lines. */
  public static @Nullable Unfit faultOfLines(String text) {
    return fault(text, true);
  }

  private static @Nullable Unfit fault(String text, boolean lines) {
    for (var i = 0; i < text.length(); i++) {
      var character = text.charAt(i);
      if (character < ' ' || character >= 0x7F && character < 0xA0) {
        if (!lines || character != '\n' && character != '\r' && character != '\t') {
          return Unfit.CONTROL;
        }
      } else if (character >= HIDDEN_FROM) {
        var whole = text.codePointAt(i);
        var unfit = ofHidden(whole);
        if (unfit != null) {
          return unfit;
        }
        i += Character.charCount(whole) - 1;
      }
    }
    return null;
  }

  private static @Nullable Unfit ofHidden(int character) {
    if (character >= 0x202A && character <= 0x202E || character >= 0x2066 && character <= 0x2069) {
      return Unfit.TURNED;
    }
    if (character >= Character.MIN_SURROGATE && character <= Character.MAX_SURROGATE) {
      return Unfit.HALF;
    }
    // The last two of every plane, and 32 within the first.
    var isNone = (character & 0xFFFE) == 0xFFFE || character >= 0xFDD0 && character <= 0xFDEF;
    return isNone ? Unfit.NONE : null;
  }
}
