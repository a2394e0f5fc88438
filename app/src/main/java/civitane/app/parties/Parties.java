package civitane.app.parties;

import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.BookChanged;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Why;
import civitane.core.facts.NamedOutside;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.PartyKind;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Somebody outside, as one record for all households that name them. */
@Service
public class Parties {
  private final PartyRows rows;
  private final Ledgers ledgers;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Jobs jobs;
  private final Staff staff;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Parties(
      PartyRows rows,
      Ledgers ledgers,
      Claims claims,
      ClaimLists claimLists,
      Jobs jobs,
      Staff staff,
      AuditLog audit,
      ApplicationEventPublisher events,
      Clock clock) {
    this.rows = rows;
    this.ledgers = ledgers;
    this.claims = claims;
    this.claimLists = claimLists;
    this.jobs = jobs;
    this.staff = staff;
    this.audit = audit;
    this.events = events;
    this.clock = clock;
  }

  /** Notes whom a lodged request names; whoever is not known yet is a new record, with nothing but the name. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void named(
      Actor by, UUID household, UUID request, List<NamedOutside> named, Source source) {
    for (var one : named) {
      var party = rows.named(one.kind(), one.name())
          .map(PartyRows.Listed::id)
          .orElseGet(() -> fresh(by, one.kind(), one.name(), EntryKind.SAID, source));
      rows.names(request, household, party);
    }
  }

  private UUID fresh(Actor by, PartyKind kind, String name, EntryKind how, Source source) {
    var id = ledgers.freshId();
    var told = new OutsideParty(kind, name, null, null, null, null, null);
    ledgers.tellParty(id, told, how, source, by.written());
    rows.add(id, kind, name);
    return id;
  }

  /** Adds somebody whom nobody has named yet. */
  @Transactional
  UUID add(Staff.Colleague by, PartyKind kind, String name) {
    if (name.isBlank()) {
      throw Problem.wrong("Somebody outside needs a name.");
    }
    if (rows.named(kind, name).isPresent()) {
      throw Problem.wrong(name.strip() + " is known already.");
    }
    var id = fresh(
        by.actor(),
        kind,
        name.strip(),
        EntryKind.USED,
        Source.caseworker(by.login(), "added to those known"));
    audit.record(by.login(), "party added", id.toString(), "");
    return id;
  }

  /** What the office knows of a party now. */
  @Transactional(readOnly = true)
  OutsideParty known(UUID id) {
    return ledgers.party(id);
  }

  @Transactional(readOnly = true)
  PartyRows.Listed find(UUID id) {
    return rows.find(id).orElseThrow(() -> Problem.notThere("Somebody outside by this address"));
  }

  @Transactional(readOnly = true)
  List<PartyRows.Listed> list(@Nullable PartyKind kind, String start) {
    return rows.list(kind, start);
  }

  /** The claims that wait for the word of a party. */
  @Transactional(readOnly = true)
  List<ClaimLists.Waiting> waiting(UUID id) {
    return claimLists.waitingForOthers(requests(id));
  }

  private List<UUID> requests(UUID id) {
    return rows.naming(id).stream().distinct().toList();
  }

  /** Others of the same kind who may be the same. */
  @Transactional(readOnly = true)
  List<PartyRows.Listed> alike(PartyRows.Listed party) {
    return rows.ofKind(party.kind()).stream()
        .filter(other -> other.joinedTo() == null && !other.id().equals(party.id()))
        .filter(other -> Names.compare(other.name(), party.name()) != NameMatch.DIFFERENT)
        .toList();
  }

  /** Those who were found to be the party. */
  @Transactional(readOnly = true)
  List<PartyRows.Listed> joined(PartyRows.Listed party) {
    return rows.ofKind(party.kind()).stream()
        .filter(other -> party.id().equals(other.joinedTo()))
        .toList();
  }

  /**
   * Records what a party said themselves; every claim that waits for them is asked again.
   *
   * @param how in a letter, on the phone, by whom
   */
  @Transactional
  void tell(Staff.Colleague by, UUID id, int version, OutsideParty told, String how) {
    if (how.isBlank()) {
      throw Problem.wrong("It is not said how they told us, as in \"letter of 12 November\".");
    }
    var party = find(id);
    if (party.joinedTo() != null) {
      throw Problem.wrong("This record was found to be another one; what is told belongs there.");
    }
    var same = rows.named(told.kind(), told.name());
    if (told.kind() != party.kind()
        || same.filter(other -> !other.id().equals(id)).isPresent()) {
      throw Problem.wrong(told.name() + " is the name of another record; join the two.");
    }
    ledgers.tellParty(
        id, told, EntryKind.SHOWN, Source.party(id.toString(), how.strip()), by.login());
    if (!rows.shows(id, version, told)) {
      throw Problem.overtaken(
          "Somebody changed this record after you opened it. Look at it again; nothing of yours was kept over theirs.");
    }
    audit.record(by.login(), "party told", id.toString(), "");
    waken(by, id);
  }

