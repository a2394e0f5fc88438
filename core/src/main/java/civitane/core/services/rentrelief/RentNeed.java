package civitane.core.services.rentrelief;

import civitane.core.facts.ExpenseKind;
import civitane.core.income.Counted;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.rules.Check;
import civitane.core.rules.Line;
import civitane.core.rules.Restated;
import civitane.core.rules.Situation;
import civitane.core.services.rentrelief.RentReliefAnswers.Arrear;
import civitane.core.time.Months;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/** The rent owed and to come, as far as it can be paid. */
final class RentNeed {
  private final Situation<RentReliefAnswers> it;
  private final RentReliefTerms terms;
  private final Restated rent;
  private final List<Arrear> allowed = new ArrayList<>();
  private final boolean monthTwice;

  RentNeed(Situation<RentReliefAnswers> it, Counted counted, RentReliefTerms terms) {
    this.it = it;
    this.terms = terms;
    this.rent = Restated.of(
        counted, it.answers().monthlyRent(), "monthlyRent", EnumSet.of(ExpenseKind.RENT));
    var months = new HashSet<YearMonth>();
    var twice = false;
    for (var arrear : it.answers().arrears()) {
      if (arrear.month() != null) {
        twice |= !months.add(arrear.month());
        var before = Months.before(arrear.month(), YearMonth.from(it.assessedOn()));
        if (before >= 0 && before < terms.backMonths()) {
          allowed.add(arrear);
        }
      }
    }
    this.monthTwice = twice;
  }

  boolean asksForArrears() {
    return !it.answers().arrears().isEmpty();
  }

  /** The months that can be paid, the earliest first. */
  List<YearMonth> allowedMonths() {
    var now = YearMonth.from(it.assessedOn());
    return IntStream.range(0, terms.backMonths())
        .mapToObj(i -> now.minusMonths(terms.backMonths() - 1L - i))
        .toList();
  }

  /** Whether months were named that are too old or still to come. */
  boolean leavesOutMonths() {
    return it.answers().arrears().stream()
            .filter(arrear -> arrear.month() != null)
            .count()
        > allowed.size();
  }

  /** A month's rent as far as the household pays it itself; null when not known. */
  private @Nullable Amount basis() {
    return it.answers().subsidised()
        ? it.answers().ownShare()
        : rent.isKnown() ? rent.value() : null;
  }

  private List<Amount> owed() {
    return allowed.stream()
        .map(Arrear::owed)
        .filter(owed -> owed != null && owed.isPositive())
        .toList();
  }

  private Amount back() {
    var sum = Amount.ZERO;
    for (var owed : owed()) {
      sum = sum.plus(owed.atMost(known(basis())));
    }
    return sum;
  }

  private int backMonths() {
    return owed().size();
  }

  private int comingMonths() {
    var wanted = Math.min(it.answers().comingMonths(), terms.comingMonths());
    return Math.max(0, Math.min(wanted, terms.monthsInAll() - backMonths()));
  }

  private Amount coming() {
    return known(basis()).times(comingMonths());
  }

  private Amount award() {
    return back().plus(coming()).atMost(terms.cap());
  }

  RentReliefAmounts amounts(Payee payee) {
    return new RentReliefAmounts(back(), backMonths(), coming(), comingMonths(), award(), payee);
  }

  /** RR-NEED: rent is owed for a month that can be paid, or asked for to come. */
  Check check() {
    var check = it.check("RR-NEED")
        .uses("arrears")
        .uses("comingMonths")
        .doubtIf(monthTwice, Why.MONTH_TWICE::with);
    var arrears = it.answers().arrears();
    for (var i = 0; i < arrears.size(); i++) {
      check
          .needs("arrears/" + i + "/month", arrears.get(i).month())
          .needs("arrears/" + i + "/owed", arrears.get(i).owed());
    }
    if (it.answers().subsidised()) {
      check.needs("ownShare", it.answers().ownShare());
    } else {
      rent.wantedBy(check.uses("monthlyRent")).doubtIf(rent.contradicts(), Why.RENT_DIFFERS::with);
    }
    if (areComplete() && !monthTwice) {
      var asked = !owed().isEmpty() || comingMonths() > 0;
      check.must(
          asked ? basis() == null ? null : Boolean.valueOf(award().isPositive()) : Boolean.FALSE,
          () -> (asked ? Why.NOTHING_TO_PAY : Why.NOTHING_OWED).with());
    }
    return check.orMet(() -> Why.NEED.with(
        Argument.months(backMonths()), Argument.months(comingMonths()), Argument.once(award())));
  }

  private boolean areComplete() {
    return it.answers().arrears().stream()
        .allMatch(arrear -> arrear.month() != null && arrear.owed() != null);
  }

  List<Line> lines() {
    return List.of(
        new Line(Why.LINE_BACK.with(Argument.months(backMonths())), Argument.once(back())),
        new Line(Why.LINE_COMING.with(Argument.months(comingMonths())), Argument.once(coming())),
        new Line(Why.LINE_AWARD.with(Argument.once(terms.cap())), Argument.once(award())));
  }

  boolean isKnown() {
    return basis() != null && !monthTwice && areComplete();
  }
}
