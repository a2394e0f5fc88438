package civitane.core.facts;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The keys that answers may have, each with its place; answers of the same kind share them.
 *
 * <p>A table made for looking up often: keys are texts that remember their hash.
 */
public final class Keys {
  private final List<String> inOrder;
  private final @Nullable String[] table;
  private final int[] places;
  private final int mask;

  private Keys(List<String> inOrder) {
    this.inOrder = inOrder;
    var size = Integer.highestOneBit(2 * inOrder.size() + 1) << 1;
    this.table = new String[size];
    this.places = new int[size];
    this.mask = size - 1;
    for (var place = 0; place < inOrder.size(); place++) {
      var key = inOrder.get(place);
      var at = spread(key);
      while (table[at] != null) {
        if (key.equals(table[at])) {
          throw new IllegalArgumentException("the key is there twice: " + key);
        }
        at = at + 1 & mask;
      }
      table[at] = key;
      places[at] = place;
    }
  }

  /** The keys in their order; one that is there twice is refused. */
  public static Keys of(Collection<String> keys) {
    return new Keys(List.copyOf(keys));
  }

  /** The place of a key, from 0; -1 where it is none of these. */
  public int place(String key) {
    for (var at = spread(key); ; at = at + 1 & mask) {
      var here = table[at];
      if (here == null) {
        return -1;
      }
      if (here.equals(key)) {
        return places[at];
      }
    }
  }

  private int spread(String key) {
    var hash = key.hashCode();
    return (hash ^ hash >>> 15) & mask;
  }

  public List<String> inOrder() {
    return inOrder;
  }

  public int size() {
    return inOrder.size();
  }
}
