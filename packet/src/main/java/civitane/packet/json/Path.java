package civitane.packet.json;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where in a document a reader is; told as a JSON Pointer (RFC 6901) only when asked.
 *
 * <p>A level for each object or list the reader is in, and a place in each: moving on within one sets a number.
 */
public final class Path {
  private static final int USUAL_DEPTH = 16;
  private static final int BETWEEN = -1;

  /** The names of an object's parts by their places; null for a list. */
  private @Nullable List<String>[] levels;

  private int[] places;
  private int depth;

  @SuppressWarnings("unchecked") // an array can't be made of a type with parameters
  public Path() {
    this((List<String>[]) new List<?>[USUAL_DEPTH], new int[USUAL_DEPTH], 0);
  }

  private Path(@Nullable List<String>[] levels, int[] places, int depth) {
    this.levels = levels;
    this.places = places;
    this.depth = depth;
  }

  /** Goes into an object whose parts have these names, before its first part. */
  public void enter(List<String> names) {
    level(names);
  }

  /** Goes into a list, before its first element. */
  public void enterList() {
    level(null);
  }

  /** Goes to the part of an object that has some name. */
  public void enterPart(String name) {
    level(List.of(name));
    at(0);
  }

  private void level(@Nullable List<String> names) {
    if (depth == levels.length) {
      levels = Arrays.copyOf(levels, depth * 2);
      places = Arrays.copyOf(places, depth * 2);
    }
    levels[depth] = names;
    places[depth++] = BETWEEN;
  }

  /** Goes to a place in the object or list. */
  public void at(int place) {
    places[depth - 1] = place;
  }

  /** Goes behind the place where it was, before the next. */
  public void between() {
    places[depth - 1] = BETWEEN;
  }

  /** Goes out of the object or list. */
  public void leave() {
    depth--;
  }

  /** How many objects and lists it is in. */
  public int depth() {
    return depth;
  }

  /** The same place, which stays when this goes on. */
  public Path here() {
    return new Path(Arrays.copyOf(levels, depth), Arrays.copyOf(places, depth), depth);
  }

  public String pointer() {
    var pointer = new StringBuilder();
    for (var i = 0; i < depth; i++) {
      var names = levels[i];
      if (places[i] != BETWEEN) {
        pointer.append('/').append(names == null ? places[i] : escaped(names.get(places[i])));
      }
    }
    return pointer.toString();
  }

  /** The pointer of a part of what lies here. */
  public String pointer(String name) {
    return pointer() + "/" + escaped(name);
  }

  private static String escaped(String name) {
    return name.replace("~", "~0").replace("/", "~1");
  }
}
