package civitane.core.services.paymentarrangement;

import civitane.core.facts.PaperKind;
import civitane.core.money.Amount;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import civitane.core.rules.Test;
import civitane.core.time.Dates;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A debt to the office paid in parts. */
public final class PaymentArrangement implements Service {

  @Override
  public String word() {
    return "paymentArrangement";
  }

  @Override
  public String title() {
    return "Payment arrangement";
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
  public List<Question> questions() {
    return List.of(
        Question.groups(
                "debts",
                Question.of("ref", QuestionKind.TEXT).forTheFile(),
                Question.of("kind", QuestionKind.TEXT).forTheFile(),
                Question.of("amount", QuestionKind.MONEY))
            .knownAs("debts"),
        Question.of("reason", QuestionKind.TEXT),
        Question.of("reasonText", QuestionKind.LONG_TEXT),
        Question.of("months", QuestionKind.WHOLE),
        Question.of("downPercent", QuestionKind.NUMBER),
        Question.of("firstDueOn", QuestionKind.DATE),
        Question.of("affordability", QuestionKind.LONG_TEXT)
            .otherwise("none")
            .calls("bankStatement"));
  }

  @Override
  public Result determine(Situation it) {
    var terms = PaymentArrangementTerms.of(it.rates());
    var total = total(it);
    return it.determination()
        .test(debtTest(it, total))
        .test(it.check("PA-REASON")
            .needs("reason")
            .needs("reasonText")
            .orMet(() -> "The reason is given."))
        .test(monthsTest(it, terms))
        .test(downTest(it, terms))
        .test(dateTest(it))
        .determineOnly(() -> PaperWants.of(it).any(PaperKind.BANK_STATEMENT).test())
        .aid("plan", () -> isComplete(it, total, terms) ? plan(it, total).byDay() : null)
        .award(() -> plan(it, total).amounts())
        .working(() -> isComplete(it, total, terms) ? plan(it, total).lines() : List.of())
        .result(word());
  }

  private static @Nullable Amount total(Situation it) {
    var sum = Amount.ZERO;
    for (var debt : it.answers().groups("debts")) {
      var amount = debt.number("amount");
      if (amount == null) {
        return null;
      }
      sum = sum.plus(amount);
    }
    return it.answers().has("debts") ? sum : null;
  }

  private static Test debtTest(Situation it, @Nullable Amount total) {
    var check = it.check("PA-DEBT").needs("debts");
    var debts = it.answers().groups("debts");
    for (var i = 0; i < debts.size(); i++) {
      check.needs("debts/" + i + "/amount");
    }
    return check
        .must(total == null ? null : total.isPositive(), () -> "Nothing is owed.")
        .comparing(total, total == null ? null : Amount.ZERO)
        .orMet(() -> "Owed in all: " + total + ".");
  }

  private static Test monthsTest(Situation it, PaymentArrangementTerms terms) {
    var months = it.answers().number("months");
    return it.check("PA-MONTHS")
        .needs("months")
        .must(
            months == null
                ? null
                : months.compareTo(Amount.of(terms.monthsFrom())) >= 0
                    && months.isWithin(Amount.of(terms.monthsTo())),
            () -> "It can be paid in " + terms.monthsFrom() + " to " + terms.monthsTo()
                + " months, not in " + months.plain() + ".")
        .comparing(months, null)
        .changedBy(() ->
            "Between " + terms.monthsFrom() + " and " + terms.monthsTo() + " months would meet it.")
        .orMet(() -> "It is paid in " + months.plain() + " months.");
  }

  private static Test downTest(Situation it, PaymentArrangementTerms terms) {
    var percent = it.answers().number("downPercent");
    var least = terms.downPercentFrom();
    var enough = percent == null ? null : Boolean.valueOf(least.isWithin(percent));
    var explained = it.answers().has("affordability");
    return it.check("PA-DOWN")
        .needs("downPercent")
        .uses("affordability")
        .must(
            explained ? null : enough,
            () -> percent.plain() + " per cent at once is less than " + least.plain() + ".")
        .doubtIf(
            explained && Boolean.FALSE.equals(enough),
            () -> percent.plain() + " per cent at once is less than " + least.plain()
                + "; a senior may allow it for what the household says it can pay.")
        .comparing(percent, percent == null ? null : least)
        .changedBy(() -> least.minus(percent).plain() + " per cent more at once would meet it.")
        .orMet(
            () -> percent.plain() + " per cent is paid at once, at least " + least.plain() + ".");
  }

  private static Test dateTest(Situation it) {
    var first = it.answers().date("firstDueOn");
    return it.check("PA-DATE")
        .needs("firstDueOn")
        .doubtIf(
            first != null && first.isBefore(it.lodgedOn()),
            () -> "The first part would be due on " + Dates.written(first) + ", before lodging.")
        .orMet(() -> "The first part is due on " + Dates.written(first) + ".");
  }

  private static boolean isComplete(
      Situation it, @Nullable Amount total, PaymentArrangementTerms terms) {
    var months = it.answers().number("months");
    return total != null
        && it.answers().has("downPercent")
        && it.answers().has("firstDueOn")
        && months != null
        && months.isPositive()
        && months.isWithin(Amount.of(terms.monthsTo()));
  }

  private static InstalmentPlan plan(Situation it, Amount total) {
    return InstalmentPlan.of(
        total,
        it.answers().number("downPercent"),
        it.answers().number("months").toDecimal().intValue(),
        it.answers().date("firstDueOn"));
  }
}
