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
import civitane.core.time.Dates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Facts that may be right but look wrong, each with a question that would settle it. */
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
  public record Doubt(String pointer, String words) {}

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
          && income.amount() != null
          && income.frequency() != null
          && SHORT.contains(income.frequency())
          && yearly(income).isAbove(most)) {
        doubts.add(new Doubt(
            "/household/incomes/" + i + "/frequency",
            "Wages of " + income.amount() + " " + income.frequency().inWords() + " is "
                + yearly(income) + " a year — is it " + income.amount() + " a month?"));
      } else if (income.kind() == IncomeKind.WAGES
          && income.amount() != null
          && income.frequency() != null
          && income.frequency() != Frequency.ONCE
          && looksHourly(income)) {
        doubts.add(new Doubt(
            "/household/incomes/" + i + "/amount",
            "Wages of " + income.amount() + " " + income.frequency().inWords()
                + " is less than two hours' pay — is it " + income.amount() + " an hour?"));
      }
    }
  }

  /** An amount that is less for a whole period than anybody may be paid for two hours of it. */
  private boolean looksHourly(Income income) {
    var terms = rates.terms(Terms.class, Terms::of);
    return income.amount().isPositive()
        && !income.amount().isAbove(terms.hourlyMinimum().times(HOURS_AT_LEAST));
  }

  private void againstTheRegister() {
    var terms = rates.incomeCheck();
    for (var i = 0; i < household.incomes().size(); i++) {
      var income = household.incomes().get(i);
      if (income.registerMonthly() == null
          || income.amount() == null
          || income.frequency() == null
          || income.frequency() == Frequency.ONCE) {
        continue;
      }
      var said = yearly(income).dividedBy(12).round2();
      var register = income.registerMonthly();
      var tolerance = register.percent(terms.tolerancePercent()).atLeast(terms.toleranceMonthly());
      if (said.distanceTo(register).isAbove(tolerance)) {
        doubts.add(new Doubt(
            "/household/incomes/" + i + "/amount",
            "The wage register says " + register + " a month, the household says " + said
                + " a month — what do the payslips say?"));
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
            .ifPresent(words -> doubts.add(new Doubt(pointer + "email", words)));
      }
      if (contact.phone() != null
          && contact.phone().chars().filter(Character::isDigit).count() < PHONE_DIGITS) {
        doubts.add(new Doubt(
            pointer + "phone",
            "The phone number " + contact.phone() + " is short — is a digit missing?"));
      }
    }
  }

  private static Amount yearly(Income income) {
    return income.amount().times(income.frequency().periods());
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
            person.calledBy() + " would be born on " + Dates.written(person.birthDate())
                + " — a child not yet born is told as an expected child."));
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
          child.calledBy() + " would be born on " + Dates.written(child.birthDate())
              + " to a parent born on " + Dates.written(parent.birthDate())
              + " — is one of the dates wrong?"));
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
              other.fullName()
                  + " is listed twice with the same date of birth — is it one person?"));
        }
      }
    }
  }

  private void rentAboveIncome() {
    var income = Amount.ZERO;
    for (var item : household.incomes()) {
      if (item.amount() == null || item.frequency() == null) {
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
        doubts.add(
            new Doubt(
                "/household/expenses/" + i + "/amount",
                "Rent of " + expense.amount() + " " + expense.frequency().inWords()
                    + " is more than everything that comes in — is there another income, or is the period wrong?"));
      }
    }
  }
}
