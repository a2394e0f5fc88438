package civitane.app.lodging;

import civitane.app.claims.Masked;
import civitane.app.letters.LetterText.Figure;
import civitane.core.facts.Field;
import civitane.core.facts.Form;
import civitane.core.facts.Frequency;
import civitane.core.facts.OrNone;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Signature;
import civitane.core.facts.Statement;
import civitane.core.facts.Value;
import civitane.core.facts.Vocabulary;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Unit;
import civitane.core.time.Quarter;
import civitane.words.Words;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What a household told, section by section and line by line, as a person would read it aloud; in one language. */
public final class ReadThrough {
  /** What the heading of somebody, or of an income, says already. */
  private static final Set<String> IN_THE_HEADING = Set.of(
      "id",
      "person",
      "role",
      "givenName",
      "familyName",
      "birthDate",
      "kind",
      "amount",
      "frequency",
      "otherNames",
      "payslips");

  /** What others may look over a shoulder for, or what somebody else told. */
  private static final Set<String> NOT_ELSEWHERE = Set.of("contact", "registerMonthly");

  private final Packet packet;
  private final Words words;
  private final boolean masked;
  private boolean elsewhere;
  private final List<Section> sections = new ArrayList<>();
  private List<Figure> lines = new ArrayList<>();

  /** What was told of one thing. */
  public record Section(String title, List<Figure> lines) {
    /** Whether its one line has the title in it already. */
    private boolean saysItself() {
      return lines.size() == 1 && lines.get(0).label().equals(title);
    }
  }

  ReadThrough(Packet packet, Words words) {
    this(packet, words, false);
  }

  private ReadThrough(Packet packet, Words words, boolean masked) {
    this.packet = packet;
    this.words = words;
    this.masked = masked;
  }

  /** For whoever looks at a household: numbers of people and accounts are not whole. */
  public static List<Section> masked(Packet packet, Words words) {
    return new ReadThrough(packet, words, true).sections();
  }

  /** For who told it, from wherever they look: numbers are not whole, and where they live and are reached is not shown. */
  public static List<Section> fromElsewhere(Packet packet, Words words) {
    var read = new ReadThrough(packet, words, true);
    read.elsewhere = true;
    read.tell();
    return List.copyOf(read.sections);
  }

  private void tell() {
    section("household.people", this::people);
    money();
    packet.requests().forEach(this::request);
    section("household.signatures", this::statements);
  }

  /** All of it: for who told it, or works on it. */
  List<Section> sections() {
    var household = packet.household();
    section("household.people", this::people);
    section(
        "household.address", () -> answers(null, "household.address", household.address(), false));
    money();
    packet.requests().forEach(this::request);
    section("household.signatures", this::statements);
    return List.copyOf(sections);
  }

  /** The same for a letter, without where they live: it may go elsewhere, and home is printed on top where it goes home. */
  List<Figure> lines() {
    tell();
    return sections.stream()
        .flatMap(section -> Stream.concat(
            section.saysItself() ? Stream.empty() : Stream.of(new Figure(section.title(), "")),
            section.lines().stream()))
        .toList();
  }

  private void section(String question, Runnable what) {
    titled(words.question(question), what);
  }

  private void titled(String title, Runnable what) {
    lines = new ArrayList<>();
    what.run();
    if (!lines.isEmpty()) {
      sections.add(new Section(title, List.copyOf(lines)));
    }
  }

  private void people() {
    for (var person : packet.household().people()) {
      line(
          person.fullName().isBlank()
              ? words.capital(words.word(person.role()))
              : join(person.fullName(), words.word(person.role())),
          person.birthDate() == null ? null : words.say("letter.born", "date", person.birthDate()));
      for (var other : person.otherNames()) {
        line(join(name(person.id()), words.word(other.kind())), other.name());
      }
      answers(name(person.id()), "household.people", person, true);
    }
  }

  private void money() {
    var household = packet.household();
    section("household.incomes", () -> {
      for (var income : household.incomes()) {
        var whose = join(name(income.person()), words.word(income.kind()));
        line(whose, income.takings(), income.every());
        answers(whose, "household.incomes", income, true);
      }
      for (var none : household.noIncome()) {
        line(name(none.person()), words.question("household.noIncome"));
      }
    });
    section("household.expenses", () -> {
      orNone("household.expenses", household.expenses());
      for (var expense : household.listedExpenses()) {
        line(words.capital(words.word(expense.kind())), expense.amount(), expense.frequency());
      }
    });
    section("household.assets", () -> {
      orNone("household.assets", household.assets());
      for (var asset : household.listedAssets()) {
        line(
            asset.person() == null
                ? words.capital(words.word(asset.kind()))
                : join(name(asset.person()), words.word(asset.kind())),
            asset.value() == null ? null : words.euros(asset.value()));
      }
    });
    section("household.benefits", () -> {
      orNone("household.benefits", household.benefits());
      for (var benefit : household.listedBenefits()) {
        line(words.capital(words.word(benefit)), words.say("letter.yes"));
      }
    });
    section("household.payment", () -> {
      if (household.payment() != null) {
        answers(null, "household.payment", household.payment(), false);
      }
    });
    section("household.consents", () -> {
      for (var consent : household.consents()) {
        line(
            name(consent.person()),
            consent.until() == null
                ? words.word(consent.to())
                : join(
                    words.word(consent.to()),
                    words.say("common.award.until", "until", words.date(consent.until()))));
      }
    });
  }

