package civitane.core.services.housinglist;

import civitane.core.facts.Answers;
import civitane.core.facts.ExpenseKind;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.rules.IncomeTest;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Restated;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.rules.Wording;
import civitane.core.time.Ages;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** A place on the waiting lists for subsidised homes. */
public final class HousingList implements Service {

  @Override
  public String word() {
    return "housingList";
  }

  @Override
  public String title() {
    return "Housing list";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(20);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("lists", "homeless", "displaced", "localTie")
        .with(QuickCheck.Fact.PEOPLE, QuickCheck.Fact.INCOME);
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.groups(
                "lists",
                Question.of("code", QuestionKind.TEXT),
                Question.of("open", QuestionKind.FLAG).filledIn(),
                Question.of("incomePercent", QuestionKind.NUMBER).filledIn())
            .knownAs("waitingLists"),
        Question.of("homeless", QuestionKind.FLAG).otherwise("no"),
        Question.groups(
                "homelessTimes",
                Question.of("from", QuestionKind.DATE),
                Question.of("to", QuestionKind.DATE).otherwise("until now"))
            .otherwise("none"),
        Question.of("displaced", QuestionKind.FLAG).otherwise("no"),
        Question.of("localTie", QuestionKind.FLAG).otherwise("no"),
        Question.of("bedroomsNow", QuestionKind.WHOLE).otherwise("no points for it"),
        Question.of("monthlyRent", QuestionKind.MONEY).otherwise("the rent among the expenses"));
  }

  @Override
  public Result determine(Situation it) {
    var terms = HousingListTerms.of(it.rates());
    var counted =
        it.counted(Counting.SHARED_MONEY.withFosterChildren().withAllKin().withExpectedChildren());
    var income = it.income(counted);
    var rent = Restated.of(
        counted,
        it.answers().number("monthlyRent"),
        it.pointer("monthlyRent"),
        EnumSet.of(ExpenseKind.RENT));
    var points = new HousingPoints(it, counted, income, terms, rent.value());
    var open = openTest(it);
    var incomeTest = incomeTest(it, counted, income, rent, open);
    var reachable =
        incomeTest.is(Outcome.MET) ? reachable(it, counted, income) : List.<Answers>of();
    return it.determination()
        .test(adultTest(it))
        .test(open)
        .test(incomeTest)
        .determineOnly(() -> PaperWants.of(it).test())
        .note(
            incomeTest.is(Outcome.MET) && reachable.size() < openLists(it).size(),
            "listsLeftOut",
            () -> "Left out, as the income is over their own limit: "
                + Wording.list(openLists(it).stream()
                    .filter(list -> !reachable.contains(list))
                    .map(list -> nameOf(list))
                    .toList())
                + ".")
        .note(
            points.contradictsItself(),
            "homelessTimes",
            () ->
                "A time without a home has no end, but the household says it has one: no points are given for it.")
        .notes(IncomeTest.notes(income, !incomeTest.is(Outcome.UNKNOWN)))
        .aid("homeless", points::homelessTimes)
        .aid(
            "bedrooms",
            () -> counted.withoutBirthDate().isEmpty() ? Amount.of(points.bedrooms()) : null)
        .award(() -> amounts(reachable, points))
        .working(() -> income.isKnown() ? working(points) : List.of())
        .result(word());
  }

  private static Test adultTest(Situation it) {
    var applicant = it.household().applicant();
    var birth = applicant.birthDate();
    return it.check("HW-ADULT")
        .needsFact(it.personPointer(applicant, "birthDate"), birth)
        .must(
            birth == null ? null : Ages.isAdult(birth, it.assessedOn()),
            () -> applicant.calledBy() + " is under " + Ages.ADULT + ".")
        .orMet(() -> applicant.calledBy() + " is " + Ages.ADULT + " or older.");
  }

  private static String nameOf(Answers list) {
    var code = list.text("code");
    return code == null ? "a list without a code" : code;
  }

  private static List<Answers> openLists(Situation it) {
    return it.answers().groups("lists").stream()
        .filter(list -> list.flag("open", false))
        .toList();
  }

  private static Test openTest(Situation it) {
    var lists = it.answers().groups("lists");
    var check = it.check("HW-OPEN").needs("lists");
    var anyOpen = !openLists(it).isEmpty();
    if (!anyOpen) {
      IntStream.range(0, lists.size()).forEach(i -> check.needs("lists/" + i + "/open"));
    }
    var allSaid = lists.stream().allMatch(list -> list.has("open"));
    return check
        .must(
            it.answers().has("lists") && (anyOpen || allSaid) ? Boolean.valueOf(anyOpen) : null,
            () -> "None of the lists asked for is open.")
        .orMet(() -> "Open: "
            + Wording.list(openLists(it).stream().map(list -> nameOf(list)).toList())
            + ".");
  }

  private static Test incomeTest(
      Situation it, Counted counted, IncomePicture income, Restated rent, Test open) {
    if (open.is(Outcome.NOT_MET)) {
      return Test.notApplicable("HW-INCOME", () -> "None of the lists asked for is open.");
    }
    if (!income.isKnown()) {
      return IncomeTest.gap("HW-INCOME", income);
    }
    var check = it.check("HW-INCOME").uses("lists").uses("monthlyRent");
    var lists = it.answers().groups("lists");
    for (var i = 0; i < lists.size(); i++) {
      if (open.is(Outcome.UNKNOWN)) {
        check.needs("lists/" + i + "/open");
      }
      if (lists.get(i).flag("open", false)) {
        check.needs("lists/" + i + "/incomePercent").needs("lists/" + i + "/code");
      }
    }
    var highest = openLists(it).stream()
        .map(list -> list.number("incomePercent"))
        .filter(percent -> percent != null)
        .max(Comparator.naturalOrder());
    var percentsKnown = openLists(it).stream().allMatch(list -> list.has("incomePercent"));
    if (open.is(Outcome.UNKNOWN) || highest.isEmpty() || !percentsKnown) {
      return check.needs("lists").orMet(() -> "");
    }
    var test = IncomeTest.atMost(
        "HW-INCOME",
        income,
        "a year",
        income::yearlyLow,
        income::yearlyHigh,
        () -> counted.middle(it.rates()).percent(highest.get()));
    var times = it.answers().groups("homelessTimes");
    for (var i = 0; i < times.size(); i++) {
      check.needs("homelessTimes/" + i + "/from");
    }
    var complete = check
        .lacks(rent.missing())
        .doubtIf(
            rent.contradicts(),
            () -> "The monthly rent said and the rent among the expenses differ.")
        .orMet(() -> "");
    return test.is(Outcome.MET) && complete.is(Outcome.UNKNOWN) ? complete : test;
  }

  private static List<Answers> reachable(Situation it, Counted counted, IncomePicture income) {
    var middle = counted.middle(it.rates());
    return openLists(it).stream()
        .filter(list -> income.yearlyHigh().isWithin(middle.percent(list.number("incomePercent"))))
        .toList();
  }

  private static Map<String, Object> amounts(List<Answers> lists, HousingPoints points) {
    var byGround = points.byGround();
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("lists", lists.stream().map(list -> list.text("code")).toList());
    amounts.put("points", byGround.values().stream().reduce(Amount.ZERO, Amount::plus));
    amounts.put("why", byGround);
    amounts.put("bedrooms", Amount.of(points.bedrooms()));
    return amounts;
  }

  private static List<Line> working(HousingPoints points) {
    var lines = new ArrayList<Line>();
    var total = Amount.ZERO;
    for (var ground : points.byGround().entrySet()) {
      lines.add(new Line(Wording.spoken(ground.getKey()), ground.getValue()));
      total = total.plus(ground.getValue());
    }
    lines.add(new Line("points in all", total));
    return lines;
  }
}
