package civitane.app.lodging;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.claims.NewClaim;
import civitane.app.claims.ToCheck;
import civitane.app.claims.Wanting;
import civitane.app.determining.Screenings;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.drafts.StoredApplication;
import civitane.app.drafts.Taking;
import civitane.app.households.ActingChanged;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.Letters;
import civitane.app.messages.OwnContact;
import civitane.app.parties.Parties;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.ItemKind;
import civitane.core.claims.Pace;
import civitane.core.claims.Turn;
import civitane.core.claims.Want;
import civitane.core.claims.Wants;
import civitane.core.claims.Why;
import civitane.core.facts.HouseholdsWord;
import civitane.core.facts.NamedOutside;
import civitane.core.facts.Packet;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Source;
import civitane.core.ledger.Telling;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.rules.Result;
import civitane.core.services.Services;
import civitane.core.time.LastDay;
import civitane.packet.Fault;
import civitane.packet.PacketReader;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Lodging: needs a name, a way to reach the household and a signature; that fixes the date, and every gap becomes an item. */
@Service
public class Lodging {
  private static final String PEOPLE = "/household/people";
  private static final String REQUESTS = "/requests/";

  private final Applications applications;
  private final Screenings screenings;
  private final Wanting wanting;
  private final Households households;
  private final Ledgers ledgers;
  private final KnownPeople people;
  private final KnownHouseholds knownHouseholds;
  private final Parties parties;
  private final SigningRequests signing;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Letters letters;
  private final Guard guard;
  private final Staff staff;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;
  private final JsonMapper json;
  private final LastDay lastDays;
  private final Clock clock;

  Lodging(
      Applications applications,
      Screenings screenings,
      Wanting wanting,
      Households households,
      Ledgers ledgers,
      KnownPeople people,
      KnownHouseholds knownHouseholds,
      Parties parties,
      SigningRequests signing,
      Claims claims,
      ClaimLists claimLists,
      Letters letters,
      Guard guard,
      Staff staff,
      AuditLog audit,
      ApplicationEventPublisher events,
      JsonMapper json,
      LastDay lastDays,
      Clock clock) {
    this.applications = applications;
    this.screenings = screenings;
    this.wanting = wanting;
    this.households = households;
    this.ledgers = ledgers;
    this.people = people;
    this.knownHouseholds = knownHouseholds;
    this.parties = parties;
    this.signing = signing;
    this.claims = claims;
    this.claimLists = claimLists;
    this.letters = letters;
    this.guard = guard;
    this.staff = staff;
    this.audit = audit;
    this.events = events;
    this.json = json;
    this.lastDays = lastDays;
    this.clock = clock;
  }

