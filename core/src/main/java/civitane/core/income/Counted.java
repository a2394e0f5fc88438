package civitane.core.income;

import civitane.core.facts.AssetKind;
import civitane.core.facts.Expense;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Household;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.Weights;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** The counted people of a household on the assessment date, with what is theirs. */
public final class Counted {
  private final Household household;
  private final List<Person> people;
  private final Set<String> ids;
  private final int expected;
  private final LocalDate on;

  private Counted(Household household, List<Person> people, int expected, LocalDate on) {
    this.household = household;
    this.people = people;
    this.expected = expected;
    this.on = on;
    this.ids = new HashSet<>(people.size() * 2);
    for (var person : people) {
      ids.add(person.id());
    }
  }

  public static Counted of(Household household, Counting counting, LocalDate on) {
    var people = new ArrayList<Person>(household.people().size());
    for (var person : household.inOrder()) {
      if (counting.counts(person)) {
        people.add(person);
      }
    }
    return new Counted(
        household, people, counting.expectedChildren() ? household.expectedChildren() : 0, on);
  }

  public Household household() {
    return household;
  }

  public List<Person> people() {
    return people;
  }

  public LocalDate on() {
    return on;
  }

  /** How many are counted, children not yet born included where the service counts them. */
  public int size() {
    return people.size() + expected;
  }

  public boolean includes(@Nullable String person) {
    return ids.contains(person);
  }

  public List<Person> withoutBirthDate() {
    return people.stream().filter(person -> person.birthDate() == null).toList();
  }

  /** Those without a birth date who have something listed as theirs. */
  public List<Person> owningWithoutBirthDate() {
    return withoutBirthDate().stream()
        .filter(person ->
            household.listedAssets().stream().anyMatch(asset -> person.id().equals(asset.person())))
        .toList();
  }

  /** Counted people of 18 or over; somebody without a birth date is taken as an adult. */
  public List<Person> adults() {
    return people.stream().filter(this::isAdult).toList();
  }

  public boolean isAdult(Person person) {
    return person.birthDate() == null || Ages.isAdult(person.birthDate(), on);
  }

  /** Completed years on the assessment date; -1 when the birth date is missing. */
  public int age(Person person) {
    return person.birthDate() == null ? -1 : Ages.completedYears(person.birthDate(), on);
  }

  public boolean anybody(Predicate<Person> such) {
    for (var person : people) {
      if (such.test(person)) {
        return true;
      }
    }
    return false;
  }

  /** The sum of the weights: the first person's, and each other's by age. Birth dates must be known. */
  public Amount weight(Weights weights) {
    var heavier = 0;
    var lighter = expected;
    for (var person : people) {
      if (person.role() == Role.APPLICANT) {
        continue;
      }
      if (age(person) >= Weights.HEAVIER_FROM_AGE) {
        heavier++;
      } else {
        lighter++;
      }
    }
    return weights
        .first()
        .plus(weights.from14().times(heavier))
        .plus(weights.under14().times(lighter));
  }

  /** What a household of this size needs a year. */
  public Amount base(RateBook rates) {
    return rates.baseIncome().times(weight(rates.weights()));
  }

  /** What a household of this size has a year in the middle of the district. */
  public Amount middle(RateBook rates) {
    return rates.middleIncome().times(weight(rates.weights()));
  }

  /** The recurring expenses of the kinds a year; those that name a person only when that person is counted. */
  public Sum yearly(Set<ExpenseKind> kinds) {
    return expenses(
        kinds,
        this::isOurs,
        expense -> known(expense.amount()).times(known(expense.frequency()).periods()));
  }

  /** The recurring expenses of the kinds a month, each half up to the cent. */
  public Sum monthly(Set<ExpenseKind> kinds) {
    return monthly(kinds, this::isOurs);
  }

  /** The monthly expenses of those whom the filter lets in; it sees null where nobody is named. */
  public Sum monthly(Set<ExpenseKind> kinds, Predicate<@Nullable String> whose) {
    return expenses(
        kinds,
        whose,
        expense -> known(expense.amount())
            .times(known(expense.frequency()).periods())
            .dividedBy(12)
            .round2());
  }

  private boolean isOurs(@Nullable String person) {
    return person == null || includes(person);
  }

  private Sum expenses(
      Set<ExpenseKind> kinds, Predicate<@Nullable String> whose, Function<Expense, Amount> part) {
    var sum = Sum.ZERO;
    for (var i = 0; i < household.listedExpenses().size(); i++) {
      var expense = household.listedExpenses().get(i);
      if (!kinds.contains(expense.kind()) || !expense.recurs() || !whose.test(expense.person())) {
        continue;
      }
      if (expense.amount() == null) {
        sum = sum.missing("/household/expenses/" + i + "/amount");
      } else if (expense.frequency() == null) {
        sum = sum.missing("/household/expenses/" + i + "/frequency");
      } else {
        sum = sum.plus(part.apply(expense));
      }
    }
    return sum;
  }

  /** Whether there is a recurring expense of one of the kinds. */
  public boolean hasExpense(Set<ExpenseKind> kinds) {
    for (var expense : household.listedExpenses()) {
      if (kinds.contains(expense.kind())
          && expense.recurs()
          && (expense.person() == null || includes(expense.person()))) {
        return true;
      }
    }
    return false;
  }

  /** Nothing; not known while nobody was asked what is owned. */
  public Sum noAssetsYet() {
    return household.assets() == null ? Sum.ZERO.missing("/household/assets") : Sum.ZERO;
  }

  /** What the people whom the filter lets in own of the kinds; assets that name nobody are everybody's. */
  public Sum assets(Predicate<AssetKind> kinds, Predicate<@Nullable String> whose) {
    var sum = noAssetsYet();
    for (var i = 0; i < household.listedAssets().size(); i++) {
      var asset = household.listedAssets().get(i);
      if (!kinds.test(asset.kind()) || !whose.test(asset.person())) {
        continue;
      }
      sum = asset.value() == null
          ? sum.missing("/household/assets/" + i + "/value")
          : sum.plus(asset.value());
    }
    return sum;
  }

  /** Cash, accounts, savings and investments of the counted people. */
  public Sum liquid() {
    return assets(AssetKind::isLiquid, person -> person == null || includes(person));
  }
}
