package civitane.core.services.valuereview;

import civitane.core.money.Amount;
import civitane.core.services.valuereview.ValueReviewAnswers.ComparableSale;
import civitane.core.services.valuereview.ValueReviewAnswers.Subject;
import civitane.core.time.Months;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Sales nearby, made comparable with the subject. Read only when every sale and the subject are complete. */
final class ComparableSales {
  private final List<ComparableSale> all;
  private final List<Integer> usable;
  private final List<Integer> used;
  private final @Nullable Subject subject;
  private final LocalDate valuedOn;
  private final ValueReviewTerms terms;

  ComparableSales(
      List<ComparableSale> sales,
      @Nullable Subject subject,
      LocalDate valuedOn,
      ValueReviewTerms terms) {
    this.all = sales;
    this.subject = subject;
    this.valuedOn = valuedOn;
    this.terms = terms;
    var opens = valuedOn.minusMonths(terms.saleMonths());
    this.usable = IntStream.range(0, sales.size())
        .filter(i ->
            !sales.get(i).soldOn().isBefore(opens) && !sales.get(i).soldOn().isAfter(valuedOn))
        .boxed()
        .toList();
    this.used = nearestInArea();
  }

  /** The places of those nearest in area, in the order of the packet; of two as near the earlier in it. */
  private List<Integer> nearestInArea() {
    if (usable.isEmpty()) {
      return List.of();
    }
    return usable.stream()
        .sorted(Comparator.comparing(i -> all.get(i).area().distanceTo(subject.area())))
        .limit(terms.sales())
        .sorted()
        .toList();
  }

  /** Each sale used by its place in the packet: its price made comparable. */
  Map<Integer, Amount> byPlace() {
    var byPlace = new LinkedHashMap<Integer, Amount>();
    for (var place : used) {
      byPlace.put(place, adjusted(all.get(place)));
    }
    return byPlace;
  }

  int usable() {
    return usable.size();
  }

  int used() {
    return used.size();
  }

  boolean leavesOut() {
    return used.size() < usable.size();
  }

  /** The adjusted price of each sale used, half up to the euro. */
  List<Amount> adjusted() {
    return List.copyOf(byPlace().values());
  }

  private Amount adjusted(ComparableSale sale) {
    var months = Months.wholeBetween(sale.soldOn(), valuedOn);
    var trended =
        sale.price().plus(sale.price().percent(terms.trendPercentPerMonth().times(months)));
    var forArea = subject
        .area()
        .minus(sale.area())
        .times(trended.percent(terms.marginalAreaPercent()))
        .dividedBy(sale.area());
    var forSize = trended.plus(forArea);
    long steps = subject.condition() - sale.condition();
    return forSize.plus(forSize.percent(terms.conditionPercent().times(steps))).round0();
  }

  /** The median; of two in the middle their mean, half up to the euro. */
  Amount indicated() {
    var sorted = adjusted().stream().sorted().toList();
    var middle = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(middle)
        : sorted.get(middle - 1).plus(sorted.get(middle)).dividedBy(2).round0();
  }
}
