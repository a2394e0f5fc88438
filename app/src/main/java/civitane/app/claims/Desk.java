package civitane.app.claims;

import civitane.app.catalogue.Catalogue;
import civitane.app.households.Households;
import civitane.core.claims.Step;
import civitane.core.claims.Turn;
import civitane.core.time.WorkingDays;
import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** The day's work: open claims by what presses, and how much falls on each day. */
@Service
class Desk {
  /** Three windows full: what is further down comes while one scrolls there. */
  static final int PAGE = 50;

  private static final Set<UUID> NOBODY = Set.of(new UUID(0, 0));

  /** What a claim takes that is ours to do, as long as nothing better is known. */
  private static final int MINUTES_A_CLAIM = 25;

  /** What is left of a day for claims beside the counter and the phone. */
  private static final int FREE_MINUTES = 150;

  private final ClaimRepository claims;
  private final FallingDue falling;
  private final Households households;
  private final Clock clock;

  Desk(ClaimRepository claims, FallingDue falling, Households households, Clock clock) {
    this.claims = claims;
    this.falling = falling;
    this.households = households;
    this.clock = clock;
  }

  /** A claim on the desk. */
  record DeskRow(
      String number,
      String householdName,
      @Nullable String town,
      String title,
      String state,
      String turn,
      boolean urgent,
      ClaimView.@Nullable Outside outside,
      LocalDate lodgedOn,
      LocalDate dueOn,
      int workingDaysLeft,
      ClaimView.@Nullable NextStep next,
      @Nullable String holder,
      List<ClaimView.Stretch> stretches,
      List<String> open) {}

  /** The claims with which the same is done next. */
  record Round(String step, String words, long claims) {}

  /** The minutes that fall due on a day; what is overdue lies on the day before today. */
  record Tide(LocalDate day, int minutes) {}

  /** Where the next page begins: after a claim, by its urgency, the day that presses, and its number. */
  record After(boolean urgent, LocalDate pressingOn, String number) {
    static final After NOTHING = new After(true, LocalDate.EPOCH, "");

    static After of(StoredClaim claim) {
      return new After(claim.urgent(), claim.pressingOn(), claim.number());
    }
  }

  /**
   * A page of the Desk.
   *
   * @param rounds the open claims by what is done next, whatever the page
   * @param tide of all open claims, whatever the page
   * @param after where the next page begins; null when this is the last
   */
  record DeskPage(
      LocalDate today,
      int freeMinutes,
      List<Round> rounds,
      List<Tide> tide,
      List<DeskRow> rows,
      @Nullable After after) {}

  /** @param hidden the households that are not there for who looks */
  @Transactional(readOnly = true)
  DeskPage page(@Nullable Step round, After after, Set<UUID> hidden) {
    var today = LocalDate.now(clock);
    var limit = Limit.of(PAGE + 1);
    var found = round == null
        ? claims.page(!after.urgent(), after.pressingOn(), after.number(), but(hidden), limit)
        : claims.round(
            round, !after.urgent(), after.pressingOn(), after.number(), but(hidden), limit);
    var more = found.size() > PAGE;
    var due = falling.without(hidden);
    var shown = more ? found.subList(0, PAGE) : found;
    return new DeskPage(
        today,
        FREE_MINUTES,
        rounds(due),
        tide(due, today),
        rows(shown, today),
        more ? After.of(shown.get(PAGE - 1)) : null);
  }

  /** A list that a query can take: never empty. */
  private static Set<UUID> but(Set<UUID> hidden) {
    return hidden.isEmpty() ? NOBODY : hidden;
  }

  private List<DeskRow> rows(List<StoredClaim> shown, LocalDate today) {
    var names =
        households.named(shown.stream().map(StoredClaim::householdId).distinct().toList());
    return shown.stream()
        .map(claim -> row(claim, known(names.get(claim.householdId())), today))
        .toList();
  }

  private static DeskRow row(
      StoredClaim stored, Households.ListedHousehold household, LocalDate today) {
    var claim = stored.claim();
    var due = claim.dueOn(today);
    return new DeskRow(
        claim.number(),
        household.name(),
        household.town(),
        Catalogue.title(stored.service()),
        claim.state().word(),
        claim.turn().word(),
        claim.pace().urgent(),
        ClaimView.Outside.of(claim, today),
        claim.lodgedOn(),
        due,
        WorkingDays.between(today, due),
        claim.next(today).map(ClaimView.NextStep::of).orElse(null),
        claim.holder(),
        ClaimView.Stretch.of(claim.stretches(today)),
        claim.live().stream()
            .filter(item -> item.turn() != Turn.OURS)
            .map(ClaimWords::of)
            .distinct()
            .toList());
  }

  private static List<Round> rounds(List<Falling> falling) {
    var claims = new EnumMap<Step, Long>(Step.class);
    falling.forEach(one -> claims.merge(one.step(), one.claims(), Long::sum));
    return claims.entrySet().stream()
        .map(one -> new Round(one.getKey().word(), ClaimWords.of(one.getKey()), one.getValue()))
        .toList();
  }

  private static List<Tide> tide(List<Falling> falling, LocalDate today) {
    var minutes = new TreeMap<LocalDate, Integer>();
    for (var one : falling) {
      if (one.turn() == Turn.OURS) {
        var day = one.on().isBefore(today) ? today.minusDays(1) : one.on();
        minutes.merge(day, MINUTES_A_CLAIM * (int) one.claims(), Integer::sum);
      }
    }
    return minutes.entrySet().stream()
        .map(entry -> new Tide(entry.getKey(), entry.getValue()))
        .toList();
  }
}
