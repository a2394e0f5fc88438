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

import static civitane.core.facts.Known.known;

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
        .filter(i -> {
          var soldOn = known(sales.get(i).soldOn());
          return !soldOn.isBefore(opens) && !soldOn.isAfter(valuedOn);
        })
        .boxed()
        .toList();
    this.used = nearestInArea();
  }

  /** The places of those nearest in area, in the order of the packet; of two as near the earlier in it. */
  private List<Integer> nearestInArea() {
    if (usable.isEmpty()) {
      return List.of();
    }
    var area = known(known(subject).area());
    return usable.stream()
        .sorted(Comparator.comparing(i -> area.distanceTo(known(all.get(i).area()))))
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
    var compared = known(subject);
    var area = known(sale.area());
    var price = known(sale.price());
    var months = Months.wholeBetween(known(sale.soldOn()), valuedOn);
    var trended = price.plus(price.percent(terms.trendPercentPerMonth().times(months)));
    var forArea = known(compared.area())
        .minus(area)
        .times(trended.percent(terms.marginalAreaPercent()))
        .dividedBy(area);
    var forSize = trended.plus(forArea);
    long steps = known(compared.condition()) - known(sale.condition());
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
