package civitane.packet;

import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.rules.Line;
import civitane.core.rules.Result;
import civitane.core.rules.Test;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.PrettyPrinter;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.core.util.JsonRecyclerPools;

/** Writes results and faults as JSON, the keys always in the same order. */
public final class ResultWriter {
  private static final JsonFactory JSON =
      JsonFactory.builder().recyclerPool(JsonRecyclerPools.threadLocalPool()).build();

  private static final int USUAL_BYTES = 2_048;

  private final boolean pretty;

  public ResultWriter(boolean pretty) {
    this.pretty = pretty;
  }

  /** The results of one packet, as an array. */
  public String results(List<Result> results) {
    return new String(bytesOf(results), StandardCharsets.UTF_8);
  }

  public String faults(List<Fault> faults) {
    return new String(bytesOfFaults(faults), StandardCharsets.UTF_8);
  }

  /** The results of one packet, as an array in UTF-8. */
  public byte[] bytesOf(List<Result> results) {
    return written(json -> {
      json.writeStartArray();
      results.forEach(result -> result(json, result));
      json.writeEndArray();
    });
  }

  public byte[] bytesOfFaults(List<Fault> faults) {
    return written(json -> {
      json.writeStartObject();
      json.writeArrayPropertyStart("faults");
      for (var fault : faults) {
        json.writeStartObject();
        json.writeStringProperty("pointer", fault.pointer());
        json.writeStringProperty("message", fault.message());
        json.writeStringProperty("expected", fault.expected());
        json.writeEndObject();
      }
      json.writeEndArray();
      json.writeEndObject();
    });
  }

  private interface Content {
    void to(JsonGenerator json);
  }

  private byte[] written(Content content) {
    var out = new ByteArrayOutputStream(USUAL_BYTES);
    try (var json = JSON.createGenerator(new Context(pretty), out, JsonEncoding.UTF8)) {
      content.to(json);
    }
    return out.toByteArray();
  }

  /** Tells the generator whether to break lines. */
  private static final class Context extends ObjectWriteContext.Base {
    private final boolean pretty;

    Context(boolean pretty) {
      this.pretty = pretty;
    }

    @Override
    public @Nullable PrettyPrinter getPrettyPrinter() {
      return pretty ? new DefaultPrettyPrinter() : null;
    }
  }

  private static void result(JsonGenerator json, Result result) {
    json.writeStartObject();
    json.writeStringProperty("service", result.service());
    json.writeStringProperty("outcome", result.outcome().word());
    word(json, "hold", result.hold());
    word(json, "route", result.route());
    json.writeStringProperty("book", result.book());
    json.writeArrayPropertyStart("tests");
    result.tests().forEach(test -> test(json, test));
    json.writeEndArray();
    json.writeName("amounts");
    value(json, result.amounts());
    json.writeArrayPropertyStart("notes");
    for (var note : result.notes()) {
      json.writeStartObject();
      json.writeStringProperty("code", note.code());
      json.writeStringProperty("text", note.text());
      json.writeEndObject();
    }
    json.writeEndArray();
    working(json, result.working());
    json.writeEndObject();
  }

  private static void word(JsonGenerator json, String key, @Nullable Word word) {
    json.writeName(key);
    if (word == null) {
      json.writeNull();
    } else {
      json.writeString(word.word());
    }
  }

  private static void test(JsonGenerator json, Test test) {
    json.writeStartObject();
    json.writeStringProperty("id", test.id());
    json.writeStringProperty("outcome", test.outcome().word());
    json.writeName("measured");
    value(json, test.measured());
    json.writeName("limit");
    value(json, test.limit());
    json.writeStringProperty("because", test.because());
    json.writeName("needs");
    value(json, test.needs());
    json.writeName("missing");
    value(json, test.missing());
    var change = test.change();
    if (change != null) {
      json.writeStringProperty("change", change);
    }
    json.writeEndObject();
  }

  private static void working(JsonGenerator json, List<Line> lines) {
    if (lines.isEmpty()) {
      return;
    }
    json.writeArrayPropertyStart("working");
    for (var line : lines) {
      json.writeStartObject();
      json.writeStringProperty("label", line.label());
      json.writeNumberProperty("amount", line.amount().toDecimal());
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  private static void value(JsonGenerator json, @Nullable Object value) {
    if (value == null) {
      json.writeNull();
    } else if (value instanceof Amount amount) {
      json.writeNumber(amount.toDecimal());
    } else if (value instanceof Boolean flag) {
      json.writeBoolean(flag);
    } else if (value instanceof Word word) {
      json.writeString(word.word());
    } else if (value instanceof LocalDate date) {
      json.writeString(date.toString());
    } else if (value instanceof Map<?, ?> map) {
      json.writeStartObject();
      map.forEach((key, part) -> {
        json.writeName(String.valueOf(key));
        value(json, part);
      });
      json.writeEndObject();
    } else if (value instanceof List<?> list) {
      json.writeStartArray();
      list.forEach(part -> value(json, part));
      json.writeEndArray();
    } else {
      json.writeString(String.valueOf(value));
    }
  }
}
