package civitane.packet;

import civitane.core.facts.Frequency;
import civitane.core.facts.OrNone;
import civitane.core.facts.Parts;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.reasons.Unit;
import civitane.core.time.Quarter;
import java.util.Collection;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;

import static civitane.core.facts.Known.known;

/** Writes values of the core as JSON: amounts, arguments of reasons, and records part by part. */
final class ValueWriter {
  private ValueWriter() {}

  static void amount(JsonGenerator json, @Nullable Amount amount) {
    if (amount == null) {
      json.writeNull();
    } else if (amount.isWhole()) {
      json.writeNumber(amount.toWhole());
    } else {
      json.writeNumber(amount.toDecimal());
    }
  }

  /** What a reason is told with, by name. */
  static void arguments(JsonGenerator json, Reason reason) {
    json.writeObjectPropertyStart("arguments");
    var parameters = reason.code().parameters();
    for (var i = 0; i < parameters.size(); i++) {
      json.writeName(parameters.get(i).name());
      value(json, reason.arguments().get(i));
    }
    json.writeEndObject();
  }

  static void optional(JsonGenerator json, String name, @Nullable Object value) {
    if (value != null) {
      json.writeName(name);
      value(json, value);
    }
  }

  /** The parts of a record that are there; none for null. */
  static void record(JsonGenerator json, @Nullable Record record) {
    json.writeStartObject();
    if (record != null) {
      var parts = Parts.of(record.getClass());
      for (var i = 0; i < parts.fields().size(); i++) {
        optional(json, parts.fields().get(i).key(), parts.get(record, i));
      }
    }
    json.writeEndObject();
  }

  static void value(JsonGenerator json, Object value) {
    if (value instanceof Amount amount) {
      amount(json, amount);
    } else if (value instanceof Integer number) {
      json.writeNumber(number);
    } else if (value instanceof Boolean flag) {
      json.writeBoolean(flag);
    } else if (value instanceof Word word) {
      json.writeString(word.word());
    } else if (value instanceof Argument argument) {
      argument(json, argument);
    } else if (value instanceof Map<?, ?> map) {
      json.writeStartObject();
      map.forEach((key, part) -> {
        json.writeName(key instanceof Word word ? word.word() : key.toString());
        value(json, part);
      });
      json.writeEndObject();
    } else if (value instanceof OrNone<?> or) {
      value(json, or.isNone() ? OrNone.WORD : known(or.value()));
    } else if (value instanceof Record record && !(value instanceof Quarter)) {
      record(json, record);
    } else if (value instanceof Collection<?> list) {
      json.writeStartArray();
      for (var part : list) {
        value(json, part);
      }
      json.writeEndArray();
    } else {
      json.writeString(value.toString());
    }
  }

  private static void argument(JsonGenerator json, Argument argument) {
    if (argument instanceof Argument.Several several) {
      value(json, several.all());
      return;
    }
    if (argument instanceof Argument.Told told) {
      json.writeString(told.text());
      return;
    }
    if (argument instanceof Argument.Day day) {
      json.writeString(day.on().toString());
      return;
    }
    if (argument instanceof Argument.Month month) {
      json.writeString(month.month().toString());
      return;
    }
    json.writeStartObject();
    if (argument instanceof Argument.Money money) {
      json.writeName("euros");
      amount(json, money.amount());
      if (money.each() != Frequency.ONCE) {
        json.writeStringProperty("each", money.each().word());
      }
    } else if (argument instanceof Argument.Quantity quantity) {
      json.writeName("number");
      amount(json, quantity.number());
      if (quantity.unit() != Unit.COUNT) {
        json.writeStringProperty("unit", quantity.unit().word());
      }
    } else if (argument instanceof Argument.Who who) {
      json.writeStringProperty("person", who.id());
    } else if (argument instanceof Argument.Term term) {
      json.writeStringProperty(term.word().vocabulary(), term.word().word());
    } else if (argument instanceof Argument.Missing missing) {
      json.writeStringProperty("missing", missing.subject());
    }
    json.writeEndObject();
  }
}
