package civitane.app.lodging;

import civitane.app.letters.LetterText.Figure;
import civitane.core.facts.Form;
import civitane.core.facts.Frequency;
import civitane.core.facts.OrNone;
import civitane.core.facts.Packet;
import civitane.core.facts.Parts;
import civitane.core.facts.Person;
import civitane.core.facts.Statement;
import civitane.core.facts.Value;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Unit;
import civitane.words.Words;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** What a household told, line by line, in its language: who lives there, the money, and every answer. */
final class ToldFacts {
  private final Packet packet;
  private final Words words;
  private final List<Figure> lines = new ArrayList<>();

  ToldFacts(Packet packet, Words words) {
    this.packet = packet;
    this.words = words;
  }

  List<Figure> lines() {
    people();
    money();
    answers();
    statements();
    return List.copyOf(lines);
  }

  private void people() {
    for (var person : packet.household().people()) {
      line(
          person.fullName().isBlank()
              ? words.capital(words.word(person.role()))
              : join(person.fullName(), words.word(person.role())),
          person.birthDate() == null ? null : words.say("letter.born", "date", person.birthDate()));
    }
  }

  private void money() {
    var household = packet.household();
    for (var income : household.incomes()) {
      line(
          join(name(income.person()), words.word(income.kind())), income.takings(), income.every());
    }
    for (var none : household.noIncome()) {
      line(name(none.person()), words.question("household.noIncome"));
    }
    for (var expense : household.listedExpenses()) {
      line(words.capital(words.word(expense.kind())), expense.amount(), expense.frequency());
    }
    for (var asset : household.assets()) {
      line(
          asset.person() == null
              ? words.capital(words.word(asset.kind()))
              : join(name(asset.person()), words.word(asset.kind())),
          asset.value() == null ? null : words.euros(asset.value()));
    }
  }

  private void answers() {
    for (var request : packet.requests()) {
      var service = request.service();
      var head = words.say("letter.toldAnswers", "service", words.title(service));
      var place = lines.size();
      answers(null, service, request.answers());
      lines.add(place, new Figure(head, place == lines.size() ? words.say("letter.notSaid") : ""));
    }
  }

  /** Every answer that was given, with its question and that of the group it is in. */
  private void answers(@Nullable String group, String path, Record answers) {
    var parts = Parts.of(answers.getClass());
    for (var i = 0; i < parts.fields().size(); i++) {
      var field = parts.fields().get(i);
      var value = parts.get(answers, i);
      if (value == null || value.equals(field.otherwise())) {
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
        answers(words.question(question), question, several);
      } else if (value instanceof Collection<?> list
          && !list.isEmpty()
          && list.iterator().next() instanceof Record) {
        list.forEach(one -> answers(words.question(question), question, (Record) one));
      } else {
        line(asked(group, question), value == null ? null : said(value, field.value()));
      }
    }
  }

  private String asked(@Nullable String group, String question) {
    return group == null
        ? words.question(question)
        : words.say("letter.form.within", "group", group, "question", words.question(question));
  }

  /** What each who signed has stated, in the words of the household's language. */
  private void statements() {
    for (var signature : packet.signatures()) {
      for (var statement : Statement.values()) {
        if (signature.statements().contains(statement.word())) {
          line(words.word(statement), name(signature.person()));
        }
      }
    }
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
                  name(String.valueOf(entry.getKey())),
                  said(entry.getValue(), known(declared.element()))))
              .toList());
    }
    var text = String.valueOf(value);
    return packet.household().person(text).isPresent() ? name(text) : text;
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

  private static String join(String first, @Nullable String second) {
    return second == null ? first : first + " · " + second;
  }
}
