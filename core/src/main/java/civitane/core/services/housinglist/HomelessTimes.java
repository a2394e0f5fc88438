package civitane.core.services.housinglist;

import civitane.core.facts.Answers;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Times without a home up to lodging; those that touch or overlap are one. */
final class HomelessTimes {

  /** From a day up to, not including, another. */
  private record Time(LocalDate from, LocalDate to) {
    long days() {
      return ChronoUnit.DAYS.between(from, to);
    }
  }

  private final LocalDate lodgedOn;
  private final List<Time> times;
  private final boolean open;

  HomelessTimes(List<Answers> said, LocalDate lodgedOn) {
    this.lodgedOn = lodgedOn;
    this.open = said.stream().anyMatch(time -> time.has("from") && !time.has("to"));
    var sorted = said.stream()
        .filter(time -> time.has("from"))
        .map(time -> new Time(
            time.date("from"), earlier(time.has("to") ? time.date("to") : lodgedOn, lodgedOn)))
        .filter(time -> time.from().isBefore(time.to()))
        .sorted(Comparator.comparing(Time::from))
        .toList();
    this.times = merged(sorted);
  }

  private static LocalDate earlier(LocalDate one, LocalDate other) {
    return one.isBefore(other) ? one : other;
  }

  private static List<Time> merged(List<Time> sorted) {
    var merged = new ArrayList<Time>();
    for (var time : sorted) {
      var last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last == null || last.to().isBefore(time.from())) {
        merged.add(time);
      } else if (time.to().isAfter(last.to())) {
        merged.set(merged.size() - 1, new Time(last.from(), time.to()));
      }
    }
    return merged;
  }

  /** Whether a time has no end yet. */
  boolean isOpen() {
    return open;
  }

  boolean runToLodging() {
    return !times.isEmpty() && times.get(times.size() - 1).to().equals(lodgedOn);
  }

  /** Whether they are long: without a break up to lodging, or in several separate times of the last years. */
  boolean areLong(HousingListTerms terms) {
    if (!runToLodging()) {
      return false;
    }
    if (times.get(times.size() - 1).days() >= terms.longDays()) {
      return true;
    }
    return clipped(terms).size() >= terms.longTimes() && days(terms) >= terms.longDays();
  }

  private List<Time> clipped(HousingListTerms terms) {
    var opens = lodgedOn.minusYears(terms.longWindowYears());
    return times.stream()
        .filter(time -> time.to().isAfter(opens))
        .map(time -> time.from().isBefore(opens) ? new Time(opens, time.to()) : time)
        .toList();
  }

  /** Days without a home in the last years together. */
  long days(HousingListTerms terms) {
    return clipped(terms).stream().mapToLong(Time::days).sum();
  }

  /** The separate times of the last years, each from a day up to, not including, another. */
  List<List<LocalDate>> within(HousingListTerms terms) {
    return clipped(terms).stream().map(time -> List.of(time.from(), time.to())).toList();
  }
}
