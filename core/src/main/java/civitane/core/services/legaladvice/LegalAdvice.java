package civitane.core.services.legaladvice;

import civitane.core.facts.ExpenseKind;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.rules.Hold;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeTest;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Residence;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Advice and representation for people who cannot pay. */
public final class LegalAdvice implements Service {
  private static final List<String> AREAS =
      List.of("family", "housing", "consumer", "benefits", "work");
  private static final Set<ExpenseKind> COSTS = EnumSet.of(
      ExpenseKind.RENT,
      ExpenseKind.MORTGAGE,
      ExpenseKind.CHILDCARE,
      ExpenseKind.MEDICAL,
      ExpenseKind.SUPPORT_PAID);

  @Override
  public String word() {
    return "legalAdvice";
  }

  @Override
  public String title() {
    return "Legal advice";
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(3);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("area", "urgent")
        .with(QuickCheck.Fact.POSTCODE, QuickCheck.Fact.PEOPLE, QuickCheck.Fact.INCOME);
  }

  @Override
  public List<IncomeChart> charts(RateBook rates) {
    var terms = LegalAdviceTerms.of(rates);
    return List.of(
        IncomeChart.ofBaseMonthly("income up to", rates, terms.incomePercent()),
        IncomeChart.ofBaseMonthly("with high costs up to", rates, terms.stretchedPercent()));
  }

  @Override
  public List<Question> questions() {
    return List.of(
        Question.openChoice("area", AREAS),
        Question.of("problem", QuestionKind.LONG_TEXT).forTheFile(),
        Question.groups(
                "urgent",
                Question.choice(
                    "kind",
                    "hearing",
                    "deadline",
                    "sale",
                    "served",
                    "detained",
                    "eviction",
                    "unsafe"),
                Question.of("on", QuestionKind.DATE).when("kind", "hearing", "deadline", "sale"))
            .otherwise("none"),
        Question.group("otherParty", Question.of("name", QuestionKind.TEXT)).orWord("none"),
        Question.of("otherPartyPerson", QuestionKind.PERSON).otherwise("nobody of the household"),
        Question.of("knownClients", QuestionKind.TEXTS).otherwise("none").filledIn());
  }

  @Override
  public Result determine(Situation it) {
    var terms = LegalAdviceTerms.of(it.rates());
    var income = it.income(
        it.counted(Counting.SHARED_MONEY.neverWith(it.answers().text("otherPartyPerson"))));
    var urgency = new Urgency(it, terms);
    var incomeTest = incomeTest(it, income, terms);
    var area = it.answers().text("area");
    var conflict = hasConflict(it);
    return it.determination()
        .test(Residence.test(it))
        .test(urgency.test())
        .route(urgency.isUrgent(), Route.URGENT_LINE)
        .test(it.check("LG-AREA")
            .needs("area")
            .must(
                area == null ? null : terms.areas().contains(area),
                () -> "The office does not take such matters.")
            .orMet(() -> "The office takes such matters."))
        .test(incomeTest)
        .test(conflictTest(it, conflict))
        .hold(conflict, Hold.CONFLICT)
        .determineOnly(() -> PaperWants.of(it).test())
        .note(
            true,
            "preliminary",
            () ->
                "The answer is preliminary; income papers are wanted before anybody is represented.")
        .notes(IncomeTest.notes(income, !incomeTest.is(Outcome.UNKNOWN)))
        .result(word());
  }

  private static Test incomeTest(Situation it, IncomePicture income, LegalAdviceTerms terms) {
    if (!income.isKnown()) {
      return IncomeTest.gap("LG-INCOME", income);
    }
    var costs = income.counted().monthly(COSTS);
    var base = income.counted().base(it.rates());
    var plain = base.percent(terms.incomePercent()).dividedBy(12);
    var stretched = base.percent(terms.stretchedPercent()).dividedBy(12);
    if (!costs.isKnown() && couldStretch(income, plain, stretched)) {
      return it.check("LG-INCOME")
          .usesFact("/household/expenses")
          .lacks(costs.missing())
          .orMet(() -> "");
    }
    return IncomeTest.atMost(
        "LG-INCOME",
        income,
        "a month",
        income::monthlyLow,
        income::monthlyHigh,
        total -> total.isAbove(plain) && isStretched(total, costs, terms) ? stretched : plain);
  }

  /** Whether the costs decide: the income lies between the two limits. */
  private static boolean couldStretch(IncomePicture income, Amount plain, Amount stretched) {
    return income.monthlyHigh().isAbove(plain) && income.monthlyLow().isWithin(stretched);
  }

  private static boolean isStretched(Amount total, Sum costs, LegalAdviceTerms terms) {
    return costs.known().isAbove(total.percent(terms.expenseSharePercent()));
  }

  private static boolean hasConflict(Situation it) {
    var other = it.answers().group("otherParty");
    var name = other == null ? null : other.text("name");
    return name != null
        && it.answers().texts("knownClients").stream()
            .anyMatch(client -> Names.compare(name, client) != NameMatch.DIFFERENT);
  }

  private static Test conflictTest(Situation it, boolean conflict) {
    var check = it.check("LG-CONFLICT").uses("knownClients");
    if (it.answers().text("otherParty") == null) {
      check.needs("otherParty/name");
    }
    return check
        .doubtIf(conflict, () -> "Somebody has to make sure that the office is free to advise.")
        .orMet(() -> "The office is free to advise.");
  }
}
