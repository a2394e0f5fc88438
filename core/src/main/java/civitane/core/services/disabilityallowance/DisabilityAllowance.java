package civitane.core.services.disabilityallowance;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Frequency;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.facts.Statement;
import civitane.core.income.Counted;
import civitane.core.income.CountedIncome;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeRule;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import static civitane.core.facts.Known.known;

/** A monthly allowance for a person of working age with a certified disability. */
public final class DisabilityAllowance implements Entitlement<DisabilityAllowanceAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.REPAY);
  }

  @Override
  public List<ConsentTo> others() {
    return List.of(ConsentTo.DOCTOR);
  }

  @Override
  public String word() {
    return "disabilityAllowance";
  }

  @Override
  public Class<DisabilityAllowanceAnswers> answers() {
    return DisabilityAllowanceAnswers.class;
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
    return QuickCheck.of("person", "certificate")
        .with(QuickCheck.Fact.PEOPLE, QuickCheck.Fact.INCOME);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = DisabilityAllowanceTerms.of(rates);
    var charts = new ArrayList<IncomeChart>();
    charts.add(IncomeChart.ofBase(Why.CHART_INCOME.with(), rates, terms.incomePercent()));
    terms
        .bands()
        .forEach(band -> charts.add(IncomeChart.flat(
            Why.CHART_BAND.with(Argument.percent(band.from())), Frequency.MONTHLY, band.amount())));
    return charts;
  }

  @Override
  public boolean concerns(Packet packet) {
    return packet.household().people().stream().anyMatch(Person::disabled);
  }

  @Override
  public DisabilityAllowanceAnswers presumed(Packet packet) {
    return new DisabilityAllowanceAnswers(
        packet.household().people().stream()
            .filter(Person::disabled)
            .findFirst()
            .map(Person::id)
            .orElse(null),
        null);
  }

  @Override
  public Result determine(Situation<DisabilityAllowanceAnswers> it) {
    var terms = DisabilityAllowanceTerms.of(it.rates());
    var person = it.person(it.answers().person());
    var counting = Counting.SHARED_MONEY;
    var counted = it.counted(person.map(who -> counting.alwaysWith(who.id())).orElse(counting));
    var income = it.income(counted);
    var incomeCheck = incomeCheck(it, counted, income, terms);
    return it.determination()
        .check(ageCheck(it, person, terms))
        .check(certificateCheck(it, terms))
        .route(it.answers().hasNoCertificate() || isExpired(it), Route.ASSESSMENT)
        .check(percentCheck(it, terms))
        .check(incomeCheck)
        .check(workCheck(it, person, income, terms))
        .determineOnly(() -> IdentityRule.standard(it, person))
        .determineOnly(() -> PaperWants.of(it)
            .any(PaperKind.DISABILITY_CERTIFICATE)
            .any(PaperKind.PHOTO)
            .incomes(income)
            .check())
        .notes(IncomeRule.notes(income, !incomeCheck.is(Outcome.UNKNOWN)))
        .amounts(() -> amounts(it, person.orElseThrow(), income, terms))
        .awards(() -> awards(it, person.orElseThrow(), income, terms))
        .working(isKnown(it, person, income, terms), () -> working(it, person.get(), income, terms))
        .result(word());
  }

  private static boolean isExpired(Situation<DisabilityAllowanceAnswers> it) {
    var expires = it.answers().shown().expiresOn();
    return expires != null && expires.isBefore(it.asOf());
  }

  /** DA-AGE: the person is of working age. */
  private static Check ageCheck(
      Situation<DisabilityAllowanceAnswers> it,
      Optional<Person> person,
      DisabilityAllowanceTerms terms) {
    var check = it.check("DA-AGE").needs("person", it.answers().person());
    if (person.isEmpty()) {
      return check.open();
    }
    var birth = person.get().birthDate();
    check.needsFact(it.personPointer(person.get(), "birthDate"), birth);
    if (birth == null) {
      return check.open();
    }
    var age = Ages.completedYears(birth, it.assessedOn());
    var who = it.who(person.get());
    var from = Argument.years(terms.ageFrom());
    var to = Argument.years(terms.ageTo());
    return check
        .must(
            age >= terms.ageFrom() && age <= terms.ageTo(),
            () -> Why.AGE_OUTSIDE.with(who, Argument.years(age), from, to))
        .comparing(Amount.of(age), null)
        .orMet(() -> Why.AGE_WITHIN.with(who, Argument.years(age), from, to));
  }

  /** DA-CERT: a recognised office issued the certificate, and it is in force. */
  private static Check certificateCheck(
      Situation<DisabilityAllowanceAnswers> it, DisabilityAllowanceTerms terms) {
    if (it.answers().hasNoCertificate()) {
      return it.check("DA-CERT").uses("certificate").unknown(Why.NO_CERTIFICATE.with());
    }
    var shown = it.answers().shown();
    return it.check("DA-CERT")
        .needs("certificate/issuer", shown.issuer())
        .needs("certificate/issuedOn", shown.issuedOn())
        .uses("certificate/expiresOn")
        .must(
            shown.issuer() == null ? null : terms.issuers().contains(shown.issuer()),
            Why.ISSUER_NOT_RECOGNISED::with)
        .must(
            shown.issuedOn() == null ? null : !shown.issuedOn().isAfter(it.asOf()),
            () -> Why.CERTIFICATE_TO_COME.with(Argument.day(known(shown.issuedOn()))))
        .doubtIf(
            isExpired(it), () -> Why.CERTIFICATE_ENDED.with(Argument.day(known(shown.expiresOn()))))
        .orMet(Why.CERTIFICATE_IN_FORCE::with);
  }

  /** DA-PERCENT: the certificate says at least so many per cent. */
  private static Check percentCheck(
      Situation<DisabilityAllowanceAnswers> it, DisabilityAllowanceTerms terms) {
    var percent = it.answers().shown().percent();
    var check = it.check("DA-PERCENT").needs("certificate/percent", percent);
    if (percent == null) {
      return check.open();
    }
    var needed = terms.percentFrom();
    return check
        .comparing(percent, needed)
        .must(
            needed.isWithin(percent),
            () -> Why.PERCENT_TOO_LOW.with(Argument.percent(percent), Argument.percent(needed)))
        .changedBy(() -> Why.PERCENT_MORE.with(Argument.percent(needed.minus(percent))))
        .orMet(() -> Why.PERCENT_ENOUGH.with(Argument.percent(percent), Argument.percent(needed)));
  }

  /** DA-INCOME: what comes in a year is within a share of what the counted people need. */
  private static Check incomeCheck(
      Situation<DisabilityAllowanceAnswers> it,
      Counted counted,
      IncomePicture income,
      DisabilityAllowanceTerms terms) {
    return IncomeRule.atMost(
        it,
        "DA-INCOME",
        income,
        Frequency.YEARLY,
        income::yearlyLow,
        income::yearlyHigh,
        () -> counted.base(it.rates()).percent(terms.incomePercent()));
  }

  /** DA-WORK: something is left after what the person's own earnings take off; gaps and disputes of others do not matter. */
  private static Check workCheck(
      Situation<DisabilityAllowanceAnswers> it,
      Optional<Person> person,
      IncomePicture income,
      DisabilityAllowanceTerms terms) {
    var percent = it.answers().shown().percent();
    if (person.isEmpty()) {
      return it.check("DA-WORK")
          .needs("person", null)
          .needs("certificate/percent", percent)
          .open();
    }
    var own = income.of(person.get());
    if (!own.isKnown()) {
      return IncomeRule.gap(it, "DA-WORK", own);
    }
    if (percent == null) {
      return it.check("DA-WORK").needs("certificate/percent", null).open();
    }
    var band = terms.band(percent);
    if (band.isEmpty()) {
      return it.check("DA-WORK")
          .uses("certificate/percent")
          .notMet(Why.NO_BAND.with(Argument.percent(percent)));
    }
    var full = Argument.monthly(band.get());
    var check = IncomeRule.of(it, "DA-WORK", own);
    var least = left(band.get(), own.earnedMonthlyHigh(), terms);
    if (least.isPositive()) {
      return check.comparing(least, Amount.ZERO).met(Why.LEFT.with(Argument.monthly(least), full));
    }
    if (own.isDisputed() && left(band.get(), own.earnedMonthlyLow(), terms).isPositive()) {
      return IncomeRule.disputed(it, "DA-WORK", own, Why.EARNINGS_DISPUTED.with());
    }
    return check
        .comparing(Amount.ZERO, Amount.ZERO)
        .must(false, () -> Why.NOTHING_LEFT.with(full))
        .changedBy(() -> Why.EARN_LESS.with(
            Argument.monthly(tooMuch(band.get(), own.earnedMonthlyLow(), terms))))
        .open();
  }

  private static Amount left(Amount band, Amount earnings, DisabilityAllowanceTerms terms) {
    return band.minus(
            earnings.minus(terms.earningsFree()).notBelowZero().percent(terms.taperPercent()))
        .floor()
        .notBelowZero();
  }

  /** By how much the earnings must fall for one euro to be left. */
  private static Amount tooMuch(Amount band, Amount earnings, DisabilityAllowanceTerms terms) {
    var most = terms
        .earningsFree()
        .plus(
            band.minus(Amount.of(1)).times(100).dividedBy(terms.taperPercent()).floor2());
    return earnings.minus(most);
  }

  private static DisabilityAllowanceAmounts amounts(
      Situation<DisabilityAllowanceAnswers> it,
      Person person,
      IncomePicture income,
      DisabilityAllowanceTerms terms) {
    var band = terms.band(known(it.answers().shown().percent())).orElseThrow();
    return new DisabilityAllowanceAmounts(
        left(band, income.of(person).earnedMonthlyHigh(), terms), reviewOn(it, terms));
  }

  private static LocalDate reviewOn(
      Situation<DisabilityAllowanceAnswers> it, DisabilityAllowanceTerms terms) {
    var expires = it.answers().shown().expiresOn();
    var later = it.assessedOn().plusYears(terms.reviewYears());
    return expires != null && expires.isBefore(later) ? expires : later;
  }

  private static List<Award> awards(
      Situation<DisabilityAllowanceAnswers> it,
      Person person,
      IncomePicture income,
      DisabilityAllowanceTerms terms) {
    var amounts = amounts(it, person, income, terms);
    return List.of(Award.money(Argument.monthly(amounts.monthly()), Recipient.HOUSEHOLD)
        .from(it.assessedOn())
        .until(amounts.reviewOn())
        .forWhom(it.who(person)));
  }

  private static boolean isKnown(
      Situation<DisabilityAllowanceAnswers> it,
      Optional<Person> person,
      IncomePicture income,
      DisabilityAllowanceTerms terms) {
    var percent = it.answers().shown().percent();
    return percent != null
        && terms.band(percent).isPresent()
        && person.isPresent()
        && income.of(person.get()).isKnown();
  }

  private static List<Line> working(
      Situation<DisabilityAllowanceAnswers> it,
      Person person,
      IncomePicture income,
      DisabilityAllowanceTerms terms) {
    var percent = it.answers().shown().percent();
    var band = terms.band(known(percent)).orElseThrow();
    var earnings = income.of(person).sum(CountedIncome::high, CountedIncome::isEarned);
    return List.of(
        new Line(Why.LINE_BAND.with(Argument.percent(known(percent))), Argument.monthly(band)),
        new Line(Why.LINE_EARNINGS.with(), Argument.monthly(earnings)),
        new Line(Why.LINE_FREE.with(), Argument.monthly(terms.earningsFree())),
        new Line(Why.LINE_MONTHLY.with(), Argument.monthly(left(band, earnings, terms))));
  }
}
