package civitane.app.claims;

import civitane.app.catalogue.Catalogue;
import civitane.app.households.Households;
import civitane.app.staff.Staff;
import civitane.core.claims.Item;
import civitane.core.claims.Step;
import civitane.core.claims.Turn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** Claims by what they have in common: of a household, of an application, what waits for whom, what falls due. */
@Service
public class ClaimLists {
  private static final int MOST_WAITING = 500;

  private final ClaimRepository claims;
  private final Households households;
  private final Clock clock;

  ClaimLists(ClaimRepository claims, Households households, Clock clock) {
    this.claims = claims;
    this.households = households;
    this.clock = clock;
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  /** The households of some claims, by the claims' numbers; of numbers that are no claims there is none. */
  @Transactional(readOnly = true)
  public Map<String, UUID> householdsOf(Collection<String> numbers) {
    return claims.findByNumberIn(numbers).stream()
        .collect(Collectors.toMap(StoredClaim::number, StoredClaim::householdId));
  }

  /** The claims of which something lives whose subject begins so, and which was due before a day. */
  @Transactional(readOnly = true)
  public List<String> dueBefore(String subject, LocalDate day) {
    return claims.dueBefore(subject + "%", day);
  }

  /** The claims that want something of others by one of some days. */
  @Transactional(readOnly = true)
  public List<String> dueToOthers(LocalDate from, LocalDate until) {
    return claims.dueToOthers(from, until);
  }

  /** A claim that can be decided, and in which version. */
  public record Ready(
      String number, int version, UUID household, String householdName, boolean urgent) {}

  /** The claims that somebody has and can decide, those that press first. */
  @Transactional(readOnly = true)
  public List<Ready> ready(Staff.Colleague by, int most) {
    return claims.held(Step.DECIDE, by.login(), Limit.of(most)).stream()
        .map(stored -> new Ready(
            stored.number(),
            stored.version(),
            stored.householdId(),
            households.find(stored.householdId()).name(),
            stored.claim().pace().urgent()))
        .toList();
  }

  /** A claim that waits for the word of somebody outside. */
  public record Waiting(
      String number,
      UUID request,
      UUID household,
      String householdName,
      String title,
      List<String> words,
      LocalDate dueOn) {}

  /** Those of some requests whose claims wait for somebody outside; the first of very many. */
  @Transactional(readOnly = true)
  public List<Waiting> waitingForOthers(List<UUID> requests) {
    if (requests.isEmpty()) {
      return List.of();
    }
    var found = claims.findByRequestIdInAndTurnInOrderByNumber(
        requests, EnumSet.complementOf(EnumSet.of(Turn.OVER)), Limit.of(MOST_WAITING));
    var names =
        households.named(found.stream().map(StoredClaim::householdId).distinct().toList());
    return found.stream()
        .filter(stored -> stored.claim().live().stream().anyMatch(ClaimLists::isTheirs))
        .map(stored -> new Waiting(
            stored.number(),
            stored.requestId(),
            stored.householdId(),
            known(names.get(stored.householdId())).name(),
            Catalogue.title(stored.service()),
            stored.claim().live().stream()
                .filter(ClaimLists::isTheirs)
                .map(ClaimWords::of)
                .distinct()
                .toList(),
            stored.claim().dueOn(today())))
        .toList();
  }

  /** The households of those requests that nobody has decided yet. */
  @Transactional(readOnly = true)
  public List<UUID> undecidedHouseholds(List<UUID> requests) {
    return requests.isEmpty() ? List.of() : claims.undecidedHouseholds(requests, Turn.OVER);
  }

  private static boolean isTheirs(Item item) {
    return item.turn() == Turn.THIRD_PARTY;
  }

  /** A claim as it stands right after lodging: when an answer comes, and how much is open. */
  public record LodgedClaim(
      String number, String title, LocalDate dueOn, boolean urgent, int open) {}

  /** The claims of an application. */
  @Transactional(readOnly = true)
  public List<LodgedClaim> lodgedWith(UUID application) {
    return claims.findByApplicationIdOrderByNumber(application).stream()
        .map(this::lodged)
        .toList();
  }

  private LodgedClaim lodged(StoredClaim stored) {
    var claim = stored.claim();
    var open = claim.live().stream().filter(item -> item.turn() != Turn.OURS).count();
    return new LodgedClaim(
        claim.number(),
        Catalogue.title(stored.service()),
        claim.dueOn(today()),
        claim.pace().urgent(),
        (int) open);
  }

  /** A claim that a household has already. */
  public record Earlier(String number, String state, LocalDate lodgedOn) {}

  /** The claims of a household for a service, whatever became of them. */
  @Transactional(readOnly = true)
  public List<Earlier> ofHousehold(UUID household, String service) {
    return claims.findByHouseholdIdAndServiceOrderByNumber(household, service).stream()
        .map(StoredClaim::claim)
        .map(claim -> new Earlier(claim.number(), claim.state().word(), claim.lodgedOn()))
        .toList();
  }

  /** A claim of a household in a list. */
  public record Listed(
      String number, UUID household, String service, String state, LocalDate lodgedOn) {}

  /** All claims of a household, by their numbers. */
  @Transactional(readOnly = true)
  public List<Listed> listed(UUID household) {
    return claims.findByHouseholdIdOrderByNumber(household).stream()
        .map(stored -> new Listed(
            stored.number(),
            household,
            stored.service(),
            stored.claim().state().word(),
            stored.claim().lodgedOn()))
        .toList();
  }

  /** The claims of a household that had reached the office by a day, by their numbers. */
  @Transactional(readOnly = true)
  public List<OfHousehold> ofHousehold(UUID household, LocalDate by) {
    return claims.findByHouseholdIdOrderByNumber(household).stream()
        .map(stored -> OfHousehold.of(stored, today()))
        .filter(claim -> !claim.lodgedOn().isAfter(by))
        .toList();
  }

  /** The numbers of an application's claims. */
  @Transactional(readOnly = true)
  public List<String> ofApplication(UUID application) {
    return claims.findByApplicationIdOrderByNumber(application).stream()
        .map(StoredClaim::number)
        .toList();
  }
}
