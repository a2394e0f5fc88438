package civitane.core.services;

import civitane.core.facts.Address;
import civitane.core.facts.Asset;
import civitane.core.facts.AssetKind;
import civitane.core.facts.Benefit;
import civitane.core.facts.Expense;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.NoIncome;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.facts.Signature;
import civitane.core.facts.Told;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Argument.Missing;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.time.LastDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import static org.testng.Assert.assertEquals;

/** One household asking for one service, told fact by fact, and what comes out held against what should. */
final class Asking {
  static final LocalDate LODGED = LocalDate.parse("2026-11-23");

  private final String service;
  private final Map<String, Object> answers = new LinkedHashMap<>();
  private final List<Person> people = new ArrayList<>();
  private final List<Income> incomes = new ArrayList<>();
  private final List<NoIncome> noIncome = new ArrayList<>();
  private final List<Expense> expenses = new ArrayList<>();
  private final List<Asset> assets = new ArrayList<>();
  private final Set<Benefit> benefits = EnumSet.noneOf(Benefit.class);
  private final List<Paper> papers = new ArrayList<>();
  private final List<Signature> signatures = new ArrayList<>();
  private LocalDate asOf = LODGED;
  private LastDay lastDays = LastDay.AS_COUNTED;
  private int expected;

  private Asking(String service) {
    this.service = service;
  }

  /** Oluchi Tamsett, 38, asks for a service. */
  static Asking forA(String service) {
    var asking = new Asking(service);
    asking.people.add(
        Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", LocalDate.parse("1988-03-14")));
    return asking;
  }

  Asking applicantBorn(String birthDate) {
    people.set(0, Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", LocalDate.parse(birthDate)));
    return this;
  }

  Asking with(Role role, String givenName, String birthDate) {
    people.add(Person.of(
        "p" + (people.size() + 1), role, givenName, "Tamsett", LocalDate.parse(birthDate)));
    return this;
  }

  Asking expecting(int children) {
    expected = children;
    return this;
  }

  Asking says(String key, Object answer) {
    answers.put(key, answer);
    return this;
  }

  Asking says(String key, String answer) {
    answers.put(key, answer);
    return this;
  }

  Asking wage(String person, String monthly) {
    return income(person, IncomeKind.WAGES, monthly, Frequency.MONTHLY);
  }

  Asking income(String person, IncomeKind kind, String amount, Frequency frequency) {
    incomes.add(Income.of("i" + (incomes.size() + 1), person, kind, Amount.of(amount), frequency));
    return this;
  }

  Asking without(String person) {
    noIncome.add(new NoIncome(person, null, "savings", LODGED));
    return this;
  }

  Asking pays(ExpenseKind kind, String monthly) {
    expenses.add(new Expense(kind, Amount.of(monthly), Frequency.MONTHLY, null));
    return this;
  }

  Asking owns(String person, AssetKind kind, String value) {
    assets.add(new Asset(person, kind, Amount.of(value)));
    return this;
  }

  Asking receives(Benefit benefit) {
    benefits.add(benefit);
    return this;
  }

  Asking showing(PaperKind kind, String person) {
    papers.add(new Paper(
        kind,
        person,
        null,
        null,
        LODGED.minusDays(10),
        null,
        "Oluchi Tamsett",
        null,
        null,
        null,
        List.of(),
        false,
        true,
        null,
        null,
        null,
        null));
    return this;
  }

  Asking signed(String person, String name) {
    signatures.add(Signature.onScreen(person, name, LODGED, List.of()));
    return this;
  }

  Asking on(String day) {
    asOf = LocalDate.parse(day);
    return this;
  }

  /** At an office whose limits end on a day on which it is open. */
  Asking at(LastDay office) {
    lastDays = office;
    return this;
  }

  /** Answers within an answer, by key and value in turn. */
  static Map<String, Object> of(Object... keysAndValues) {
    var values = new LinkedHashMap<String, Object>();
    for (var i = 0; i < keysAndValues.length; i += 2) {
      values.put((String) keysAndValues[i], keysAndValues[i + 1]);
    }
    return values;
  }

  static LocalDate day(String iso) {
    return LocalDate.parse(iso);
  }

  private Result result(Mode mode) {
    var household = new Household(
        Address.at("12 Tide Row", "Gullhaven", "BK31"),
        people,
        expected,
        incomes,
        noIncome,
        expenses,
        assets,
        benefits,
        null,
        List.of());
    var packet = new Packet(
        LODGED,
        LODGED,
        asOf,
        null,
        null,
        null,
        household,
        List.of(new Request(
            service, Told.as(Services.named(service).orElseThrow().answers(), answers))),
        papers,
        signatures);
    return new Screening(RateShelf.shipped(), lastDays).of(packet, mode).get(0);
  }

  Outcomes screened() {
    return new Outcomes(result(Mode.SCREEN));
  }

  Outcomes determined() {
    return new Outcomes(result(Mode.DETERMINE));
  }

  /** What came out, held against what should. */
  record Outcomes(Result result) {

    Outcomes entitled() {
      return is(Finding.ENTITLED);
    }

    Outcomes notEntitled() {
      return is(Finding.NOT_ENTITLED);
    }

    Outcomes unknown() {
      return is(Finding.UNKNOWN);
    }

    private Outcomes is(Finding outcome) {
      assertEquals(result.outcome(), outcome, sentences());
      return this;
    }

    private String sentences() {
      return result.checks().stream()
          .map(test -> test.id() + " " + test.outcome() + " " + test.reasons())
          .toList()
          .toString();
    }

    Outcomes test(String id, Outcome outcome) {
      assertEquals(
          result
              .check(id)
              .orElseThrow(() -> new AssertionError("no " + id + " in " + sentences()))
              .outcome(),
          outcome,
          sentences());
      return this;
    }

    Outcomes measured(String id, String measured, String limit) {
      var test = result.check(id).orElseThrow();
      assertEquals(test.measured(), Amount.of(measured), sentences());
      assertEquals(test.limit(), Amount.of(limit), sentences());
      return this;
    }

    Outcomes because(String id, String code) {
      assertEquals(result.check(id).orElseThrow().reasons().get(0).code().code(), code);
      return this;
    }

    Outcomes missing(String id, String... wanted) {
      assertEquals(
          result.check(id).orElseThrow().missing().stream()
              .map(Missing::subject)
              .toList(),
          List.of(wanted),
          sentences());
      return this;
    }

    Outcomes amount(String name, Object value) {
      var expectedValue = value instanceof String text && text.matches("-?\\d+(\\.\\d+)?")
          ? Amount.of(text)
          : value;
      assertEquals(
          plain(result.amountsByName().get(name)), expectedValue, name + " in " + result.amounts());
      return this;
    }

    /** Numbers as amounts, words as they are written. */
    private static Object plain(Object value) {
      if (value instanceof Integer number) {
        return Amount.of(number);
      } else if (value instanceof Word word) {
        return word.word();
      } else if (value instanceof Map<?, ?> map) {
        var plain = new LinkedHashMap<Object, Object>();
        map.forEach(
            (key, one) -> plain.put(key instanceof Word word ? word.word() : key, plain(one)));
        return plain;
      }
      return value instanceof List<?> list ? list.stream().map(Outcomes::plain).toList() : value;
    }

    Outcomes noted(String code) {
      return noted(code, true);
    }

    Outcomes notNoted(String code) {
      return noted(code, false);
    }

    private Outcomes noted(String code, boolean there) {
      assertEquals(
          result.notes().stream().anyMatch(note -> note.code().equals(code)),
          there,
          result.notes().toString());
      return this;
    }
  }
}
