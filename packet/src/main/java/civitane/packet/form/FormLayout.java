package civitane.packet.form;

import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.Service;
import civitane.core.rules.Wording;
import civitane.core.time.Quarter;
import civitane.packet.PacketShape;
import civitane.packet.shape.AnswerShape;
import civitane.packet.shape.Kind;
import civitane.packet.shape.Shape;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** What a form of a service asks: the household as any service asks it, then the service's own questions. */
final class FormLayout {
  static final String YES = "yes";
  static final String NO = "no";
  static final String ANSWERS = "/requests/0/answers";
  private static final int PEOPLE = 7;
  private static final int INCOMES = 5;
  private static final int EXPENSES = 4;
  private static final int ASSETS = 3;
  private static final int ENTRIES = 4;
  private static final int QUARTERS = 5;
  private static final int A_ROW = 3;

  private final Service service;
  private final LocalDate on;
  private final List<FormSection> sections = new ArrayList<>();

  private FormLayout(Service service, LocalDate on) {
    this.service = service;
    this.on = on;
  }

  static List<FormSection> of(Service service, LocalDate on) {
    var layout = new FormLayout(service, on);
    layout.household();
    layout.matter();
    layout.signature();
    return List.copyOf(layout.sections);
  }

  private void household() {
    section(
        "Who applies",
        List.of(
            List.of(person(0, "givenName"), person(0, "familyName"), person(0, "birthDate")),
            List.of(
                person(0, "sex"), person(0, "residentNumber"), person(0, "residentNumberMissing")),
            List.of(
                field("/household/people/0/contact/phone", "phone"),
                field("/household/people/0/contact/email", "mail")),
            List.of(
                field("/household/address/line1", "street and number"),
                field("/household/address/postcode", "postcode"),
                field("/household/address/town", "town"))));
    var people = new ArrayList<List<FormField>>();
    for (var i = 1; i < PEOPLE; i++) {
      people.add(List.of(person(i, "givenName"), person(i, "familyName"), person(i, "birthDate")));
      people.add(List.of(person(i, "role"), person(i, "sex"), person(i, "residentNumber")));
    }
    section("Who else lives there", people);
    var incomes = new ArrayList<List<FormField>>();
    for (var i = 0; i < INCOMES; i++) {
      incomes.add(List.of(
          entry("incomes", i, "person"),
          entry("incomes", i, "kind"),
          entry("incomes", i, "amount")));
      incomes.add(List.of(entry("incomes", i, "frequency"), entry("incomes", i, "employer")));
    }
    section("What comes in, before tax", incomes);
    section(
        "No income at all (yes for each adult who has none)",
        chunks(IntStream.range(0, A_ROW)
            .mapToObj(i -> new FormField(
                "/household/noIncome#" + i, "person " + (i + 1), Shape.of(Kind.FLAG), List.of(YES)))
            .toList()));
    var expenses = new ArrayList<List<FormField>>();
    for (var i = 0; i < EXPENSES; i++) {
      expenses.add(List.of(
          entry("expenses", i, "kind"),
          entry("expenses", i, "amount"),
          entry("expenses", i, "frequency")));
    }
    section("What goes out", expenses);
    var assets = new ArrayList<List<FormField>>();
    for (var i = 0; i < ASSETS; i++) {
      assets.add(List.of(
          entry("assets", i, "person"), entry("assets", i, "kind"), entry("assets", i, "value")));
    }
    section("What is owned", assets);
  }

  private void matter() {
    var fields = new ArrayList<FormField>();
    var lists = new ArrayList<FormSection>();
    for (var question : service.questions()) {
      if (!question.bySystem()) {
        question(question, ANSWERS + "/" + question.key(), "", fields, lists);
      }
    }
    if (!fields.isEmpty()) {
      section(service.title(), chunks(fields));
    }
    sections.addAll(lists);
  }

