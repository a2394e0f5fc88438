package civitane.core.services.housinglist;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Statement;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IncomeRule;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Restated;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.services.housinglist.HousingListAnswers.WaitingList;
import civitane.core.time.Ages;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;

import static civitane.core.facts.Known.known;

/** A place on the waiting lists for subsidised homes. */
public final class HousingList implements Entitlement<HousingListAnswers> {
  private static final Counting EVERYBODY =
      Counting.SHARED_MONEY.withFosterChildren().withAllKin().withExpectedChildren();

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.A_PLACE);
  }

  @Override
  public String word() {
    return "housingList";
  }

  @Override
  public Class<HousingListAnswers> answers() {
    return HousingListAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
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
  public HousingListAids aids(Situation<HousingListAnswers> it) {
    var counted = it.counted(EVERYBODY);
    var points =
        new HousingPoints(it, counted, it.income(counted), HousingListTerms.of(it.rates()), null);
    return new HousingListAids(
        points.strip(), counted.withoutBirthDate().isEmpty() ? points.bedrooms() : null);
  }

  @Override
  public Result determine(Situation<HousingListAnswers> it) {
    var terms = HousingListTerms.of(it.rates());
    var counted = it.counted(EVERYBODY);
    var income = it.income(counted);
    var rent = Restated.of(
        counted, it.answers().monthlyRent(), "monthlyRent", EnumSet.of(ExpenseKind.RENT));
    var points = new HousingPoints(it, counted, income, terms, rent.value());
    var open = openCheck(it);
    var incomeCheck = incomeCheck(it, counted, income, rent, open);
    var reachable =
        incomeCheck.is(Outcome.MET) ? reachable(it, counted, income) : List.<WaitingList>of();
    var leftOut = incomeCheck.is(Outcome.MET)
        ? it.answers().openLists().stream()
            .filter(list -> !reachable.contains(list))
            .toList()
        : List.<WaitingList>of();
    return it.determination()
        .check(adultCheck(it))
        .check(open)
        .check(incomeCheck)
        .determineOnly(() -> PaperWants.of(it).check())
        .note(!leftOut.isEmpty(), () -> Why.LISTS_LEFT_OUT.with(codes(leftOut)))
        .note(points.contradictsItself(), Why.HOMELESS_TIMES::with)
        .notes(IncomeRule.notes(income, !incomeCheck.is(Outcome.UNKNOWN)))
        .amounts(() -> amounts(reachable, points))
        .awards(() -> awards(it, reachable, points))
        .working(income.isKnown() && counted.withoutBirthDate().isEmpty(), () -> working(points))
        .result(word());
  }

  /** HW-ADULT: who applies is of age. */
  private static Check adultCheck(Situation<HousingListAnswers> it) {
    var applicant = it.household().applicant();
    var birth = applicant.birthDate();
    var who = it.who(applicant);
    return it.check("HW-ADULT")
        .needsFact(it.personPointer(applicant, "birthDate"), birth)
        .must(
            birth == null ? null : Ages.isAdult(birth, it.assessedOn()),
            () -> Why.NOT_ADULT.with(who, Argument.years(Ages.ADULT)))
        .orMet(() -> Why.ADULT.with(who, Argument.years(Ages.ADULT)));
  }

  private static Argument.Several codes(List<WaitingList> lists) {
    return Argument.allTold(
        lists.stream().map(list -> list.code() == null ? "?" : list.code()).toList());
  }

  /** HW-OPEN: at least one list asked for is open. */
  private static Check openCheck(Situation<HousingListAnswers> it) {
    var said = it.answers().lists();
    var lists = it.answers().asked();
    var open = it.answers().openLists();
    var check = it.check("HW-OPEN").needs("lists", said);
    if (open.isEmpty()) {
      for (var i = 0; i < lists.size(); i++) {
        check.needs("lists/" + i + "/open", lists.get(i).open());
      }
    }
    var allSaid = lists.stream().allMatch(list -> list.open() != null);
    return check
        .must(
            said != null && (!open.isEmpty() || allSaid) ? Boolean.valueOf(!open.isEmpty()) : null,
            Why.NO_LIST_OPEN::with)
        .orMet(() -> Why.LISTS_OPEN.with(codes(open)));
  }

  /** HW-INCOME: what comes in a year is within the highest limit of the open lists; and what only the points need. */
  private static Check incomeCheck(
      Situation<HousingListAnswers> it,
      Counted counted,
      IncomePicture income,
      Restated rent,
      Check open) {
    if (open.is(Outcome.NOT_MET)) {
      return it.check("HW-INCOME").ofIncome().notApplicable(Why.NO_LIST_OPEN.with());
    }
    if (!income.isKnown()) {
      return IncomeRule.gap(it, "HW-INCOME", income);
    }
    var check = it.check("HW-INCOME").ofIncome().uses("lists").uses("monthlyRent");
    var lists = it.answers().asked();
    for (var i = 0; i < lists.size(); i++) {
      if (open.is(Outcome.UNKNOWN)) {
        check.needs("lists/" + i + "/open", lists.get(i).open());
      }
      if (lists.get(i).isOpen()) {
        check
            .needs("lists/" + i + "/incomePercent", lists.get(i).incomePercent())
            .needs("lists/" + i + "/code", lists.get(i).code());
      }
    }
    var percents =
        it.answers().openLists().stream().map(WaitingList::incomePercent).toList();
    if (open.is(Outcome.UNKNOWN) || percents.isEmpty() || percents.contains(null)) {
      return check.needs("lists", it.answers().lists()).open();
    }
    var highest = percents.stream().max(Comparator.naturalOrder()).orElseThrow();
    var test = IncomeRule.atMost(
        it,
        "HW-INCOME",
        income,
        Frequency.YEARLY,
        income::yearlyLow,
        income::yearlyHigh,
        () -> counted.middle(it.rates()).percent(highest));
    var times = it.answers().homelessTimes();
    for (var i = 0; i < times.size(); i++) {
      check.needs("homelessTimes/" + i + "/from", times.get(i).from());
    }
    var complete = rent.wantedBy(check)
        .doubtIf(rent.contradicts(), Why.RENT_DIFFERS::with)
        .orMet(() -> test.reasons().get(0));
    return test.is(Outcome.MET) && complete.is(Outcome.UNKNOWN) ? complete : test;
  }

  private static List<WaitingList> reachable(
      Situation<HousingListAnswers> it, Counted counted, IncomePicture income) {
    var middle = counted.middle(it.rates());
    return it.answers().openLists().stream()
        .filter(list -> income.yearlyHigh().isWithin(middle.percent(known(list.incomePercent()))))
        .toList();
  }

  private static HousingListAmounts amounts(List<WaitingList> lists, HousingPoints points) {
    var byGround = points.byGround();
    return new HousingListAmounts(
        lists.stream().map(WaitingList::code).toList(),
        HousingPoints.total(byGround),
        byGround,
        points.bedrooms());
  }

  private static List<Award> awards(
      Situation<HousingListAnswers> it, List<WaitingList> lists, HousingPoints points) {
    var total = Argument.points(HousingPoints.total(points.byGround()));
    return lists.stream()
        .map(list -> Award.of(What.PLACE_ON_LIST, Recipient.HOUSEHOLD)
            .of(total)
            .from(it.lodgedOn())
            .with(Argument.told(known(list.code()))))
        .toList();
  }

  private static List<Line> working(HousingPoints points) {
    var lines = new ArrayList<Line>();
    var byGround = points.byGround();
    byGround.forEach((ground, number) ->
        lines.add(new Line(Why.LINE_GROUND.with(Argument.term(ground)), Argument.points(number))));
    lines.add(new Line(Why.LINE_POINTS.with(), Argument.points(HousingPoints.total(byGround))));
    return lines;
  }
}
