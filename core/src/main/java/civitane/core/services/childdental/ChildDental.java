package civitane.core.services.childdental;

import civitane.core.facts.Answers;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.time.Ages;
import civitane.core.time.Dates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A yearly sum a child toward dental care. */
public final class ChildDental implements Service {
  private static final int AGE_ASSUMED_UNDER = 14;

  @Override
  public String word() {
    return "childDental";
  }

  @Override
  public String title() {
    return "Child dental";
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
            "a child, with an assessed income up to " + band.upTo(), "a year", band.amount()))
        .toList();
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.groups(
                "children",
                Question.of("person", QuestionKind.PERSON),
                Question.of("privateCover", QuestionKind.FLAG),
                Question.of("sharedCare", QuestionKind.FLAG).otherwise("no"),
                Question.of("childBenefit", QuestionKind.FLAG).knownAs("childBenefit"),
                Question.of("appointmentOn", QuestionKind.DATE))
            .begunForEach(Role.CHILD, Role.FOSTER_CHILD),
        Question.of("taxFiled", QuestionKind.FLAG_BY_PERSON).knownAs("taxFiled"),
        Question.of("assessedIncome", QuestionKind.MONEY).knownAs("assessedIncome"),
        Question.groups(
                "alreadyPaid",
                Question.of("person", QuestionKind.PERSON),
                Question.of("period", QuestionKind.TEXT))
            .otherwise("none")
            .filledIn());
  }

  @Override
  public Answers presumed(Packet packet) {
    var children = packet.household().people().stream()
        .filter(person -> person.role() == Role.CHILD || person.role() == Role.FOSTER_CHILD)
        .filter(person -> person.birthDate() != null
            && Ages.completedYears(person.birthDate(), packet.assessedOn()) < AGE_ASSUMED_UNDER)
        .map(person -> new Answers(Map.of("person", person.id())))
        .toList();
    return new Answers(Map.of("children", children));
  }

  @Override
  public Result determine(Situation it) {
    var terms = ChildDentalTerms.of(it.rates());
    var children = childTests(it, terms);
    return it.determination()
        .test(taxTest(it))
        .test(incomeTest(it, terms))
        .tests(children)
        .determineOnly(() -> PaperWants.of(it).test())
        .award(() -> amounts(it, terms, children))
        .working(
            () -> it.answers().has("assessedIncome") ? working(it, terms, children) : List.of())
        .result(word());
  }

  private static Test taxTest(Situation it) {
    var filed = it.answers().group("taxFiled");
    var check = it.check("CD-TAX");
    for (var person : it.household().inOrder()) {
      if (person.role() == Role.APPLICANT || person.role() == Role.SPOUSE) {
        check.needs("taxFiled/" + person.id());
        check.doubtIf(
            filed != null && Boolean.FALSE.equals(filed.flag(person.id())),
            () -> person.calledBy()
                + " has not filed a tax return yet; the assessment decides once it is filed.");
      }
    }
    return check.orMet(() -> "Tax returns are filed.");
  }

  private static Test incomeTest(Situation it, ChildDentalTerms terms) {
    var income = it.answers().number("assessedIncome");
    var highest = terms.highest();
    return it.check("CD-INCOME")
        .needs("assessedIncome")
        .must(
            income == null ? null : income.isWithin(highest),
            () -> "The assessed income of " + income + " is over the limit of " + highest + ", by "
                + income.minus(highest) + ".")
        .comparing(income, income == null ? null : highest)
        .changedBy(
            () -> "Assessed income lower by " + income.minus(highest) + " a year would meet it.")
        .orMet(() -> "The assessed income of " + income + " is within the limit of " + highest
            + ", by " + highest.minus(income) + ".");
  }

  private static List<Test> childTests(Situation it, ChildDentalTerms terms) {
    var tests = new ArrayList<Test>();
    var seen = new HashSet<String>();
    var entries = it.answers().groups("children");
    for (var i = 0; i < entries.size(); i++) {
      var id = entries.get(i).text("person");
      if (id == null) {
        tests.add(it.check("CD-CHILD").needs("children/" + i + "/person").orMet(() -> ""));
      } else if (seen.add(id)) {
        tests.add(childTest(it, i, it.household().person(id).orElseThrow(), entries.get(i), terms));
      }
    }
    if (tests.isEmpty()) {
      tests.add(Test.unknown("CD-CHILD", () -> "No child is named yet.")
          .missing(List.of(it.pointer("children")))
          .needing(() -> List.of(it.pointer("children"))));
    }
    return tests;
  }

  private static Test childTest(
      Situation it, int index, Person child, Answers entry, ChildDentalTerms terms) {
    var from = terms.periodOf(it.assessedOn());
    var last = from.plusYears(1).minusDays(1);
    var cover = entry.flag("privateCover");
    var benefit = entry.flag("childBenefit");
    var appointment = entry.date("appointmentOn");
    var path = "children/" + index + "/";
    var name = child.calledBy();
    return it.check("CD-CHILD:" + child.id())
        .needsFact(it.personPointer(child, "birthDate"), child.birthDate())
        .needs(path + "privateCover")
        .needs(path + "childBenefit")
        .needs(path + "appointmentOn")
        .uses("alreadyPaid")
        .must(
            child.birthDate() == null
                ? null
                : Ages.completedYears(child.birthDate(), it.assessedOn()) < terms.ageUnder(),
            () -> name + " is " + terms.ageUnder() + " or older.")
        .must(cover == null ? null : !cover, () -> name + " has private dental cover.")
        .must(benefit, () -> "No child benefit is received for " + name + ".")
        .must(
            appointment == null ? null : !appointment.isBefore(from) && !appointment.isAfter(last),
            () -> "The appointment on " + Dates.written(appointment) + " does not lie between "
                + Dates.written(from) + " and " + Dates.written(last) + ".")
        .must(!isPaid(it, child, from), () -> name + "'s sum for this period is already paid.")
        .orMet(() ->
            name + " has an appointment in the period, no private cover, and is not paid for yet.");
  }

  private static boolean isPaid(Situation it, Person child, LocalDate from) {
    return it.answers().groups("alreadyPaid").stream()
        .anyMatch(paid -> child.id().equals(paid.text("person"))
            && String.valueOf(from.getYear()).equals(paid.text("period")));
  }

  private static Map<String, Amount> sums(Situation it, ChildDentalTerms terms, List<Test> tests) {
    var full = terms.sum(it.answers().number("assessedIncome"));
    var sums = new LinkedHashMap<String, Amount>();
    for (var entry : it.answers().groups("children")) {
      var id = entry.text("person");
      var met = tests.stream()
          .anyMatch(test -> test.id().equals("CD-CHILD:" + id) && test.is(Outcome.MET));
      if (met && !sums.containsKey(id)) {
        sums.put(id, entry.flag("sharedCare", false) ? full.dividedBy(2).round2() : full);
      }
    }
    return sums;
  }

  private static Map<String, Object> amounts(
      Situation it, ChildDentalTerms terms, List<Test> tests) {
    var sums = sums(it, terms, tests);
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("children", sums);
    amounts.put("total", sums.values().stream().reduce(Amount.ZERO, Amount::plus));
    return amounts;
  }

  private static List<Line> working(Situation it, ChildDentalTerms terms, List<Test> tests) {
    var lines = new ArrayList<Line>();
    var total = Amount.ZERO;
    for (var sum : sums(it, terms, tests).entrySet()) {
      var child = it.household().person(sum.getKey()).orElseThrow();
      lines.add(new Line("For " + child.calledBy(), sum.getValue()));
      total = total.plus(sum.getValue());
    }
    lines.add(new Line("In all", total));
    return lines;
  }
}
