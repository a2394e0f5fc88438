package civitane.packet;

import civitane.core.facts.Frequency;
import civitane.core.facts.Role;
import civitane.core.facts.Vocabulary;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Parameter;
import civitane.core.reasons.Reason;
import civitane.core.reasons.ReasonCode;
import civitane.core.reasons.Unit;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import static civitane.core.facts.Known.known;

/**
 * Reasons as they are kept: whole, so that they can be said in any language long after they were found.
 *
 * <p>Read back they say the same, though the rules may have other reasons by then: a code that is kept is a name.
 */
public final class KeptReasons {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private KeptReasons() {}

  public static String written(List<Reason> reasons) {
    var array = JSON.createArrayNode();
    for (var reason : reasons) {
      var one = array.addObject();
      one.put("scope", reason.code().scope()).put("key", reason.code().key());
      var told = one.putObject("told");
      for (var i = 0; i < reason.arguments().size(); i++) {
        write(
            told.putObject(reason.code().parameters().get(i).name()),
            reason.arguments().get(i));
      }
    }
    return JSON.writeValueAsString(array);
  }

  private static void write(ObjectNode to, Argument argument) {
    to.put("is", argument.getClass().getSimpleName());
    if (argument instanceof Argument.Money money) {
      to.put("amount", money.amount().toDecimal().toPlainString())
          .put("each", money.each().word());
    } else if (argument instanceof Argument.Quantity quantity) {
      to.put("number", quantity.number().toDecimal().toPlainString())
          .put("unit", quantity.unit().word());
    } else if (argument instanceof Argument.Day day) {
      to.put("on", day.on().toString());
    } else if (argument instanceof Argument.Month month) {
      to.put("month", month.month().toString());
    } else if (argument instanceof Argument.Who who) {
      who(to, who);
    } else if (argument instanceof Argument.Told told) {
      to.put("text", told.text());
    } else if (argument instanceof Argument.Term term) {
      to.put("vocabulary", term.word().vocabulary()).put("word", term.word().word());
    } else if (argument instanceof Argument.Missing missing) {
      to.put("subject", missing.subject()).put("question", missing.question());
      to.put("row", missing.row());
      if (missing.whose() != null) {
        who(to.putObject("whose"), missing.whose());
      }
    } else if (argument instanceof Argument.Several several) {
      var all = to.putArray("all");
      several.all().forEach(one -> write(all.addObject(), one));
    }
  }

  private static void who(ObjectNode to, Argument.Who who) {
    to.put("id", who.id()).put("name", who.name());
    to.put("role", who.role().word()).put("which", who.which());
  }

  public static List<Reason> read(String kept) {
    return stream(JSON.readTree(kept)).map(KeptReasons::reason).toList();
  }

  private static List<JsonNode> list(JsonNode array) {
    return stream(array).toList();
  }

  private static java.util.stream.Stream<JsonNode> stream(JsonNode array) {
    return StreamSupport.stream(array.spliterator(), false);
  }

  private static Reason reason(JsonNode one) {
    var parameters = new ArrayList<Parameter>();
    var arguments = new ArrayList<Argument>();
    one.get("told").properties().forEach(told -> {
      var argument = argument(told.getValue());
      parameters.add(new Parameter(told.getKey(), argument.getClass()));
      arguments.add(argument);
    });
    return new Reason(
        new Code(text(one, "scope"), text(one, "key"), List.copyOf(parameters)), arguments);
  }

  private static Argument argument(JsonNode of) {
    return switch (text(of, "is")) {
      case "Money" ->
        new Argument.Money(Amount.of(text(of, "amount")), word(Frequency.class, text(of, "each")));
      case "Quantity" ->
        new Argument.Quantity(Amount.of(text(of, "number")), word(Unit.class, text(of, "unit")));
      case "Day" -> new Argument.Day(LocalDate.parse(text(of, "on")));
      case "Month" -> new Argument.Month(YearMonth.parse(text(of, "month")));
      case "Who" -> who(of);
      case "Told" -> new Argument.Told(text(of, "text"));
      case "Term" -> new Argument.Term(new KeptWord(text(of, "vocabulary"), text(of, "word")));
      case "Missing" ->
        new Argument.Missing(
            text(of, "subject"),
            text(of, "question"),
            of.path("row").isNumber() ? of.get("row").intValue() : null,
            of.has("whose") ? who(of.get("whose")) : null);
      case "Several" ->
        new Argument.Several(
            list(of.get("all")).stream().map(KeptReasons::argument).toList());
      default -> throw new IllegalArgumentException("no value of a reason: " + of);
    };
  }

  private static Argument.Who who(JsonNode of) {
    @Nullable String name = of.path("name").isString() ? text(of, "name") : null;
    return new Argument.Who(
        text(of, "id"),
        name,
        word(Role.class, text(of, "role")),
        of.get("which").intValue());
  }

  private static String text(JsonNode of, String key) {
    return of.get(key).stringValue();
  }

  private static <W extends Word> W word(Class<W> type, String word) {
    return type.cast(known(Vocabulary.of(type).byWord().get(word)));
  }

  /** A reason's code by its name. */
  private record Code(String scope, String key, List<Parameter> parameters) implements ReasonCode {
    @Override
    public String name() {
      return key;
    }
  }

  /** A word by its name. */
  private record KeptWord(String vocabulary, String word) implements Word {
    @Override
    public String name() {
      return word;
    }
  }
}