  /** Lodges a draft: once, and wholly or not at all. */
  @Transactional
  public ApplicationView lodge(Actor by, UUID id, int onVersion) {
    var record = applications.hold(id);
    if (!StoredApplication.DRAFTING.equals(record.state())) {
      throw Problem.wrong("The application is " + record.state() + " already.");
    }
    if (record.version() != onVersion) {
      throw Problem.overtaken(staff.nameOf(record.updatedBy())
          + " saved this draft after you opened it. Look at it again.");
    }
    var draft = applications.draft(record);
    var taking = new Taking(draft.taking());
    var dated = (ObjectNode) draft.packet().deepCopy();
    var now = OffsetDateTime.now(clock).withNano(0);
    var reached = reachedAt(taking, now);
    dated.put("lodgedOn", reached.toLocalDate().toString()).put("lodgedAt", reached.toString());
    dated.remove("asOf");
    Wording.keep(dated);
    var reading = screenings.read(dated);
    var alike = reading.packet() == null
        ? List.<KnownHouseholds.Duplicate>of()
        : knownHouseholds.duplicates(reading.packet(), taking);
    // Whoever lodges from elsewhere is not told whom the office knows; somebody of it looks at
    // those side by side.
    var isFromElsewhere = by instanceof Actor.Person;
    var later = signing.of(id);
    var packet =
        fit(reading, draft, later, record.householdId(), isFromElsewhere ? List.of() : alike);
    var joined = decided(alike, "joined");
    var left = decided(alike, "own");
    if (record.householdId() == null && joined != null) {
      record.belongsTo(joined);
    }
    var applicant = packet.household().applicant();
    var known = record.householdId() != null;
    var household = households.keep(
        record.householdId(), applicant, packet.household().address().town());
    // Whoever has a household of their own now takes their history along.
    var from = known || left == null ? household : left;
    var own = HouseholdsWord.of(packet);
    var told = ledgers.tell(
        household,
        from,
        own.packet(),
        known || left != null ? knownHouseholds.subjects(from, packet) : Map.of(),
        Source.application(id.toString()),
        by.written());
    var toSign = later.stream()
        .filter(asked -> packet.household().person(asked.person()).isPresent())
        .filter(asked -> packet.signatures().stream()
            .noneMatch(signature -> signature.person().equals(asked.person())))
        .toList();
    var lodged = claimsOf(own, told, taking, toSign, household, id, by);
    var numbers = lodged.stream().map(Receipts.NewlyLodged::number).toList();
    if (!packet.lodgedOn().equals(now.toLocalDate())) {
      numbers.forEach(number -> claims.note(
          by,
          number,
          Why.REACHED_US.with(
              Argument.day(packet.lodgedOn()), Argument.told(taking.reachedShownBy()))));
    }
    if (!taking.wish().isEmpty()) {
      numbers.forEach(number -> claims.wishes(by, number, taking.wish()));
    }
    if (joined != null) {
      numbers.forEach(number -> claims.note(by, number, Why.JOINED.with()));
    }
    for (var i = 0; i < packet.requests().size(); i++) {
      parties.named(
          by,
          household,
          told.requests().get(i),
          NamedOutside.of(packet, i),
          Source.application(id.toString()));
    }
    ledgers.tellActing(
        household,
        taking.acting(),
        EntryKind.SAID,
        Source.application(id.toString()),
        by.written());
    if (taking.isForAnother()) {
      events.publishEvent(new ActingChanged(household));
    }
    people.remember(household, packet, told.places().ids());
    var receipts = new Receipts(
            packet,
            ledgers.acting(household).values(),
            lodged,
            claimLists.lodgedWith(id),
            toSign,
            lastDays)
        .all();
    var receipt = receipts.get(0).about();
    record.lodged(
        household,
        receipt,
        json.writeValueAsString(new Draft(dated, draft.typed(), draft.taking())),
        now.toInstant());
    receipts.forEach(text -> letters.write(by, text));
    wanting.askAgain(by, household, numbers, null, Why.TOLD_ANEW.with(Argument.told(receipt)));
    if (packet.household().address().hidden()) {
      guard.hides(by, household);
    }
    // Who signs from elsewhere is asked about once somebody of the office has seen who they are, so
    // that nobody learns at the door what a register says of another.
    if (!isFromElsewhere && !packet.household().consents().isEmpty()) {
      events.publishEvent(new ToCheck(household, by.written()));
    }
    var others =
        alike.stream().filter(one -> !one.household().equals(household)).count();
    if (isFromElsewhere && others > 0) {
      claims.surface(
          household, Want.ALIKE + id, Why.MAY_BE_KNOWN.with(Argument.count((int) others)));
    }
    toSign.forEach(one -> Optional.ofNullable(told.places().ids().get(one.person()))
        .flatMap(person -> OwnContact.of(one.contact())
            .map(contact -> new SignerToAsk(by, id, person, one.name(), contact)))
        .ifPresent(events::publishEvent));
    events.publishEvent(new ApplicationLodged(id));
    audit.record(by.written(), "application lodged", id.toString(), receipt);
    return applications.view(record);
  }

  /** When it reached the office: now, or at the beginning of the day that was noted. */
  private static OffsetDateTime reachedAt(Taking taking, OffsetDateTime now) {
    return taking
        .reachedOn()
        .filter(day -> day.isBefore(now.toLocalDate()))
        .map(day -> day.atStartOfDay().atOffset(now.getOffset()))
        .orElse(now);
  }

  /** The facts, where nothing stands against lodging them; else every fault at once. */
  private Packet fit(
      PacketReader.Reading reading,
      Draft draft,
      List<SigningRequests.AskedSigner> later,
      @Nullable UUID takenOverFrom,
      List<KnownHouseholds.Duplicate> alike) {
    var packet = reading.packet();
    var faults = new ArrayList<>(reading.faults());
    draft
        .typed()
        .propertyNames()
        .forEach(pointer -> faults.add(new Fault(
            pointer,
            "what was typed here can't be read: " + draft.typed().get(pointer).asString(""),
            "a value, or nothing")));
    if (packet != null) {
      faults.addAll(AgainstLodging.faults(
          packet, new Taking(draft.taking()), later, alike, LocalDate.now(clock)));
      if (takenOverFrom != null && !knownHouseholds.isKnownIn(takenOverFrom, packet)) {
        faults.add(new Fault(
            PEOPLE + "/0",
            "the facts were taken over from a household in which nobody like the applicant is known",
            "an applicant who is known there, or an application begun anew"));
      }
    }
    if (packet == null || !faults.isEmpty()) {
      throw Problem.wrong("It can't be lodged yet.", faults);
    }
    return packet;
  }

