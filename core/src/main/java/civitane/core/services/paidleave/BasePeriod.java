package civitane.core.services.paidleave;

import civitane.core.facts.Answers;
import civitane.core.money.Amount;
import civitane.core.time.Quarter;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The quarters whose earnings count: the first four of the last five completed before the absence.
 *
 * @param earnings euros in each of the four, the earliest first
 */
record BasePeriod(List<Quarter> quarters, List<Amount> earnings) {
  private static final int WEEKS_OF_TWO_QUARTERS = 26;

  static BasePeriod of(LocalDate absentFrom, Answers answers) {
    var current = Quarter.of(absentFrom);
    var quarters = Stream.of(5, 4, 3, 2).map(current::minus).toList();
    return new BasePeriod(
        quarters, quarters.stream().map(quarter -> earned(quarter, answers)).toList());
  }

  private static Amount earned(Quarter quarter, Answers answers) {
    var sum = Amount.ZERO;
    for (var employer : answers.groups("employers")) {
      sum = sum.plus(inQuarter(employer, quarter));
    }
    var own = answers.group("selfEmployed");
    return own != null && own.flag("enrolled", false) ? sum.plus(inQuarter(own, quarter)) : sum;
  }

  private static Amount inQuarter(Answers source, Quarter quarter) {
    var quarters = source.group("quarters");
    var amount = quarters == null ? null : quarters.number(quarter.toString());
    return amount == null ? Amount.ZERO : amount;
  }

  /** Euros by quarter, as it is written. */
  Map<String, Amount> byQuarter() {
    var map = new LinkedHashMap<String, Amount>();
    for (var i = 0; i < quarters.size(); i++) {
      map.put(quarters.get(i).toString(), earnings.get(i));
    }
    return map;
  }

  Amount highest() {
    return earnings.stream().max(Comparator.naturalOrder()).orElseThrow();
  }

  /** Euros a week in the two best quarters, half up to the cent. */
  Amount averageWeekly() {
    var best = earnings.stream().sorted(Comparator.reverseOrder()).toList();
    return best.get(0).plus(best.get(1)).dividedBy(WEEKS_OF_TWO_QUARTERS).round2();
  }
}
