package civitane.core.services.paymentarrangement;

import civitane.core.money.Amount;
import civitane.core.rules.Line;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A debt in parts: one at once, then one a month.
 *
 * @param down due at once, half up to the cent
 * @param part each month, down to the cent
 * @param last the remainder
 */
record InstalmentPlan(Amount total, Amount down, Amount part, Amount last, List<LocalDate> dueOn) {

  static InstalmentPlan of(Amount total, Amount downPercent, int months, LocalDate firstDueOn) {
    var down = total.percent(downPercent).round2();
    var rest = total.minus(down);
    var part = rest.dividedBy(months).floor2();
    var last = rest.minus(part.times(months - 1L));
    var dueOn = IntStream.range(0, months)
        .mapToObj(firstDueOn::plusMonths)
        .map(WorkingDays::onOrAfter)
        .toList();
    return new InstalmentPlan(total, down, part, last, dueOn);
  }

  Map<String, Object> amounts() {
    var amounts = new LinkedHashMap<String, Object>();
    amounts.put("total", total);
    amounts.put("down", down);
    amounts.put("part", part);
    amounts.put("last", last);
    amounts.put("dueOn", dueOn);
    return amounts;
  }

  /** What is due on each day after the part at once, as days are written; two on one day are one. */
  Map<String, Amount> byDay() {
    var plan = new LinkedHashMap<String, Amount>();
    for (var i = 0; i < dueOn.size(); i++) {
      plan.merge(dueOn.get(i).toString(), i == dueOn.size() - 1 ? last : part, Amount::plus);
    }
    return plan;
  }

  List<Line> lines() {
    return List.of(
        new Line("Owed in all", total),
        new Line("Due at once", down),
        new Line("Each of " + (dueOn.size() - 1) + " months", part),
        new Line("The last month", last));
  }
}
