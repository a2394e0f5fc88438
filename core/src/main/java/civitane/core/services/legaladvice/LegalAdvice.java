package civitane.core.services.legaladvice;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.ExpenseKind;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Statement;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.income.Counting;
import civitane.core.income.IncomePicture;
import civitane.core.income.Sum;
import civitane.core.money.Amount;
import civitane.core.rates.RateBook;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Hold;
import civitane.core.rules.IncomeChart;
import civitane.core.rules.IncomeRule;
import civitane.core.rules.Outcome;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Residence;
import civitane.core.rules.Result;
import civitane.core.rules.Route;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Advice and representation for people who cannot pay. */
public final class LegalAdvice implements Entitlement<LegalAdviceAnswers> {
  private static final Set<ExpenseKind> COSTS = EnumSet.of(
      ExpenseKind.RENT,
      ExpenseKind.MORTGAGE,
      ExpenseKind.CHILDCARE,
      ExpenseKind.MEDICAL,
      ExpenseKind.SUPPORT_PAID);

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.FIRST_CALL);
  }

  @Override
  public String word() {
    return "legalAdvice";
  }

  @Override
  public Class<LegalAdviceAnswers> answers() {
    return LegalAdviceAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
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
        IncomeChart.ofBaseMonthly(Why.CHART_INCOME.with(), rates, terms.incomePercent()),
        IncomeChart.ofBaseMonthly(Why.CHART_STRETCHED.with(), rates, terms.stretchedPercent()));
  }

  @Override
  public Result determine(Situation<LegalAdviceAnswers> it) {
    var terms = LegalAdviceTerms.of(it.rates());
    var income =
        it.income(it.counted(Counting.SHARED_MONEY.neverWith(it.answers().otherPartyPerson())));
    var urgency = new Urgency(it, terms);
    var incomeCheck = incomeCheck(it, income, terms);
    var conflict = hasConflict(it);
    return it.determination()
        .check(Residence.check(it))
        .check(urgency.check())
        .route(urgency.isUrgent(), Route.URGENT_LINE)
        .check(areaCheck(it, terms))
        .check(incomeCheck)
        .check(conflictCheck(it, conflict))
        .hold(conflict, Hold.CONFLICT)
        .determineOnly(() -> PaperWants.of(it).check())
        .note(true, Why.PRELIMINARY::with)
        .notes(IncomeRule.notes(income, !incomeCheck.is(Outcome.UNKNOWN)))
        .awards(() -> List.of(Award.of(What.FIRST_CALL, Recipient.HOUSEHOLD)))
        .result(word());
  }

  /** LG-AREA: the office takes such matters. */
  private static Check areaCheck(Situation<LegalAdviceAnswers> it, LegalAdviceTerms terms) {
    var area = it.answers().area();
    return it.check("LG-AREA")
        .needs("area", area)
        .must(area == null ? null : terms.areas().contains(area), Why.AREA_NOT_TAKEN::with)
        .orMet(Why.AREA_TAKEN::with);
  }

  /** LG-INCOME: what comes in a month is within the limit; with high costs up to a wider one. */
  private static Check incomeCheck(Situation<?> it, IncomePicture income, LegalAdviceTerms terms) {
    if (!income.isKnown()) {
      return IncomeRule.gap(it, "LG-INCOME", income);
    }
    var costs = income.counted().monthly(COSTS);
    var base = income.counted().base(it.rates());
    var plain = base.percent(terms.incomePercent()).dividedBy(12);
    var stretched = base.percent(terms.stretchedPercent()).dividedBy(12);
    if (!costs.isKnown() && couldStretch(income, plain, stretched)) {
      var check = it.check("LG-INCOME").ofIncome().usesFact("/household/expenses");
      costs.missing().forEach(pointer -> check.needsFact(pointer, null));
      return check.open();
    }
    return IncomeRule.atMost(
        it,
        "LG-INCOME",
        income,
        Frequency.MONTHLY,
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

  private static boolean hasConflict(Situation<LegalAdviceAnswers> it) {
    var name = it.answers().otherName();
    return name != null
        && it.answers().knownClients().stream()
            .anyMatch(client -> Names.compare(name, client) != NameMatch.DIFFERENT);
  }

  /** LG-CONFLICT: the other side is nobody whom the office advises. */
  private static Check conflictCheck(Situation<LegalAdviceAnswers> it, boolean conflict) {
    var check = it.check("LG-CONFLICT").uses("knownClients");
    var other = it.answers().otherParty();
    if (other == null || !other.isNone()) {
      check.needs("otherParty/name", it.answers().otherName());
    }
    return check.judgedIf(conflict, Why.MAYBE_NOT_FREE::with).orMet(Why.FREE_TO_ADVISE::with);
  }

  /** Whoever is advised against one of the household is advised alone. */
  @Override
  public boolean isPrivate(LegalAdviceAnswers answers, Household household) {
    var other = answers.otherName();
    return answers.otherPartyPerson() != null
        || other != null
            && household.people().stream()
                .anyMatch(person -> Names.compare(person, other) != NameMatch.DIFFERENT);
  }
}
