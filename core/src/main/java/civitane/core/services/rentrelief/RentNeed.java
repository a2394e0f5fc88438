package civitane.core.services.rentrelief;

import civitane.core.facts.Answers;
import civitane.core.facts.ExpenseKind;
import civitane.core.income.Counted;
import civitane.core.money.Amount;
import civitane.core.rules.Line;
import civitane.core.rules.Restated;
import civitane.core.rules.Situation;
import civitane.core.rules.Test;
import civitane.core.time.Months;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What rent is owed and to come, and how much of it can be paid. */
final class RentNeed {
  private final Situation it;
  private final RentReliefTerms terms;
  private final boolean subsidised;
  private final Restated rent;
  private final List<Answers> arrears;
  private final List<Integer> allowed = new ArrayList<>();
  private final boolean monthTwice;

  RentNeed(Situation it, Counted counted, RentReliefTerms terms) {
    this.it = it;
    this.terms = terms;
    this.subsidised = it.answers().flag("subsidised", false);
    this.rent = Restated.of(
        counted,
        it.answers().number("monthlyRent"),
        it.pointer("monthlyRent"),
        EnumSet.of(ExpenseKind.RENT));
    this.arrears = it.answers().groups("arrears");
    var months = new HashSet<YearMonth>();
    var twice = false;
    for (var i = 0; i < arrears.size(); i++) {
      var month = arrears.get(i).month("month");
      if (month != null) {
        twice |= !months.add(month);
        var before = Months.before(month, YearMonth.from(it.assessedOn()));
        if (before >= 0 && before < terms.backMonths()) {
          allowed.add(i);
        }
      }
    }
    this.monthTwice = twice;
  }

  boolean asksForArrears() {
    return !arrears.isEmpty();
  }

  /** The months that can be paid, the earliest first, as they are written. */
  List<String> allowedMonths() {
    var lodging = YearMonth.from(it.assessedOn());
    return IntStream.range(0, terms.backMonths())
        .map(back -> terms.backMonths() - 1 - back)
        .mapToObj(back -> lodging.minusMonths(back).toString())
        .toList();
  }

  /** Whether months were named that are too old or still to come. */
  boolean leavesOutMonths() {
    return arrears.stream().filter(entry -> entry.month("month") != null).count() > allowed.size();
  }

  /** A month's rent as far as the household pays it itself; null when not known. */
  private @Nullable Amount basis() {
    return subsidised ? it.answers().number("ownShare") : rent.isKnown() ? rent.value() : null;
  }

  private List<Amount> owed() {
    return allowed.stream()
        .map(i -> arrears.get(i).number("owed"))
        .filter(owed -> owed != null && owed.isPositive())
        .toList();
  }

  Amount back() {
    var sum = Amount.ZERO;
    for (var owed : owed()) {
      sum = sum.plus(owed.atMost(basis()));
    }
    return sum;
  }

  int backMonths() {
    return owed().size();
  }

  int comingMonths() {
    var asked = it.answers().number("comingMonths");
    var wanted = asked == null
        ? 0
        : asked
            .toDecimal()
            .min(java.math.BigDecimal.valueOf(terms.comingMonths()))
            .intValue();
    return Math.max(0, Math.min(wanted, terms.monthsInAll() - backMonths()));
  }

  Amount coming() {
    return basis().times(comingMonths());
  }

  Amount award() {
    return back().plus(coming()).atMost(terms.cap());
  }

  Test test() {
    var check = it.check("RR-NEED")
        .uses("arrears")
        .uses("comingMonths")
        .doubtIf(monthTwice, () -> "One month is listed twice among the rent owed.");
    for (var i = 0; i < arrears.size(); i++) {
      check.needs("arrears/" + i + "/month").needs("arrears/" + i + "/owed");
    }
    if (subsidised) {
      check.needs("ownShare");
    } else {
      check.uses("monthlyRent").lacks(rent.missing());
      check.doubtIf(
          rent.contradicts(),
          () -> "The monthly rent said and the rent among the expenses differ.");
    }
    var complete = arrears.stream().allMatch(entry -> entry.has("month") && entry.has("owed"));
    if (complete && !monthTwice) {
      var asked = !owed().isEmpty() || comingMonths() > 0;
      check.must(
          asked ? basis() == null ? null : Boolean.valueOf(award().isPositive()) : Boolean.FALSE,
          () -> asked
              ? "Nothing would be paid, as the household's own rent is 0."
              : "No rent is owed for a month that can be paid, and none is asked for to come.");
    }
    return check.orMet(() -> "Rent is owed for " + backMonths() + " months and asked for "
        + comingMonths() + " to come; " + award() + " can be paid.");
  }

  List<Line> lines() {
    return List.of(
        new Line("Rent owed, " + backMonths() + " months", back()),
        new Line("Rent to come, " + comingMonths() + " months", coming()),
        new Line("Paid, at most " + terms.cap(), award()));
  }

  boolean isKnown() {
    return basis() != null
        && !monthTwice
        && arrears.stream().allMatch(entry -> entry.has("month") && entry.has("owed"));
  }
}
