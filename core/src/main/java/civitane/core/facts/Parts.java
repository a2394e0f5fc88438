package civitane.core.facts;

import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.MethodType;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The parts of a record in their order: what a packet has in its place, and how the record is made of them.
 *
 * <p>The records are the one declaration of what a packet may hold; reader, schema, questions and screens follow from it.
 */
public final class Parts {
  private static final ClassValue<Parts> KNOWN = new ClassValue<>() {
    @Override
    protected Parts computeValue(Class<?> type) {
      return new Parts(type);
    }
  };

  private final List<Field> fields;
  private final MethodHandle maker;
  private final MethodHandle[] getters;

  private Parts(Class<?> type) {
    var components = type.getRecordComponents();
    if (components == null) {
      throw new IllegalArgumentException(type + " is no record");
    }
    this.fields = Stream.of(components).map(Field::of).toList();
    try {
      var constructor = type.getDeclaredConstructor(
          Stream.of(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
      constructor.setAccessible(true);
      this.maker = MethodHandles.lookup()
          .unreflectConstructor(constructor)
          .asType(MethodType.genericMethodType(components.length))
          .asSpreader(Object[].class, components.length);
      this.getters = new MethodHandle[components.length];
      for (var i = 0; i < components.length; i++) {
        components[i].getAccessor().setAccessible(true);
        getters[i] = MethodHandles.lookup()
            .unreflect(components[i].getAccessor())
            .asType(MethodType.methodType(Object.class, Object.class));
      }
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("the record " + type + " can't be made", e);
    }
  }

  /** The parts of a record. */
  public static Parts of(Class<?> type) {
    return KNOWN.get(type);
  }

  public List<Field> fields() {
    return fields;
  }

  /** The place of a key, from 0; -1 where there is none. */
  public int place(String key) {
    for (var i = 0; i < fields.size(); i++) {
      if (fields.get(i).key().equals(key)) {
        return i;
      }
    }
    return -1;
  }

  /** The record of values by their places; where one is null, what an absent one stands for is put. */
  public Object make(@Nullable Object[] values) {
    for (var i = 0; i < values.length; i++) {
      if (values[i] == null) {
        values[i] = fields.get(i).otherwise();
      } else if (fields.get(i).value().type() == Set.class && values[i] instanceof List<?> list) {
        values[i] = Set.copyOf(list);
      }
    }
    try {
      return maker.invokeExact(values);
    } catch (RuntimeException | Error e) {
      throw e;
    } catch (Throwable e) {
      throw new IllegalStateException(e);
    }
  }

  /** The parts of one record, and of another of the same kind where the first has none or says no more than nothing. */
  public static <R extends Record> R filled(R first, R behind) {
    var parts = of(first.getClass());
    var values = new Object[parts.fields.size()];
    for (var i = 0; i < values.length; i++) {
      var own = parts.get(first, i);
      values[i] =
          own == null || own.equals(parts.fields.get(i).otherwise()) ? parts.get(behind, i) : own;
    }
    @SuppressWarnings("unchecked") // it is made as the first is
    var filled = (R) parts.make(values);
    return filled;
  }

  /** The part of a record at a place. */
  public @Nullable Object get(Object of, int place) {
    try {
      return getters[place].invokeExact(of);
    } catch (RuntimeException | Error e) {
      throw e;
    } catch (Throwable e) {
      throw new IllegalStateException(e);
    }
  }

  /** The parts of a record that are there, by their keys in order. */
  public static Map<String, Object> byKey(@Nullable Record of) {
    var byKey = new LinkedHashMap<String, Object>();
    if (of != null) {
      var parts = of(of.getClass());
      for (var i = 0; i < parts.fields.size(); i++) {
        var value = parts.get(of, i);
        if (value != null) {
          byKey.put(parts.fields.get(i).key(), value);
        }
      }
    }
    return byKey;
  }

  /** What stands at a JSON Pointer in a record; null where nothing does. */
  public static @Nullable Object at(Record root, String pointer) {
    Object found = root;
    for (var step : pointer.substring(1).split("/")) {
      if (found instanceof OrNone<?> or) {
        found = or.value();
      }
      if (found instanceof Record record) {
        found = byKey(record).get(step);
      } else if (found instanceof List<?> list && step.matches("\\d{1,6}")) {
        var place = Integer.parseInt(step);
        found = place < list.size() ? list.get(place) : null;
      } else {
        return null;
      }
    }
    return found;
  }

  @Override
  public String toString() {
    return Arrays.toString(fields.stream().map(Field::key).toArray());
  }
}
