package civitane.packet.shape;

import civitane.core.facts.Parts;
import civitane.packet.json.JsonBytes;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.sym.PropertyNameMatcher;

import static civitane.core.facts.Known.known;

/** The parts of an object in their order, and which of them must be there. */
public final class Fields implements Iterable<Field> {
  static final Fields NONE = new Fields(Map.of(), Set.of());

  private final List<Field> inOrder;
  private final List<String> keys;
  private final Map<String, Field> byKey;
  private final PropertyNameMatcher names;
  private final long mustBeThere;

  Fields(Map<String, Shape> shapes, Set<String> required) {
    if (shapes.size() > Field.MOST) {
      throw new IllegalArgumentException("an object of " + shapes.size() + " parts");
    }
    if (!shapes.keySet().containsAll(required)) {
      throw new IllegalArgumentException("of " + required + " some are not among its parts");
    }
    this.keys = List.copyOf(shapes.keySet());
    this.inOrder = IntStream.range(0, keys.size())
        .mapToObj(place -> new Field(keys.get(place), known(shapes.get(keys.get(place))), place))
        .toList();
    this.byKey = inOrder.stream().collect(Collectors.toMap(Field::key, Function.identity()));
    this.names = JsonBytes.namesOf(keys);
    this.mustBeThere = inOrder.stream()
        .filter(field -> required.contains(field.key()))
        .mapToLong(Field::bit)
        .reduce(0, (bits, bit) -> bits | bit);
  }

  /** The parts of a record. */
  static Fields of(Parts parts) {
    var shapes = new LinkedHashMap<String, Shape>();
    var required = new HashSet<String>();
    for (var field : parts.fields()) {
      shapes.put(field.key(), Shape.of(field.value()));
      if (field.required()) {
        required.add(field.key());
      }
    }
    return new Fields(shapes, required);
  }

  /** The part at a place that {@link #names} tells. */
  Field at(int place) {
    return inOrder.get(place);
  }

  /** A part by its key; null where there is none. */
  public @Nullable Field named(String key) {
    return byKey.get(key);
  }

  /** The keys in their order. */
  public List<String> keys() {
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
    return inOrder.iterator();
  }
}
