package civitane.app.claims;

import civitane.app.households.Households;
import civitane.app.screening.Catalogue;
import civitane.core.claims.ClaimState;
import civitane.core.claims.Turn;
import civitane.core.time.WorkingDays;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The day's work: open claims by what is due, and how much falls on each day. */
@Service
class Desk {
  static final int PAGE = 200;

  /** What a claim takes that is ours to do, as long as nothing better is known. */
  private static final int MINUTES_A_CLAIM = 25;

  /** What is left of a day for claims beside the counter and the phone. */
  private static final int FREE_MINUTES = 150;

  private static final Set<ClaimState> SHOWN = EnumSet.of(ClaimState.LODGED, ClaimState.OPEN);

  private final ClaimRepository claims;
  private final ItemRepository items;
  private final EventRepository events;
  private final Households households;
  private final Clock clock;

  Desk(
      ClaimRepository claims,
      ItemRepository items,
      EventRepository events,
      Households households,
      Clock clock) {
    this.claims = claims;
    this.items = items;
    this.events = events;
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
      LocalDate lodgedOn,
      LocalDate dueOn,
      int workingDaysLeft,
      ClaimView.@Nullable NextStep next,
      @Nullable String holder,
      List<ClaimView.Stretch> stretches,
      List<String> open) {}

  /** The minutes that fall due on a day; what is overdue lies on the day before today. */
  record Tide(LocalDate day, int minutes) {}

  /** Where the next page begins: after a claim as it is kept, whose due date may have moved since. */
  record After(boolean urgent, LocalDate dueOn, String number) {
    static After of(StoredClaim claim) {
      return new After(claim.urgent(), claim.dueOn(), claim.number());
    }
  }

  /**
   * A page of the Desk.
   *
   * @param tide of all open claims, whatever the page
   * @param after where the next page begins; null when this is the last
   */
  record DeskPage(
      LocalDate today,
      int freeMinutes,
      List<Tide> tide,
      List<DeskRow> rows,
      @Nullable After after) {}

  @Transactional(readOnly = true)
  DeskPage page(boolean afterUrgent, @Nullable LocalDate afterDue, @Nullable String afterNumber) {
    var today = LocalDate.now(clock);
    var found = claims.page(
        SHOWN,
        afterUrgent,
        afterDue == null ? LocalDate.EPOCH : afterDue,
        afterNumber == null ? "" : afterNumber,
        Limit.of(PAGE + 1));
    var more = found.size() > PAGE;
    var shown = more ? found.subList(0, PAGE) : found;
    return new DeskPage(
        today,
        FREE_MINUTES,
        tide(today),
        rows(shown, today),
        more ? After.of(shown.get(PAGE - 1)) : null);
  }

  private List<DeskRow> rows(List<StoredClaim> shown, LocalDate today) {
    var ids = shown.stream().map(StoredClaim::id).toList();
    var eventsOf = events.findByClaimIdInOrderByHappenedAtAscIdAsc(ids).stream()
        .collect(Collectors.groupingBy(StoredEvent::claimId));
    var itemsOf = items.findByClaimIdInAndOpenOrderById(ids, true).stream()
        .collect(Collectors.groupingBy(StoredItem::claimId));
    var names =
        households.named(shown.stream().map(StoredClaim::householdId).distinct().toList());
    return shown.stream()
        .map(claim -> row(
            claim,
            names.get(claim.householdId()),
            eventsOf.getOrDefault(claim.id(), List.of()),
            itemsOf.getOrDefault(claim.id(), List.of()),
            today))
        .sorted(Comparator.comparing(DeskRow::urgent)
            .reversed()
            .thenComparing(DeskRow::dueOn)
            .thenComparing(DeskRow::number))
        .toList();
  }

  private DeskRow row(
      StoredClaim claim,
      Households.ListedHousehold household,
      List<StoredEvent> happened,
      List<StoredItem> open,
      LocalDate today) {
    var stretches = TurnHistory.of(claim.lodgedOn(), happened, today, clock.getZone());
    var due = civitane.core.claims.Clock.of(claim.lodgedOn(), claim.standard(), stretches)
        .dueOn();
    return new DeskRow(
        claim.number(),
        household.name(),
        household.town(),
        Catalogue.title(claim.service()),
        claim.state().word(),
        claim.turn().word(),
        claim.urgent(),
        claim.lodgedOn(),
        due,
        WorkingDays.between(today, due),
        ClaimView.NextStep.of(claim),
        claim.holder(),
        ClaimView.Stretch.of(stretches),
        open.stream()
            .filter(item -> item.owner() != Turn.OURS)
            .map(StoredItem::words)
            .distinct()
            .toList());
  }

  private List<Tide> tide(LocalDate today) {
    var minutes = new TreeMap<LocalDate, Integer>();
    for (var falling : claims.falling(SHOWN, Turn.OURS)) {
      var day = falling.dueOn().isBefore(today) ? today.minusDays(1) : falling.dueOn();
      minutes.merge(day, MINUTES_A_CLAIM * (int) falling.claims(), Integer::sum);
    }
    return minutes.entrySet().stream()
        .map(entry -> new Tide(entry.getKey(), entry.getValue()))
        .toList();
  }
}
