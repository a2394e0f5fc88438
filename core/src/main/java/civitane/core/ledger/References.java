package civitane.core.ledger;

import civitane.core.facts.OrNone;
import civitane.core.facts.Parts;
import civitane.core.facts.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * Values that name people and incomes: by the ids of a packet there, by their subjects here.
 *
 * <p>Somebody who has no id on the other side is left out: whoever is not of a household is nobody in its packet.
 */
final class References {
  private References() {}

  /** The value with every person and income in it named by another id. */
  static @Nullable Object renamed(
      Value as, @Nullable Object value, Function<String, @Nullable String> ids) {
    if (value == null) {
      return null;
    } else if (value instanceof OrNone<?> or) {
      return or.isNone() ? or : new OrNone<>(plain(as, known(or.value()), ids));
    }
    return plain(as, value, ids);
  }

  private static @Nullable Object plain(
      Value as, Object value, Function<String, @Nullable String> ids) {
    return switch (as.form()) {
      case PERSON, INCOME -> ids.apply((String) value);
      case GROUP -> group((Record) value, ids);
      case LIST -> value instanceof List<?> list ? list(as, list, ids) : value;
      case BY_PERSON -> byPerson(as, (Map<?, ?>) value, ids);
      default -> value;
    };
  }

  private static Object group(Record record, Function<String, @Nullable String> ids) {
    var parts = Parts.of(record.getClass());
    var values = new Object[parts.fields().size()];
    for (var i = 0; i < values.length; i++) {
      values[i] = renamed(parts.fields().get(i).value(), parts.get(record, i), ids);
    }
    return parts.make(values);
  }

  private static List<Object> list(Value as, List<?> list, Function<String, @Nullable String> ids) {
    var renamed = new ArrayList<Object>();
    for (var one : list) {
      if (one instanceof Record entry && isOfNobody(entry, ids)) {
        continue;
      }
      var other = renamed(known(as.element()), one, ids);
      if (other != null) {
        renamed.add(other);
      }
    }
    return List.copyOf(renamed);
  }

  /** Whether an entry of a list is about somebody who is nobody on the other side. */
  private static boolean isOfNobody(Record entry, Function<String, @Nullable String> ids) {
    var person = Parts.byKey(entry).get(Keys.OWNER);
    return person instanceof String id && ids.apply(id) == null;
  }

  private static Map<Object, Object> byPerson(
      Value as, Map<?, ?> map, Function<String, @Nullable String> ids) {
    var renamed = new LinkedHashMap<Object, Object>();
    map.forEach((id, value) -> {
      var other = ids.apply((String) id);
      var inner = renamed(known(as.element()), value, ids);
      if (other != null && inner != null) {
        renamed.put(other, inner);
      }
    });
    return renamed;
  }
}
