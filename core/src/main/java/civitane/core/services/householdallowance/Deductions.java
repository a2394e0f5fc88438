package civitane.core.services.householdallowance;

import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Person;
import civitane.core.income.Counted;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Checking;
import civitane.core.rules.Line;
import civitane.core.rules.Restated;
import civitane.core.services.householdallowance.HouseholdAllowanceAnswers.Shelter;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import static civitane.core.facts.Known.known;

/** What is taken off a household's income before the net check, in the order of the rule. */
final class Deductions {
  private static final Set<ExpenseKind> RENT_OR_MORTGAGE =
      EnumSet.of(ExpenseKind.RENT, ExpenseKind.MORTGAGE);
  private static final Set<ExpenseKind> HEATING = EnumSet.of(ExpenseKind.HEATING);
  private static final int CHILDCARE_UNDER = 13;

  private final Counted counted;
  private final HouseholdAllowanceTerms terms;
  private final boolean olderOrDisabled;
  private final Sum childcare;
  private final Sum support;
  private final Sum medical;
  private final Restated rent;
  private final Restated heating;

  Deductions(Counted counted, HouseholdAllowanceTerms terms, Shelter shelter) {
    this.counted = counted;
    this.terms = terms;
    this.olderOrDisabled = counted.anybody(this::isOlderOrDisabled);
    this.childcare = paysForCare() ? counted.monthly(EnumSet.of(ExpenseKind.CHILDCARE)) : Sum.ZERO;
    this.support = counted.monthly(EnumSet.of(ExpenseKind.SUPPORT_PAID));
    this.medical = counted.monthly(
        EnumSet.of(ExpenseKind.MEDICAL),
        id -> id == null
            ? olderOrDisabled
            : counted.includes(id)
                && isOlderOrDisabled(counted.household().person(id).orElseThrow()));
    this.rent = Restated.of(
            counted, shelter.rentOrMortgage(), "shelter/rentOrMortgage", RENT_OR_MORTGAGE)
        .orZero(counted, RENT_OR_MORTGAGE);
    this.heating = Restated.of(counted, shelter.heating(), "shelter/heating", HEATING)
        .orZero(counted, HEATING);
  }

  boolean isOlderOrDisabled() {
    return olderOrDisabled;
  }

  private boolean isOlderOrDisabled(Person person) {
    return person.disabled() || counted.age(person) >= terms.olderFrom();
  }

  private boolean paysForCare() {
    return counted.anybody(
        person -> person.birthDate() != null && counted.age(person) < CHILDCARE_UNDER
            || person.disabled() && counted.isAdult(person));
  }

  Restated rent() {
    return rent;
  }

  Restated heating() {
    return heating;
  }

  boolean knowsShelter() {
    return rent.isKnown() && heating.isKnown();
  }

  Amount shelter() {
    return known(rent.value()).plus(known(heating.value()));
  }

  boolean areKnown() {
    return childcare.isKnown()
        && support.isKnown()
        && medical.isKnown()
        && rent.missing().isEmpty()
        && heating.missing().isEmpty();
  }

  /** A check that lacks what is not known of the expenses. */
  Checking wantedBy(Checking check) {
    for (var sum : List.of(childcare, support, medical)) {
      sum.missing().forEach(pointer -> check.needsFact(pointer, null));
    }
    return heating.wantedBy(rent.wantedBy(check));
  }

  /** The net income a month of an income with an earned part. */
  Amount net(Amount gross, Amount earned) {
    return steps(gross, earned, null);
  }

  /** The sum line by line. */
  List<Line> lines(Amount gross, Amount earned) {
    var lines = new ArrayList<Line>();
    steps(gross, earned, lines);
    return lines;
  }

  private Amount steps(
      Amount gross, Amount earned, @org.jspecify.annotations.Nullable List<Line> lines) {
    if (lines != null) {
      lines.add(new Line(Why.LINE_INCOME.with(), Argument.monthly(gross)));
    }
    var running = less(
        gross, earned.percent(terms.earnedDisregardPercent()), Why.LINE_EARNINGS_LEFT_OUT, lines);
    running = less(running, terms.basicAllowance(counted.size()), Why.LINE_BASIC_ALLOWANCE, lines);
    running = less(running, childcare.known(), Why.LINE_CHILDCARE, lines);
    running = less(running, support.known(), Why.LINE_SUPPORT, lines);
    running = less(
        running,
        medical.known().minus(terms.medicalThreshold()).notBelowZero(),
        Why.LINE_MEDICAL,
        lines);
    var excess = shelter().minus(running.percent(terms.housingSharePercent())).notBelowZero();
    var housing = olderOrDisabled ? excess : excess.atMost(terms.housingCap());
    running = less(running, housing, Why.LINE_HOUSING, lines);
    if (lines != null) {
      lines.add(new Line(Why.LINE_NET.with(), Argument.monthly(running)));
    }
    return running;
  }

  private static Amount less(
      Amount running,
      Amount deduction,
      Why label,
      @org.jspecify.annotations.Nullable List<Line> lines) {
    if (lines != null && deduction.isPositive()) {
      lines.add(new Line(label.with(), Argument.monthly(deduction.negated())));
    }
    return running.minus(deduction).round2().notBelowZero();
  }
}
