package civitane.packet.form;

import civitane.core.facts.Form;
import civitane.core.facts.Role;
import civitane.core.facts.Vocabulary;
import civitane.core.facts.Word;
import civitane.core.reasons.Argument;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Question;
import civitane.core.time.Quarter;
import civitane.packet.PacketShape;
import civitane.packet.shape.Shape;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What a form asks: the household as any service asks it, then the own questions of each that is asked for. */
final class FormLayout {
  static final String YES = "yes";
  static final String NO = "no";
  private static final String HOUSEHOLD = "/household/";
  private static final Pattern ANSWERS = Pattern.compile("/requests/(\\d+)/answers/.*");
  private static final int PEOPLE = 7;
  private static final int INCOMES = 5;
  private static final int EXPENSES = 4;
  private static final int ASSETS = 3;
  private static final int ENTRIES = 4;
  private static final int QUARTERS = 5;
  private static final int MONTHS = 3;
  private static final int A_ROW = 3;
  private static final Shape FLAG = Shape.of(Form.FLAG);

  private final LocalDate on;
  private final Words words;
  private final List<FormSection> sections = new ArrayList<>();

  private FormLayout(LocalDate on, Words words) {
    this.on = on;
    this.words = words;
  }

  static List<FormSection> of(Entitlement<?> service, LocalDate on, Words words) {
    return of(List.of(service), on, words);
  }

  /** @param services in the order of the requests */
  static List<FormSection> of(List<? extends Entitlement<?>> services, LocalDate on, Words words) {
    var layout = new FormLayout(on, words);
    layout.household();
    for (var i = 0; i < services.size(); i++) {
      layout.matter(services.get(i), "/requests/" + i + "/answers");
    }
    layout.signature();
    return List.copyOf(layout.sections);
  }

  private void household() {
    section(
        "letter.form.whoApplies",
        List.of(
            List.of(applicant("givenName"), applicant("familyName"), applicant("birthDate")),
            List.of(
                applicant("sex"), applicant("residentNumber"), applicant("residentNumberMissing")),
            List.of(applicant("contact/phone"), applicant("contact/email")),
            List.of(
                field("/household/address/line1"),
                field("/household/address/postcode"),
                field("/household/address/town"))));
    var people = new ArrayList<List<FormField>>();
    for (var i = 1; i < PEOPLE; i++) {
      people.add(List.of(
          entry("people", i, "givenName"),
          entry("people", i, "familyName"),
          entry("people", i, "birthDate")));
      people.add(List.of(
          entry("people", i, "role"),
          entry("people", i, "sex"),
          entry("people", i, "residentNumber")));
    }
    section("letter.form.whoElse", people);
    var incomes = new ArrayList<List<FormField>>();
    for (var i = 0; i < INCOMES; i++) {
      incomes.add(List.of(
          entry("incomes", i, "person"),
          entry("incomes", i, "kind"),
          entry("incomes", i, "amount")));
      incomes.add(List.of(entry("incomes", i, "frequency"), entry("incomes", i, "employer")));
    }
    section("letter.form.comesIn", incomes);
    section(
        "letter.form.noIncome",
        chunks(IntStream.range(0, A_ROW)
            .mapToObj(i -> new FormField("/household/noIncome#" + i, person(i), FLAG, yes()))
            .toList()));
    var expenses = new ArrayList<List<FormField>>();
    for (var i = 0; i < EXPENSES; i++) {
      expenses.add(List.of(
          entry("expenses", i, "kind"),
          entry("expenses", i, "amount"),
          entry("expenses", i, "frequency")));
    }
    section("letter.form.goesOut", expenses);
    var assets = new ArrayList<List<FormField>>();
    for (var i = 0; i < ASSETS; i++) {
      assets.add(List.of(
          entry("assets", i, "person"), entry("assets", i, "kind"), entry("assets", i, "value")));
    }
    section("letter.form.owned", assets);
  }

