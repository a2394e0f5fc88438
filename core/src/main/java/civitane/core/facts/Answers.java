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
 * <p>A value is a text, a {@link Word}, an {@link Amount}, a {@link Boolean}, a {@link LocalDate}, a {@link YearMonth},
 * a list, or answers again. A key that is absent, null or blank text has no answer; an empty list is one.
 */
public class Answers {
  public static final Answers NONE = new Answers(Map.of());

  private final Keys keys;
  private final @Nullable Object[] values;

  public Answers(Map<String, ?> values) {
    this.keys = Keys.of(values.keySet());
    this.values = new Object[keys.size()];
    var place = 0;
    for (var value : values.values()) {
      this.values[place++] = value instanceof String text && text.isBlank() ? null : value;
    }
  }

  private Answers(Keys keys, @Nullable Object[] values) {
    this.keys = keys;
    this.values = values;
  }

  /** Answers by the places of their keys, null where there is none; without blank texts, and not to be changed any more. */
  public static Answers holding(Keys keys, @Nullable Object[] values) {
    return new Answers(keys, values);
  }

  public boolean has(String key) {
    return value(key) != null;
  }

  public Set<String> keys() {
    return asMap().keySet();
  }

  private Map<String, Object> asMap() {
    var map = new LinkedHashMap<String, Object>();
    for (var place = 0; place < values.length; place++) {
      if (values[place] != null) {
        map.put(keys.inOrder().get(place), values[place]);
      }
    }
    return map;
  }

  public @Nullable String text(String key) {
    return value(key) instanceof String text ? text : null;
  }

  /** A word of a closed vocabulary. */
  public <W extends Word> @Nullable W word(Class<W> vocabulary, String key) {
    var value = value(key);
    return vocabulary.isInstance(value) ? vocabulary.cast(value) : null;
  }

  public <W extends Word> List<W> words(Class<W> vocabulary, String key) {
    return listOf(key, vocabulary);
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
    for (var i = 0; i < list.size(); i++) {
      type.cast(list.get(i));
    }
    return (List<T>) list;
  }

  /** The one way every answer is read. */
  public @Nullable Object value(String key) {
    var place = keys.place(key);
    return place < 0 ? null : values[place];
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Answers answers && asMap().equals(answers.asMap());
  }

  @Override
  public int hashCode() {
    return asMap().hashCode();
  }

  @Override
  public String toString() {
    return asMap().toString();
  }
}
