package civitane.core.facts;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Somebody outside whom a household names. */
public record NamedOutside(PartyKind kind, String name) {

  /** Those whom a request names, and those who pay the household, each once. */
  public static List<NamedOutside> of(Packet packet, int request) {
    var found = new ArrayList<NamedOutside>();
    packet.household().incomes().forEach(income -> within(income, found));
    within(packet.requests().get(request).answers(), found);
    return found.stream().distinct().toList();
  }

  private static void within(@Nullable Object value, List<NamedOutside> found) {
    if (value instanceof OrNone<?> or) {
      within(or.value(), found);
    } else if (value instanceof List<?> list) {
      list.forEach(one -> within(one, found));
    } else if (value instanceof Record record) {
      var parts = Parts.of(record.getClass());
      for (var i = 0; i < parts.fields().size(); i++) {
        var kind = parts.fields().get(i).outside();
        var part = parts.get(record, i);
        if (kind == null) {
          within(part, found);
        } else if (part instanceof String name && !name.isBlank()) {
          found.add(new NamedOutside(kind, name.strip()));
        }
      }
    }
  }
}