  /** Which of the requests a place is an answer of; empty where it is none. */
  static OptionalInt request(String place) {
    var found = ANSWERS.matcher(place);
    return found.matches() ? OptionalInt.of(Integer.parseInt(found.group(1))) : OptionalInt.empty();
  }

  private void matter(Entitlement<?> service, String answers) {
    var fields = new ArrayList<FormField>();
    var lists = new ArrayList<FormSection>();
    for (var question : service.questions()) {
      if (!question.filledIn()) {
        question(
            question,
            shape(Shape.of(service.answers()), question),
            answers + "/" + question.key(),
            service.word() + "." + question.key(),
            UnaryOperator.identity(),
            words.title(service.word()),
            fields,
            lists);
      }
    }
    if (!fields.isEmpty()) {
      sections.add(new FormSection(words.title(service.word()), chunks(fields)));
    }
    sections.addAll(lists);
  }

  private static Shape shape(Shape group, Question question) {
    return known(group.fields().named(question.key())).shape();
  }

  private void question(
      Question question,
      Shape shape,
      String at,
      String path,
      UnaryOperator<String> within,
      String title,
      List<FormField> fields,
      List<FormSection> lists) {
    var asked = words.question(path);
    var label = within.apply(asked);
    switch (question.kind()) {
      case GROUP -> {
        if (question.orNone()) {
          fields.add(new FormField(
              at + FormField.MARK, words.say("letter.form.none", "question", label), FLAG, yes()));
        }
        for (var part : question.parts()) {
          if (!part.filledIn()) {
            question(
                part,
                shape(shape, part),
                at + "/" + part.key(),
                path + "." + part.key(),
                one -> words.say("letter.form.within", "group", label, "question", one),
                title,
                fields,
                lists);
          }
        }
      }
      case GROUPS -> {
        var rows = new ArrayList<List<FormField>>();
        for (var i = 0; i < ENTRIES; i++) {
          var row = new ArrayList<FormField>();
          var number = i + 1;
          for (var part : question.parts()) {
            if (!part.filledIn()) {
              question(
                  part,
                  shape(known(shape.element()), part),
                  at + "/" + i + "/" + part.key(),
                  path + "." + part.key(),
                  UnaryOperator.identity(),
                  title,
                  row,
                  lists);
            }
          }
          rows.addAll(chunks(row.stream()
              .map(field -> field.inRow(numbered(number, field.label())))
              .toList()));
        }
        lists.add(new FormSection(
            words.say("letter.form.within", "group", title, "question", label), rows));
      }
      case CHOICES ->
        known(question.options())
            .byWord()
            .forEach((word, option) -> fields.add(new FormField(
                at + FormField.MARK + word,
                words.say(
                    "letter.form.within",
                    "group",
                    option.under() == null ? label : words.word(option.under()),
                    "question",
                    words.word(option)),
                FLAG,
                yes())));
      case FLAG_BY_PERSON ->
        IntStream.range(0, 2)
            .forEach(i -> fields.add(new FormField(
                at + "/p" + (i + 1),
                words.say("letter.form.within", "group", label, "question", person(i)),
                FLAG,
                yesOrNo())));
      case MONEY_BY_QUARTER ->
        IntStream.rangeClosed(1, QUARTERS)
            .map(back -> QUARTERS + 1 - back)
            .mapToObj(back -> Quarter.of(on).minus(back))
            .forEach(quarter -> fields.add(new FormField(
                at + "/" + quarter,
                words.say("letter.form.within", "group", label, "question", quarter.toString()),
                words.say("letter.form.within", "group", label, "question", months(quarter)),
                Shape.of(Form.MONEY),
                List.of(),
                List.of())));
      case OPEN_CHOICE ->
        fields.add(new FormField(at, label, shape, List.of())
            .proposing(options(known(question.options()))));
      default -> fields.add(new FormField(at, label, shape, options(question)));
    }
  }

  /** A quarter as it is said where there is room for it. */
  private String months(Quarter quarter) {
    return words.say(
        "letter.form.quarter",
        "from",
        new Argument.Month(quarter.first()),
        "until",
        new Argument.Month(quarter.first().plusMonths(MONTHS - 1)));
  }

