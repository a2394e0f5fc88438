package civitane.core.rules;

import civitane.core.facts.Frequency;
import civitane.core.income.CountedIncome;
import civitane.core.income.IncomeGap;
import civitane.core.income.IncomePicture;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** Checks of an income against a limit. */
public final class IncomeRule {
  private IncomeRule() {}

  /**
   * Met when the total is at most the limit; with disputed incomes when it is so at both ends.
   *
   * @param each what the totals are for
   * @param low the total with the lower value of each disputed income
   * @param high the total with the higher
   * @param limit read only when everything it needs is known
   */
  public static Check atMost(
      Situation<?> it,
      String id,
      IncomePicture income,
      Frequency each,
      Supplier<Amount> low,
      Supplier<Amount> high,
      Supplier<Amount> limit) {
    return atMost(it, id, income, each, low, high, total -> limit.get());
  }

  /** As above, with a limit that depends on the total it is held against. */
  public static Check atMost(
      Situation<?> it,
      String id,
      IncomePicture income,
      Frequency each,
      Supplier<Amount> low,
      Supplier<Amount> high,
      UnaryOperator<Amount> limitFor) {
    if (!income.isKnown()) {
      return gap(it, id, income);
    }
    var highest = high.get();
    var most = limitFor.apply(highest);
    if (highest.isWithin(most)) {
      return of(it, id, income)
          .comparing(highest, most)
          .met(Why.INCOME_WITHIN.with(
              Argument.each(highest, each),
              Argument.each(most, each),
              Argument.each(most.minus(highest), each)));
    }
    var lowest = income.isDisputed() ? low.get() : highest;
    var least = income.isDisputed() ? limitFor.apply(lowest) : most;
    if (lowest.isAbove(least)) {
      var over = Argument.each(lowest.minus(least), each);
      return of(it, id, income)
          .must(
              false,
              () -> Why.INCOME_OVER.with(
                  Argument.each(lowest, each), Argument.each(least, each), over))
          .changedBy(() -> Why.INCOME_LESS.with(over))
          .comparing(lowest, least)
          .open();
    }
    return disputed(
        it,
        id,
        income,
        Why.INCOME_DISPUTED.with(
            Argument.each(lowest, each), Argument.each(highest, each), Argument.each(most, each)));
  }

  /** A check of the income that names all its facts. */
  public static Checking of(Situation<?> it, String id, IncomePicture income) {
    return it.check(id).ofIncome().uses(places(income));
  }

  /** The check where what is known of the income does not suffice. */
  public static Check gap(Situation<?> it, String id, IncomePicture income) {
    return of(it, id, income)
        .lacks(income.gaps().stream()
            .map(IncomeGap::missing)
            .distinct()
            .sorted(Comparator.comparing(Missing::subject))
            .toList())
        .unknown(income.gaps().stream().map(IncomeGap::because).distinct().toList());
  }

  /** The check where the register and the household disagree across the limit. */
  public static Check disputed(Situation<?> it, String id, IncomePicture income, Reason because) {
    return of(it, id, income)
        .lacks(income.incomes().stream()
            .filter(CountedIncome::isDisputed)
            .map(item -> new Missing(
                "payslip:" + item.income().id(), "paper.payslip", null, it.who(item.person())))
            .sorted(Comparator.comparing(Missing::subject))
            .toList())
        .unknown(because);
  }

  private static List<Place> places(IncomePicture income) {
    var places = new ArrayList<Place>(income.incomes().size() + 4);
    var people = income.counted().household().people();
    for (var person : income.counted().people()) {
      places.add(new Place("/household/people/", people.indexOf(person)));
    }
    for (var item : income.incomes()) {
      places.add(new Place("/household/incomes/", item.index()));
    }
    return places;
  }

  /** The notes an income picture calls for: swings, and disputes that did not matter. */
  public static List<Note> notes(IncomePicture income, boolean decided) {
    if (income.incomes().isEmpty()) {
      return List.of();
    }
    var notes = new ArrayList<Note>(0);
    for (var item : income.incomes()) {
      if (item.irregular()) {
        notes.add(new Note(Why.IRREGULAR.with(
            Who.of(income.counted().household(), item.person()), Argument.count(item.payslips()))));
      }
    }
    if (decided && income.isKnown() && income.isDisputed()) {
      notes.add(new Note(Why.PROVISIONAL.with()));
    }
    return notes;
  }
}
