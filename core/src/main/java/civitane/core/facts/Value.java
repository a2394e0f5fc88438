package civitane.core.facts;

import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a value looks like, and of which type it is.
 *
 * @param type the vocabulary of a choice, the record of a group
 * @param element what the elements of a list, or the values by person or quarter, look like
 * @param most the most a whole number may be
 * @param orNone whether the word {@code none} may stand in its place
 */
public record Value(Form form, Class<?> type, @Nullable Value element, int most, boolean orNone) {
  private static final int MOST_WHOLE = 999_999_999;

  /** The value that a type stands for by itself. */
  public static Value of(Type type) {
    return of(type, null, 0);
  }

  static Value of(Type type, @Nullable Form as, int most) {
    var raw = raw(type);
    if (raw == OrNone.class) {
      var inner = of(argument(type, 0), as, most);
      return new Value(inner.form, inner.type, inner.element, inner.most, true);
    }
    if (raw == List.class || raw == Set.class) {
      return new Value(Form.LIST, raw, of(argument(type, 0), as, most), 0, false);
    }
    if (raw == Map.class) {
      var form = raw(argument(type, 0)) == Quarter.class ? Form.BY_QUARTER : Form.BY_PERSON;
      return new Value(form, raw, of(argument(type, 1), as, most), 0, false);
    }
    return new Value(as == null ? form(raw) : as, raw, null, most == 0 ? MOST_WHOLE : most, false);
  }

  private static Form form(Class<?> type) {
    if (type == String.class) {
      return Form.TEXT;
    } else if (type == Amount.class) {
      return Form.MONEY;
    } else if (type == int.class || type == Integer.class) {
      return Form.WHOLE;
    } else if (type == LocalDate.class) {
      return Form.DATE;
    } else if (type == YearMonth.class) {
      return Form.MONTH;
    } else if (type == OffsetDateTime.class) {
      return Form.MOMENT;
    } else if (type == boolean.class || type == Boolean.class) {
      return Form.FLAG;
    } else if (type.isEnum()) {
      return Form.CHOICE;
    } else if (type.isRecord() || type == Record.class) {
      return Form.GROUP;
    }
    throw new IllegalArgumentException("a packet has no place for a " + type);
  }

  private static Class<?> raw(Type type) {
    return type instanceof ParameterizedType with ? (Class<?>) with.getRawType() : (Class<?>) type;
  }

  private static Type argument(Type type, int place) {
    return ((ParameterizedType) type).getActualTypeArguments()[place];
  }

  /** The parts of a group. */
  public Parts parts() {
    return Parts.of(type.asSubclass(Record.class));
  }

  /** The words of a choice. */
  public Vocabulary words() {
    return Vocabulary.of(type);
  }
}
