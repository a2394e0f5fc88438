package civitane.core.income;

import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What comes in to the counted people of a household, and what stands in the way of knowing it.
 *
 * <p>Nobody is assumed to have no income: each counted adult has a recurring income or has stated that there is none.
 */
public final class IncomePicture {
  private final Counted counted;
  private final List<CountedIncome> incomes = new ArrayList<>();
  private final List<Income> unresolved = new ArrayList<>(0);
  private final List<Income> contradicting = new ArrayList<>(0);
  private final List<IncomeGap> gaps = new ArrayList<>(0);

  private IncomePicture(Counted counted) {
    this.counted = counted;
  }

  /**
   * The picture on the assessment date.
   *
   * @param childrensEarnings whether what people under 18 earn is counted
   */
  public static IncomePicture of(
      Counted counted,
      RateBook rates,
      LocalDate lodgedOn,
      LocalDate asOf,
      boolean childrensEarnings) {
    var picture = new IncomePicture(counted);
    for (var person : counted.people()) {
      if (person.birthDate() == null) {
        picture.gaps.add(IncomeGap.birthDate(counted.household(), person));
      }
    }
    picture.collect(rates, lodgedOn, asOf, childrensEarnings);
    return picture;
  }

  private void collect(
      RateBook rates, LocalDate lodgedOn, LocalDate asOf, boolean childrensEarnings) {
    var household = counted.household();
    var answered = new ArrayList<String>(4);
    for (var i : household.incomesInOrder()) {
      var income = household.incomes().get(i);
      if (!income.kind().isCounted()
          || !counted.includes(income.person())
          || !income.isRecurringOn(lodgedOn)) {
        continue;
      }
      answered.add(income.person());
      var person = household.person(income.person()).orElseThrow();
      if (income.kind().isEarned() && !childrensEarnings && earnsAsChild(person, lodgedOn)) {
        continue;
      }
      var item = new IncomeItem(i, income, person, rates.incomeCheck(), lodgedOn, asOf).workOut();
      if (item.income() != null) {
        incomes.add(item.income());
      } else if (item.missing() != null) {
        unresolved.add(income);
        gaps.add(IncomeGap.missing(household, person, i, item.missing()));
      } else {
        unresolved.add(income);
        contradicting.add(income);
        gaps.add(IncomeGap.samePeriodTwice(household, person, i));
      }
    }
    for (var person : counted.people()) {
      if (person.birthDate() != null && !counted.isAdult(person)) {
        continue;
      }
      var has = answered.contains(person.id());
      var states = household.statesNoIncome(person);
      if (has && states) {
        gaps.add(IncomeGap.both(household, person));
      } else if (!has && !states && person.birthDate() != null) {
        gaps.add(IncomeGap.silence(household, person));
      }
    }
  }

  private static boolean earnsAsChild(Person person, LocalDate on) {
    return person.role() != Role.APPLICANT
        && person.role() != Role.SPOUSE
        && person.birthDate() != null
        && !Ages.isAdult(person.birthDate(), on);
  }

  /** The same picture of one person's own money: what others have, or leave open, is not in it. */
  public IncomePicture of(Person person) {
    var own = new IncomePicture(counted);
    incomes.stream().filter(item -> item.person().equals(person)).forEach(own.incomes::add);
    unresolved.stream()
        .filter(item -> item.person().equals(person.id()))
        .forEach(own.unresolved::add);
    own.contradicting.addAll(contradicting);
    gaps.stream().filter(gap -> gap.person().equals(person.id())).forEach(own.gaps::add);
    return own;
  }

  public Counted counted() {
    return counted;
  }

  public List<CountedIncome> incomes() {
    return incomes;
  }

  /** Counted recurring incomes whose amount can't be told yet. */
  public List<Income> unresolved() {
    return unresolved;
  }

  /** Whether payslips of a counted recurring income contradict each other. */
  public boolean contradicts(Income income) {
    return contradicting.contains(income);
  }

  public List<IncomeGap> gaps() {
    return gaps;
  }

  public boolean isKnown() {
    return gaps.isEmpty();
  }

  public boolean isDisputed() {
    for (var income : incomes) {
      if (income.isDisputed()) {
        return true;
      }
    }
    return false;
  }

  /** Euros a month with the lower value of each disputed income. */
  public Amount monthlyLow() {
    return sum(CountedIncome::low, income -> true);
  }

  /** Euros a month with the higher value of each disputed income. */
  public Amount monthlyHigh() {
    return sum(CountedIncome::high, income -> true);
  }

  public Amount yearlyLow() {
    return sum(CountedIncome::yearlyLow, income -> true);
  }

  public Amount yearlyHigh() {
    return sum(CountedIncome::yearlyHigh, income -> true);
  }

  public Amount earnedMonthlyLow() {
    return sum(CountedIncome::low, CountedIncome::isEarned);
  }

  public Amount earnedMonthlyHigh() {
    return sum(CountedIncome::high, CountedIncome::isEarned);
  }

  public Amount sum(Function<CountedIncome, Amount> part, Predicate<CountedIncome> which) {
    var total = Amount.ZERO;
    for (var income : incomes) {
      if (which.test(income)) {
        total = total.plus(part.apply(income));
      }
    }
    return total;
  }

  /** The one frequency all incomes have, disputed ones being monthly; none when they differ or there are none. */
  public Optional<Frequency> oneFrequency() {
    Frequency one = null;
    for (var income : incomes) {
      var frequency = income.isDisputed() ? Frequency.MONTHLY : income.income().every();
      if (one != null && one != frequency) {
        return Optional.empty();
      }
      one = frequency;
    }
    return Optional.ofNullable(one);
  }
}