  private void question(
      Question question,
      String at,
      String before,
      List<FormField> fields,
      List<FormSection> lists) {
    var label = before + Wording.spoken(question.key());
    switch (question.kind()) {
      case GROUP -> {
        if (question.orWord() != null) {
          fields.add(new FormField(
              at + FormField.MARK,
              label + ": " + question.orWord() + "?",
              Shape.of(Kind.FLAG),
              List.of(YES)));
        }
        question.parts().stream()
            .filter(part -> !part.bySystem())
            .forEach(part -> question(part, at + "/" + part.key(), label + ", ", fields, lists));
      }
      case GROUPS -> {
        var rows = new ArrayList<List<FormField>>();
        for (var i = 0; i < ENTRIES; i++) {
          var row = new ArrayList<FormField>();
          for (var part : question.parts()) {
            if (!part.bySystem()) {
              question(part, at + "/" + i + "/" + part.key(), (i + 1) + ": ", row, lists);
            }
          }
          rows.addAll(chunks(row));
        }
        lists.add(new FormSection(service.title() + ": " + label, rows));
      }
      case CHOICES ->
        question
            .options()
            .forEach(option -> fields.add(new FormField(
                at + FormField.MARK + option,
                label + ": " + Wording.spoken(option),
                Shape.of(Kind.FLAG),
                List.of(YES))));
      case FLAG_BY_PERSON ->
        IntStream.range(0, 2)
            .forEach(i -> fields.add(new FormField(
                at + "/p" + (i + 1),
                label + ", person " + (i + 1),
                Shape.of(Kind.FLAG),
                List.of(YES, NO))));
      case MONEY_BY_QUARTER ->
        IntStream.rangeClosed(1, QUARTERS)
            .map(back -> QUARTERS + 1 - back)
            .mapToObj(back -> Quarter.of(on).minus(back).toString())
            .forEach(quarter -> fields.add(new FormField(
                at + "/" + quarter, label + " " + quarter, Shape.of(Kind.MONEY), List.of())));
      default -> fields.add(new FormField(at, label, AnswerShape.of(question), options(question)));
    }
  }

  private static List<String> options(Question question) {
    if (question.kind() == QuestionKind.FLAG) {
      return List.of(YES, NO);
    }
    return question.kind() == QuestionKind.CHOICE ? question.options() : List.of();
  }

  private void signature() {
    section(
        "Signature",
        List.of(List.of(
            new FormField(
                "/signatures/0/name", "signed, name as given", Shape.of(Kind.TEXT), List.of()),
            new FormField("/signatures/0/on", "on", Shape.of(Kind.DATE), List.of()))));
  }

  private void section(String title, List<List<FormField>> rows) {
    sections.add(new FormSection(title, rows));
  }

  private static List<List<FormField>> chunks(List<FormField> fields) {
    var rows = new ArrayList<List<FormField>>();
    for (var i = 0; i < fields.size(); i += A_ROW) {
      rows.add(List.copyOf(fields.subList(i, Math.min(fields.size(), i + A_ROW))));
    }
    return rows;
  }

  private static FormField person(int index, String key) {
    var label = Wording.spoken(key);
    return field("/household/people/" + index + "/" + key, (index + 1) + ": " + label);
  }

  private static FormField entry(String list, int index, String key) {
    var label =
        (index + 1) + ": " + (key.equals("person") ? "person (number)" : Wording.spoken(key));
    return field("/household/" + list + "/" + index + "/" + key, label);
  }

  /** A field of the household, with the shape the packet has there. */
  private static FormField field(String pointer, String label) {
    var shape = PacketShape.HOUSEHOLD;
    for (var step : pointer.substring("/household/".length()).split("/")) {
      shape = shape.kind() == Kind.LIST
          ? shape.element()
          : shape.fields().named(step).shape();
    }
    var options = shape.kind() == Kind.WORD ? List.copyOf(shape.words()) : List.<String>of();
    return new FormField(
        pointer,
        label,
        shape,
        pointer.endsWith("/role")
            ? options.stream().filter(role -> !role.equals("applicant")).toList()
            : options);
  }
}
