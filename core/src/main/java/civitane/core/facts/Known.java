package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/** Says of a fact that may be missing that it is there: whoever asks has made sure before. */
public final class Known {
  private Known() {}

  /** The value, which is there. Throws when it is not, for then a rule has a mistake. */
  public static <T> T known(@Nullable T value) {
    if (value == null) {
      throw new IllegalStateException("a fact that was taken to be known is missing");
    }
    return value;
  }
}
