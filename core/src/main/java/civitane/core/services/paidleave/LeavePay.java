package civitane.core.services.paidleave;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.rules.Line;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

import static civitane.core.facts.Known.known;

/** What is paid for a leave, from the weekly earnings to the net sum. Read only when every fact is there. */
final class LeavePay {
  private static final int DAYS_OF_A_WEEK = 7;

  private final PaidLeaveAnswers answers;
  private final PaidLeaveTerms terms;
  private final Amount average;
  private final Amount left;
  private final boolean late;

  LeavePay(
      PaidLeaveAnswers answers,
      PaidLeaveTerms terms,
      BasePeriod base,
      LeaveBalance balance,
      boolean late) {
    this.answers = answers;
    this.terms = terms;
    this.average = base.averageWeekly();
    this.left = balance.remaining();
    this.late = late;
  }

  private Amount asked() {
    if (answers.isIntermittent()) {
      return known(answers.hoursOff()).dividedBy(known(answers.hoursPerWeek())).round2();
    }
    var days = ChronoUnit.DAYS.between(answers.benefitFrom(), answers.returnOn());
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
    for (var other : answers.otherPay()) {
      if (other.weekly() != null && isFromEmployer(other) && isPaid(other)) {
        sum = sum.plus(other.weekly());
      }
    }
    return sum;
  }

  /** Whether pay for the same time lessens leave pay rather than excluding it. */
  static boolean isFromEmployer(PaidLeaveAnswers.OtherPay other) {
    return other.kind() != null && !other.kind().isExcluding();
  }

  static boolean isPaid(PaidLeaveAnswers.OtherPay other) {
    return other.state() == OtherPayState.PAID;
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
    var chosen = answers.withhold();
    if (chosen == null) {
      return Amount.ZERO;
    }
    var national =
        chosen.national() ? total().percent(terms.nationalPercent()).round2() : Amount.ZERO;
    return chosen.district()
        ? national.plus(total().percent(terms.districtPercent()).round2())
        : national;
  }

  PaidLeaveAmounts amounts() {
    return new PaidLeaveAmounts(
        average,
        weekly(),
        left,
        asked(),
        granted(),
        late,
        payable(),
        total(),
        withheld(),
        total().minus(withheld()));
  }

  List<Award> awards(Who person) {
    var until = answers.returnOn() == null ? null : answers.returnOn().minusDays(1);
    return List.of(
        Award.of(What.WEEKS_OF_LEAVE, Recipient.HOUSEHOLD)
            .of(Argument.weeks(granted()))
            .from(answers.benefitFrom())
            .until(until)
            .forWhom(person),
        Award.money(Argument.weekly(weekly()), Recipient.HOUSEHOLD)
            .from(answers.benefitFrom())
            .until(until)
            .forWhom(person)
            .with(Argument.weeks(payable()), Argument.once(total().minus(withheld()))));
  }

  List<Line> lines() {
    var lines = new ArrayList<Line>();
    lines.add(new Line(Why.LINE_AVERAGE.with(), Argument.weekly(average)));
    lines.add(new Line(Why.LINE_WEEKLY.with(), Argument.weekly(weekly())));
    lines.add(new Line(Why.LINE_ASKED.with(), Argument.weeks(asked())));
    lines.add(new Line(Why.LINE_GRANTED.with(), Argument.weeks(granted())));
    lines.add(new Line(Why.LINE_PAYABLE.with(), Argument.weeks(payable())));
    lines.add(new Line(Why.LINE_TOTAL.with(), Argument.once(total())));
    if (withheld().isPositive()) {
      lines.add(new Line(Why.LINE_WITHHELD.with(), Argument.once(withheld().negated())));
    }
    lines.add(new Line(Why.LINE_NET.with(), Argument.once(total().minus(withheld()))));
    return lines;
  }
}