  /**
   * Records what a register answered of a party, beside what they told themselves, which goes before it. Answers
   * whether that changes what is known of them; the claims that wait for them are asked again then.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean answered(
      String by,
      PartyKind kind,
      String name,
      boolean takesPart,
      @Nullable String iban,
      Source source) {
    var party = rows.named(kind, name).orElse(null);
    if (party == null) {
      return false;
    }
    var before = ledgers.party(party.id());
    var told = new OutsideParty(kind, party.name(), null, null, null, iban, takesPart);
    ledgers.tellParty(party.id(), told, EntryKind.CHECKED, source, by);
    var now = ledgers.party(party.id());
    var changed = !now.equals(before) && rows.shows(party.id(), party.version(), now);
    if (changed) {
      waken(staff.named(by), party.id());
    }
    return changed;
  }

  /**
   * Records what a party said on a form that they sent back; what they left out stays as it is known.
   *
   * @param sender who filled it in
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void shown(
      Staff.Colleague by,
      PartyKind kind,
      String name,
      @Nullable Boolean takesPart,
      @Nullable String iban,
      String sender) {
    var party = rows.named(kind, name).orElse(null);
    if (party == null) {
      return;
    }
    var before = ledgers.party(party.id());
    var told = new OutsideParty(
        kind,
        before.name(),
        before.address(),
        before.phone(),
        before.email(),
        iban == null ? before.iban() : iban,
        takesPart == null ? before.takesPart() : takesPart);
    ledgers.tellParty(
        party.id(),
        told,
        EntryKind.SHOWN,
        Source.party(party.id().toString(), "form sent back by " + sender),
        by.login());
    if (rows.shows(party.id(), party.version(), told)) {
      audit.record(by.login(), "party told", party.id().toString(), "");
      waken(by, party.id());
    }
  }

  private void waken(Staff.Colleague by, UUID id) {
    jobs.soon(PartyWaking.KIND, id + " " + by.login() + " " + clock.millis());
  }

  /** The households that name a party and have a claim that nobody has decided yet. */
  @Transactional(readOnly = true)
  List<UUID> households(UUID id) {
    return claimLists.undecidedHouseholds(requests(id));
  }

  /** Asks the claims of a household again, as somebody outside has said something new. */
  @Transactional
  void wake(UUID household, String by) {
    events.publishEvent(new BookChanged(household, staff.named(by).login()));
  }

  /** Notes that a party has been asked about all the claims that wait for them. */
  @Transactional
  int ask(Staff.Colleague by, UUID id, String how) {
    if (how.isBlank()) {
      throw Problem.wrong("It is not said how they were asked, as in \"by letter\".");
    }
    var party = find(id);
    var waiting = waiting(id);
    if (waiting.isEmpty()) {
      throw Problem.wrong("No claim waits for them.");
    }
    rows.asked(
        id, waiting.stream().map(ClaimLists.Waiting::request).toList(), LocalDate.now(clock));
    waiting.forEach(one -> claims.note(
        by,
        one.number(),
        Why.ASKED_THEM.with(Argument.told(party.name()), Argument.told(how.strip()))));
    audit.record(by.login(), "party asked", id.toString(), "claims: " + waiting.size());
    waken(by, id);
    return waiting.size();
  }

  /** Finds a record to be another one: from now on the other stands for both. */
  @Transactional
  void join(Staff.Colleague by, UUID id, UUID to) {
    var one = find(id);
    var other = find(to);
    if (id.equals(to) || one.kind() != other.kind() || other.joinedTo() != null) {
      throw Problem.wrong(
          "Only two records of one kind that both stand for themselves are joined.");
    }
    rows.joins(id, to);
    joined(one).forEach(further -> rows.joins(further.id(), to));
    audit.record(by.login(), "parties joined", id.toString(), to.toString());
    waken(by, to);
  }

  /** Lets a record stand for itself again. */
  @Transactional
  void part(Staff.Colleague by, UUID id) {
    var was = find(id).joinedTo();
    if (was == null) {
      throw Problem.wrong("This record stands for itself.");
    }
    rows.joins(id, null);
    audit.record(by.login(), "parties parted", id.toString(), was.toString());
    waken(by, id);
  }
}
