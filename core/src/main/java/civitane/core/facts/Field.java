package civitane.core.facts;

import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;

/**
 * A part of a record, by its key in a packet.
 *
 * @param required whether a packet can't be read without it
 * @param otherwise what stands for it where it is absent; null where nothing does
 * @param asked how it is asked for; null for a fact of the household
 * @param outside what somebody outside is whom it names; null where it names nobody
 */
public record Field(
    String key,
    Value value,
    boolean required,
    @Nullable Object otherwise,
    @Nullable Asked asked,
    @Nullable PartyKind outside) {

  /** Whose word counts for it. */
  public WhoseWord whose() {
    if (asked == null) {
      return WhoseWord.HOUSEHOLD;
    }
    return asked.filledIn() && asked.counts() == WhoseWord.HOUSEHOLD
        ? WhoseWord.OFFICE
        : asked.counts();
  }

  static Field of(RecordComponent component) {
    var as = component.getAnnotation(As.class);
    var upTo = component.getAnnotation(UpTo.class);
    var asked = component.getAnnotation(Asked.class);
    var outside = component.getAnnotation(Outside.class);
    return new Field(
        component.getName(),
        Value.of(
            component.getGenericType(),
            as == null ? null : as.value(),
            upTo == null ? 0 : upTo.value()),
        component.isAnnotationPresent(Required.class),
        otherwise(component, asked != null && asked.optional()),
        asked,
        outside == null ? null : outside.value());
  }

  private static @Nullable Object otherwise(RecordComponent component, boolean optional) {
    var usually = component.getAnnotation(Usually.class);
    var type = component.getType();
    if (type == boolean.class) {
      return usually != null && Boolean.parseBoolean(usually.value());
    } else if (type == int.class) {
      return usually == null ? 0 : Integer.parseInt(usually.value());
    } else if (optional && type == java.util.List.class) {
      return java.util.List.of();
    } else if (optional && type == java.util.Map.class) {
      return java.util.Map.of();
    }
    return null;
  }
}
