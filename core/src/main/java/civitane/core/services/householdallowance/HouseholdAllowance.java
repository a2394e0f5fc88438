package civitane.core.services.householdallowance;

import civitane.core.facts.Answers;
import civitane.core.facts.AssetKind;
import civitane.core.facts.PaperKind;
import civitane.core.identity.IdentityLevel;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.AssetTest;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeTest;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Residence;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A monthly allowance for a household that cannot meet its needs. */
public final class HouseholdAllowance implements Service {

  @Override
  public String word() {
    return "householdAllowance";
  }

  @Override
  public String title() {
    return "Household allowance";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(25);
  }

  /** Who has nothing at all gets an answer within the week. */
  @Override
  public StandardTime standardTime(Result lodged) {
    return lodged.isUrgent() ? StandardTime.workingDays(5) : standardTime();
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of()
        .with(
            QuickCheck.Fact.POSTCODE,
            QuickCheck.Fact.PEOPLE,
            QuickCheck.Fact.INCOME,
            QuickCheck.Fact.OWNED);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = HouseholdAllowanceTerms.of(rates);
    return List.of(
        IncomeChart.ofBaseMonthly("income before tax up to", rates, terms.grossPercent()),
        IncomeChart.ofBaseMonthly("after deductions up to", rates, terms.netPercent()),
        new IncomeChart(
            "paid at most",
            "a month",
            terms.maximumFirst(),
            terms.maximumEach(),
            terms.maximumEach()),
        IncomeChart.flat("owned up to", "in all", terms.resources()));
  }

  @Override
  public List<Question> questions() {
    return List.of(Question.group(
            "shelter",
            Question.of("rentOrMortgage", QuestionKind.MONEY)
                .otherwise("the rent and mortgage among the expenses")
                .calls("lease", "mortgageStatement", "tenancyProof"),
            Question.of("heating", QuestionKind.MONEY)
                .otherwise("the heating among the expenses")
                .calls("utilityBill"))
        .otherwise("the expenses"));
  }

  @Override
  public Result determine(Situation it) {
    var terms = HouseholdAllowanceTerms.of(it.rates());
    var counted = it.counted(Counting.SHARED_MONEY);
    var income = it.income(counted);
    var shelter = Optional.ofNullable(it.answers().group("shelter")).orElse(Answers.NONE);
    var deductions = new Deductions(counted, terms, shelter, it.pointer("shelter"));
    var urgent = urgent(income, counted, deductions, terms);
    var hastens = it.determines() && Boolean.TRUE.equals(urgent);
    var gross = grossTest(it, income, deductions, terms);
    var net = netTest(it, income, deductions, terms);
    var papers = papers(it, counted, income, deductions);
    var papersFollow = hastens && !papers.test().is(Outcome.MET);
    return it.determination()
        .test(Residence.test(it))
        .test(gross)
        .test(resourcesTest(it, counted, deductions, terms))
        .test(net)
        .determineOnly(() -> IdentityTest.reaching(
            it,
            Optional.of(it.household().applicant()),
            hastens ? IdentityLevel.PARTIAL : IdentityLevel.STANDARD))
        .determineOnly(() -> papersFollow
            ? Test.met("PAPERS", () -> "It is urgent, so the papers may follow.")
            : papers.test())
        .note(
            papersFollow,
            "papersFollow",
            () -> "The papers still wanted are to follow; what is paid is provisional.")
        .notes(IncomeTest.notes(income, !gross.is(Outcome.UNKNOWN) && !net.is(Outcome.UNKNOWN)))
        .known("urgent", urgent)
        .award(() -> amounts(it, income, deductions, terms, hastens))
        .working(() -> income.isKnown() && deductions.areKnown()
            ? working(income, deductions, terms)
            : List.of())
        .result(word());
  }

  private static Test grossTest(
      Situation it, IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    if (deductions.isOlderOrDisabled()) {
      return Test.notApplicable(
          "HA-GROSS", () -> "Somebody counted is disabled or " + terms.olderFrom() + " or older.");
    }
    return IncomeTest.atMost(
        "HA-GROSS",
        income,
        "a month",
        income::monthlyLow,
        income::monthlyHigh,
        () -> income.counted().base(it.rates()).percent(terms.grossPercent()).dividedBy(12));
  }

