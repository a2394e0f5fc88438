package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.facts.Word;
import civitane.packet.shape.Shape;
import civitane.words.Language;
import civitane.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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

  /**
   * The form to be filled in, with what is known of it.
   *
   * @param person whom it is about
   * @param to who fills it in
   * @param number the number it is answered under
   * @param code the code it is sent back with
   * @param language what whoever fills it in reads
   */
  public byte[] pdf(
      FormWriter writer, String person, String to, String number, String code, Language language) {
    var known = JsonNodeFactory.instance.objectNode();
    known.putObject("about").put("person", person).put("ourNumber", number).put("code", code);
    known.putObject(word()).put("name", to);
    var words = Words.in(language);
    var about = Stream.of("person", "ourNumber", "code")
        .map(part -> field("about/" + part, words.say("letter.other.about." + part)));
    return writer.write(
        title(words),
        MARKER + word(),
        words.say("letter.other.hint"),
        List.of(
            new FormSection(words.say("letter.other.about"), List.of(about.toList())),
            new FormSection(words.say("letter.other.answer"), rows(words))),
        known,
        words,
        page -> "civitane:form?code=" + code);
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
