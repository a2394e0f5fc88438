package civitane.core.matching;

import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rates.Section;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import static civitane.core.facts.Known.known;

/** Facts that may be right but look wrong, each with the reason why. */
public final class Plausibility {
  /** A wage this many times the middle income is asked about. */
  private static final int TIMES_MIDDLE = 2;

  private static final int HOURS_AT_LEAST = 2;
  private static final int PHONE_DIGITS = 7;
  private static final int YOUNGEST_PARENT = 12;
  private static final Set<Frequency> SHORT = EnumSet.of(
      Frequency.WEEKLY, Frequency.FORTNIGHTLY, Frequency.FOUR_WEEKLY, Frequency.TWICE_MONTHLY);

  private final Household household;
  private final LocalDate today;
  private final RateBook rates;
  private final List<Doubt> doubts = new ArrayList<>();

  private Plausibility(Household household, LocalDate today, RateBook rates) {
    this.household = household;
    this.today = today;
    this.rates = rates;
  }

  /** The numbers of a rate book that wrong wages are noticed by; euros an hour. */
  private record Terms(Amount hourlyMinimum) {
    static Terms of(Section whole) {
      return new Terms(whole.section("plausibility").amount("hourlyMinimum"));
    }
  }

  /** A fact that looks wrong. */
  public record Doubt(String pointer, Reason because) {}

  public static List<Doubt> of(Household household, LocalDate today, RateBook rates) {
    var check = new Plausibility(household, today, rates);
    check.wages();
    check.againstTheRegister();
    check.contacts();
    check.birthDates();
    check.samePersonTwice();
    check.rentAboveIncome();
    return List.copyOf(check.doubts);
  }

  private void wages() {
    var most = rates.middleIncome().times(TIMES_MIDDLE);
    for (var i = 0; i < household.incomes().size(); i++) {
      var income = household.incomes().get(i);
      if (income.kind() == IncomeKind.WAGES
          && income.takings() != null
          && income.every() != null
          && SHORT.contains(income.every())
          && yearly(income).isAbove(most)) {
        doubts.add(new Doubt(
            "/household/incomes/" + i + "/frequency",
            Why.WAGE_LOOKS_MONTHLY.with(
                Argument.each(income.takings(), income.every()),
                Argument.yearly(yearly(income)),
                Argument.monthly(income.takings()))));
      } else if (income.kind() == IncomeKind.WAGES
          && income.takings() != null
          && income.every() != null
          && income.every() != Frequency.ONCE
          && looksHourly(income)) {
        doubts.add(new Doubt(
            "/household/incomes/" + i + "/amount",
            Why.WAGE_LOOKS_HOURLY.with(
                Argument.each(income.takings(), income.every()), Argument.once(income.takings()))));
      }
    }
  }

  /** An amount that is less for a whole period than anybody may be paid for two hours of it. */
  private boolean looksHourly(Income income) {
    var terms = rates.terms(Terms.class, Terms::of);
    return known(income.takings()).isPositive()
        && !known(income.takings()).isAbove(terms.hourlyMinimum().times(HOURS_AT_LEAST));
  }

  private void againstTheRegister() {
    var terms = rates.incomeCheck();
    for (var i = 0; i < household.incomes().size(); i++) {
      var income = household.incomes().get(i);
      if (income.registerMonthly() == null
          || income.takings() == null
          || income.every() == null
          || income.every() == Frequency.ONCE) {
        continue;
      }
      var said = yearly(income).dividedBy(12).round2();
      var register = income.registerMonthly();
      var tolerance = register.percent(terms.tolerancePercent()).atLeast(terms.toleranceMonthly());
      if (said.distanceTo(register).isAbove(tolerance)) {
        doubts.add(new Doubt(
            "/household/incomes/" + i + "/amount",
            Why.REGISTER_DIFFERS.with(Argument.monthly(register), Argument.monthly(said))));
      }
    }
  }

  private void contacts() {
    for (var i = 0; i < household.people().size(); i++) {
      var contact = household.people().get(i).contact();
      if (contact == null) {
        continue;
      }
      var pointer = "/household/people/" + i + "/contact/";
      if (contact.email() != null) {
        MailAddress.doubt(contact.email())
            .ifPresent(because -> doubts.add(new Doubt(pointer + "email", because)));
      }
      if (contact.phone() != null
          && contact.phone().chars().filter(Character::isDigit).count() < PHONE_DIGITS) {
        doubts.add(
            new Doubt(pointer + "phone", Why.PHONE_SHORT.with(Argument.told(contact.phone()))));
      }
    }
  }

  private static Amount yearly(Income income) {
    return known(income.takings()).times(known(income.every()).periods());
  }

  private void birthDates() {
    var applicant = household.people().stream()
        .filter(person -> person.role() == Role.APPLICANT)
        .findFirst();
    for (var i = 0; i < household.people().size(); i++) {
      var person = household.people().get(i);
      var pointer = "/household/people/" + i + "/birthDate";
      if (person.birthDate() != null && person.birthDate().isAfter(today)) {
        doubts.add(new Doubt(
            pointer,
            Why.BORN_LATER.with(Who.of(household, person), Argument.day(person.birthDate()))));
      } else if (person.role() == Role.CHILD && applicant.isPresent()) {
        tooOldAChild(person, applicant.get(), pointer);
      }
    }
  }

  private void tooOldAChild(Person child, Person parent, String pointer) {
    if (child.birthDate() != null
        && parent.birthDate() != null
        && child.birthDate().isBefore(parent.birthDate().plusYears(YOUNGEST_PARENT))) {
      doubts.add(new Doubt(
          pointer,
          Why.TOO_OLD_A_CHILD.with(
              Who.of(household, child),
              Argument.day(child.birthDate()),
              Argument.day(parent.birthDate()))));
    }
  }

  private void samePersonTwice() {
    var people = household.people();
    for (var i = 0; i < people.size(); i++) {
      for (var j = i + 1; j < people.size(); j++) {
        var one = people.get(i);
        var other = people.get(j);
        if (one.birthDate() != null
            && one.birthDate().equals(other.birthDate())
            && Names.compare(one.fullName(), other.fullName()) == NameMatch.SAME) {
          doubts.add(new Doubt(
              "/household/people/" + j + "/givenName",
              Why.LISTED_TWICE.with(Argument.told(other.fullName()))));
        }
      }
    }
  }

  private void rentAboveIncome() {
    var income = Amount.ZERO;
    for (var item : household.incomes()) {
      if (item.takings() == null || item.every() == null) {
        return;
      }
      income = income.plus(yearly(item));
    }
    for (var i = 0; i < household.listedExpenses().size(); i++) {
      var expense = household.listedExpenses().get(i);
      if (expense.kind() == ExpenseKind.RENT
          && expense.amount() != null
          && expense.frequency() != null
          && income.isPositive()
          && expense.amount().times(expense.frequency().periods()).isAbove(income)) {
        doubts.add(new Doubt(
            "/household/expenses/" + i + "/amount",
            Why.RENT_ABOVE_INCOME.with(Argument.each(expense.amount(), expense.frequency()))));
      }
    }
  }
}
