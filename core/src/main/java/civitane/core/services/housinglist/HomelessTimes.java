package civitane.core.services.housinglist;

import civitane.core.services.housinglist.HousingListAids.Stretch;
import civitane.core.services.housinglist.HousingListAnswers.HomelessTime;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Times without a home up to a day; those that touch or overlap are one. */
final class HomelessTimes {
  private final LocalDate upTo;
  private final List<Stretch> times;
  private final boolean open;

  HomelessTimes(List<HomelessTime> said, LocalDate upTo) {
    this.upTo = upTo;
    this.open = said.stream().anyMatch(time -> time.from() != null && time.to() == null);
    this.times = merged(said.stream()
        .filter(time -> time.from() != null)
        .map(time -> new Stretch(time.from(), earlier(time.to() == null ? upTo : time.to(), upTo)))
        .filter(time -> time.from().isBefore(time.to()))
        .sorted(Comparator.comparing(Stretch::from))
        .toList());
  }

  private static LocalDate earlier(LocalDate one, LocalDate other) {
    return one.isBefore(other) ? one : other;
  }

  private static List<Stretch> merged(List<Stretch> sorted) {
    var merged = new ArrayList<Stretch>();
    for (var time : sorted) {
      var last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last == null || last.to().isBefore(time.from())) {
        merged.add(time);
      } else if (time.to().isAfter(last.to())) {
        merged.set(merged.size() - 1, new Stretch(last.from(), time.to()));
      }
    }
    return merged;
  }

  private static int days(Stretch time) {
    return (int) ChronoUnit.DAYS.between(time.from(), time.to());
  }

  /** Whether a time has no end yet. */
  boolean isOpen() {
    return open;
  }

  boolean runToNow() {
    return !times.isEmpty() && times.get(times.size() - 1).to().equals(upTo);
  }

  /** Whether they are long: without a break up to now, or in several separate times of the last years. */
  boolean areLong(HousingListTerms terms) {
    if (!runToNow()) {
      return false;
    }
    if (days(times.get(times.size() - 1)) >= terms.longDays()) {
      return true;
    }
    return within(terms).size() >= terms.longTimes() && days(terms) >= terms.longDays();
  }

  /** The separate times of the last years. */
  List<Stretch> within(HousingListTerms terms) {
    var opens = upTo.minusYears(terms.longWindowYears());
    return times.stream()
        .filter(time -> time.to().isAfter(opens))
        .map(time -> time.from().isBefore(opens) ? new Stretch(opens, time.to()) : time)
        .toList();
  }

  /** Days without a home in the last years together. */
  int days(HousingListTerms terms) {
    return within(terms).stream().mapToInt(HomelessTimes::days).sum();
  }
}
