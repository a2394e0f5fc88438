package civitane.core.services.householdallowance;

import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Person;
import civitane.core.income.Counted;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rules.Line;
import civitane.core.rules.Restated;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What is taken off a household's income before the net test, in the order of the rule. */
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

  Deductions(
      Counted counted,
      HouseholdAllowanceTerms terms,
      civitane.core.facts.Answers shelter,
      String pointer) {
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
            counted,
            shelter.number("rentOrMortgage"),
            pointer + "/rentOrMortgage",
            RENT_OR_MORTGAGE)
        .orZero(counted, RENT_OR_MORTGAGE);
    this.heating = Restated.of(counted, shelter.number("heating"), pointer + "/heating", HEATING)
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
    return rent.value().plus(heating.value());
  }

  /** Pointers to what is not known of the expenses. */
  List<String> missing() {
    var missing = new ArrayList<String>();
    missing.addAll(childcare.missing());
    missing.addAll(support.missing());
    missing.addAll(medical.missing());
    missing.addAll(rent.missing());
    missing.addAll(heating.missing());
    return missing;
  }

  boolean areKnown() {
    return missing().isEmpty();
  }

  /** The net income a month of an income with an earned part. */
  Amount net(Amount gross, Amount earned) {
    return steps(gross, earned, new ArrayList<>());
  }

  /** The sum line by line. */
  List<Line> lines(Amount gross, Amount earned) {
    var lines = new ArrayList<Line>();
    steps(gross, earned, lines);
    return lines;
  }

  private Amount steps(Amount gross, Amount earned, List<Line> lines) {
    lines.add(new Line("Income a month", gross));
    var running = less(
        gross,
        earned.percent(terms.earnedDisregardPercent()),
        "Part of the earnings left out",
        lines);
    running = less(running, terms.basicAllowance(counted.size()), "Basic allowance", lines);
    running = less(running, childcare.known(), "Childcare", lines);
    running = less(running, support.known(), "Support paid", lines);
    running = less(
        running,
        medical.known().minus(terms.medicalThreshold()).notBelowZero(),
        "Medical above the threshold",
        lines);
    var excess = shelter().minus(running.percent(terms.housingSharePercent())).notBelowZero();
    var housing = olderOrDisabled ? excess : excess.atMost(terms.housingCap());
    running = less(running, housing, "Housing above the share", lines);
    lines.add(new Line("Net income a month", running));
    return running;
  }

  private static Amount less(Amount running, Amount deduction, String label, List<Line> lines) {
    if (deduction.isPositive()) {
      lines.add(new Line(label, deduction.negated()));
    }
    return running.minus(deduction).round2().notBelowZero();
  }
}
