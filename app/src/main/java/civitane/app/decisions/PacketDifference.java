package civitane.app.decisions;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** Where two packets do not say the same. */
final class PacketDifference {
  private PacketDifference() {}

  /** The JSON Pointers of all that is otherwise, as deep as there is something to point at. */
  static List<String> places(JsonNode before, JsonNode after) {
    var places = new ArrayList<String>();
    differ(JsonPointer.empty(), before, after, places);
    return places;
  }

  private static void differ(JsonPointer at, JsonNode before, JsonNode after, List<String> places) {
    if (before.equals(after)) {
      return;
    }
    if (before.isObject() && after.isObject()) {
      var names = new TreeSet<>(before.propertyNames());
      names.addAll(after.propertyNames());
      names.forEach(
          name -> differ(at.appendProperty(name), before.path(name), after.path(name), places));
    } else if (before.isArray() && after.isArray()) {
      for (var i = 0; i < Math.max(before.size(), after.size()); i++) {
        differ(at.appendIndex(i), before.path(i), after.path(i), places);
      }
    } else {
      places.add(at.toString());
    }
  }
}
