package civitane.core.services.paidleave;

import civitane.core.money.Amount;
import java.time.LocalDate;

/**
 * Weeks of leave.
 *
 * @param weeks in all
 * @param used by other claims
 * @param pending asked for in other claims
 * @param left after both, not below 0
 */
public record LeaveBalance(Amount weeks, Amount used, Amount pending, Amount left) {
  private static final int YEAR_OF_LEAVE = 364;

  static LeaveBalance of(PaidLeaveAnswers answers, LocalDate benefitFrom, PaidLeaveTerms terms) {
    var complicated = answers.reason() == LeaveReason.BIRTH && answers.complication();
    var weeks = complicated ? terms.weeks().plus(terms.complicationWeeks()) : terms.weeks();
    var used = sum(answers, benefitFrom, EarlierState.USED);
    var pending = sum(answers, benefitFrom, EarlierState.PENDING);
    return new LeaveBalance(
        weeks, used, pending, weeks.minus(used).minus(pending).notBelowZero());
  }

  private static Amount sum(PaidLeaveAnswers answers, LocalDate benefitFrom, EarlierState state) {
    var opens = benefitFrom.minusDays(YEAR_OF_LEAVE);
    var sum = Amount.ZERO;
    for (var earlier : answers.earlier()) {
      var from = earlier.from();
      if (from != null
          && earlier.weeks() != null
          && earlier.state() == state
          && !from.isBefore(opens)
          && from.isBefore(benefitFrom)) {
        sum = sum.plus(earlier.weeks());
      }
    }
    return sum;
  }

  /** Weeks after those used, below 0 where more were used than there are. */
  Amount afterUsed() {
    return weeks.minus(used);
  }

  /** Weeks after those used and pending, below 0 where there are more than there are weeks. */
  Amount remaining() {
    return afterUsed().minus(pending);
  }
}
