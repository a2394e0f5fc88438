package civitane.app.api;

import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;

/** What the parts of a record hold, whichever record it is. */
final class Parts {

  private Parts() {}

  static @Nullable Object value(Object whole, RecordComponent part) {
    try {
      var accessor = part.getAccessor();
      accessor.setAccessible(true);
      return accessor.invoke(whole);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("a record can be read", e);
    }
  }
}
