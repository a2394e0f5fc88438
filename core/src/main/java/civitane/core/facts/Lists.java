package civitane.core.facts;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Lists that a packet may lack. */
final class Lists {
  private Lists() {}

  /** The list, which nobody can change any more; an empty one where there is none. */
  static <T> List<T> of(@Nullable List<T> list) {
    return list == null ? List.of() : List.copyOf(list);
  }
}
