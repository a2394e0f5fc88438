package civitane.core.awards;

import civitane.core.facts.Frequency;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

import static java.time.temporal.ChronoUnit.DAYS;

/**
 * What a household was given for months that have begun, beyond what its claim's last decision leaves due for them. Money
 * that is paid to the household month by month or week by week counts; a sum that is given once for something does not,
 * and a first month's part counts with the months it begins. A part of a month counts by its days, rounded down to the
 * cent. A month that was given too little is settled by paying the rest: it makes no other month's excess smaller.
 */
public final class Overpaid {
  /** Up to so much nothing is asked back, in euros: asking costs the household and the office more. */
  public static final Amount LEAST = Amount.of(20);

  private static final int WEEK = 7;

  private Overpaid() {}

  /**
   * Days of one month.
   *
   * @param given what went out for them, in euros
   * @param due what is due for them, in euros
   */
  public record Stretch(LocalDate from, LocalDate until, Amount given, Amount due) {
    public Amount over() {
      return given.minus(due).notBelowZero();
    }

    private boolean overlaps(LocalDate first, LocalDate last) {
      return !first.isAfter(until) && !last.isBefore(from);
    }

    /** How many of its days lie in another stretch of days. */
    private long daysIn(LocalDate first, LocalDate last) {
      var begins = first.isAfter(from) ? first : from;
      var ends = last.isBefore(until) ? last : until;
      return Math.max(0, DAYS.between(begins, ends) + 1);
    }
  }

  /** All that was given beyond what is due, in euros. */
  public static Amount in(List<Stretch> stretches) {
    return stretches.stream().map(Stretch::over).reduce(Amount.ZERO, Amount::plus);
  }

  /** What is to be asked back of what was given too much, beyond what is asked back already; nothing where it is too little. */
  public static Amount toAsk(Amount over, Amount askedBefore) {
    var more = over.minus(askedBefore);
    return more.isAbove(LEAST) ? more : Amount.ZERO;
  }

  /** The days for which more was given than is due, month by month, the first one first. */
  public static List<Stretch> of(List<Given> chain) {
    if (chain.size() < 2) {
      return List.of();
    }
    var last = chain.get(chain.size() - 1);
    var found = new ArrayList<Stretch>();
    for (var stretch : stretches(chain, last.decidedOn())) {
      var paid = Amount.ZERO;
      for (var i = goingOutAt(stretch.from(), chain); i < chain.size() - 1; i++) {
        paid = paid.atLeast(due(stretch, chain.subList(0, i + 1)));
      }
      var counted = new Stretch(stretch.from(), stretch.until(), paid, due(stretch, chain));
      if (counted.over().isPositive()) {
        found.add(counted);
      }
    }
    return found;
  }

  /** The months that have begun, each cut where another decision's days begin. */
  private static List<Stretch> stretches(List<Given> chain, LocalDate today) {
    var cuts = new TreeSet<LocalDate>();
    var end = YearMonth.from(today).plusMonths(1).atDay(1);
    chain.stream().map(Given::from).filter(day -> day.isBefore(end)).forEach(cuts::add);
    if (cuts.isEmpty()) {
      return List.of();
    }
    for (var month = YearMonth.from(cuts.first()).plusMonths(1);
        !month.atDay(1).isAfter(end);
        month = month.plusMonths(1)) {
      cuts.add(month.atDay(1));
    }
    var days = List.copyOf(cuts);
    var stretches = new ArrayList<Stretch>();
    for (var i = 0; i + 1 < days.size(); i++) {
      stretches.add(
          new Stretch(days.get(i), days.get(i + 1).minusDays(1), Amount.ZERO, Amount.ZERO));
    }
    return stretches;
  }

  /** Which decision stood before the first day of a month, as its money went out; the first where none did yet, as it pays what is past. */
  private static int goingOutAt(LocalDate day, List<Given> chain) {
    var first = day.withDayOfMonth(1);
    var found = 0;
    for (var i = 1; i < chain.size(); i++) {
      if (chain.get(i).decidedOn().isBefore(first)) {
        found = i;
      }
    }
    return found;
  }

  /** What a chain of decisions leaves due for some days: what the last one gives whose days have begun. */
  private static Amount due(Stretch stretch, List<Given> chain) {
    var due = Amount.ZERO;
    for (var given : chain) {
      if (!given.from().isAfter(stretch.from())) {
        due = given.awards().stream()
            .filter(award -> award.what() == What.MONEY && award.to() == Recipient.HOUSEHOLD)
            .map(award -> share(award, given, stretch))
            .reduce(Amount.ZERO, Amount::plus);
      }
    }
    return due;
  }

  private static Amount share(Award award, Given given, Stretch stretch) {
    var from = award.from() == null ? given.from() : award.from();
    var until = award.until() == null ? LocalDate.MAX : award.until();
    if (!(award.much() instanceof Argument.Money money) || !stretch.overlaps(from, until)) {
      return Amount.ZERO;
    }
    var days = stretch.daysIn(from, until);
    return switch (money.each()) {
      case MONTHLY -> part(money.amount(), days, stretch.from().lengthOfMonth());
      case WEEKLY -> part(money.amount(), days, WEEK);
      case ONCE ->
        isFirstMonth(award, given)
            ? part(money.amount(), days, DAYS.between(from, until) + 1)
            : Amount.ZERO;
      default -> throw new IllegalArgumentException("nothing is paid " + money.each());
    };
  }

  /** A sum once for the days before what goes on month by month. */
  private static boolean isFirstMonth(Award award, Given given) {
    return award.until() != null
        && given.awards().stream()
            .anyMatch(other -> other.much() instanceof Argument.Money money
                && money.each() == Frequency.MONTHLY
                && award.until().plusDays(1).equals(other.from()));
  }

  private static Amount part(Amount whole, long days, long of) {
    return days == of ? whole : whole.times(days).dividedBy(of).floor2();
  }
}