  private String numbered(int number, String asked) {
    return words.say(
        "letter.form.numbered", "number", BigDecimal.valueOf(number), "question", asked);
  }

  private String person(int index) {
    return words.say("letter.form.person", "number", BigDecimal.valueOf(index + 1L));
  }

  private List<FormOption> yes() {
    return List.of(new FormOption(YES, words.say("letter.yes")));
  }

  private List<FormOption> yesOrNo() {
    return yesOrNo(words);
  }

  private static List<FormOption> yesOrNo(Words words) {
    return List.of(
        new FormOption(YES, words.say("letter.yes")), new FormOption(NO, words.say("letter.no")));
  }

  private List<FormOption> options(Question question) {
    return switch (question.kind()) {
      case FLAG -> yesOrNo();
      case CHOICE -> options(known(question.options()));
      default -> List.of();
    };
  }

  private List<FormOption> options(Vocabulary vocabulary) {
    return vocabulary.byWord().entrySet().stream()
        .map(word -> new FormOption(word.getKey(), words.word(word.getValue())))
        .toList();
  }

  private void signature() {
    section(
        "letter.form.signature",
        List.of(List.of(
            new FormField(
                "/signatures/0/name",
                words.say("letter.form.signed"),
                Shape.of(Form.TEXT),
                List.of()),
            new FormField(
                "/signatures/0/on", words.say("letter.form.on"), Shape.of(Form.DATE), List.of()))));
  }

  private void section(String title, List<List<FormField>> rows) {
    sections.add(new FormSection(words.say(title), rows));
  }

  private static List<List<FormField>> chunks(List<FormField> fields) {
    var rows = new ArrayList<List<FormField>>();
    for (var i = 0; i < fields.size(); i += A_ROW) {
      rows.add(List.copyOf(fields.subList(i, Math.min(fields.size(), i + A_ROW))));
    }
    return rows;
  }

  private FormField applicant(String key) {
    return field("/household/people/0/" + key);
  }

  private FormField entry(String list, int index, String key) {
    var asked = key.equals("person")
        ? words.say("letter.form.personNumber")
        : words.question("household." + list + "." + key);
    return field("/household/" + list + "/" + index + "/" + key, asked)
        .inRow(numbered(index + 1, asked));
  }

  private FormField field(String pointer) {
    return field(pointer, asked(pointer, words));
  }

  /** A field of the household, with the shape the packet has there. */
  private FormField field(String pointer, String label) {
    return field(pointer, label, known(householdShape(pointer)), words);
  }

  private static @Nullable Shape householdShape(String pointer) {
    return PacketShape.HOUSEHOLD.below(pointer.substring(HOUSEHOLD.length()));
  }

  private static FormField field(String pointer, String label, Shape shape, Words words) {
    var meanings = shape.element() == null ? shape.meanings() : shape.element().meanings();
    var options = meanings.entrySet().stream()
        .filter(word -> word.getValue() != Role.APPLICANT)
        .map(word -> new FormOption(word.getKey(), words.word((Word) word.getValue())))
        .toList();
    return new FormField(pointer, label, shape, shape.is(Form.FLAG) ? yesOrNo(words) : options);
  }

  /** A single fact of the household, though no form asks for it; none where there is no such, or it has parts. */
  static Optional<FormField> fact(String pointer, Words words) {
    var shape = pointer.startsWith(HOUSEHOLD) ? householdShape(pointer) : null;
    if (shape == null) {
      return Optional.empty();
    }
    var single = shape.is(Form.LIST) ? shape.element() : shape;
    return single == null || single.form() == null || !single.fields().keys().isEmpty()
        ? Optional.empty()
        : Optional.of(field(pointer, asked(pointer, words), shape, words));
  }

  private static String asked(String pointer, Words words) {
    return words.question(pointer.substring(1).replaceAll("/\\d+", "").replace('/', '.'));
  }
}
