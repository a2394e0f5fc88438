package civitane.core.facts;

import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Records from what a test tells, by keys: groups as maps, vocabularies as words, amounts as numbers; or all as text. */
public final class Told {
  private Told() {}

  public static <A extends Record> A as(Class<A> record, Map<String, ?> told) {
    return record.cast(made(record, told));
  }

  private static Object made(Class<?> record, Map<?, ?> told) {
    var parts = Parts.of(record);
    var unknown =
        told.keySet().stream().filter(key -> parts.place((String) key) < 0).toList();
    if (!unknown.isEmpty()) {
      throw new IllegalArgumentException(record + " has no parts called " + unknown);
    }
    return parts.make(parts.fields().stream()
        .map(field -> value(field.value(), told.get(field.key())))
        .toArray());
  }

  private static @Nullable Object value(Value form, @Nullable Object told) {
    if (told == null || told instanceof String text && text.isBlank()) {
      return null;
    }
    if (!form.orNone()) {
      return plain(form, told);
    }
    return OrNone.WORD.equals(told) ? OrNone.none() : new OrNone<>(plain(form, told));
  }

  private static Object plain(Value form, Object told) {
    return switch (form.form()) {
      case GROUP -> told instanceof Map<?, ?> map ? made(form.type(), map) : told;
      case LIST ->
        ((List<?>) told).stream().map(one -> value(form.element(), one)).toList();
      case CHOICE -> told instanceof String word ? form.words().byWord().get(word) : told;
      case MONEY, NUMBER -> amount(told);
      case WHOLE ->
        told instanceof Amount amount
            ? amount.toDecimal().intValueExact()
            : told instanceof String text ? (Object) Integer.valueOf(text) : told;
      case FLAG -> told instanceof String text ? (Object) Boolean.valueOf(text) : told;
      case DATE -> told instanceof String text ? LocalDate.parse(text) : told;
      case MONTH -> told instanceof String text ? YearMonth.parse(text) : told;
      case MOMENT -> told instanceof String text ? OffsetDateTime.parse(text) : told;
      case BY_PERSON -> {
        var people = new LinkedHashMap<String, Object>();
        ((Map<?, ?>) told)
            .forEach((person, one) -> people.put((String) person, value(form.element(), one)));
        yield people;
      }
      case BY_QUARTER -> {
        var quarters = new LinkedHashMap<Quarter, Object>();
        ((Map<?, ?>) told)
            .forEach((quarter, euros) ->
                quarters.put(Quarter.parse((String) quarter), value(form.element(), euros)));
        yield quarters;
      }
      default -> told;
    };
  }

  private static Object amount(Object told) {
    return told instanceof Integer number
        ? Amount.of(number)
        : told instanceof String text ? Amount.of(new BigDecimal(text)) : told;
  }
}
