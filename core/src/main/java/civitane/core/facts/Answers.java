package civitane.core.facts;

import civitane.core.money.Amount;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Answers to questions, by the question's key.
 *
 * <p>A value is a text, an {@link Amount}, a {@link Boolean}, a {@link LocalDate}, a {@link YearMonth}, a list, or
 * answers again. A key that is absent, null or blank text has no answer; an empty list is one.
 */
public class Answers {
  public static final Answers NONE = new Answers(Map.of());

  private final Map<String, Object> values;

  public Answers(Map<String, ?> values) {
    this.values = new LinkedHashMap<>();
    values.forEach((key, value) -> {
      if (value != null && !(value instanceof String text && text.isBlank())) {
        this.values.put(key, value);
      }
    });
  }

  private Answers(LinkedHashMap<String, Object> values) {
    this.values = values;
  }

  /** Answers that hold a map as it is: without nulls and blank texts, and not to be changed any more. */
  public static Answers holding(LinkedHashMap<String, Object> values) {
    return new Answers(values);
  }

  public boolean has(String key) {
    return value(key) != null;
  }

  public Set<String> keys() {
    return values.keySet();
  }

  public @Nullable String text(String key) {
    return value(key) instanceof String text ? text : null;
  }

  public @Nullable Amount number(String key) {
    return value(key) instanceof Amount amount ? amount : null;
  }

  public @Nullable Boolean flag(String key) {
    return value(key) instanceof Boolean flag ? flag : null;
  }

  public boolean flag(String key, boolean otherwise) {
    var flag = flag(key);
    return flag == null ? otherwise : flag;
  }

  public @Nullable LocalDate date(String key) {
    return value(key) instanceof LocalDate date ? date : null;
  }

  public @Nullable YearMonth month(String key) {
    return value(key) instanceof YearMonth month ? month : null;
  }

  /** The answers within an answer; null when there are none. */
  public @Nullable Answers group(String key) {
    return value(key) instanceof Answers answers ? answers : null;
  }

  /** A list of answers within an answer; empty when there is none. */
  public List<Answers> groups(String key) {
    return listOf(key, Answers.class);
  }

  public List<String> texts(String key) {
    return listOf(key, String.class);
  }

  public List<YearMonth> months(String key) {
    return listOf(key, YearMonth.class);
  }

  @SuppressWarnings("unchecked") // each element is looked at
  private <T> List<T> listOf(String key, Class<T> type) {
    if (!(value(key) instanceof List<?> list)) {
      return List.of();
    }
    for (var element : list) {
      type.cast(element);
    }
    return (List<T>) list;
  }

  /** The one way every answer is read. */
  public @Nullable Object value(String key) {
    return values.get(key);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Answers answers && values.equals(answers.values);
  }

  @Override
  public int hashCode() {
    return values.hashCode();
  }

  @Override
  public String toString() {
    return values.toString();
  }
}
