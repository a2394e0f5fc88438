package civitane.app.api;

import civitane.packet.Fault;
import civitane.packet.text.CleanText;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Finds every text in something sent that has signs in it which nobody sees, with its place. */
final class HiddenSigns {
  private final List<Fault> found = new ArrayList<>();

  private HiddenSigns() {}

  static List<Fault> in(@Nullable Object sent) {
    var signs = new HiddenSigns();
    signs.look("", sent);
    return signs.found;
  }

  private void look(String at, @Nullable Object value) {
    if (value instanceof String text) {
      text(at, text);
    } else if (value instanceof JsonNode node) {
      node(at, node);
    } else if (value instanceof Map<?, ?> parts) {
      parts.forEach((key, part) -> part(at, String.valueOf(key), part));
    } else if (value instanceof Collection<?> several) {
      list(at, several);
    } else if (value instanceof Record whole) {
      for (var part : whole.getClass().getRecordComponents()) {
        look(at + "/" + part.getName(), Parts.value(whole, part));
      }
    }
  }

  private void node(String at, JsonNode node) {
    if (node.isString()) {
      text(at, node.stringValue());
    } else if (node.isArray()) {
      list(at, node.values());
    } else {
      node.propertyStream().forEach(part -> part(at, part.getKey(), part.getValue()));
    }
  }

  private void part(String at, String key, @Nullable Object part) {
    var place = at + "/" + key.replace("~", "~0").replace("/", "~1");
    text(place, key);
    look(place, part);
  }

  private void list(String at, Collection<?> several) {
    var place = 0;
    for (var one : several) {
      look(at + "/" + place++, one);
    }
  }

  private void text(String at, String text) {
    var unfit = CleanText.faultOfLines(text);
    if (unfit != null) {
      found.add(new Fault(at, unfit.message(), unfit.expected()));
    }
  }
}
