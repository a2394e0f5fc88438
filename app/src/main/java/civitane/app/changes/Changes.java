package civitane.app.changes;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.ToCheck;
import civitane.app.claims.Wanting;
import civitane.app.determining.Screenings;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.drafts.StoredApplication;
import civitane.app.drafts.Taking;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.ledger.Ledgers;
import civitane.app.lodging.KnownHouseholds;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.facts.HouseholdsWord;
import civitane.core.facts.Packet;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.packet.Fault;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes what a household reports as changed from a day on. All its claims go by it: those that are open want what they
 * want now; those that were granted are worked out again for that day, and open where it comes to something else.
 */
@Service
public class Changes {
  /** A change may be told before it comes, and long after. Days. */
  private static final int AHEAD = 90;

  private static final int BACK = 730;

  private final Applications applications;
  private final KnownHouseholds knownHouseholds;
  private final Households households;
  private final KnownPeople people;
  private final Screenings screenings;
  private final Ledgers ledgers;
  private final Claims claims;
  private final Wanting wanting;
  private final Touching touching;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;
  private final JsonMapper json;
  private final Clock clock;

  Changes(
      Applications applications,
      KnownHouseholds knownHouseholds,
      Households households,
      KnownPeople people,
      Screenings screenings,
      Ledgers ledgers,
      Claims claims,
      Wanting wanting,
      Touching touching,
      AuditLog audit,
      ApplicationEventPublisher events,
      JsonMapper json,
      Clock clock) {
    this.applications = applications;
    this.knownHouseholds = knownHouseholds;
    this.households = households;
    this.people = people;
    this.screenings = screenings;
    this.ledgers = ledgers;
    this.claims = claims;
    this.wanting = wanting;
    this.touching = touching;
    this.audit = audit;
    this.events = events;
    this.json = json;
    this.clock = clock;
  }

  /** Begins the report of a change, with everything that is known of the household, to be changed. */
  @Transactional
  public ApplicationView begin(Staff.Colleague by, UUID household) {
    households.find(household);
    var id = applications.begin(by).id();
    audit.record(by.login(), "change begun", id.toString(), household.toString());
    return knownHouseholds.changing(by, id, household);
  }

  /** Records a change: once, and wholly or not at all. */
  @Transactional
  public ChangeReport report(Staff.Colleague by, UUID id, int onVersion) {
    var record = applications.hold(id);
    if (!StoredApplication.DRAFTING.equals(record.state())) {
      throw Problem.wrong("The change is reported already.");
    }
    if (record.version() != onVersion) {
      throw Problem.overtaken("Somebody saved this report after you opened it. Look at it again.");
    }
    var draft = applications.draft(record);
    var taking = new Taking(draft.taking());
    var household = record.householdId();
    if (household == null || !taking.isChange()) {
      throw Problem.wrong("This is an application, not the report of a change.");
    }
    ledgers.hold(household);
    var packet = fit(draft, taking);
    var on = packet.assessedOn();
    var before = ledgers.household(household).packet();
    var own = HouseholdsWord.of(packet).packet();
    var told = ledgers.tell(
        household,
        household,
        own,
        knownHouseholds.subjects(household, packet),
        Source.change(id.toString()),
        by.login());
    var lines = ChangedLines.of(before, own);
    if (told.added().entries().isEmpty() || lines.isEmpty()) {
      throw Problem.wrong("Nothing is told otherwise than it was known.");
    }
    people.remember(household, packet, told.places().ids());
    var applicant = packet.household().applicant();
    households.keep(household, applicant, packet.household().address().town());
    var because = Why.CHANGE_REPORTED.with(
        Argument.day(on),
        Argument.told(String.join("; ", lines)),
        Argument.told(taking.changeTold()));
    var open = claims.undecidedOf(household);
    wanting.askAgain(by.actor(), household, List.of(), null, because);
    var effects =
        touching.by(by, household, on, because.arguments().get(1), Source.change(id.toString()));
    record.reported(json.writeValueAsString(draft), clock.instant());
    if (!packet.household().consents().isEmpty()) {
      events.publishEvent(new ToCheck(household, by.login()));
    }
    audit.record(by.login(), "change reported", household.toString(), id.toString());
    return new ChangeReport(household, on, lines, open, effects.touched(), effects.left());
  }

  /** The facts from the day on, where nothing stands against them; else every fault at once. */
  private Packet fit(Draft draft, Taking taking) {
    var today = LocalDate.now(clock);
    var faults = new ArrayList<Fault>();
    draft
        .typed()
        .propertyNames()
        .forEach(pointer -> faults.add(new Fault(
            pointer,
            "what was typed here can't be read: " + draft.typed().get(pointer).asString(""),
            "a value, or nothing")));
    var on = taking.changeOn().orElse(null);
    if (on == null || on.isAfter(today.plusDays(AHEAD)) || on.isBefore(today.minusDays(BACK))) {
      faults.add(new Fault(
          "/taking/change/on",
          "it is not said from which day the change holds, or that day is too far away",
          "a day of the last two years, or of the next three months"));
    }
    if (taking.changeTold().isEmpty()) {
      faults.add(new Fault(
          "/taking/change/told",
          "it is not noted how the change was told",
          "by phone, at the counter, in a letter of a day"));
    }
    var packet = on == null ? null : read(draft, today, on, faults);
    if (packet == null || !faults.isEmpty()) {
      throw Problem.wrong("The change can't be reported yet.", faults);
    }
    return packet;
  }

  private @Nullable Packet read(Draft draft, LocalDate today, LocalDate on, List<Fault> faults) {
    var dated = (ObjectNode) draft.packet().deepCopy();
    dated.put("lodgedOn", today.toString()).put("assessedOn", on.toString());
    dated.remove("asOf");
    dated.remove("lodgedAt");
    dated.putArray("requests");
    dated.putArray("signatures");
    var reading = screenings.read(dated);
    faults.addAll(reading.faults());
    return reading.packet();
  }
}
