package civitane.packet;

import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.rules.Line;
import civitane.core.rules.Result;
import civitane.core.rules.Test;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.PrettyPrinter;
import tools.jackson.core.io.SerializedString;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.core.util.JsonRecyclerPools;
import tools.jackson.core.util.Separators;

/** Writes results and faults as JSON, the keys always in the same order. */
public final class ResultWriter {
  // Between two answers stands the line break that each ends with, and nothing else.
  private static final Separators UNSEPARATED =
      Separators.createDefaultInstance().withRootSeparator("");
  private static final JsonFactory JSON = JsonFactory.builder()
      .recyclerPool(JsonRecyclerPools.threadLocalPool())
      .rootValueSeparator("")
      .build();

  private static final int USUAL_BYTES = 1 << 17;
  private static final ThreadLocal<ByteArrayOutputStream> BUFFER =
      ThreadLocal.withInitial(() -> new ByteArrayOutputStream(USUAL_BYTES));
  private static final SerializedString SERVICE = new SerializedString("service");
  private static final SerializedString OUTCOME = new SerializedString("outcome");
  private static final SerializedString HOLD = new SerializedString("hold");
  private static final SerializedString ROUTE = new SerializedString("route");
  private static final SerializedString BOOK = new SerializedString("book");
  private static final SerializedString TESTS = new SerializedString("tests");
  private static final SerializedString AMOUNTS = new SerializedString("amounts");
  private static final SerializedString NOTES = new SerializedString("notes");
  private static final SerializedString CODE = new SerializedString("code");
  private static final SerializedString TEXT = new SerializedString("text");
  private static final SerializedString ID = new SerializedString("id");
  private static final SerializedString MEASURED = new SerializedString("measured");
  private static final SerializedString LIMIT = new SerializedString("limit");
  private static final SerializedString BECAUSE = new SerializedString("because");
  private static final SerializedString NEEDS = new SerializedString("needs");
  private static final SerializedString MISSING = new SerializedString("missing");
  private static final SerializedString CHANGE = new SerializedString("change");
  private static final SerializedString WORKING = new SerializedString("working");
  private static final SerializedString LABEL = new SerializedString("label");
  private static final SerializedString AMOUNT = new SerializedString("amount");

  private final boolean pretty;

  public ResultWriter(boolean pretty) {
    this.pretty = pretty;
  }

  /** The results of one packet, as an array. */
  public String results(List<Result> results) {
    return new String(written(json -> results(json, results)), StandardCharsets.UTF_8);
  }

  public String faults(List<Fault> faults) {
    return new String(written(json -> faults(json, faults)), StandardCharsets.UTF_8);
  }

  /** Several answers in UTF-8, a line break behind each. */
  public byte[] lines(List<Answer> answers) {
    return written(json -> {
      for (var answer : answers) {
        if (answer instanceof Answer.Results well) {
          results(json, well.results());
        } else if (answer instanceof Answer.Faulty faulty) {
          faults(json, faulty.faults());
        }
        json.writeRaw('\n');
      }
    });
  }

  private interface Content {
    void to(JsonGenerator json);
  }

  private byte[] written(Content content) {
    var out = BUFFER.get();
    out.reset();
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
      return pretty ? new DefaultPrettyPrinter(UNSEPARATED) : null;
    }
  }

  private static void results(JsonGenerator json, List<Result> results) {
    json.writeStartArray();
    for (var result : results) {
      result(json, result);
    }
    json.writeEndArray();
  }

  private static void faults(JsonGenerator json, List<Fault> faults) {
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
  }

  private static void result(JsonGenerator json, Result result) {
    json.writeStartObject();
    text(json, SERVICE, result.service());
    text(json, OUTCOME, result.outcome().word());
    word(json, HOLD, result.hold());
    word(json, ROUTE, result.route());
    text(json, BOOK, result.book());
    json.writeName(TESTS);
    json.writeStartArray();
    for (var test : result.tests()) {
      test(json, test);
    }
    json.writeEndArray();
    json.writeName(AMOUNTS);
    value(json, result.amounts());
    json.writeName(NOTES);
    json.writeStartArray();
    for (var note : result.notes()) {
      json.writeStartObject();
      text(json, CODE, note.code());
      text(json, TEXT, note.text());
      json.writeEndObject();
    }
    json.writeEndArray();
    working(json, result.working());
    json.writeEndObject();
  }

  private static void text(JsonGenerator json, SerializedString name, String text) {
    json.writeName(name);
    json.writeString(text);
  }

  private static void word(JsonGenerator json, SerializedString name, @Nullable Word word) {
    json.writeName(name);
    if (word == null) {
      json.writeNull();
    } else {
      json.writeString(word.word());
    }
  }

  private static void test(JsonGenerator json, Test test) {
    json.writeStartObject();
    text(json, ID, test.id());
    text(json, OUTCOME, test.outcome().word());
    json.writeName(MEASURED);
    amount(json, test.measured());
    json.writeName(LIMIT);
    amount(json, test.limit());
    text(json, BECAUSE, test.because());
    json.writeName(NEEDS);
    texts(json, test.needs());
    json.writeName(MISSING);
    texts(json, test.missing());
    var change = test.change();
    if (change != null) {
      text(json, CHANGE, change);
    }
    json.writeEndObject();
  }

  private static void texts(JsonGenerator json, List<String> texts) {
    json.writeStartArray();
    for (var text : texts) {
      json.writeString(text);
    }
    json.writeEndArray();
  }

  private static void amount(JsonGenerator json, @Nullable Amount amount) {
    if (amount == null) {
      json.writeNull();
    } else if (amount.isWhole()) {
      json.writeNumber(amount.toWhole());
    } else {
      json.writeNumber(amount.toDecimal());
    }
  }

  private static void working(JsonGenerator json, List<Line> lines) {
    if (lines.isEmpty()) {
      return;
    }
    json.writeName(WORKING);
    json.writeStartArray();
    for (var line : lines) {
      json.writeStartObject();
      text(json, LABEL, line.label());
      json.writeName(AMOUNT);
      amount(json, line.amount());
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  private static void value(JsonGenerator json, @Nullable Object value) {
    if (value == null || value instanceof Amount) {
      amount(json, (Amount) value);
    } else if (value instanceof Boolean flag) {
      json.writeBoolean(flag);
    } else if (value instanceof Word word) {
      json.writeString(word.word());
    } else if (value instanceof Map<?, ?> map) {
      json.writeStartObject();
      for (var entry : map.entrySet()) {
        json.writeName(String.valueOf(entry.getKey()));
        value(json, entry.getValue());
      }
      json.writeEndObject();
    } else if (value instanceof List<?> list) {
      json.writeStartArray();
      for (var part : list) {
        value(json, part);
      }
      json.writeEndArray();
    } else {
      json.writeString(value.toString());
    }
  }
}
