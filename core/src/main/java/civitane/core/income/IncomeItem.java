package civitane.core.income;

import civitane.core.facts.Frequency;
import civitane.core.facts.Income;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Payslip;
import civitane.core.facts.Person;
import civitane.core.money.Amount;
import civitane.core.rates.IncomeCheck;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** Works out what one income comes to: from payslips when there are enough, else from the household's word against the register. */
final class IncomeItem {
  /** What came of it: an income, or the key of what is missing, or neither where payslips contradict each other. */
  record Outcome(@Nullable CountedIncome income, @Nullable String missing) {}

  private final int index;
  private final Income income;
  private final Person person;
  private final IncomeCheck check;
  private final LocalDate lodgedOn;
  private final LocalDate asOf;

  IncomeItem(
      int index,
      Income income,
      Person person,
      IncomeCheck check,
      LocalDate lodgedOn,
      LocalDate asOf) {
    this.index = index;
    this.income = income;
    this.person = person;
    this.check = check;
    this.lodgedOn = lodgedOn;
    this.asOf = asOf;
  }

  Outcome workOut() {
    if (income.every() == null) {
      return new Outcome(null, "frequency");
    }
    if (income.kind() == IncomeKind.WAGES && !income.payslips().isEmpty()) {
      var inWindow = payslipsInWindow();
      if (hasSamePeriodTwice(inWindow)) {
        return new Outcome(null, null);
      }
      if (isEnough(inWindow.size())) {
        return new Outcome(fromPayslips(inWindow), null);
      }
    }
    if (income.takings() == null) {
      return new Outcome(null, "amount");
    }
    return new Outcome(fromWord(), null);
  }

  WageEvidence evidence() {
    var slips = payslipsInWindow();
    var enough = Payslips.enough(income, check, lodgedOn, asOf);
    var shown = income.every() != null && !hasSamePeriodTwice(slips) && slips.size() >= enough
        ? fromPayslips(slips)
        : null;
    var used = workOut().income();
    return new WageEvidence(
        income.every() == null || income.takings() == null ? null : monthly(afterCosts()),
        shown == null ? null : shown.low(),
        income.registerMonthly(),
        used == null ? null : used.low(),
        used == null ? null : used.high(),
        slips.size(),
        enough,
        lodgedOn.minusDays(check.windowDays()),
        asOf,
        shown != null && shown.irregular());
  }

  private List<Payslip> payslipsInWindow() {
    var opens = lodgedOn.minusDays(check.windowDays());
    var found = new ArrayList<Payslip>();
    for (var payslip : income.payslips()) {
      if (!payslip.periodEnd().isBefore(opens) && !payslip.periodEnd().isAfter(asOf)) {
        found.add(payslip);
      }
    }
    return found;
  }

  private static boolean hasSamePeriodTwice(List<Payslip> payslips) {
    var ends = new HashSet<LocalDate>();
    for (var payslip : payslips) {
      if (!ends.add(payslip.periodEnd())) {
        return true;
      }
    }
    return false;
  }

  private boolean isEnough(int payslips) {
    return payslips >= Payslips.enough(income, check, lodgedOn, asOf);
  }

  private CountedIncome fromPayslips(List<Payslip> payslips) {
    var total = Amount.ZERO;
    for (var payslip : payslips) {
      total = total.plus(payslip.gross());
    }
    var mean = payslips.size() == 1 ? total : total.dividedBy(payslips.size());
    var swing = mean.percent(check.irregularPercent());
    var irregular = false;
    for (var payslip : payslips) {
      irregular |= payslip.gross().distanceTo(mean).isAbove(swing);
    }
    return agreed(mean, payslips.size(), irregular, false);
  }

  private CountedIncome fromWord() {
    var used = afterCosts();
    if (income.kind() != IncomeKind.WAGES || income.registerMonthly() == null) {
      return agreed(used, 0, false, false);
    }
    var said = monthly(used);
    var register = income.registerMonthly();
    var tolerance = register.percent(check.tolerancePercent()).atLeast(check.toleranceMonthly());
    if (said.distanceTo(register).isWithin(tolerance)) {
      return agreed(used, 0, false, true);
    }
    var low = said.atMost(register);
    var high = said.atLeast(register);
    return new CountedIncome(
        index, income, person, high, low, high, low.times(12), high.times(12), 0, false, false);
  }

  private CountedIncome agreed(
      Amount period, int payslips, boolean irregular, boolean registerAgrees) {
    var monthly = monthly(period);
    var yearly = period.times(known(income.every()).periods());
    return new CountedIncome(
        index,
        income,
        person,
        period,
        monthly,
        monthly,
        yearly,
        yearly,
        payslips,
        irregular,
        registerAgrees);
  }

  private Amount afterCosts() {
    var takings = income.takings();
    if (income.kind() != IncomeKind.SELF_EMPLOYMENT) {
      return known(takings);
    }
    var costs = income.businessCosts() != null
        ? income.businessCosts()
        : known(takings).percent(check.flatCostPercent());
    return known(takings).minus(costs).notBelowZero();
  }

  private Amount monthly(Amount period) {
    return income.every() == Frequency.MONTHLY
        ? period.round2()
        : period.times(known(income.every()).periods()).dividedBy(12).round2();
  }
}
