package civitane.packet.shape;

import civitane.core.facts.Keys;
import civitane.packet.json.JsonBytes;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.sym.PropertyNameMatcher;

/** The parts of an object in their order, and which of them must be there. */
public final class Fields implements Iterable<Field> {
  static final Fields NONE = new Fields(Map.of(), Set.of());

  private final Field[] inOrder;
  private final Keys keys;
  private final PropertyNameMatcher names;
  private final long mustBeThere;

  Fields(Map<String, Shape> shapes, Set<String> required) {
    if (shapes.size() > Field.MOST) {
      throw new IllegalArgumentException("an object of " + shapes.size() + " parts");
    }
    if (!shapes.keySet().containsAll(required)) {
      throw new IllegalArgumentException("of " + required + " some are not among its parts");
    }
    this.keys = Keys.of(shapes.keySet());
    this.inOrder = keys.inOrder().stream()
        .map(key -> new Field(key, shapes.get(key), keys.place(key)))
        .toArray(Field[]::new);
    this.names = JsonBytes.namesOf(keys.inOrder());
    this.mustBeThere = Arrays.stream(inOrder)
        .filter(field -> required.contains(field.key()))
        .mapToLong(Field::bit)
        .reduce(0, (bits, bit) -> bits | bit);
  }

  /** The part at a place that {@link #names} tells. */
  Field at(int place) {
    return inOrder[place];
  }

  /** A part by its key; null where there is none. */
  public @Nullable Field named(String key) {
    var place = keys.place(key);
    return place < 0 ? null : inOrder[place];
  }

  /** The keys in their order. */
  public Keys keys() {
    return keys;
  }

  /** What tells the place of a part by the bytes of its name. */
  PropertyNameMatcher names() {
    return names;
  }

  /** A bit for the place of each part that must be there. */
  long mustBeThere() {
    return mustBeThere;
  }

  /** Whether a part must be there. */
  public boolean require(Field field) {
    return (mustBeThere & field.bit()) != 0;
  }

  @Override
  public Iterator<Field> iterator() {
    return Arrays.asList(inOrder).iterator();
  }
}
