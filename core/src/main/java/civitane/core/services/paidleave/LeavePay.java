package civitane.core.services.paidleave;

import civitane.core.facts.Answers;
import civitane.core.money.Amount;
import civitane.core.rules.Line;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is paid for a leave, from the weekly earnings to the net sum. Read only when every fact is there. */
final class LeavePay {
  private static final int DAYS_OF_A_WEEK = 7;
  private static final Set<String> FROM_EMPLOYER = Set.of("employerLeave", "sickPay");

  private final Answers answers;
  private final PaidLeaveTerms terms;
  private final Amount average;
  private final Amount left;
  private final boolean late;

  LeavePay(
      Answers answers, PaidLeaveTerms terms, BasePeriod base, LeaveBalance balance, boolean late) {
    this.answers = answers;
    this.terms = terms;
    this.average = base.averageWeekly();
    this.left = balance.left();
    this.late = late;
  }

  private Amount asked() {
    if ("intermittent".equals(answers.text("pattern"))) {
      return answers
          .number("hoursOff")
          .dividedBy(answers.number("hoursPerWeek"))
          .round2();
    }
    var days = ChronoUnit.DAYS.between(answers.date("benefitFrom"), answers.date("returnOn"));
    return Amount.of(days).dividedBy(DAYS_OF_A_WEEK).round2();
  }

  private Amount granted() {
    return asked().atMost(left);
  }

  private Amount payable() {
    if (!late) {
      return granted();
    }
    var wait = Amount.of(terms.lateWaitDays()).dividedBy(DAYS_OF_A_WEEK).round2();
    return granted().minus(wait).notBelowZero();
  }

  private Amount before() {
    var lower = average.atMost(terms.lowerUpTo());
    return lower
        .percent(terms.lowerPercent())
        .plus(average.minus(lower).percent(terms.upperPercent()))
        .floor()
        .atMost(terms.weeklyMaximum())
        .atLeast(terms.weeklyMinimum());
  }

  private Amount fromEmployer() {
    var sum = Amount.ZERO;
    for (var other : answers.groups("otherPay")) {
      var weekly = other.number("weekly");
      if (weekly != null && isFromEmployer(other) && isPaid(other)) {
        sum = sum.plus(weekly);
      }
    }
    return sum;
  }

  /** Whether pay for the same time lessens leave pay rather than excluding it. */
  static boolean isFromEmployer(Answers otherPay) {
    return FROM_EMPLOYER.contains(String.valueOf(otherPay.text("kind")));
  }

  static boolean isPaid(Answers otherPay) {
    return "paid".equals(otherPay.text("state"));
  }

  /** Leave pay and what the employer goes on paying are together not more than the weekly earnings. */
  private Amount weekly() {
    return before()
        .minus(before().plus(fromEmployer()).minus(average).notBelowZero())
        .notBelowZero();
  }

  private Amount total() {
    return weekly().times(payable()).round2();
  }

  private Amount withheld() {
    var chosen = answers.group("withhold");
    if (chosen == null) {
      return Amount.ZERO;
    }
    var national = chosen.flag("national", false)
        ? total().percent(terms.nationalPercent()).round2()
        : Amount.ZERO;
    return chosen.flag("district", false)
        ? national.plus(total().percent(terms.districtPercent()).round2())
        : national;
  }

  Map<String, Object> amounts() {
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("averageWeekly", average);
    amounts.put("weekly", weekly());
    amounts.put("left", left);
    amounts.put("asked", asked());
    amounts.put("granted", granted());
    amounts.put("late", late);
    amounts.put("payable", payable());
    amounts.put("total", total());
    amounts.put("withheld", withheld());
    amounts.put("net", total().minus(withheld()));
    return amounts;
  }

  List<Line> lines() {
    var lines = new ArrayList<Line>();
    lines.add(new Line("Average weekly earnings", average));
    lines.add(new Line("Leave pay a week", weekly()));
    lines.add(new Line("Weeks asked", asked()));
    lines.add(new Line("Weeks granted", granted()));
    lines.add(new Line("Weeks paid", payable()));
    lines.add(new Line("Leave pay in all", total()));
    if (withheld().isPositive()) {
      lines.add(new Line("Tax withheld", withheld().negated()));
    }
    lines.add(new Line("Paid out", total().minus(withheld())));
    return lines;
  }
}
