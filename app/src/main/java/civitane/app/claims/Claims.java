package civitane.app.claims;

import civitane.app.audit.AuditLog;
import civitane.app.households.Households;
import civitane.app.problems.Problem;
import civitane.app.screening.Catalogue;
import civitane.app.staff.Staff;
import civitane.core.claims.ClaimNumber;
import civitane.core.claims.ClaimState;
import civitane.core.claims.Turn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Claims with their items, turns and states. Nothing else changes a state. */
@Service
public class Claims {
  /** How long a household has to answer, in days. */
  private static final int DAYS_TO_ANSWER = 14;

  private static final int CENTURY = 100;

  private final ClaimRepository claims;
  private final ItemRepository items;
  private final EventRepository events;
  private final Households households;
  private final Staff staff;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  Claims(
      ClaimRepository claims,
      ItemRepository items,
      EventRepository events,
      Households households,
      Staff staff,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.claims = claims;
    this.items = items;
    this.events = events;
    this.households = households;
    this.staff = staff;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  /** Opens a claim for a lodged request; every gap becomes an item. Answers its number. */
  @Transactional(propagation = Propagation.MANDATORY)
  public String lodge(NewClaim fresh) {
    var number = new ClaimNumber(fresh.lodgedOn().getYear() % CENTURY, (int) claims.nextRunning())
        .toString();
    var claim = claims.save(new StoredClaim(fresh, number));
    want(claim, fresh.wanted(), fresh.lodgedOn());
    items.save(new StoredItem(
        claim.id(), StoredItem.TAKE, number, "Take it up", Turn.OURS, claim.dueOn()));
    restand(claim);
    events.save(new StoredEvent(
        claim.id(), fresh.at(), fresh.by(), "lodged", "Lodged, and the receipt given", Turn.OURS));
    audit.record(fresh.by(), "claim lodged", number, fresh.service());
    return number;
  }

  private void want(StoredClaim claim, List<Wanted> wanted, LocalDate from) {
    for (var one : wanted) {
      items.save(new StoredItem(
          claim.id(),
          one.kind(),
          one.subject(),
          one.words(),
          one.owner(),
          from.plusDays(DAYS_TO_ANSWER)));
    }
  }

  /** Takes a claim up: from now on somebody has it. */
  @Transactional
  public void take(String number) {
    var claim = hold(number);
    var me = staff.me();
    undecided(claim);
    if (claim.holder() != null && !claim.holder().equals(me.login())) {
      throw Problem.overtaken(staff.named(claim.holder()).name() + " has this claim already.");
    }
    claim.heldBy(me.login());
    if (claim.state() == ClaimState.LODGED) {
      claim.become(ClaimState.OPEN);
    }
    closeItems(claim, StoredItem.TAKE);
    happened(claim, "taken", me.name() + " has taken it up");
    audit.record("claim taken", number, "");
  }

  /** Uses other facts from now on, with what is still wanted by them. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void use(String number, String packet, List<Wanted> stillWanted, String words) {
    var claim = hold(number);
    undecided(claim);
    claim.uses(packet);
    var open = openItems(claim);
    var subjects = stillWanted.stream().map(Wanted::subject).toList();
    open.stream()
        .filter(item -> item.owner() != Turn.OURS && !subjects.contains(item.subject()))
        .forEach(item -> item.close(clock.instant()));
    var known = open.stream().map(StoredItem::subject).toList();
    want(
        claim,
        stillWanted.stream().filter(one -> !known.contains(one.subject())).toList(),
        LocalDate.now(clock));
    happened(claim, "answered", words);
    audit.record("facts used", number, "");
  }

  /** What was decided stays as it was decided on. */
  private static void undecided(StoredClaim claim) {
    if (!claim.state().isUndecided()) {
      throw Problem.wrong("The claim is " + claim.state().word()
          + " already. What is new since then is for a review of it.");
    }
  }

  /** Closes a claim's work with a decision. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void decide(String number, int version, String words) {
    var claim = hold(number);
    if (claim.version() != version) {
      throw Problem.overtaken(
          "Somebody changed this claim after you opened it. Look at it again before you decide.");
    }
    claim.become(ClaimState.DECIDED);
    openItems(claim).forEach(item -> item.close(clock.instant()));
    items.flush();
    happened(claim, "decided", words);
  }

  private void closeItems(StoredClaim claim, String kind) {
    openItems(claim).stream()
        .filter(item -> item.kind().equals(kind))
        .forEach(item -> item.close(clock.instant()));
    items.flush();
  }

  private List<StoredItem> openItems(StoredClaim claim) {
    return items.findByClaimIdInAndOpenOrderById(List.of(claim.id()), true);
  }

  private void happened(StoredClaim claim, String kind, String words) {
    restand(claim);
    events.saveAndFlush(new StoredEvent(
        claim.id(), clock.instant(), staff.me().login(), kind, words, claim.turn()));
    restand(claim);
  }

  /** Works out whose turn it is, the next step and the due date, from the open items. */
  private void restand(StoredClaim claim) {
    items.flush();
    var open = openItems(claim);
    if (claim.state() == ClaimState.OPEN && open.isEmpty()) {
      var decide = items.saveAndFlush(new StoredItem(
          claim.id(), StoredItem.DECIDE, claim.number(), "Decide it", Turn.OURS, claim.dueOn()));
      open = List.of(decide);
    }
    var turn = claim.state().isUndecided()
        ? Turn.of(open.stream().map(StoredItem::owner).toList())
        : Turn.OVER;
    var next = open.stream().filter(item -> item.owner() == turn).findFirst();
    var stretches = TurnHistory.of(
        claim.lodgedOn(),
        events.findByClaimIdInOrderByHappenedAtAscIdAsc(List.of(claim.id())),
        LocalDate.now(clock),
        clock.getZone());
    var due = civitane.core.claims.Clock.of(claim.lodgedOn(), claim.standard(), stretches)
        .dueOn();
    claim.stands(
        turn,
        next.map(item -> stepWords(item)).orElse(null),
        next.map(StoredItem::dueOn).orElse(null),
        due);
    claims.flush();
  }

  private static String stepWords(StoredItem item) {
    return switch (item.owner()) {
      case HOUSEHOLD -> "Household to answer";
      case THIRD_PARTY -> "Wait for the " + item.subject();
      default -> item.words();
    };
  }

  @Transactional(readOnly = true)
  public ClaimView view(String number) {
    var claim = find(number);
    var household = households.named(List.of(claim.householdId())).get(claim.householdId());
    var happened = events.findByClaimIdInOrderByHappenedAtAscIdAsc(List.of(claim.id()));
    var stretches =
        TurnHistory.of(claim.lodgedOn(), happened, LocalDate.now(clock), clock.getZone());
    var times = civitane.core.claims.Clock.of(claim.lodgedOn(), claim.standard(), stretches);
    return new ClaimView(
        claim.number(),
        claim.householdId(),
        household.name(),
        household.town(),
        claim.service(),
        Catalogue.title(claim.service()),
        claim.state().word(),
        claim.turn().word(),
        claim.lodgedOn(),
        times.dueOn(),
        times.worked(),
        times.stood(),
        ClaimView.NextStep.of(claim),
        nameOf(claim.holder()),
        claim.version(),
        ClaimView.Stretch.of(stretches),
        openItems(claim).stream().map(ClaimView.Item::of).toList(),
        happened.stream()
            .map(event -> ClaimView.Event.of(event, staff.named(event.actor()).name()))
            .toList(),
        json.readTree(claim.packet()));
  }

  private @Nullable String nameOf(@Nullable String login) {
    return login == null ? null : staff.named(login).name();
  }

  /** A claim as it stands right after lodging: when an answer comes, and how much is open. */
  public record LodgedClaim(
      String number, String title, LocalDate dueOn, boolean urgent, int open) {}

  /** The claims of an application. */
  @Transactional(readOnly = true)
  public List<LodgedClaim> lodgedWith(UUID application) {
    return claims.findByApplicationIdOrderByNumber(application).stream()
        .map(claim -> new LodgedClaim(
            claim.number(), Catalogue.title(claim.service()), claim.dueOn(), claim.urgent(), (int)
                openItems(claim).stream()
                    .filter(item -> item.owner() != Turn.OURS)
                    .count()))
        .toList();
  }

  /** A claim that a household has already. */
  public record Earlier(String number, String state, LocalDate lodgedOn) {}

  /** The claims of a household for a service, whatever became of them. */
  @Transactional(readOnly = true)
  public List<Earlier> ofHousehold(UUID household, String service) {
    return claims.findByHouseholdIdAndServiceOrderByNumber(household, service).stream()
        .map(claim -> new Earlier(claim.number(), claim.state().word(), claim.lodgedOn()))
        .toList();
  }

  /** Notes something on a claim that nobody has to do anything about. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void note(String number, String words) {
    var claim = hold(number);
    events.save(new StoredEvent(
        claim.id(), clock.instant(), staff.me().login(), "noted", words, claim.turn()));
    audit.record("claim noted", number, "");
  }

  /** The numbers of an application's claims. */
  @Transactional(readOnly = true)
  public List<String> ofApplication(UUID application) {
    return claims.findByApplicationIdOrderByNumber(application).stream()
        .map(StoredClaim::number)
        .toList();
  }

  @Transactional(readOnly = true)
  public UUID idOf(String number) {
    return find(number).id();
  }

  private StoredClaim hold(String number) {
    return ClaimNumber.parse(number)
        .flatMap(parsed -> claims.hold(parsed.toString()))
        .orElseThrow(() -> Problem.notThere("A claim with this number"));
  }

  private StoredClaim find(String number) {
    return ClaimNumber.parse(number)
        .flatMap(parsed -> claims.findByNumber(parsed.toString()))
        .orElseThrow(() -> Problem.notThere("A claim with this number"));
  }
}