  /** The household of which something was decided when it was looked at side by side. */
  private static @Nullable UUID decided(List<KnownHouseholds.Duplicate> alike, String how) {
    return alike.stream()
        .filter(duplicate -> how.equals(duplicate.decided()))
        .map(KnownHouseholds.Duplicate::household)
        .findFirst()
        .orElse(null);
  }

  private List<Receipts.NewlyLodged> claimsOf(
      HouseholdsWord own,
      Telling.Told told,
      Taking taking,
      List<SigningRequests.AskedSigner> toSign,
      UUID household,
      UUID application,
      Actor by) {
    var packet = own.packet();
    var lodged = new ArrayList<Receipts.NewlyLodged>();
    for (var i = 0; i < packet.requests().size(); i++) {
      var service = packet.requests().get(i).service();
      var facts = ledgers.assembled(household, told.requests().get(i));
      var result = screenings.results(facts.packet(), Mode.DETERMINE).get(0);
      var wants = new ArrayList<>(wanting.of(household, facts, result));
      Stream.concat(
              openOnTaking(packet, taking, toSign, i).stream(),
              hearsay(own, facts.packet(), result, i).stream())
          .forEach(want -> wants.add(want.about(told.places().lasting(want.subject()))));
      var number = claims.lodge(
          by,
          new NewClaim(
              household,
              application,
              service,
              packet.lodgedOn(),
              told.requests().get(i),
              Services.named(service).orElseThrow().standardTime(result),
              Pace.of(result.urgent()).until(taking.outside().orElse(null)),
              wants));
      lodged.add(new Receipts.NewlyLodged(number, result));
    }
    return lodged;
  }

  /** What was only told for a request, unless the books hold the same or the rules ask for it anyway. */
  private List<Want> hearsay(HouseholdsWord own, Packet facts, Result result, int request) {
    var asked = result.checks().stream()
        .filter(check -> check.is(Outcome.UNKNOWN))
        .flatMap(check -> Stream.concat(
            check.needs().stream(), check.missing().stream().map(Argument.Missing::subject)))
        .map(pointer -> pointer.replaceFirst("^/requests/0/", REQUESTS + request + "/"))
        .toList();
    var known = HouseholdsWord.of(facts).hearsay().stream()
        .map(HouseholdsWord.Hearsay::value)
        .toList();
    return own.hearsay().stream()
        .filter(told -> told.pointer().startsWith(REQUESTS + request + "/"))
        .filter(told -> !asked.contains(told.pointer()) && !known.contains(told.value()))
        .map(told -> Wants.ofHearsay(told, screenings.place(own.packet(), told.pointer())))
        .toList();
  }

  /** What the taking left open for a request: places of a paper form, facts nobody confirmed, adults still to sign. */
  private List<Want> openOnTaking(
      Packet packet, Taking taking, List<SigningRequests.AskedSigner> toSign, int request) {
    var open = new ArrayList<Want>();
    for (var place : taking.onPaper()) {
      if (isOf(place.getKey(), request)) {
        var what = asked(packet, place.getKey());
        open.add(fact(
            place.getKey(),
            "illegible".equals(place.getValue())
                ? Why.ILLEGIBLE.with(what)
                : Why.LEFT_BLANK.with(what)));
      }
    }
    for (var mark : taking.unconfirmed()) {
      if (isOf(mark.getKey(), request)) {
        open.add(fact(
            mark.getKey(),
            Why.UNCONFIRMED.with(Argument.told(mark.getValue()), asked(packet, mark.getKey()))));
      }
    }
    var alone = Services.isPrivate(packet.requests().get(request), packet.household());
    toSign.stream()
        .filter(asked -> !alone)
        .forEach(asked -> open.add(new Want(
            ItemKind.SIGNATURE,
            "signature:" + asked.person(),
            List.of(Why.TO_SIGN.with(Argument.told(asked.name()))),
            Turn.HOUSEHOLD)));
    return open;
  }

  private static Want fact(String pointer, Reason because) {
    return new Want(ItemKind.FACT, pointer, List.of(because), Turn.HOUSEHOLD);
  }

  private Argument.Several asked(Packet packet, String pointer) {
    return new Argument.Several(List.of(screenings.place(packet, pointer)));
  }

  /** Whether a place concerns a request: it is the household's, or the request's own. */
  private static boolean isOf(String pointer, int request) {
    return !pointer.startsWith(REQUESTS) || pointer.startsWith(REQUESTS + request + "/");
  }
}
