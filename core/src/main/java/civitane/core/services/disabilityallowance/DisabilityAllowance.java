package civitane.core.services.disabilityallowance;

import civitane.core.facts.Answers;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.income.CountedIncome;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeTest;
import civitane.core.rules.Line;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.time.Ages;
import civitane.core.time.Dates;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A monthly allowance for a person of working age with a certified disability. */
public final class DisabilityAllowance implements Service {
  private static final String NONE = "none";

  @Override
  public String word() {
    return "disabilityAllowance";
  }

  @Override
  public String title() {
    return "Disability allowance";
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
    charts.add(IncomeChart.ofBase("income up to", rates, terms.incomePercent()));
    terms
        .bands()
        .forEach(band -> charts.add(IncomeChart.flat(
            "paid from " + band.from().plain() + " per cent", "a month", band.amount())));
    return charts;
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON).calls("photo"),
        Question.group(
                "certificate",
                Question.of("number", QuestionKind.TEXT).forTheFile(),
                Question.openChoice(
                    "issuer", List.of("districtHospital", "regionalClinic", "armedForcesMedical")),
                Question.of("issuedOn", QuestionKind.DATE),
                Question.of("expiresOn", QuestionKind.DATE).otherwise("permanent"),
                Question.of("percent", QuestionKind.NUMBER),
                Question.of("condition", QuestionKind.TEXT).forTheFile())
            .orWord(NONE)
            .calls("disabilityCertificate"));
  }

  @Override
  public boolean concerns(Packet packet) {
    return packet.household().people().stream().anyMatch(Person::disabled);
  }

  @Override
  public Answers presumed(Packet packet) {
    return packet.household().people().stream()
        .filter(Person::disabled)
        .findFirst()
        .map(person -> new Answers(Map.of("person", person.id())))
        .orElse(Answers.NONE);
  }

  @Override
  public Result determine(Situation it) {
    var terms = DisabilityAllowanceTerms.of(it.rates());
    var person = it.personIn("person");
    var counting = Counting.SHARED_MONEY;
    var counted = it.counted(person.map(who -> counting.alwaysWith(who.id())).orElse(counting));
    var income = it.income(counted);
    var incomeTest = IncomeTest.atMost(
        "DA-INCOME",
        income,
        "a year",
        income::yearlyLow,
        income::yearlyHigh,
        () -> counted.base(it.rates()).percent(terms.incomePercent()));
    return it.determination()
        .test(ageTest(it, person, terms))
        .test(certificateTest(it, terms))
        .route(hasNoCertificate(it) || isExpired(it), Route.ASSESSMENT)
        .test(percentTest(it, terms))
        .test(incomeTest)
        .test(workTest(it, person, income, terms))
        .determineOnly(() -> IdentityTest.standard(it, person))
        .determineOnly(() -> PaperWants.of(it)
            .any(PaperKind.DISABILITY_CERTIFICATE)
            .any(PaperKind.PHOTO)
            .incomes(income)
            .test())
        .notes(IncomeTest.notes(income, !incomeTest.is(Outcome.UNKNOWN)))
        .award(() -> amounts(it, person.orElseThrow(), income, terms))
        .working(() -> working(it, person, income, terms))
        .result(word());
  }

  private static Answers certificate(Situation it) {
    return Optional.ofNullable(it.answers().group("certificate")).orElse(Answers.NONE);
  }

  private static boolean hasNoCertificate(Situation it) {
    return NONE.equals(it.answers().text("certificate"));
  }

  private static boolean isExpired(Situation it) {
    var expires = certificate(it).date("expiresOn");
    return expires != null && expires.isBefore(it.asOf());
  }

  private static Test ageTest(
      Situation it, Optional<Person> person, DisabilityAllowanceTerms terms) {
    var check = it.check("DA-AGE").needs("person");
    if (person.isEmpty()) {
      return check.orMet(() -> "");
    }
    var who = person.get();
    check.needsFact(it.personPointer(who, "birthDate"), who.birthDate());
    if (who.birthDate() == null) {
      return check.orMet(() -> "");
    }
    var age = Ages.completedYears(who.birthDate(), it.assessedOn());
    return check
        .must(
            age >= terms.ageFrom() && age <= terms.ageTo(),
            () -> who.calledBy() + " is " + age + ", not between " + terms.ageFrom() + " and "
                + terms.ageTo() + ".")
        .comparing(Amount.of(age), null)
        .orMet(() -> who.calledBy() + " is " + age + ", between " + terms.ageFrom() + " and "
            + terms.ageTo() + ".");
  }

  private static Test certificateTest(Situation it, DisabilityAllowanceTerms terms) {
    if (hasNoCertificate(it)) {
      return Test.unknown(
              "DA-CERT", () -> "There is no certificate yet; an assessment comes first.")
          .needing(() -> List.of(it.pointer("certificate")));
    }
    var issuer = certificate(it).text("issuer");
    var issuedOn = certificate(it).date("issuedOn");
    return it.check("DA-CERT")
        .needs("certificate/issuer")
        .needs("certificate/issuedOn")
        .uses("certificate/expiresOn")
        .must(
            issuer == null ? null : terms.issuers().contains(issuer),
            () -> "The certificate is not from an office that may issue it.")
        .must(
            issuedOn == null ? null : !issuedOn.isAfter(it.asOf()),
            () ->
                "The certificate is dated " + Dates.written(issuedOn) + ", which is still to come.")
        .doubtIf(
            isExpired(it),
            () -> "The certificate ended on " + Dates.written(certificate(it).date("expiresOn"))
                + "; a new assessment comes first.")
        .orMet(() -> "The certificate is in force.");
  }

  private static Test percentTest(Situation it, DisabilityAllowanceTerms terms) {
    var percent = certificate(it).number("percent");
    return it.check("DA-PERCENT")
        .needs("certificate/percent")
        .must(
            percent == null ? null : terms.percentFrom().isWithin(percent),
            () -> "The certificate says " + percent.plain() + " per cent; at least "
                + terms.percentFrom().plain() + " are needed.")
        .comparing(percent, percent == null ? null : terms.percentFrom())
        .changedBy(
            () -> terms.percentFrom().minus(percent).plain() + " per cent more would meet it.")
        .orMet(() -> "The certificate says " + percent.plain() + " per cent, at least "
            + terms.percentFrom().plain() + ".");
  }

  /** The allowance must be above 0 after what the person's own earnings take off; gaps and disputes of others do not matter. */
  private static Test workTest(
      Situation it, Optional<Person> person, IncomePicture income, DisabilityAllowanceTerms terms) {
    var percent = certificate(it).number("percent");
    if (person.isEmpty()) {
      return it.check("DA-WORK").needs("person").needs("certificate/percent").orMet(() -> "");
    }
    var own = income.of(person.get());
    if (!own.isKnown()) {
      return IncomeTest.gap("DA-WORK", own);
    }
    if (percent == null) {
      return it.check("DA-WORK").needs("certificate/percent").orMet(() -> "");
    }
    var band = terms.band(percent);
    if (band.isEmpty()) {
      return Test.notMet("DA-WORK", () -> "For " + percent.plain() + " per cent nothing is paid.")
          .needing(() -> List.of(it.pointer("certificate/percent")));
    }
    var least = left(band.get(), own.earnedMonthlyHigh(), terms);
    if (least.isPositive()) {
      return Test.met(
              "DA-WORK",
              () -> "After the earnings " + least + " a month are left of " + band.get() + ".")
          .comparing(least, Amount.ZERO)
          .needing(() -> IncomeTest.needs(own));
    }
    if (own.isDisputed() && left(band.get(), own.earnedMonthlyLow(), terms).isPositive()) {
      return IncomeTest.disputed(
          "DA-WORK",
          own,
          () ->
              "Whether anything is left depends on the earnings, on which the register and the household disagree.");
    }
    return Test.notMet(
            "DA-WORK",
            () -> "The earnings leave nothing of the allowance of " + band.get() + " a month.")
        .comparing(Amount.ZERO, Amount.ZERO)
        .changedBy(() -> "Earnings lower by " + tooMuch(band.get(), own.earnedMonthlyLow(), terms)
            + " a month would leave something.")
        .needing(() -> IncomeTest.needs(own));
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

  private static Map<String, Object> amounts(
      Situation it, Person person, IncomePicture income, DisabilityAllowanceTerms terms) {
    var band = terms.band(certificate(it).number("percent")).orElseThrow();
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("monthly", left(band, income.of(person).earnedMonthlyHigh(), terms));
    amounts.put("reviewOn", reviewOn(it, terms));
    return amounts;
  }

  private static LocalDate reviewOn(Situation it, DisabilityAllowanceTerms terms) {
    var expires = certificate(it).date("expiresOn");
    var later = it.assessedOn().plusYears(terms.reviewYears());
    return expires != null && expires.isBefore(later) ? expires : later;
  }

  private static List<Line> working(
      Situation it, Optional<Person> person, IncomePicture income, DisabilityAllowanceTerms terms) {
    var percent = certificate(it).number("percent");
    var band = percent == null ? Optional.<Amount>empty() : terms.band(percent);
    if (band.isEmpty() || person.isEmpty() || !income.of(person.get()).isKnown()) {
      return List.of();
    }
    var earnings = income.of(person.get()).sum(CountedIncome::high, CountedIncome::isEarned);
    return List.of(
        new Line("For " + percent.plain() + " per cent", band.get()),
        new Line("Earnings a month", earnings),
        new Line("Free of these", terms.earningsFree()),
        new Line("Allowance a month", left(band.get(), earnings, terms)));
  }
}
