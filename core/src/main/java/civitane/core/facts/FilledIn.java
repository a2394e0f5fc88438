package civitane.core.facts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Answers with what the office's own books hold, where nobody has set anything else. */
public final class FilledIn {
  private FilledIn() {}

  /**
   * The answers, filled in.
   *
   * @param book what the books hold of a fact, by the name a question knows it by: the rows of a list, each its parts by
   *     key; nothing where there is no such book
   */
  public static Record of(Record answers, Function<String, List<?>> book) {
    var parts = Parts.of(answers.getClass());
    var values = new @Nullable Object[parts.fields().size()];
    for (var i = 0; i < values.length; i++) {
      values[i] = filled(parts.fields().get(i), parts.get(answers, i), book);
    }
    return (Record) parts.make(values);
  }

  private static @Nullable Object filled(
      Field field, @Nullable Object value, Function<String, List<?>> book) {
    var asked = field.asked();
    var element = field.value().element();
    if (asked == null || asked.knownAs().isEmpty()) {
      return value;
    } else if (field.value().form() == Form.GROUP && value instanceof Record told) {
      return row(told, book.apply(asked.knownAs()));
    } else if (element == null || !isList(field)) {
      return value;
    }
    var group = element.form() == Form.GROUP;
    if (field.whose() != WhoseWord.HOUSEHOLD) {
      return value == null || value.equals(field.otherwise())
          ? rows(book.apply(asked.knownAs()), group ? element.parts() : null)
          : value;
    }
    return group && value instanceof List<?> list
        ? list.stream()
            .map(row -> (Object) row((Record) row, book.apply(asked.knownAs())))
            .toList()
        : value;
  }

  private static boolean isList(Field field) {
    return field.value().form() == Form.LIST;
  }

  private static List<Object> rows(List<?> rows, @Nullable Parts parts) {
    var filled = new ArrayList<Object>();
    for (var row : rows) {
      filled.add(parts == null ? row : parts.make(values(parts, (Map<?, ?>) row)));
    }
    return filled;
  }

  private static @Nullable Object[] values(Parts parts, Map<?, ?> row) {
    return parts.fields().stream()
        .map(field -> value(field.value(), row.get(field.key())))
        .toArray();
  }

  /** A book writes the words of vocabularies. */
  private static @Nullable Object value(Value declared, @Nullable Object written) {
    return declared.form() == Form.CHOICE && written instanceof String word
        ? declared.words().byWord().get(word)
        : written;
  }

  /** A row of the household, with the rest of what the book has of the same thing. */
  private static Record row(Record told, List<?> book) {
    var parts = Parts.of(told.getClass());
    for (var one : book) {
      if (isSame(parts, told, (Map<?, ?>) one)) {
        var values = new @Nullable Object[parts.fields().size()];
        for (var i = 0; i < values.length; i++) {
          var own = parts.get(told, i);
          values[i] = own == null || own.equals(parts.fields().get(i).otherwise())
              ? value(
                  parts.fields().get(i).value(),
                  ((Map<?, ?>) one).get(parts.fields().get(i).key()))
              : own;
        }
        return (Record) parts.make(values);
      }
    }
    return told;
  }

  /** By whatever the household itself says of it. */
  private static boolean isSame(Parts parts, Record told, Map<?, ?> row) {
    var same = false;
    for (var i = 0; i < parts.fields().size(); i++) {
      var field = parts.fields().get(i);
      var own = parts.get(told, i);
      if (field.whose() == WhoseWord.HOUSEHOLD && own != null) {
        if (!own.equals(row.get(field.key()))) {
          return false;
        }
        same = true;
      }
    }
    return same;
  }
}
