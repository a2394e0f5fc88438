package civitane.core.services.childdental;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.facts.Frequency;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Statement;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import static civitane.core.facts.Known.known;

/** A yearly sum a child toward dental care. */
public final class ChildDental implements Entitlement<ChildDentalAnswers> {
  private static final int AGE_ASSUMED_UNDER = 14;

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.NOBODY_ELSE_PAYS);
  }

  @Override
  public String word() {
    return "childDental";
  }

  @Override
  public Class<ChildDentalAnswers> answers() {
    return ChildDentalAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(15);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("children", "taxFiled", "assessedIncome").with(QuickCheck.Fact.PEOPLE);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    return ChildDentalTerms.of(rates).bands().stream()
        .map(band -> IncomeChart.flat(
            Why.CHART_BAND.with(Argument.yearly(band.upTo())), Frequency.YEARLY, band.amount()))
        .toList();
  }

  @Override
  public ChildDentalAnswers presumed(Packet packet) {
    var children = packet.household().people().stream()
        .filter(person -> person.role() == Role.CHILD || person.role() == Role.FOSTER_CHILD)
        .filter(person -> person.birthDate() != null
            && Ages.completedYears(person.birthDate(), packet.assessedOn()) < AGE_ASSUMED_UNDER)
        .map(ChildDentalAnswers.Child::of)
        .toList();
    return new ChildDentalAnswers(children, null, null, List.of());
  }

  @Override
  public boolean isForSomebody(ChildDentalAnswers presumed) {
    return !presumed.named().isEmpty();
  }

  @Override
  public Result determine(Situation<ChildDentalAnswers> it) {
    var terms = ChildDentalTerms.of(it.rates());
    var met = new LinkedHashMap<String, ChildDentalAnswers.Child>();
    var children = childChecks(it, terms, met);
    var known = it.answers().assessedIncome() != null;
    return it.determination()
        .check(taxCheck(it))
        .check(incomeCheck(it, terms))
        .checks(children)
        .determineOnly(() -> PaperWants.of(it).check())
        .amounts(() -> amounts(it, terms, met))
        .awards(() -> awards(it, terms, met))
        .working(known, () -> working(it, terms, met))
        .result(word());
  }

  /** CD-TAX: applicant and spouse have filed their tax returns. */
  private static Check taxCheck(Situation<ChildDentalAnswers> it) {
    var filed = it.answers().taxFiled();
    var check = it.check("CD-TAX");
    for (var person : it.household().inOrder()) {
      if (ChildDentalAnswers.isTaxed(person)) {
        var own = filed == null ? null : filed.get(person.id());
        check
            .needs("taxFiled/" + person.id(), own)
            .doubtIf(Boolean.FALSE.equals(own), () -> Why.TAX_NOT_FILED.with(it.who(person)));
      }
    }
    return check.orMet(Why.TAX_FILED::with);
  }

  /** CD-INCOME: the income that was assessed is within the last band. */
  private static Check incomeCheck(Situation<ChildDentalAnswers> it, ChildDentalTerms terms) {
    var income = it.answers().assessedIncome();
    var check = it.check("CD-INCOME").ofIncome().needs("assessedIncome", income);
    if (income == null) {
      return check.open();
    }
    var highest = terms.highest();
    var apart = Argument.yearly(income.distanceTo(highest));
    return check
        .comparing(income, highest)
        .must(
            income.isWithin(highest),
            () -> Why.ASSESSED_OVER.with(Argument.yearly(income), Argument.yearly(highest), apart))
        .changedBy(() -> Why.ASSESSED_LESS.with(apart))
        .orMet(() ->
            Why.ASSESSED_WITHIN.with(Argument.yearly(income), Argument.yearly(highest), apart));
  }

  /**
   * CD-CHILD: each child, each once, is young enough, gets child benefit, is not covered
   * privately, and is seen by a dentist within the period.
   *
   * @param met where those that are met are put with their entries
   */
  private static List<Check> childChecks(
      Situation<ChildDentalAnswers> it,
      ChildDentalTerms terms,
      Map<String, ChildDentalAnswers.Child> met) {
    var checks = new ArrayList<Check>();
    var seen = new HashSet<String>();
    var entries = it.answers().named();
    for (var i = 0; i < entries.size(); i++) {
      var id = entries.get(i).person();
      if (id == null) {
        checks.add(it.check("CD-CHILD").needs("children/" + i + "/person", null).open());
      } else if (seen.add(id)) {
        var check =
            childCheck(it, i, it.household().person(id).orElseThrow(), entries.get(i), terms);
        checks.add(check);
        if (check.is(Outcome.MET)) {
          met.put(id, entries.get(i));
        }
      }
    }
    if (checks.isEmpty()) {
      checks.add(it.check("CD-CHILD").needs("children", null).unknown(Why.NO_CHILD.with()));
    }
    return checks;
  }

  private static Check childCheck(
      Situation<ChildDentalAnswers> it,
      int index,
      Person child,
      ChildDentalAnswers.Child entry,
      ChildDentalTerms terms) {
    var from = terms.periodOf(it.assessedOn());
    var last = from.plusYears(1).minusDays(1);
    var cover = entry.privateCover();
    var appointment = entry.appointmentOn();
    var path = "children/" + index + "/";
    var who = it.who(child);
    return it.check("CD-CHILD:" + child.id())
        .needsFact(it.personPointer(child, "birthDate"), child.birthDate())
        .needs(path + "privateCover", cover)
        .needs(path + "childBenefit", entry.childBenefit())
        .needs(path + "appointmentOn", appointment)
        .uses("alreadyPaid")
        .must(
            child.birthDate() == null
                ? null
                : Ages.completedYears(child.birthDate(), it.assessedOn()) < terms.ageUnder(),
            () -> Why.CHILD_TOO_OLD.with(who, Argument.years(terms.ageUnder())))
        .must(cover == null ? null : !cover, () -> Why.CHILD_COVERED.with(who))
        .must(entry.childBenefit(), () -> Why.NO_CHILD_BENEFIT.with(who))
        .must(
            appointment == null ? null : !appointment.isBefore(from) && !appointment.isAfter(last),
            () -> Why.APPOINTMENT_OUTSIDE.with(
                Argument.day(known(appointment)), Argument.day(from), Argument.day(last)))
        .must(!isPaid(it, child, from), () -> Why.CHILD_PAID.with(who))
        .orMet(() -> Why.CHILD_MET.with(who));
  }

  private static boolean isPaid(Situation<ChildDentalAnswers> it, Person child, LocalDate from) {
    return it.answers().alreadyPaid().stream()
        .anyMatch(paid -> child.id().equals(paid.person())
            && String.valueOf(from.getYear()).equals(paid.period()));
  }

  private static Map<String, Amount> sums(
      Situation<ChildDentalAnswers> it,
      ChildDentalTerms terms,
      Map<String, ChildDentalAnswers.Child> met) {
    var full = terms.sum(known(it.answers().assessedIncome()));
    var sums = new LinkedHashMap<String, Amount>();
    met.forEach(
        (id, entry) -> sums.put(id, entry.sharedCare() ? full.dividedBy(2).round2() : full));
    return sums;
  }

  private static ChildDentalAmounts amounts(
      Situation<ChildDentalAnswers> it,
      ChildDentalTerms terms,
      Map<String, ChildDentalAnswers.Child> met) {
    var sums = sums(it, terms, met);
    return new ChildDentalAmounts(sums, total(sums));
  }

  private static Amount total(Map<String, Amount> sums) {
    return sums.values().stream().reduce(Amount.ZERO, Amount::plus);
  }

  private static List<Award> awards(
      Situation<ChildDentalAnswers> it,
      ChildDentalTerms terms,
      Map<String, ChildDentalAnswers.Child> met) {
    var from = terms.periodOf(it.assessedOn());
    var awards = new ArrayList<Award>();
    sums(it, terms, met)
        .forEach((id, sum) -> awards.add(Award.money(Argument.once(sum), Recipient.HOUSEHOLD)
            .from(from)
            .until(from.plusYears(1).minusDays(1))
            .forWhom(it.who(it.household().person(id).orElseThrow()))));
    return awards;
  }

  private static List<Line> working(
      Situation<ChildDentalAnswers> it,
      ChildDentalTerms terms,
      Map<String, ChildDentalAnswers.Child> met) {
    var lines = new ArrayList<Line>();
    var sums = sums(it, terms, met);
    sums.forEach((id, sum) -> lines.add(new Line(
        Why.LINE_CHILD.with(it.who(it.household().person(id).orElseThrow())), Argument.once(sum))));
    lines.add(new Line(Why.LINE_TOTAL.with(), Argument.once(total(sums))));
    return lines;
  }
}