  private static Test netTest(
      Situation it, IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    if (!income.isKnown()) {
      return IncomeTest.gap("HA-NET", income);
    }
    if (!deductions.areKnown()) {
      return it.check("HA-NET")
          .uses("shelter")
          .lacks(deductions.missing())
          .doubtIf(
              deductions.rent().contradicts() || deductions.heating().contradicts(),
              () ->
                  "What the application says of rent, mortgage or heating and the expenses listed differ.")
          .orMet(() -> "");
    }
    return IncomeTest.atMost(
        "HA-NET",
        income,
        "a month after deductions",
        () -> deductions.net(income.monthlyLow(), income.earnedMonthlyLow()),
        () -> deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh()),
        () -> income.counted().base(it.rates()).percent(terms.netPercent()).dividedBy(12));
  }

  private static Test resourcesTest(
      Situation it, Counted counted, Deductions deductions, HouseholdAllowanceTerms terms) {
    return AssetTest.atMost(
        it,
        "HA-RESOURCES",
        counted,
        "Money at hand and vehicles",
        people -> people.liquid().plus(vehicles(people, terms)),
        deductions.isOlderOrDisabled() ? terms.resourcesOlder() : terms.resources());
  }

  /** Vehicles: of the household's first only what is above the part left out, each further one whole. */
  private static Sum vehicles(Counted counted, HouseholdAllowanceTerms terms) {
    var sum = Sum.ZERO;
    var first = true;
    var assets = counted.household().assets();
    for (var i = 0; i < assets.size(); i++) {
      var asset = assets.get(i);
      if (asset.kind() != AssetKind.VEHICLE
          || asset.person() != null && !counted.includes(asset.person())) {
        continue;
      }
      if (asset.value() == null) {
        sum = sum.missing("/household/assets/" + i + "/value");
      } else {
        sum = sum.plus(
            first ? asset.value().minus(terms.vehicleDisregard()).notBelowZero() : asset.value());
      }
      first = false;
    }
    return sum;
  }

  /** Whether help can't wait; null while it can't be told. With disputed income both ends must agree. */
  private static @Nullable Boolean urgent(
      IncomePicture income, Counted counted, Deductions deductions, HouseholdAllowanceTerms terms) {
    var liquid = counted.liquid();
    if (!income.isKnown() || !liquid.isKnown()) {
      return null;
    }
    var high = isUrgentWith(income.monthlyHigh(), liquid.known(), deductions, terms);
    var low = income.isDisputed()
        ? isUrgentWith(income.monthlyLow(), liquid.known(), deductions, terms)
        : high;
    return high == low ? high : null;
  }

  private static @Nullable Boolean isUrgentWith(
      Amount monthly, Amount liquid, Deductions deductions, HouseholdAllowanceTerms terms) {
    if (terms.urgentIncomeUnder().isAbove(monthly) && terms.urgentLiquidUnder().isAbove(liquid)) {
      return Boolean.TRUE;
    }
    return deductions.knowsShelter()
        ? Boolean.valueOf(deductions.shelter().isAbove(monthly.plus(liquid)))
        : null;
  }

  private static PaperWants papers(
      Situation it, Counted counted, IncomePicture income, Deductions deductions) {
    var papers = PaperWants.of(it).incomes(income);
    if (counted.household().assets().stream()
        .anyMatch(asset -> asset.kind().isLiquid()
            && (asset.person() == null || counted.includes(asset.person())))) {
      papers.eachAdult(counted, 1, PaperKind.BANK_STATEMENT);
    }
    if (deductions.rent().value() != null && deductions.rent().value().isPositive()) {
      papers.any(PaperKind.LEASE, PaperKind.MORTGAGE_STATEMENT, PaperKind.TENANCY_PROOF);
    }
    if (deductions.heating().value() != null && deductions.heating().value().isPositive()) {
      papers.any(PaperKind.UTILITY_BILL);
    }
    return papers;
  }

  private static Amount monthly(
      IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    var net = deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh());
    return terms
        .maximum(income.counted().size())
        .minus(net.percent(terms.contributionPercent()).ceil())
        .atLeast(terms.minimum());
  }

  private static Map<String, Object> amounts(
      Situation it,
      IncomePicture income,
      Deductions deductions,
      HouseholdAllowanceTerms terms,
      boolean provisional) {
    var monthly = monthly(income, deductions, terms);
    var daysOfMonth = it.assessedOn().lengthOfMonth();
    var daysLeft = daysOfMonth - it.assessedOn().getDayOfMonth() + 1;
    var firstMonth = monthly.times(daysLeft).dividedBy(daysOfMonth).floor();
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("gross", income.monthlyHigh());
    amounts.put("net", deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh()));
    amounts.put("monthly", monthly);
    amounts.put(
        "firstMonth", terms.smallestFirstMonth().isAbove(firstMonth) ? Amount.ZERO : firstMonth);
    amounts.put("provisional", provisional);
    amounts.put("until", it.assessedOn().plusMonths(terms.renewMonths()));
    return amounts;
  }

  private static List<Line> working(
      IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    var lines = new ArrayList<>(deductions.lines(income.monthlyHigh(), income.earnedMonthlyHigh()));
    var net = deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh());
    lines.add(
        new Line("Maximum for the household", terms.maximum(income.counted().size())));
    lines.add(new Line(
        "Own contribution, " + terms.contributionPercent().plain() + " % of the net income",
        net.percent(terms.contributionPercent()).ceil().negated()));
    lines.add(new Line("Allowance a month", monthly(income, deductions, terms)));
    return lines;
  }
}
