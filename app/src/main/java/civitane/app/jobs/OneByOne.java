package civitane.app.jobs;

import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Many that are done one after the other: one that can't be done now holds up none of the others. */
public final class OneByOne {
  private @Nullable RuntimeException failed;

  /** Does something with each of many, in a transaction of its own; whether all could be done, {@link #end} tells. */
  public <T> OneByOne each(List<T> many, Consumer<T> does) {
    for (var one : many) {
      try {
        does.accept(one);
      } catch (RuntimeException e) {
        keep(e);
      }
    }
    return this;
  }

  private void keep(RuntimeException e) {
    if (failed == null) {
      failed = e;
    } else if (failed != e) {
      failed.addSuppressed(e);
    }
  }

  /**
   * Tells whoever ordered it that not all could be done, so that it is seen, and done again.
   *
   * @throws RuntimeException what the first that could not be done threw, with that of the others
   */
  public void end() {
    if (failed != null) {
      throw failed;
    }
  }
}
