package civitane.core.services.householdallowance;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.facts.AssetKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Statement;
import civitane.core.identity.IdentityLevel;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.AssetRule;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeRule;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Residence;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.services.householdallowance.HouseholdAllowanceAnswers.Shelter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** A monthly allowance for a household that cannot meet its needs. */
public final class HouseholdAllowance implements Entitlement<HouseholdAllowanceAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.REPAY);
  }

  @Override
  public String word() {
    return "householdAllowance";
  }

  @Override
  public Class<HouseholdAllowanceAnswers> answers() {
    return HouseholdAllowanceAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(25);
  }

  /** Who has nothing at all gets an answer within the week. */
  @Override
  public StandardTime standardTime(Result lodged) {
    return lodged.urgent() ? StandardTime.workingDays(5) : standardTime();
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
        IncomeChart.ofBaseMonthly(Why.CHART_GROSS.with(), rates, terms.grossPercent()),
        IncomeChart.ofBaseMonthly(Why.CHART_NET.with(), rates, terms.netPercent()),
        new IncomeChart(
            Why.CHART_PAID.with(),
            Frequency.MONTHLY,
            terms.maximumFirst(),
            terms.maximumEach(),
            terms.maximumEach()),
        IncomeChart.flat(Why.CHART_OWNED.with(), Frequency.ONCE, terms.resources()));
  }

  @Override
  public Result determine(Situation<HouseholdAllowanceAnswers> it) {
    var terms = HouseholdAllowanceTerms.of(it.rates());
    var counted = it.counted(Counting.SHARED_MONEY);
    var income = it.income(counted);
    var said = it.answers().shelter();
    var deductions = new Deductions(counted, terms, said == null ? Shelter.NOT_SAID : said);
    var urgent = urgent(income, counted, deductions, terms);
    var hastens = it.determines() && Boolean.TRUE.equals(urgent);
    var gross = grossCheck(it, income, deductions, terms);
    var net = netCheck(it, income, deductions, terms);
    var papers = papers(it, counted, income, deductions);
    var papersFollow = hastens && !papers.areComplete();
    return it.determination()
        .check(Residence.check(it))
        .check(gross)
        .check(resourcesCheck(it, counted, deductions, terms))
        .check(net)
        .determineOnly(() -> IdentityRule.reaching(
            it,
            Optional.of(it.household().applicant()),
            hastens ? IdentityLevel.PARTIAL : IdentityLevel.STANDARD))
        .determineOnly(() ->
            papersFollow ? it.check("PAPERS").met(Why.PAPERS_MAY_FOLLOW.with()) : papers.check())
        .note(papersFollow, Why.PAPERS_FOLLOW::with)
        .notes(IncomeRule.notes(income, !gross.is(Outcome.UNKNOWN) && !net.is(Outcome.UNKNOWN)))
        .urgent(Boolean.TRUE.equals(urgent))
        .known(HouseholdAllowanceAmounts.knowing(urgent))
        .amounts(() -> amounts(it, income, deductions, terms, urgent, hastens))
        .awards(() -> awards(it, amounts(it, income, deductions, terms, urgent, hastens)))
        .working(
            income.isKnown() && deductions.areKnown(), () -> working(income, deductions, terms))
        .result(word());
  }

  /** HA-GROSS: what comes in a month, before deductions, is within a share of the base income; not asked of older or disabled households. */
  private static Check grossCheck(
      Situation<?> it, IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    if (deductions.isOlderOrDisabled()) {
      return it.check("HA-GROSS")
          .ofIncome()
          .notApplicable(Why.GROSS_NOT_ASKED.with(Argument.years(terms.olderFrom())));
    }
    return IncomeRule.atMost(
        it,
        "HA-GROSS",
        income,
        Frequency.MONTHLY,
        income::monthlyLow,
        income::monthlyHigh,
        () -> income.counted().base(it.rates()).percent(terms.grossPercent()).dividedBy(12));
  }

  /** HA-NET: what is left of it after deductions is within a smaller share of the base income. */
  private static Check netCheck(
      Situation<?> it, IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    if (!income.isKnown()) {
      return IncomeRule.gap(it, "HA-NET", income);
    }
    if (!deductions.areKnown()) {
      return deductions
          .wantedBy(it.check("HA-NET").ofIncome().uses("shelter"))
          .doubtIf(
              deductions.rent().contradicts() || deductions.heating().contradicts(),
              Why.SHELTER_DIFFERS::with)
          .open();
    }
    return IncomeRule.atMost(
        it,
        "HA-NET",
        income,
        Frequency.MONTHLY,
        () -> deductions.net(income.monthlyLow(), income.earnedMonthlyLow()),
        () -> deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh()),
        () -> income.counted().base(it.rates()).percent(terms.netPercent()).dividedBy(12));
  }

  /** HA-RESOURCES: money at hand and vehicles are within the limit. An age that is not known matters only between the two limits. */
  private static Check resourcesCheck(
      Situation<?> it, Counted counted, Deductions deductions, HouseholdAllowanceTerms terms) {
    var owned = counted.liquid().plus(vehicles(counted, terms));
    var mayBeOlder =
        !deductions.isOlderOrDisabled() && !counted.withoutBirthDate().isEmpty();
    if (mayBeOlder
        && owned.known().isAbove(terms.resources())
        && owned.known().isWithin(terms.resourcesOlder())) {
      var check = it.check("HA-RESOURCES").usesFact("/household/assets");
      counted
          .withoutBirthDate()
          .forEach(person -> check.needsFact(it.personPointer(person, "birthDate"), null));
      return check.open();
    }
    var older = deductions.isOlderOrDisabled()
        || mayBeOlder && owned.known().isAbove(terms.resourcesOlder());
    return AssetRule.atMost(
        it,
        "HA-RESOURCES",
        counted,
        people -> owned,
        older ? terms.resourcesOlder() : terms.resources());
  }

  /** Vehicles: of the household's first only what is above the part left out, each further one whole. */
  private static Sum vehicles(Counted counted, HouseholdAllowanceTerms terms) {
    var sum = Sum.ZERO;
    var first = true;
    var assets = counted.household().listedAssets();
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
      Situation<?> it, Counted counted, IncomePicture income, Deductions deductions) {
    var papers = PaperWants.of(it).incomes(income);
    if (counted.household().listedAssets().stream()
        .anyMatch(asset -> asset.kind().isLiquid()
            && (asset.person() == null || counted.includes(asset.person())))) {
      papers.eachAdult(counted, 1, PaperKind.BANK_STATEMENT);
    }
    if (isPositive(deductions.rent().value())) {
      papers.any(PaperKind.LEASE, PaperKind.MORTGAGE_STATEMENT, PaperKind.TENANCY_PROOF);
    }
    if (isPositive(deductions.heating().value())) {
      papers.any(PaperKind.UTILITY_BILL);
    }
    return papers;
  }

  private static boolean isPositive(@Nullable Amount amount) {
    return amount != null && amount.isPositive();
  }

  private static Amount monthly(
      IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    var net = deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh());
    return terms
        .maximum(income.counted().size())
        .minus(net.percent(terms.contributionPercent()).ceil())
        .atLeast(terms.minimum());
  }

  private static HouseholdAllowanceAmounts amounts(
      Situation<?> it,
      IncomePicture income,
      Deductions deductions,
      HouseholdAllowanceTerms terms,
      @Nullable Boolean urgent,
      boolean provisional) {
    var monthly = monthly(income, deductions, terms);
    var daysOfMonth = it.assessedOn().lengthOfMonth();
    var daysLeft = daysOfMonth - it.assessedOn().getDayOfMonth() + 1;
    var firstMonth = monthly.times(daysLeft).dividedBy(daysOfMonth).floor();
    return new HouseholdAllowanceAmounts(
        income.monthlyHigh(),
        deductions.net(income.monthlyHigh(), income.earnedMonthlyHigh()),
        monthly,
        terms.smallestFirstMonth().isAbove(firstMonth) ? Amount.ZERO : firstMonth,
        urgent,
        provisional,
        it.assessedOn().plusMonths(terms.renewMonths()));
  }

  private static List<Award> awards(Situation<?> it, HouseholdAllowanceAmounts amounts) {
    var awards = new ArrayList<Award>();
    var nextMonth = it.assessedOn().with(TemporalAdjusters.firstDayOfNextMonth());
    if (known(amounts.firstMonth()).isPositive()) {
      awards.add(Award.money(Argument.once(known(amounts.firstMonth())), Recipient.HOUSEHOLD)
          .from(it.assessedOn())
          .until(nextMonth.minusDays(1)));
    }
    awards.add(Award.money(Argument.monthly(known(amounts.monthly())), Recipient.HOUSEHOLD)
        .from(nextMonth)
        .until(amounts.until()));
    return awards;
  }

  private static List<Line> working(
      IncomePicture income, Deductions deductions, HouseholdAllowanceTerms terms) {
    var lines = deductions.lines(income.monthlyHigh(), income.earnedMonthlyHigh());
    lines.add(
        new Line(Why.LINE_MONTHLY.with(), Argument.monthly(monthly(income, deductions, terms))));
    return lines;
  }
}