  private void request(Request request) {
    titled(words.say("letter.toldAnswers", "service", words.title(request.service())), () -> {
      answers(null, request.service(), request.answers(), false);
      if (lines.isEmpty()) {
        lines.add(new Figure(words.say("letter.notSaid"), ""));
      }
    });
  }

  /**
   * Every answer that was given, with its question and that of the group it is in.
   *
   * @param headed whether a heading says who or what it is already
   */
  private void answers(@Nullable String group, String path, Record answers, boolean headed) {
    var parts = Parts.of(answers.getClass());
    for (var i = 0; i < parts.fields().size(); i++) {
      var field = parts.fields().get(i);
      var value = parts.get(answers, i);
      if (value == null
          || value.equals(field.otherwise())
          || value instanceof Collection<?> none && none.isEmpty()
          || elsewhere && NOT_ELSEWHERE.contains(field.key())
          || headed && IN_THE_HEADING.contains(field.key())) {
        continue;
      }
      var question = path + "." + field.key();
      if (value instanceof OrNone<?> or) {
        if (or.isNone()) {
          line(asked(group, question), words.say("letter.no"));
          continue;
        }
        value = or.value();
      }
      if (value instanceof Record several) {
        answers(within(group, question), question, several, false);
      } else if (value instanceof Collection<?> list
          && !list.isEmpty()
          && list.iterator().next() instanceof Record) {
        list.forEach(one -> answers(within(group, question), question, (Record) one, false));
      } else {
        line(asked(group, question), value == null ? null : shown(value, field));
      }
    }
  }

  /** The heading of a group: its own, or below somebody's. */
  private String within(@Nullable String group, String question) {
    return group == null ? words.question(question) : group;
  }

  private String asked(@Nullable String group, String question) {
    return group == null
        ? words.question(question)
        : words.say("letter.form.within", "group", group, "question", words.question(question));
  }

  /** What each who signed has stated, in the words of the household's language. */
  private void statements() {
    for (var signature : packet.signatures()) {
      if (!signature.wording().isEmpty()) {
        signature.wording().forEach(read -> line(read, whoStates(signature)));
        continue;
      }
      for (var statement : Statement.values()) {
        if (signature.statements().contains(statement.word())) {
          line(words.word(statement), whoStates(signature));
        }
      }
    }
  }

  private @Nullable String whoStates(Signature signature) {
    return signature.signedBy() == null ? name(signature.person()) : signature.signedBy();
  }

  private @Nullable String shown(Object value, Field field) {
    return masked && Masked.isNumber(field.key())
        ? Masked.number(value.toString())
        : said(value, field);
  }

  /** A word that was proposed for a text is said as the vocabulary says it. */
  private @Nullable String said(Object value, Field field) {
    var proposed = field.asked() == null ? Word.class : field.asked().proposes();
    if (proposed != Word.class && value instanceof String text) {
      var word = Vocabulary.of(proposed).byWord().get(text);
      return word == null ? text : words.word((Word) word);
    }
    return said(value, field.value());
  }

  private @Nullable String said(Object value, Value declared) {
    if (value instanceof Amount amount) {
      return declared.form() == Form.MONEY
          ? words.euros(amount)
          : words.say(new Argument.Quantity(amount, Unit.COUNT));
    } else if (value instanceof LocalDate date) {
      return words.date(date);
    } else if (value instanceof YearMonth month) {
      return words.say(new Argument.Month(month));
    } else if (value instanceof Boolean flag) {
      return words.say(flag ? "letter.yes" : "letter.no");
    } else if (value instanceof Integer number) {
      return words.number(number);
    } else if (value instanceof Word word) {
      return words.word(word);
    } else if (value instanceof Collection<?> list) {
      return list.isEmpty()
          ? null
          : words.list(
              list.stream().map(one -> said(one, known(declared.element()))).toList());
    } else if (value instanceof Map<?, ?> map) {
      return map.isEmpty()
          ? null
          : words.list(map.entrySet().stream()
              .map(entry -> join(
                  entry.getKey() instanceof Quarter quarter
                      ? said(quarter)
                      : name(String.valueOf(entry.getKey())),
                  said(entry.getValue(), known(declared.element()))))
              .toList());
    }
    var text = String.valueOf(value);
    return packet.household().person(text).isPresent() ? name(text) : text;
  }

  private String said(Quarter quarter) {
    var first = quarter.first();
    return words.say(new Argument.Month(first)) + "–"
        + words.say(new Argument.Month(first.plusMonths(2)));
  }

  private String name(@Nullable String id) {
    return packet
        .household()
        .person(id)
        .map(person -> person.fullName().isBlank() ? byRole(person) : person.fullName())
        .orElse(String.valueOf(id));
  }

  private String byRole(Person person) {
    return words.who(Who.of(packet.household(), person));
  }

  private void line(String label, @Nullable Amount amount, @Nullable Frequency each) {
    line(label, amount == null || each == null ? null : words.say(Argument.each(amount, each)));
  }

  private void line(String label, @Nullable String value) {
    lines.add(new Figure(label, value == null ? words.say("letter.notSaid") : value));
  }

  /** That there is none of a list, where that was said; that nothing was said, where nobody was asked. */
  private void orNone(String question, @Nullable Collection<?> list) {
    if (list == null || list.isEmpty()) {
      line(words.question(question), list == null ? null : words.say("letter.nothing"));
    }
  }

  private static String join(String first, @Nullable String second) {
    return second == null ? first : first + " · " + second;
  }
}
