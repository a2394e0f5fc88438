package civitane.core.services.rentrelief;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.facts.AssetKind;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.facts.Statement;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
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
import civitane.core.rules.Hardship;
import civitane.core.rules.Hold;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeRule;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Residence;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Rent owed, and rent to come, paid to the landlord. */
public final class RentRelief implements Entitlement<RentReliefAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.RENT_OWED);
  }

  @Override
  public List<ConsentTo> others() {
    return List.of(ConsentTo.LANDLORD);
  }

  @Override
  public String word() {
    return "rentRelief";
  }

  @Override
  public Class<RentReliefAnswers> answers() {
    return RentReliefAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(28);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("monthlyRent", "arrears", "comingMonths", "hardship", "hardshipText")
        .with(
            QuickCheck.Fact.POSTCODE,
            QuickCheck.Fact.PEOPLE,
            QuickCheck.Fact.INCOME,
            QuickCheck.Fact.OWNED);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = RentReliefTerms.of(rates);
    return List.of(
        IncomeChart.ofMiddle(Why.CHART_INCOME.with(), rates, terms.incomePercent()),
        IncomeChart.flat(Why.CHART_OWNED.with(), Frequency.ONCE, terms.assetLimit()),
        IncomeChart.flat(Why.CHART_PAID.with(), Frequency.ONCE, terms.cap()));
  }

  @Override
  public boolean concerns(Packet packet) {
    return packet.household().listedExpenses().stream()
        .anyMatch(expense -> expense.kind() == ExpenseKind.RENT);
  }

  /** One month's rent to come, so that it is the income that decides. */
  @Override
  public RentReliefAnswers presumed(Packet packet) {
    return new RentReliefAnswers(null, List.of(), 1, null, null, false, null, null, null);
  }

  @Override
  public RentReliefAids aids(Situation<RentReliefAnswers> it) {
    var terms = RentReliefTerms.of(it.rates());
    return new RentReliefAids(
        new RentNeed(it, it.counted(Counting.SHARED_MONEY), terms).allowedMonths());
  }

  @Override
  public Result determine(Situation<RentReliefAnswers> it) {
    var terms = RentReliefTerms.of(it.rates());
    var counted = it.counted(Counting.SHARED_MONEY);
    var income = it.income(counted);
    var need = new RentNeed(it, counted, terms);
    var incomeCheck = incomeCheck(it, income, terms);
    var payee = payeeCheck(it, terms);
    return it.determination()
        .check(Residence.check(it))
        .check(leaseCheck(it, counted))
        .check(hardshipCheck(it))
        .check(incomeCheck)
        .check(AssetRule.atMost(it, "RR-ASSETS", counted, RentRelief::assets, terms.assetLimit()))
        .check(need.check())
        .check(payee)
        .hold(payee.is(Outcome.UNKNOWN), Hold.LANDLORD)
        .determineOnly(() -> IdentityRule.standard(it, it.household().applicant()))
        .determineOnly(() -> papers(it, counted, income, need).check())
        .note(
            need.leavesOutMonths(),
            () -> Why.MONTHS_LEFT_OUT.with(Argument.months(terms.backMonths() - 1)))
        .notes(IncomeRule.notes(income, !incomeCheck.is(Outcome.UNKNOWN)))
        .amounts(() -> need.amounts(payee(it)))
        .awards(() -> List.of(Award.money(
            Argument.once(need.amounts(payee(it)).award()),
            agrees(it) ? Recipient.LANDLORD : Recipient.HOUSEHOLD)))
        .working(need.isKnown(), need::lines)
        .result(word());
  }

  /** RR-LEASE: one of the counted adults stands on the lease, and nobody who does not live here. */
  private static Check leaseCheck(Situation<RentReliefAnswers> it, Counted counted) {
    var said = it.answers().leaseNames();
    var names = said == null ? List.<String>of() : said;
    var ours = names.stream()
        .anyMatch(name -> counted.adults().stream().anyMatch(adult -> isName(adult, name)));
    var strangers = names.stream()
        .filter(name ->
            it.household().people().stream().noneMatch(who -> who.livesHere() && isName(who, name)))
        .toList();
    return it.check("RR-LEASE")
        .needs("leaseNames", said)
        .usesFact("/household/people")
        .doubtIf(said != null && names.isEmpty(), Why.LEASE_EMPTY::with)
        .doubtIf(!names.isEmpty() && !ours, Why.LEASE_NONE_OF_US::with)
        .doubtIf(!strangers.isEmpty(), () -> Why.LEASE_STRANGERS.with(Argument.allTold(strangers)))
        .orMet(Why.LEASE_ALL_LIVE_HERE::with);
  }

  private static boolean isName(Person person, String name) {
    var match = Names.compare(person, name);
    return match == NameMatch.SAME || match == NameMatch.CLOSE;
  }

  /** RR-HARDSHIP: what brought the household into arrears is said. */
  private static Check hardshipCheck(Situation<RentReliefAnswers> it) {
    return Hardship.check(
        it, "RR-HARDSHIP", it.answers().hardship(), it.answers().hardshipText());
  }

  /** RR-INCOME: what comes in a year, less childcare and high medical costs, is within a share of the middle income. */
  private static Check incomeCheck(Situation<?> it, IncomePicture income, RentReliefTerms terms) {
    var childcare = income.counted().yearly(EnumSet.of(ExpenseKind.CHILDCARE));
    var medical = income.counted().yearly(EnumSet.of(ExpenseKind.MEDICAL));
    var costs = childcare.plus(medical);
    if (income.isKnown() && !costs.isKnown()) {
      var check = it.check("RR-INCOME").ofIncome().usesFact("/household/expenses");
      costs.missing().forEach(pointer -> check.needsFact(pointer, null));
      return check.open();
    }
    return IncomeRule.atMost(
        it,
        "RR-INCOME",
        income,
        Frequency.YEARLY,
        () -> adjusted(income.yearlyLow(), childcare.known(), medical.known(), terms),
        () -> adjusted(income.yearlyHigh(), childcare.known(), medical.known(), terms),
        () -> income.counted().middle(it.rates()).percent(terms.incomePercent()));
  }

  private static Amount adjusted(
      Amount yearly, Amount childcare, Amount medical, RentReliefTerms terms) {
    return yearly
        .minus(childcare)
        .minus(medical.minus(yearly.percent(terms.medicalPercent())).notBelowZero());
  }

  /** RR-ASSETS: what counted adults own, without retirement savings and each adult's first vehicle, is within the limit. */
  private static Sum assets(Counted counted) {
    var sum = counted.noAssetsYet();
    var haveVehicle = new HashSet<String>();
    var assets = counted.household().listedAssets();
    for (var i = 0; i < assets.size(); i++) {
      var asset = assets.get(i);
      if (asset.kind() == AssetKind.RETIREMENT || !isAdults(counted, asset.person())) {
        continue;
      }
      if (asset.kind() == AssetKind.VEHICLE && haveVehicle.add(String.valueOf(asset.person()))) {
        continue;
      }
      sum = asset.value() == null
          ? sum.missing("/household/assets/" + i + "/value")
          : sum.plus(asset.value());
    }
    return sum;
  }

  private static boolean isAdults(Counted counted, @Nullable String person) {
    return person == null
        || counted.includes(person)
            && counted.isAdult(counted.household().person(person).orElseThrow());
  }

  /** RR-PAYEE: the landlord agrees to be paid, or had the time to and did not. */
  private static Check payeeCheck(Situation<RentReliefAnswers> it, RentReliefTerms terms) {
    var check = it.check("RR-PAYEE").uses("landlord");
    if (agrees(it)) {
      return check.met(Why.LANDLORD_AGREES.with());
    }
    if (isTenantPaid(it, terms)) {
      return check.met(Why.LANDLORD_SILENT.with(Argument.days(terms.landlordDays())));
    }
    return check.lacks(List.of(it.missing("landlord/agrees"))).unknown(Why.LANDLORD_OPEN.with());
  }

  private static boolean agrees(Situation<RentReliefAnswers> it) {
    var landlord = it.answers().landlord();
    return landlord != null && Boolean.TRUE.equals(landlord.agrees());
  }

  private static Payee payee(Situation<RentReliefAnswers> it) {
    return agrees(it) ? Payee.LANDLORD : Payee.TENANT;
  }

  private static boolean isTenantPaid(Situation<RentReliefAnswers> it, RentReliefTerms terms) {
    var landlord = it.answers().landlord();
    var askedOn = landlord == null ? null : landlord.askedOn();
    return askedOn != null && !askedOn.plusDays(terms.landlordDays()).isAfter(it.asOf());
  }

  private static PaperWants papers(
      Situation<RentReliefAnswers> it, Counted counted, IncomePicture income, RentNeed need) {
    var papers = PaperWants.of(it)
        .incomes(income)
        .eachAdult(counted, 1, PaperKind.ASSET_STATEMENT, PaperKind.BANK_STATEMENT)
        .any(PaperKind.LEASE, PaperKind.TENANCY_PROOF);
    onLease(it).forEach(papers::photoIdentity);
    return need.asksForArrears() ? papers.any(PaperKind.ARREARS_NOTICE) : papers;
  }

  private static List<Person> onLease(Situation<RentReliefAnswers> it) {
    var names = it.answers().leaseNames();
    return names == null
        ? List.of()
        : it.household().inOrder().stream()
            .filter(person ->
                person.livesHere() && names.stream().anyMatch(name -> isName(person, name)))
            .toList();
  }
}
