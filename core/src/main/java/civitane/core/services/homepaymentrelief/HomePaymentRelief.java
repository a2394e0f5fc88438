package civitane.core.services.homepaymentrelief;

import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.income.Counted;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.AssetTest;
import civitane.core.rules.Hardship;
import civitane.core.rules.Hold;
import civitane.core.rules.IdentityTest;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeTest;
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
import civitane.core.rules.Wording;
import civitane.core.time.Months;
import java.time.YearMonth;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Mortgage arrears of people who live in the home they own. */
public final class HomePaymentRelief implements Service {
  private static final Set<String> HOMES =
      Set.of("house", "flat", "duplex", "mobileHome", "houseboat");

  @Override
  public String word() {
    return "homePaymentRelief";
  }

  @Override
  public String title() {
    return "Home payment relief";
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
        IncomeChart.ofMiddle("income up to", rates, terms.incomePercent()),
        IncomeChart.flat("money at hand up to", "in all", terms.liquidLimit()),
        IncomeChart.flat("paid at most", "in all", terms.cap()));
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.of("missedMonths", QuestionKind.MONTHS),
        Question.choice(
            "propertyType",
            "house",
            "flat",
            "duplex",
            "mobileHome",
            "houseboat",
            "holidayHome",
            "land",
            "commercial"),
        Question.of("mainResidence", QuestionKind.FLAG),
        Question.of("otherHomes", QuestionKind.WHOLE),
        Question.choice("ownerKind", "people", "company"),
        Hardship.kinds(),
        Hardship.words(),
        Question.group(
            "lender",
            Question.of("code", QuestionKind.TEXT).forTheFile(),
            Question.of("name", QuestionKind.TEXT).forTheFile(),
            Question.of("participates", QuestionKind.FLAG).filledIn()),
        Question.of("loanNumber", QuestionKind.TEXT).forTheFile().calls("mortgageStatement"),
        Question.of("monthlyPayment", QuestionKind.MONEY).forTheFile(),
        Question.of("amountDue", QuestionKind.MONEY),
        Question.of("otherCharges", QuestionKind.MONEY).otherwise("0"),
        Question.group(
                "lenderFigure",
                Question.of("amount", QuestionKind.MONEY),
                Question.of("asOf", QuestionKind.DATE))
            .otherwise("none")
            .filledIn(),
        Question.of("insolvency", QuestionKind.FLAG).otherwise("no").calls("trusteeConsent"),
        Question.of("trusteeConsents", QuestionKind.FLAG).when("insolvency", "true"));
  }

  @Override
  public boolean concerns(Packet packet) {
    return packet.household().listedExpenses().stream()
        .anyMatch(expense -> expense.kind() == ExpenseKind.MORTGAGE);
  }

  @Override
  public Result determine(Situation it) {
    var terms = HomePaymentReliefTerms.of(it.rates());
    var counted = it.counted(Counting.SHARED_MONEY.withFosterChildren().withExpectedChildren());
    var income = it.income(counted);
    var need = new LenderNeed(it, terms);
    var incomeTest = IncomeTest.atMost(
        "HP-INCOME",
        income,
        "a year",
        income::yearlyLow,
        income::yearlyHigh,
        () -> counted.middle(it.rates()).percent(terms.incomePercent()));
    var takesPart = participates(it);
    return it.determination()
        .test(Residence.test(it))
        .test(missedTest(it, terms))
        .test(otherHomesTest(it))
        .test(it.check("HP-MAIN")
            .needs("mainResidence")
            .must(
                it.answers().flag("mainResidence"),
                () -> "It is not where the household mainly lives.")
            .orMet(() -> "It is where the household mainly lives."))
        .test(it.check("HP-OWNER")
            .needs("ownerKind")
            .must(
                is(it, "ownerKind", Set.of("people")), () -> "A company owns the home, not people.")
            .orMet(() -> "People own the home."))
        .test(it.check("HP-TYPE")
            .needs("propertyType")
            .must(
                is(it, "propertyType", HOMES),
                () -> "A " + Wording.spoken(it.answers().text("propertyType"))
                    + " is not a home to live in.")
            .orMet(() -> "It is a home to live in: "
                + Wording.spoken(it.answers().text("propertyType")) + "."))
        .test(Hardship.test(it, "HP-HARDSHIP"))
        .test(incomeTest)
        .test(AssetTest.atMost(
            it,
            "HP-LIQUID",
            counted,
            "Money at hand",
            HomePaymentRelief::liquidOfAdults,
            terms.liquidLimit()))
        .test(insolvencyTest(it))
        .determineOnly(() -> signedTest(it, counted))
        .test(lenderTest(it, need, takesPart))
        .hold(!Boolean.TRUE.equals(takesPart), Hold.LENDER)
        .determineOnly(() -> IdentityTest.standard(it, it.household().applicant()))
        .determineOnly(() -> papers(it, counted, income).test())
        .note(
            need.differs(),
            "lenderDiffers",
            () -> "The lender's figure and the owner's word differ by more than "
                + terms.differencePercent().plain() + " per cent.")
        .note(
            need.isStale(),
            "lenderFigureOld",
            () -> "The lender's figure is more than " + terms.figureDays() + " days old.")
        .notes(IncomeTest.notes(income, !incomeTest.is(Outcome.UNKNOWN)))
        .aid("months", () -> window(it, terms))
        .award(need::amounts)
        .working(() -> need.need() == null ? List.of() : need.lines())
        .result(word());
  }

  private static Boolean is(Situation it, String answer, Set<String> wanted) {
    var said = it.answers().text(answer);
    return said == null ? null : Boolean.valueOf(wanted.contains(said));
  }

  private static Test missedTest(Situation it, HomePaymentReliefTerms terms) {
    var lodging = YearMonth.from(it.assessedOn());
    var missed = it.answers().months("missedMonths").stream()
        .distinct()
        .filter(month -> Months.before(month, lodging) >= 1)
        .filter(month -> Months.before(month, lodging) <= terms.missedWithinMonths())
        .count();
    var check = it.check("HP-MISSED").needs("missedMonths");
    if (it.answers().has("missedMonths")) {
      check
          .comparing(Amount.of(missed), Amount.of(terms.missedFrom()))
          .must(
              missed >= terms.missedFrom(),
              () -> "Of the last " + terms.missedWithinMonths() + " months " + missed
                  + " were missed, fewer than " + terms.missedFrom() + ".")
          .changedBy(() -> (terms.missedFrom() - missed) + " more missed months would meet it.");
    }
    return check.orMet(
        () -> "Of the last " + terms.missedWithinMonths() + " months " + missed + " were missed.");
  }

  /** The calendar months that count, the earliest first, as they are written. */
  private static List<String> window(Situation it, HomePaymentReliefTerms terms) {
    var lodging = YearMonth.from(it.assessedOn());
    return IntStream.rangeClosed(1, terms.missedWithinMonths())
        .map(back -> terms.missedWithinMonths() + 1 - back)
        .mapToObj(back -> lodging.minusMonths(back).toString())
        .toList();
  }

  private static Test otherHomesTest(Situation it) {
    var others = it.answers().number("otherHomes");
    return it.check("HP-ONE")
        .needs("otherHomes")
        .must(
            others == null ? null : others.isZero(),
            () -> "Other homes owned at half or more: " + others.plain() + "; there may be none.")
        .comparing(others, others == null ? null : Amount.ZERO)
        .changedBy(() -> "Owning no other home would meet it.")
        .orMet(() -> "No other home is owned.");
  }

  private static Sum liquidOfAdults(Counted counted) {
    return counted.assets(
        civitane.core.facts.AssetKind::isLiquid,
        id -> id == null
            || counted.includes(id)
                && counted.isAdult(counted.household().person(id).orElseThrow()));
  }

  private static Test insolvencyTest(Situation it) {
    if (!it.answers().flag("insolvency", false)) {
      return Test.notApplicable("HP-INSOLVENCY", () -> "There is no insolvency.");
    }
    return it.check("HP-INSOLVENCY")
        .needs("trusteeConsents")
        .doubtIf(
            Boolean.FALSE.equals(it.answers().flag("trusteeConsents")),
            () -> "The trustee has not consented.")
        .orMet(() -> "The trustee consents.");
  }

  private static Test signedTest(Situation it, Counted counted) {
    var open = counted.adults().stream().filter(adult -> !hasSigned(it, adult)).toList();
    if (open.isEmpty()) {
      return Test.met(
              "HP-SIGNED", () -> "Every adult who is counted has signed with the name as given.")
          .needing(() -> List.of("/signatures"));
    }
    return Test.unknown(
            "HP-SIGNED",
            () -> "Still to sign, with the name as given: "
                + Wording.list(open.stream().map(Person::calledBy).toList()) + ".")
        .missing(open.stream().map(adult -> "signature:" + adult.id()).sorted().toList())
        .needing(() -> List.of("/signatures"));
  }

  private static boolean hasSigned(Situation it, Person adult) {
    return it.packet().signatures().stream()
        .anyMatch(signature -> signature.person().equals(adult.id())
            && Names.compare(adult, signature.name()) == NameMatch.SAME);
  }

  private static Boolean participates(Situation it) {
    var lender = it.answers().group("lender");
    return lender == null ? null : lender.flag("participates");
  }

  private static Test lenderTest(Situation it, LenderNeed need, Boolean takesPart) {
    return it.check("HP-LENDER")
        .needs("lender/participates")
        .uses("lenderFigure")
        .lacks(need.need() == null ? List.of(it.pointer("amountDue")) : List.of())
        .lacks(need.isUndated() ? List.of(it.pointer("lenderFigure/asOf")) : List.of())
        .doubtIf(Boolean.FALSE.equals(takesPart), () -> "The lender does not take part.")
        .orMet(() -> "The lender takes part.");
  }

  private static PaperWants papers(Situation it, Counted counted, IncomePicture income) {
    var papers = PaperWants.of(it)
        .incomes(income)
        .any(PaperKind.MORTGAGE_STATEMENT)
        .any(PaperKind.UTILITY_BILL)
        .eachAdult(counted, 2, PaperKind.BANK_STATEMENT);
    return it.answers().flag("insolvency", false) ? papers.any(PaperKind.TRUSTEE_CONSENT) : papers;
  }
}
