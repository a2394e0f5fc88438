package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.facts.Word;
import civitane.packet.shape.Accounts;
import civitane.packet.shape.Shape;
import civitane.words.Language;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** A form that somebody outside the household fills in: what each has to confirm. */
public enum OtherForm implements Word {
  EMPLOYER(List.of(
      "name",
      "employedSince",
      "grossPay",
      "payPeriod",
      "hoursPerWeek",
      "lastDayWorked",
      "absentFrom",
      "noticeReceivedOn",
      "paidDuringAbsence")),
  DOCTOR(List.of(
      "name", "practice", "unableToWorkFrom", "unableToWorkUntil", "complication", "limits")),
  LANDLORD(List.of(
      "name", "tenants", "monthlyRent", "owedInAll", "monthsOwed", "agreesToBePaid", "iban")),
  LENDER(List.of("name", "loanNumber", "monthlyPayment", "amountDue", "figureOf", "takesPart"));

  private static final Map<String, Form> FORMS = Map.ofEntries(
      Map.entry("employedSince", Form.DATE),
      Map.entry("grossPay", Form.MONEY),
      Map.entry("hoursPerWeek", Form.NUMBER),
      Map.entry("lastDayWorked", Form.DATE),
      Map.entry("absentFrom", Form.DATE),
      Map.entry("noticeReceivedOn", Form.DATE),
      Map.entry("paidDuringAbsence", Form.FLAG),
      Map.entry("unableToWorkFrom", Form.DATE),
      Map.entry("unableToWorkUntil", Form.DATE),
      Map.entry("limits", Form.LONG_TEXT),
      Map.entry("monthlyRent", Form.MONEY),
      Map.entry("owedInAll", Form.MONEY),
      Map.entry("agreesToBePaid", Form.FLAG),
      Map.entry("iban", Form.IBAN),
      Map.entry("monthlyPayment", Form.MONEY),
      Map.entry("amountDue", Form.MONEY),
      Map.entry("figureOf", Form.DATE),
      Map.entry("takesPart", Form.FLAG));
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d.M.uuuu");
  private static final String NAME = "name";

  /** What the hidden field of such a form says, before which one it is. */
  public static final String MARKER = "other:";

  private final List<String> asked;

  OtherForm(List<String> asked) {
    this.asked = asked;
  }

  public String title(Words words) {
    return words.say("letter.other." + word() + ".title");
  }

  /** The form that is called so. */
  public static Optional<OtherForm> named(String word) {
    return Stream.of(values()).filter(form -> form.word().equals(word)).findFirst();
  }

  /** What is asked, as it is asked on a screen, where whom it is about and who fills it in is known. */
  public List<ScreenForm.Ask> asks(Words words) {
    return asked.stream()
        .filter(part -> !part.equals(NAME))
        .map(part -> new ScreenForm.Ask(
            part, words.say("letter.other." + part), form(part), choices(part, words)))
        .toList();
  }

  private static Form form(String part) {
    return FORMS.getOrDefault(part, Form.TEXT);
  }

  private static List<ScreenForm.Choice> choices(String part, Words words) {
    return form(part) == Form.FLAG
        ? Stream.of(FormLayout.YES, FormLayout.NO)
            .map(word -> new ScreenForm.Choice(word, words.say("letter." + word)))
            .toList()
        : List.of();
  }

  /**
   * What was typed on a screen, as it is written into the form.
   *
   * @param unread what can't be the answer to its question
   */
  public record Typed(Map<String, String> answers, Set<String> unread) {}

  /** Reads what was typed; what is not asked is left out. */
  public Typed read(Map<String, String> typed, LocalDate on, Words words) {
    var answers = new LinkedHashMap<String, String>();
    var unread = new LinkedHashSet<String>();
    for (var part : asked) {
      var text = typed.getOrDefault(part, "").strip();
      if (!text.isEmpty() && !part.equals(NAME)) {
        written(part, text, on, words)
            .ifPresentOrElse(answer -> answers.put(part, answer), () -> unread.add(part));
      }
    }
    return new Typed(answers, unread);
  }

  private static Optional<String> written(String part, String text, LocalDate on, Words words) {
    var form = form(part);
    var read = FormText.read(text, Shape.of(form), on);
    return switch (form) {
      case DATE -> read.map(day -> LocalDate.parse(day.stringValue()).format(DAY));
      case FLAG ->
        read.map(
            flag -> words.say("letter." + (flag.booleanValue() ? FormLayout.YES : FormLayout.NO)));
      case IBAN -> Optional.of(text).filter(Accounts::isIban);
      case MONEY, NUMBER ->
        read.map(JsonNode::decimalValue)
            .filter(number -> number.signum() >= 0)
            .map(BigDecimal::toPlainString);
      default -> Optional.of(text);
    };
  }

  /**
   * The form to be filled in, with what is known of it.
   *
   * @param person whom it is about
   * @param to who fills it in
   * @param number the number it is answered under
   * @param code the code it is sent back with
   * @param at where it can be filled in on a screen with its code
   * @param language what whoever fills it in reads
   * @param answers what is answered; nothing where it goes out
   */
  public byte[] pdf(
      FormWriter writer,
      String person,
      String to,
      String number,
      String code,
      String at,
      Language language,
      Map<String, String> answers) {
    var known = JsonNodeFactory.instance.objectNode();
    known.putObject("about").put("person", person).put("ourNumber", number).put("code", code);
    var answered = known.putObject(word()).put(NAME, to);
    answers.forEach(answered::put);
    var words = Words.in(language);
    var about = Stream.of("person", "ourNumber", "code")
        .map(part -> field("about/" + part, words.say("letter.other.about." + part)));
    return writer.write(
        title(words),
        MARKER + word(),
        words.say("letter.other.hint", "at", at),
        List.of(
            new FormSection(words.say("letter.other.about"), List.of(about.toList())),
            new FormSection(words.say("letter.other.answer"), rows(words))),
        known,
        words,
        page -> at + "#code=" + code);
  }

  private List<List<FormField>> rows(Words words) {
    var rows = new ArrayList<List<FormField>>();
    for (var i = 0; i < asked.size(); i += 2) {
      rows.add(asked.subList(i, Math.min(asked.size(), i + 2)).stream()
          .map(part -> field(word() + "/" + part, words.say("letter.other." + part)))
          .toList());
    }
    return rows;
  }

  private static FormField field(String name, String label) {
    return new FormField("/" + name, label, Shape.of(Form.TEXT), List.of());
  }
}
