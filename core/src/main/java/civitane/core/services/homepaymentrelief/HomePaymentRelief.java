package civitane.core.services.homepaymentrelief;

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
import civitane.core.reasons.Argument.Missing;
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
import civitane.core.time.Months;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Mortgage arrears of people who live in the home they own. */
public final class HomePaymentRelief implements Entitlement<HomePaymentReliefAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.LIVES_THERE);
  }

  @Override
  public List<ConsentTo> others() {
    return List.of(ConsentTo.LENDER);
  }

  @Override
  public String word() {
    return "homePaymentRelief";
  }

  @Override
  public Class<HomePaymentReliefAnswers> answers() {
    return HomePaymentReliefAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.days(40);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("missedMonths", "lender")
        .with(
            QuickCheck.Fact.POSTCODE,
            QuickCheck.Fact.PEOPLE,
            QuickCheck.Fact.INCOME,
            QuickCheck.Fact.OWNED);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = HomePaymentReliefTerms.of(rates);
    return List.of(
        IncomeChart.ofMiddle(Why.CHART_INCOME.with(), rates, terms.incomePercent()),
        IncomeChart.flat(Why.CHART_LIQUID.with(), Frequency.ONCE, terms.liquidLimit()),
        IncomeChart.flat(Why.CHART_PAID.with(), Frequency.ONCE, terms.cap()));
  }

  @Override
  public boolean concerns(Packet packet) {
    return packet.household().listedExpenses().stream()
        .anyMatch(expense -> expense.kind() == ExpenseKind.MORTGAGE);
  }

  @Override
  public HomePaymentReliefAids aids(Situation<HomePaymentReliefAnswers> it) {
    var within = HomePaymentReliefTerms.of(it.rates()).missedWithinMonths();
    var now = YearMonth.from(it.assessedOn());
    return new HomePaymentReliefAids(IntStream.range(0, within)
        .mapToObj(i -> now.minusMonths((long) within - i))
        .toList());
  }

  @Override
  public Result determine(Situation<HomePaymentReliefAnswers> it) {
    var terms = HomePaymentReliefTerms.of(it.rates());
    var answers = it.answers();
    var counted = it.counted(Counting.SHARED_MONEY.withFosterChildren().withExpectedChildren());
    var income = it.income(counted);
    var need = new LenderNeed(it, terms);
    var incomeCheck = incomeCheck(it, counted, income, terms);
    var takesPart = answers.lender() == null ? null : answers.lender().participates();
    return it.determination()
        .check(Residence.check(it))
        .check(missedCheck(it, terms))
        .check(otherHomesCheck(it))
        .check(mainCheck(it))
        .check(ownerCheck(it))
        .check(typeCheck(it))
        .check(hardshipCheck(it))
        .check(incomeCheck)
        .check(liquidCheck(it, counted, terms))
        .check(insolvencyCheck(it))
        .determineOnly(() -> signedCheck(it, counted))
        .check(lenderCheck(it, need, takesPart))
        .hold(!Boolean.TRUE.equals(takesPart), Hold.LENDER)
        .determineOnly(() -> IdentityRule.standard(it, it.household().applicant()))
        .determineOnly(() -> papers(it, counted, income).check())
        .note(
            need.differs(),
            () -> Why.LENDER_DIFFERS.with(Argument.percent(terms.differencePercent())))
        .note(need.isStale(), () -> Why.LENDER_FIGURE_OLD.with(Argument.days(terms.figureDays())))
        .notes(IncomeRule.notes(income, !incomeCheck.is(Outcome.UNKNOWN)))
        .amounts(need::amounts)
        .awards(() -> List.of(Award.money(Argument.once(need.award()), Recipient.LENDER)))
        .working(need.need() != null, need::lines)
        .result(word());
  }

  /** HP-MISSED: so many different months were missed among those before the month of assessment. */
  private static Check missedCheck(
      Situation<HomePaymentReliefAnswers> it, HomePaymentReliefTerms terms) {
    var said = it.answers().missedMonths();
    var check = it.check("HP-MISSED").needs("missedMonths", said);
    if (said == null) {
      return check.open();
    }
    var now = YearMonth.from(it.assessedOn());
    var missed = said.stream()
        .distinct()
        .filter(month -> Months.before(month, now) >= 1)
        .filter(month -> Months.before(month, now) <= terms.missedWithinMonths())
        .count();
    var within = Argument.months(terms.missedWithinMonths());
    var shown = Argument.months(missed);
    var needed = Argument.months(terms.missedFrom());
    return check
        .comparing(Amount.of(missed), Amount.of(terms.missedFrom()))
        .must(missed >= terms.missedFrom(), () -> Why.MISSED_TOO_FEW.with(within, shown, needed))
        .changedBy(() -> Why.MISSED_NEEDED.with(within, shown, needed))
        .orMet(() -> Why.MISSED.with(within, shown));
  }

  /** HP-ONE: no other home is owned at half or more. */
  private static Check otherHomesCheck(Situation<HomePaymentReliefAnswers> it) {
    var others = it.answers().otherHomes();
    return it.check("HP-ONE")
        .needs("otherHomes", others)
        .must(
            others == null ? null : others == 0,
            () -> Why.OTHER_HOMES.with(Argument.count(known(others))))
        .comparing(others == null ? null : Amount.of(others), others == null ? null : Amount.ZERO)
        .changedBy(Why.OTHER_HOMES_NONE::with)
        .orMet(Why.NO_OTHER_HOME::with);
  }

  /** HP-MAIN: it is where the household mainly lives. */
  private static Check mainCheck(Situation<HomePaymentReliefAnswers> it) {
    return it.check("HP-MAIN")
        .needs("mainResidence", it.answers().mainResidence())
        .must(it.answers().mainResidence(), Why.NOT_MAIN_HOME::with)
        .orMet(Why.MAIN_HOME::with);
  }

  /** HP-OWNER: people own it. */
  private static Check ownerCheck(Situation<HomePaymentReliefAnswers> it) {
    var owner = it.answers().ownerKind();
    return it.check("HP-OWNER")
        .needs("ownerKind", owner)
        .must(owner == null ? null : owner == OwnerKind.PEOPLE, Why.OWNED_BY_COMPANY::with)
        .orMet(Why.OWNED_BY_PEOPLE::with);
  }

  /** HP-TYPE: it is a home to live in. */
  private static Check typeCheck(Situation<HomePaymentReliefAnswers> it) {
    var type = it.answers().propertyType();
    return it.check("HP-TYPE")
        .needs("propertyType", type)
        .must(
            type == null ? null : type.isHome(), () -> Why.NO_HOME.with(Argument.term(known(type))))
        .orMet(() -> Why.A_HOME.with(Argument.term(known(type))));
  }

  private static Sum liquidOfAdults(Counted counted) {
    return counted.assets(
        AssetKind::isLiquid,
        id -> id == null
            || counted.includes(id)
                && counted.isAdult(counted.household().person(id).orElseThrow()));
  }

  /** HP-HARDSHIP: what brought the household into arrears is said. */
  private static Check hardshipCheck(Situation<HomePaymentReliefAnswers> it) {
    return Hardship.check(
        it, "HP-HARDSHIP", it.answers().hardship(), it.answers().hardshipText());
  }

  /** HP-INCOME: what comes in a year is within a share of the middle income of so many people. */
  private static Check incomeCheck(
      Situation<HomePaymentReliefAnswers> it,
      Counted counted,
      IncomePicture income,
      HomePaymentReliefTerms terms) {
    return IncomeRule.atMost(
        it,
        "HP-INCOME",
        income,
        Frequency.YEARLY,
        income::yearlyLow,
        income::yearlyHigh,
        () -> counted.middle(it.rates()).percent(terms.incomePercent()));
  }

  /** HP-LIQUID: the money that adults have at hand is within the limit. */
  private static Check liquidCheck(
      Situation<HomePaymentReliefAnswers> it, Counted counted, HomePaymentReliefTerms terms) {
    return AssetRule.atMost(
        it, "HP-LIQUID", counted, HomePaymentRelief::liquidOfAdults, terms.liquidLimit());
  }

  /** HP-INSOLVENCY: in an insolvency the trustee consents. */
  private static Check insolvencyCheck(Situation<HomePaymentReliefAnswers> it) {
    if (!it.answers().insolvency()) {
      return it.check("HP-INSOLVENCY").notApplicable(Why.NO_INSOLVENCY.with());
    }
    return it.check("HP-INSOLVENCY")
        .needs("trusteeConsents", it.answers().trusteeConsents())
        .doubtIf(Boolean.FALSE.equals(it.answers().trusteeConsents()), Why.TRUSTEE_NOT_YET::with)
        .orMet(Why.TRUSTEE_CONSENTS::with);
  }

  /** HP-SIGNED: every counted adult has signed with the name as given. */
  private static Check signedCheck(Situation<?> it, Counted counted) {
    var check = it.check("HP-SIGNED").usesFact("/signatures");
    var open = counted.adults().stream()
        .filter(adult -> !hasSigned(it, adult))
        .map(it::who)
        .toList();
    if (open.isEmpty()) {
      return check.met(Why.ALL_SIGNED.with());
    }
    return check
        .lacks(open.stream()
            .map(who -> new Missing("signature:" + who.id(), "wanted.signature", null, who))
            .sorted(Comparator.comparing(Missing::subject))
            .toList())
        .unknown(Why.STILL_TO_SIGN.with(new Argument.Several(open)));
  }

  private static boolean hasSigned(Situation<?> it, Person adult) {
    return it.packet().signatures().stream()
        .anyMatch(signature -> signature.person().equals(adult.id())
            && Names.compare(adult, signature.nameThatHolds()) == NameMatch.SAME);
  }

  /** HP-LENDER: the lender takes part; and what is due is known. */
  private static Check lenderCheck(
      Situation<HomePaymentReliefAnswers> it, LenderNeed need, @Nullable Boolean takesPart) {
    var check = it.check("HP-LENDER")
        .needs("lender/participates", takesPart)
        .uses("lenderFigure")
        .doubtIf(Boolean.FALSE.equals(takesPart), Why.LENDER_DOES_NOT::with);
    if (need.need() == null) {
      check.needs("amountDue", null);
    }
    if (need.isUndated()) {
      check.needs("lenderFigure/asOf", null);
    }
    return check.orMet(Why.LENDER_TAKES_PART::with);
  }

  private static PaperWants papers(
      Situation<HomePaymentReliefAnswers> it, Counted counted, IncomePicture income) {
    var papers = PaperWants.of(it)
        .incomes(income)
        .any(PaperKind.MORTGAGE_STATEMENT)
        .any(PaperKind.UTILITY_BILL)
        .eachAdult(counted, 2, PaperKind.BANK_STATEMENT);
    return it.answers().insolvency() ? papers.any(PaperKind.TRUSTEE_CONSENT) : papers;
  }
}
