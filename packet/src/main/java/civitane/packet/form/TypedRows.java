package civitane.packet.form;

import civitane.packet.shape.Shape;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The entries of a list as they were typed, row by row; rows that were left out leave no hole. */
final class TypedRows {
  private static final Pattern ROW = Pattern.compile("(\\d{1,6})/(.+)");

  private final String list;
  private final TreeMap<Integer, ObjectNode> rows = new TreeMap<>();

  private TypedRows(String list) {
    this.list = list;
  }

  /** @param values by their places; what is in no row of the list is left out */
  static TypedRows of(String list, Map<String, JsonNode> values) {
    var typed = new TypedRows(list);
    values.forEach(typed::put);
    return typed;
  }

  private void put(String place, JsonNode value) {
    var at = ROW.matcher(place.startsWith(list + "/") ? place.substring(list.length() + 1) : "");
    if (at.matches()) {
      var row = rows.computeIfAbsent(
          Integer.valueOf(at.group(1)), nr -> JsonNodeFactory.instance.objectNode());
      var end = at.group(2).lastIndexOf('/');
      var parent = end < 0 ? row : row.withObject("/" + at.group(2).substring(0, end));
      parent.set(at.group(2).substring(end + 1), value);
    }
  }

  boolean isEmpty() {
    return rows.isEmpty();
  }

  List<ObjectNode> inOrder() {
    return List.copyOf(rows.values());
  }

  ArrayNode list() {
    return JsonNodeFactory.instance.arrayNode().addAll(rows.values());
  }

  /** The places of what must be there in a row and is not. */
  Set<String> missing(@Nullable Shape shape) {
    var missing = new LinkedHashSet<String>();
    if (shape != null && shape.element() != null) {
      var fields = shape.element().fields();
      rows.forEach((nr, row) -> fields.forEach(field -> {
        if (fields.require(field) && !row.has(field.key())) {
          missing.add(list + "/" + nr + "/" + field.key());
        }
      }));
    }
    return missing;
  }
}
