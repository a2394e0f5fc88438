package civitane.core.services.paidleave;

import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The quarters whose earnings count: the first four of the last five completed before the absence.
 *
 * @param earnings euros by each of the four, the earliest first
 */
record BasePeriod(Map<Quarter, Amount> earnings) {
  private static final int WEEKS_OF_TWO_QUARTERS = 26;

  static BasePeriod of(LocalDate absentFrom, PaidLeaveAnswers answers) {
    var current = Quarter.of(absentFrom);
    var earnings = new LinkedHashMap<Quarter, Amount>();
    for (var back = 5; back > 1; back--) {
      var quarter = current.minus(back);
      earnings.put(quarter, earned(quarter, answers));
    }
    return new BasePeriod(earnings);
  }

  private static Amount earned(Quarter quarter, PaidLeaveAnswers answers) {
    var sum = Amount.ZERO;
    for (var employer : answers.listedEmployers()) {
      sum = sum.plus(inQuarter(employer.quarters(), quarter));
    }
    var own = answers.selfEmployed();
    return own != null && Boolean.TRUE.equals(own.enrolled())
        ? sum.plus(inQuarter(own.quarters(), quarter))
        : sum;
  }

  private static Amount inQuarter(@Nullable Map<Quarter, Amount> quarters, Quarter quarter) {
    var amount = quarters == null ? null : quarters.get(quarter);
    return amount == null ? Amount.ZERO : amount;
  }

  Amount highest() {
    return earnings.values().stream().max(Comparator.naturalOrder()).orElseThrow();
  }

  /** Euros a week in the two best quarters, half up to the cent. */
  Amount averageWeekly() {
    var best = earnings.values().stream().sorted(Comparator.reverseOrder()).toList();
    return best.get(0).plus(best.get(1)).dividedBy(WEEKS_OF_TWO_QUARTERS).round2();
  }
}
