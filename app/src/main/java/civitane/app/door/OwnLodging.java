package civitane.app.door;

import civitane.app.determining.Screenings;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.drafts.StoredApplication;
import civitane.app.drafts.Taking;
import civitane.app.lodging.KnownHouseholds;
import civitane.app.lodging.Lodging;
import civitane.app.lodging.ReadThrough;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import civitane.core.facts.Acting;
import civitane.core.facts.Consent;
import civitane.core.facts.Packet;
import civitane.core.facts.Statement;
import civitane.core.services.Statements;
import civitane.packet.Fault;
import civitane.packet.form.ScreenForm;
import civitane.words.Language;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The end of an application that is taken at the door: all of it is read, then signed, and with that it is lodged. */
@Service
class OwnLodging {
  private static final String CONSENTS = "consents";

  private final Applying applying;
  private final Applications applications;
  private final Lodging lodging;
  private final Screenings screenings;
  private final WhoSigns whoSigns;
  private final KnownHouseholds households;
  private final Clock clock;

  OwnLodging(
      Applying applying,
      Applications applications,
      Lodging lodging,
      Screenings screenings,
      WhoSigns whoSigns,
      KnownHouseholds households,
      Clock clock) {
    this.applying = applying;
    this.applications = applications;
    this.lodging = lodging;
    this.screenings = screenings;
    this.whoSigns = whoSigns;
    this.households = households;
    this.clock = clock;
  }

  /** What is read before it is signed. */
  @Transactional(readOnly = true)
  public DoorForm.DoorTold told(UUID id, Language language) {
    var words = Words.in(language);
    var record = applications.find(id);
    var draft = asAllowedNow(record);
    var packet = screenings.readable(draft.packet());
    if (packet == null) {
      return new DoorForm.DoorTold(List.of(), List.of(), DoorForm.DoorMayAsk.NOBODY);
    }
    var acting = actsFor(draft);
    var sections = new ArrayList<ReadThrough.Section>();
    acting.map(new ForOthers(words)::told).ifPresent(sections::add);
    sections.addAll(
        record.householdId() == null
            ? ReadThrough.masked(packet, words)
            : ReadThrough.fromElsewhere(packet, words));
    return new DoorForm.DoorTold(
        sections,
        stated(packet, acting).stream().map(words::word).toList(),
        acting.isPresent()
            ? DoorForm.DoorMayAsk.NOBODY
            : allowing(packet).in(words, "door.allow.untilHere"));
  }

  /**
   * An application with what is allowed now, in place of what was when it was begun: something may have been taken back
   * since, or allowed.
   */
  private Draft asAllowedNow(StoredApplication record) {
    var draft = applications.draft(record);
    if (record.householdId() == null) {
      return draft;
    }
    var packet = (ObjectNode) draft.packet().deepCopy();
    Unasked.allowNow(households.toldBy(record.householdId()), packet);
    var now = packet.withObject("/household").withArray(CONSENTS);
    draft.packet().path("household").path(CONSENTS).forEach(consent -> {
      if (Applying.isAllowedHere(draft, consent) && isNew(consent, now)) {
        now.add(consent);
      }
    });
    return new Draft(packet, draft.typed(), draft.taking());
  }

  private static boolean isNew(JsonNode consent, JsonNode among) {
    return among
        .valueStream()
        .noneMatch(one -> one.path("person").equals(consent.path("person"))
            && one.path("to").equals(consent.path("to")));
  }

  private Allowing allowing(Packet packet) {
    return new Allowing(packet, packet.household().applicant(), LocalDate.now(clock));
  }

  private static void allow(ObjectNode packet, List<Consent> given) {
    var consents = packet.withObject("household").withArray("consents");
    given.forEach(one -> consents
        .addObject()
        .put("person", one.person())
        .put("to", one.to().word())
        .put("on", String.valueOf(one.on()))
        .put("until", String.valueOf(one.until())));
  }

  private static Optional<Acting> actsFor(Draft draft) {
    return new Taking(draft.taking()).actsFor();
  }

  private static List<Statement> stated(Packet packet, Optional<Acting> acting) {
    return Stream.concat(
            acting.map(one -> Statement.ACTS_FOR).stream(), Statements.of(packet).stream())
        .toList();
  }

  /**
   * Lodges it with a signature, or tells that the name signed is another; the number of the claim, or nothing where it
   * is not lodged.
   *
   * @param allowed whom whoever signs allows to be asked, of those that were offered
   */
  @Transactional
  public Signed lodge(UUID id, int version, String name, List<String> allowed, Language language) {
    var record = applying.theirs(id);
    var draft = asAllowedNow(record);
    var packet = screenings.readable(draft.packet());
    if (packet == null) {
      throw Problem.wrong("Nothing of it can be read.");
    }
    var applicant = packet.household().applicant();
    var acting = actsFor(draft);
    var household = record.householdId();
    var signs = household != null
        ? whoSigns.of(household, applicant)
        : acting.map(one -> OnScreen.by(one, applicant)).orElseGet(() -> OnScreen.of(applicant));
    var otherName = signs.otherName(name, language);
    var isWanting = !missing(draft, language).isEmpty();
    if (!otherName.isEmpty() && !isWanting) {
      return new Signed("", otherName);
    }
    var signed = (ObjectNode) draft.packet().deepCopy();
    signs.sign(signed, name, LocalDate.now(clock), stated(packet, acting), language);
    // Who acts for somebody allows nothing in their name before the office has seen by what right.
    if (acting.isEmpty()) {
      allow(signed, allowing(packet).given(allowed));
    }
    var taking = (ObjectNode) draft.taking().deepCopy();
    // Whoever signs for somebody else declares with it that they may; nobody does who has not said
    // by what right.
    taking.put("declared", acting.isPresent() && !isWanting);
    var by = new Actor.Person(id);
    var typed = applications.type(by, id, version, new Draft(signed, draft.typed(), taking));
    var lodged = lodging.lodge(by, id, typed.version());
    return new Signed(lodged.claims().get(0), "");
  }

  private static List<DoorForm.DoorWrong> missing(Draft draft, Language language) {
    return new ForOthers(Words.in(language)).missing(draft.taking());
  }

  /**
   * What became of signing.
   *
   * @param number the claim; empty where it is not lodged
   * @param otherName what is said where the name signed is another than the one given
   */
  record Signed(String number, String otherName) {}

  /** What stands against lodging, each at its page, in the language that is read. */
  @Transactional(readOnly = true)
  public List<DoorForm.DoorWrong> against(UUID id, List<Fault> faults, Language language) {
    var draft = applications.draft(applications.find(id));
    var form = new ScreenForm(Applying.services(draft), LocalDate.now(clock), language);
    var ofFacts =
        faults.stream().filter(fault -> !ForOthers.isAsked(fault.pointer())).toList();
    return Stream.concat(
            missing(draft, language).stream(),
            new DoorWrongs(form, Words.in(language)).against(draft, ofFacts).stream())
        .toList();
  }
}
