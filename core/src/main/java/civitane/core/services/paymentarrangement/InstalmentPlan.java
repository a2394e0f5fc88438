package civitane.core.services.paymentarrangement;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Line;
import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A debt in parts: one at once, then one a month; euros.
 *
 * @param down due at once, half up to the cent
 * @param part each month, down to the cent
 * @param last the remainder
 */
public record InstalmentPlan(
    Amount total, Amount down, Amount part, Amount last, List<LocalDate> dueOn) {

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

  /** What is due on each day after the part at once; two on one day are one. */
  Map<LocalDate, Amount> byDay() {
    var plan = new LinkedHashMap<LocalDate, Amount>();
    for (var i = 0; i < dueOn.size(); i++) {
      plan.merge(dueOn.get(i), i == dueOn.size() - 1 ? last : part, Amount::plus);
    }
    return plan;
  }

  List<Award> awards() {
    return List.of(Award.of(What.INSTALMENTS, Recipient.OFFICE)
        .of(Argument.once(total))
        .from(dueOn.get(0))
        .until(dueOn.get(dueOn.size() - 1))
        .with(
            Argument.once(down),
            Argument.months(dueOn.size()),
            Argument.once(part),
            Argument.once(last)));
  }

  List<Line> lines() {
    return List.of(
        new Line(Why.LINE_TOTAL.with(), Argument.once(total)),
        new Line(Why.LINE_DOWN.with(), Argument.once(down)),
        new Line(Why.LINE_PART.with(Argument.months(dueOn.size() - 1L)), Argument.once(part)),
        new Line(Why.LINE_LAST.with(), Argument.once(last)));
  }
}
