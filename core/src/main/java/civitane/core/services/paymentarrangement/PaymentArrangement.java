package civitane.core.services.paymentarrangement;

import civitane.core.facts.PaperKind;
import civitane.core.facts.Statement;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.List;

import static civitane.core.facts.Known.known;

/** A debt to the office paid in parts. */
public final class PaymentArrangement implements Entitlement<PaymentArrangementAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.SHARE, Statement.PAYS_IN_PARTS);
  }

  @Override
  public String word() {
    return "paymentArrangement";
  }

  @Override
  public Class<PaymentArrangementAnswers> answers() {
    return PaymentArrangementAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(10);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("debts", "months", "downPercent", "firstDueOn", "affordability");
  }

  @Override
  public PaymentArrangementAids aids(Situation<PaymentArrangementAnswers> it) {
    return new PaymentArrangementAids(
        isComplete(it.answers(), PaymentArrangementTerms.of(it.rates()))
            ? plan(it.answers()).byDay()
            : null);
  }

  @Override
  public Result determine(Situation<PaymentArrangementAnswers> it) {
    var terms = PaymentArrangementTerms.of(it.rates());
    return it.determination()
        .check(debtCheck(it))
        .check(reasonCheck(it))
        .check(monthsCheck(it, terms))
        .check(downCheck(it, terms))
        .check(dateCheck(it))
        .determineOnly(() -> PaperWants.of(it).any(PaperKind.BANK_STATEMENT).check())
        .amounts(() -> plan(it.answers()))
        .awards(() -> plan(it.answers()).awards())
        .working(isComplete(it.answers(), terms), () -> plan(it.answers()).lines())
        .result(word());
  }

  /** PA-DEBT: something is owed. */
  private static Check debtCheck(Situation<PaymentArrangementAnswers> it) {
    var debts = it.answers().debts();
    var total = it.answers().total();
    var disputed = it.answers().disputed();
    var check = it.check("PA-DEBT").needs("debts", debts);
    for (var i = 0; debts != null && i < debts.size(); i++) {
      if (!debts.get(i).isDisputed()) {
        check.needs("debts/" + i + "/amount", debts.get(i).amount());
      }
    }
    if (total == null) {
      return check.open();
    }
    return check
        .must(total.isPositive() || !disputed.isEmpty(), Why.NOTHING_OWED::with)
        .comparing(total, Amount.ZERO)
        .judgedIf(
            !disputed.isEmpty(),
            () -> Why.DEBT_DISPUTED.with(Argument.count(disputed.size()), Argument.once(total)))
        .orMet(() -> Why.OWED.with(Argument.once(total)));
  }

  /** PA-REASON: why it is owed is said. */
  private static Check reasonCheck(Situation<PaymentArrangementAnswers> it) {
    return it.check("PA-REASON")
        .needs("reason", it.answers().reason())
        .needs("reasonText", it.answers().reasonText())
        .orMet(Why.REASON_GIVEN::with);
  }

  /** PA-MONTHS: it can be paid in so many months. */
  private static Check monthsCheck(
      Situation<PaymentArrangementAnswers> it, PaymentArrangementTerms terms) {
    var months = it.answers().months();
    var check = it.check("PA-MONTHS").needs("months", months);
    if (months == null) {
      return check.open();
    }
    var from = Argument.months(terms.monthsFrom());
    var to = Argument.months(terms.monthsTo());
    return check
        .comparing(Amount.of(months), null)
        .must(
            months >= terms.monthsFrom() && months <= terms.monthsTo(),
            () -> Why.MONTHS_OUTSIDE.with(Argument.months(months), from, to))
        .changedBy(() -> Why.MONTHS_WANTED.with(from, to))
        .orMet(() -> Why.MONTHS_WITHIN.with(Argument.months(months)));
  }

  /** PA-DOWN: enough is paid at once; for less, a senior judges what the household says it can pay. */
  private static Check downCheck(
      Situation<PaymentArrangementAnswers> it, PaymentArrangementTerms terms) {
    var percent = it.answers().downPercent();
    var check = it.check("PA-DOWN").needs("downPercent", percent).uses("affordability");
    if (percent == null) {
      return check.open();
    }
    var enough = terms.downPercentFrom().isWithin(percent);
    var explained = it.answers().affordability() != null;
    var said = Argument.percent(percent);
    var least = Argument.percent(terms.downPercentFrom());
    return check
        .comparing(percent, terms.downPercentFrom())
        .must(explained || enough, () -> Why.DOWN_TOO_LITTLE.with(said, least))
        .changedBy(
            () -> Why.DOWN_MORE.with(Argument.percent(terms.downPercentFrom().minus(percent))))
        .judgedIf(explained && !enough, () -> Why.DOWN_SENIOR.with(said, least))
        .orMet(() -> Why.DOWN_ENOUGH.with(said, least));
  }

  /** PA-DATE: the first part is due on the day of lodging or later. */
  private static Check dateCheck(Situation<PaymentArrangementAnswers> it) {
    var first = it.answers().firstDueOn();
    return it.check("PA-DATE")
        .needs("firstDueOn", first)
        .doubtIf(
            first != null && first.isBefore(it.lodgedOn()),
            () -> Why.FIRST_DUE_TOO_EARLY.with(Argument.day(known(first))))
        .orMet(() -> Why.FIRST_DUE.with(Argument.day(known(first))));
  }

  private static boolean isComplete(
      PaymentArrangementAnswers answers, PaymentArrangementTerms terms) {
    return answers.total() != null
        && answers.downPercent() != null
        && answers.firstDueOn() != null
        && answers.months() != null
        && answers.months() > 0
        && answers.months() <= terms.monthsTo();
  }

  private static InstalmentPlan plan(PaymentArrangementAnswers answers) {
    return InstalmentPlan.of(
        known(answers.total()),
        known(answers.downPercent()),
        known(answers.months()),
        known(answers.firstDueOn()));
  }
}
