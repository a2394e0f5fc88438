package civitane.packet;

import civitane.core.facts.Word;
import civitane.core.reasons.Reason;
import civitane.core.rules.Check;
import civitane.core.rules.Line;
import civitane.core.rules.Result;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonEncoding;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.PrettyPrinter;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.core.util.Separators;

/** Writes results and faults as JSON, the keys always in the same order, sentences in one language. */
public final class ResultWriter {
  // Between two answers stands the line break that each ends with, and nothing else.
  private static final Separators UNSEPARATED =
      Separators.createDefaultInstance().withRootSeparator("");
  private static final JsonFactory JSON =
      JsonFactory.builder().rootValueSeparator("").build();

  private static final int USUAL_BYTES = 1 << 14;

  private final boolean pretty;
  private final Words words;

  public ResultWriter(boolean pretty, Language language) {
    this.pretty = pretty;
    this.words = Words.in(language);
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
      return pretty ? new DefaultPrettyPrinter(UNSEPARATED) : null;
    }
  }

  private void results(JsonGenerator json, List<Result> results) {
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

  private void result(JsonGenerator json, Result result) {
    json.writeStartObject();
    json.writeStringProperty("service", result.service());
    json.writeStringProperty("outcome", result.outcome().word());
    word(json, "hold", result.hold());
    word(json, "route", result.route());
    json.writeStringProperty("book", result.book());
    json.writeArrayPropertyStart("tests");
    for (var check : result.checks()) {
      check(json, check);
    }
    json.writeEndArray();
    json.writeName("amounts");
    ValueWriter.record(json, result.amounts());
    awards(json, result);
    json.writeArrayPropertyStart("notes");
    for (var note : result.notes()) {
      json.writeStartObject();
      json.writeStringProperty("code", note.code());
      json.writeStringProperty("text", words.say(note.reason(), Voice.DESK));
      ValueWriter.arguments(json, note.reason());
      json.writeEndObject();
    }
    json.writeEndArray();
    working(json, result.working());
    json.writeEndObject();
  }

  private static void word(JsonGenerator json, String name, @Nullable Word word) {
    json.writeName(name);
    if (word == null) {
      json.writeNull();
    } else {
      json.writeString(word.word());
    }
  }

  private void check(JsonGenerator json, Check check) {
    json.writeStartObject();
    json.writeStringProperty("id", check.id());
    json.writeStringProperty("outcome", check.outcome().word());
    json.writeName("measured");
    ValueWriter.amount(json, check.measured());
    json.writeName("limit");
    ValueWriter.amount(json, check.limit());
    json.writeStringProperty("because", words.say(check.reasons(), Voice.DESK));
    reasons(json, "reasons", check.reasons());
    json.writeArrayPropertyStart("needs");
    for (var pointer : check.needs()) {
      json.writeString(pointer);
    }
    json.writeEndArray();
    json.writeArrayPropertyStart("missing");
    for (var missing : check.missing()) {
      json.writeString(missing.subject());
    }
    json.writeEndArray();
    if (!check.changes().isEmpty()) {
      json.writeStringProperty("change", words.say(check.changes(), Voice.DESK));
      reasons(json, "changes", check.changes());
    }
    json.writeEndObject();
  }

  private static void reasons(JsonGenerator json, String name, List<Reason> reasons) {
    json.writeArrayPropertyStart(name);
    for (var reason : reasons) {
      json.writeStartObject();
      json.writeStringProperty("code", reason.code().code());
      ValueWriter.arguments(json, reason);
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  private void awards(JsonGenerator json, Result result) {
    json.writeArrayPropertyStart("awards");
    for (var award : result.awards()) {
      json.writeStartObject();
      json.writeStringProperty("what", award.what().word());
      ValueWriter.optional(json, "much", award.much());
      ValueWriter.optional(json, "from", award.from());
      ValueWriter.optional(json, "until", award.until());
      json.writeStringProperty("to", award.to().word());
      ValueWriter.optional(json, "forWhom", award.forWhom());
      ValueWriter.optional(json, "details", award.details().isEmpty() ? null : award.details());
      json.writeStringProperty("text", words.award(result.service(), award));
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  private void working(JsonGenerator json, List<Line> lines) {
    if (lines.isEmpty()) {
      return;
    }
    json.writeArrayPropertyStart("working");
    for (var line : lines) {
      json.writeStartObject();
      json.writeStringProperty("label", words.say(line.label(), Voice.DESK));
      json.writeName("amount");
      ValueWriter.amount(json, line.amount());
      json.writeStringProperty("text", words.say(line.value()));
      json.writeStringProperty("code", line.label().code().code());
      ValueWriter.arguments(json, line.label());
      json.writeEndObject();
    }
    json.writeEndArray();
  }
}
