package civitane.core.services.valuereview;

import civitane.core.facts.Answers;
import civitane.core.money.Amount;
import civitane.core.time.Months;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Sales nearby, made comparable with the subject. Read only when every sale and the subject are complete. */
final class ComparableSales {
  private final List<Answers> all;
  private final List<Answers> usable;
  private final List<Answers> used;
  private final Answers subject;
  private final LocalDate valuedOn;
  private final ValueReviewTerms terms;

  ComparableSales(
      List<Answers> sales, Answers subject, LocalDate valuedOn, ValueReviewTerms terms) {
    this.all = sales;
    this.subject = subject;
    this.valuedOn = valuedOn;
    this.terms = terms;
    var opens = valuedOn.minusMonths(terms.saleMonths());
    this.usable = sales.stream()
        .filter(
            sale -> !sale.date("soldOn").isBefore(opens) && !sale.date("soldOn").isAfter(valuedOn))
        .toList();
    this.used = nearestInArea();
  }

  /** Those nearest in area, in the order of the packet; of two as near the earlier in it. */
  private List<Answers> nearestInArea() {
    var area = subject.number("area");
    return IntStream.range(0, usable.size())
        .boxed()
        .sorted(Comparator.comparing(i -> usable.get(i).number("area").distanceTo(area)))
        .limit(terms.sales())
        .sorted()
        .map(usable::get)
        .toList();
  }

  /** Each sale by its place in the packet: its price made comparable, or nothing where it is not used. */
  Map<String, Object> aid() {
    var adjusted = adjusted();
    var byPlace = new LinkedHashMap<String, Object>();
    for (var i = 0; i < all.size(); i++) {
      var place = indexOf(all.get(i));
      if (place >= 0) {
        byPlace.put(Integer.toString(i), adjusted.get(place));
      }
    }
    return byPlace;
  }

  private int indexOf(Answers sale) {
    for (var i = 0; i < used.size(); i++) {
      if (used.get(i) == sale) {
        return i;
      }
    }
    return -1;
  }

  int usable() {
    return usable.size();
  }

  boolean leavesOut() {
    return used.size() < usable.size();
  }

  /** The adjusted price of each sale used, half up to the euro. */
  List<Amount> adjusted() {
    var adjusted = new ArrayList<Amount>(used.size());
    for (var sale : used) {
      adjusted.add(adjusted(sale));
    }
    return adjusted;
  }

  private Amount adjusted(Answers sale) {
    var months = Months.wholeBetween(sale.date("soldOn"), valuedOn);
    var price = sale.number("price");
    var trended = price.plus(price.percent(terms.trendPercentPerMonth().times(months)));
    var area = sale.number("area");
    var forArea = subject
        .number("area")
        .minus(area)
        .times(trended.percent(terms.marginalAreaPercent()))
        .dividedBy(area);
    var forSize = trended.plus(forArea);
    var steps = subject.number("condition").minus(sale.number("condition"));
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
