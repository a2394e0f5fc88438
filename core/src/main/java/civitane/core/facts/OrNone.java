package civitane.core.facts;

import org.jspecify.annotations.Nullable;

/**
 * An answer, or the word {@code none} in its place.
 *
 * @param value null where it was said that there is none
 */
public record OrNone<T>(@Nullable T value) {
  public static final String WORD = "none";
  private static final OrNone<?> NONE = new OrNone<>(null);

  @SuppressWarnings("unchecked") // it holds nothing
  public static <T> OrNone<T> none() {
    return (OrNone<T>) NONE;
  }

  public boolean isNone() {
    return value == null;
  }
}
