package civitane.core.ledger;

import civitane.core.facts.Acting;
import civitane.core.facts.Consent;
import civitane.core.facts.Household;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.Parts;
import civitane.core.facts.Payslip;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.facts.Signature;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * What a packet tells, as what is to be added to a ledger: only what differs from what was known.
 *
 * <p>What a household told before and does not tell any more is over: somebody has left, an income has ended.
 */
public final class Telling {
  /** The fields that say what kind of thing an entry of a list is. */
  private static final List<String> WHAT_IT_IS = List.of("kind", "to");

  private final Ledger ledger;
  private final UUID household;
  private final Recording how;
  private final When now;
  private final Map<String, UUID> ids;
  private final Places.Finding places = new Places.Finding();
  private final List<Subject> subjects = new ArrayList<>();
  private final List<Entry> entries = new ArrayList<>();
  private final Set<UUID> moved = new HashSet<>();
  private long nr;

  private Telling(Ledger ledger, UUID household, Map<String, UUID> known, Recording how, When now) {
    this.ledger = ledger;
    this.household = household;
    this.ids = new HashMap<>(known);
    this.how = how;
    this.now = now;
    this.nr = ledger.lastNr();
  }

  /**
   * What is to be added, and the subjects of the packet's requests in its order.
   *
   * @param added to the ledger
   * @param places of the packet that was told
   */
  public record Told(Added added, List<UUID> requests, Places places) {}

  /**
   * Everything a packet tells of a household, and its requests as new ones.
   *
   * @param known the subjects of the people and incomes of the packet that are known already, by their ids in it
   */
  public static Told of(
      Ledger ledger,
      UUID household,
      Packet packet,
      Map<String, UUID> known,
      Recording how,
      When now) {
    var telling = new Telling(ledger, household, known, how, now);
    telling.household(packet.household());
    telling.say(household, Keys.LANGUAGE, packet.language(), null);
    var requests = new ArrayList<UUID>();
    for (var request : packet.requests()) {
      var subject = telling.request(packet, request);
      telling.places.put("/requests/" + requests.size(), subject);
      requests.add(subject);
    }
    telling.papers(packet);
    return new Told(
        new Added(telling.subjects, telling.entries), requests, telling.places.with(telling.ids));
  }

  /**
   * What an assembled packet says otherwise once it has been changed: facts of the household and answers.
   *
   * @param changed the same people, incomes and requests, with other values
   */
  public static Added change(
      Ledger ledger, UUID household, Assembled was, Packet changed, Recording how, When now) {
    var telling = new Telling(ledger, household, was.places().ids(), how, now);
    telling.household(changed.household());
    for (var i = 0; i < changed.requests().size(); i++) {
      telling.answers(
          was.places().subject("/requests/" + i).orElseThrow(),
          changed.requests().get(i));
    }
    return new Added(telling.subjects, telling.entries);
  }

  /**
   * Who acts for a household. Whoever acts already by the same name and right is told anew; nobody ceases to by not
   * being told of.
   */
  public static Added acting(
      Ledger ledger, UUID household, List<Acting> told, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    var before = ledger.acting(household, now);
    for (var one : told) {
      var subject = before.entrySet().stream()
          .filter(known ->
              known.getValue().name().equals(one.name()) && known.getValue().right() == one.right())
          .map(Map.Entry::getKey)
          .findFirst()
          .orElseGet(() -> telling.fresh(SubjectKind.ACTING, household));
      telling.say(subject, Ledger.LISTED, true, null);
      telling.fields(subject, SubjectKind.ACTING, one);
    }
    return new Added(telling.subjects, telling.entries);
  }

  /** That somebody does not act any more after a day. */
  public static Added actingEnds(
      Ledger ledger, UUID household, UUID acting, LocalDate on, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(acting, "until", on, null);
    return new Added(telling.subjects, telling.entries);
  }

  /**
   * That people are of a household from a day on, each as what. What is theirs comes with them: it is told of them, and
   * not of the household they were of.
   */
  public static Added moved(
      Ledger ledger, UUID household, Map<UUID, Role> people, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    people.forEach((person, role) ->
        telling.say(person, Ledger.MEMBERSHIP, new Membership(household, role), null));
    return new Added(telling.subjects, telling.entries);
  }

  /** That somebody died on a day. */
  public static Added died(
      Ledger ledger, UUID household, UUID person, LocalDate on, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(person, Ledger.DIED_ON, on, null);
    return new Added(telling.subjects, telling.entries);
  }

  /** What is told of somebody outside. */
  public static Added party(Ledger ledger, UUID party, OutsideParty told, Recording how, When now) {
    var telling = new Telling(ledger, party, Map.of(), how, now);
    if (ledger.subject(party).isEmpty()) {
      telling.subjects.add(new Subject(party, SubjectKind.PARTY, null, ++telling.nr));
    }
    telling.fields(party, SubjectKind.PARTY, told);
    return new Added(telling.subjects, telling.entries);
  }

  /**
   * A paper that came, or what was read off it.
   *
   * @param ids the people and incomes that it names, by their ids in the packet
   */
  public static Added paper(
      Ledger ledger,
      UUID household,
      UUID paper,
      Paper told,
      Map<String, UUID> ids,
      Recording how,
      When now) {
    var telling = new Telling(ledger, household, ids, how, now);
    if (ledger.subject(paper).isEmpty()) {
      telling.subjects.add(new Subject(paper, SubjectKind.PAPER, household, ++telling.nr));
    }
    telling.say(paper, Ledger.LISTED, true, null);
    telling.fields(paper, SubjectKind.PAPER, told);
    return new Added(telling.subjects, telling.entries);
  }

  /** What the payslips of an income show. */
  public static Added payslips(
      Ledger ledger, UUID household, UUID income, List<Payslip> all, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(income, "payslips", all, List.of());
    return new Added(telling.subjects, telling.entries);
  }

  /** A paper that is none of its own any more. */
  public static Added paperWithdrawn(
      Ledger ledger, UUID household, UUID paper, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(paper, Ledger.LISTED, false, null);
    return new Added(telling.subjects, telling.entries);
  }

  /**
   * What a register answered or a paper shows, to stand beside what was said.
   *
   * @param places where the facts stand
   * @param found whole fields by their pointers
   */
  public static Added found(
      Ledger ledger,
      UUID household,
      Places places,
      Map<String, Object> found,
      Recording how,
      When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    found.forEach((pointer, value) -> places
        .subjectOf(pointer)
        .ifPresent(subject ->
            telling.find(subject, pointer.substring(pointer.lastIndexOf('/') + 1), value)));
    return new Added(telling.subjects, telling.entries);
  }

  /**
   * What a household puts right of what it told, in the place of it.
   *
   * @param right the packet as it is told now
   * @param places what of it is told anew: facts, whole lists, and with {@code -} at the end what was added to a list
   */
  public static Added putRight(
      Ledger ledger,
      UUID household,
      Assembled was,
      Packet right,
      Set<String> places,
      Recording how,
      When now) {
    var telling = new Telling(ledger, household, was.places().ids(), how, now);
    var fields = new LinkedHashSet<String>();
    for (var place : places) {
      if (!telling.tellList(right.household(), place)) {
        fields.add(was.places().fieldOf(place).orElseThrow());
      }
    }
    for (var field : fields) {
      var end = field.lastIndexOf('/');
      var key = field.substring(end + 1);
      var parts = Parts.of(known(Parts.at(right, field.substring(0, end))).getClass());
      var value = References.renamed(
          parts.fields().get(parts.place(key)).value(), Parts.at(right, field), telling::subjectOf);
      telling.find(was.places().subjectOf(field).orElseThrow(), key, known(value));
    }
    return new Added(telling.subjects, telling.entries);
  }

  /**
   * That somebody signed a request after it was lodged.
   *
   * @param ids the people that the signature names, by their ids in the packet
   */
  public static Added signed(
      Ledger ledger,
      UUID household,
      UUID request,
      Signature told,
      Map<String, UUID> ids,
      Recording how,
      When now) {
    var telling = new Telling(ledger, household, ids, how, now);
    var signed = telling.fresh(SubjectKind.SIGNATURE, request);
    telling.say(signed, Ledger.LISTED, true, null);
    telling.fields(signed, SubjectKind.SIGNATURE, told);
    return new Added(telling.subjects, telling.entries);
  }

  /** That somebody allows others to be asked, beside what they allowed before. */
  public static Added allowed(
      Ledger ledger,
      UUID household,
      List<Consent> told,
      Map<String, UUID> ids,
      Recording how,
      When now) {
    var telling = new Telling(ledger, household, ids, how, now);
    for (var consent : told) {
      var allowed = telling.fresh(SubjectKind.CONSENT, ids.get(consent.person()));
      telling.say(allowed, Ledger.LISTED, true, null);
      telling.fields(allowed, SubjectKind.CONSENT, consent);
    }
    return new Added(telling.subjects, telling.entries);
  }

  /** That somebody allows something no more. */
  public static Added takenBack(
      Ledger ledger, UUID household, UUID consent, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(consent, Ledger.LISTED, false, null);
    return new Added(telling.subjects, telling.entries);
  }

  /** That a request reached the office at another time than was known. */
  public static Added reached(
      Ledger ledger, UUID household, UUID request, OffsetDateTime at, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(request, Keys.LODGED_ON, at.toLocalDate(), null);
    telling.say(request, Keys.LODGED_AT, at, null);
    return new Added(telling.subjects, telling.entries);
  }

  /** That a request is assessed for another day from now on: that of a change. */
  public static Added assessed(
      Ledger ledger, UUID household, UUID request, LocalDate day, Recording how, When now) {
    var telling = new Telling(ledger, household, Map.of(), how, now);
    telling.say(request, Keys.ASSESSED_ON, day, null);
    return new Added(telling.subjects, telling.entries);
  }

  // The household

  private void household(Household told) {
    places.put("/household", household);
    if (ledger.subject(household).isEmpty()) {
      subjects.add(new Subject(household, SubjectKind.HOUSEHOLD, null, ++nr));
    }
    var before = ledger.members(household, now);
    var owners = owners();
    told.people()
        .forEach(person -> ids.computeIfAbsent(person.id(), id -> fresh(SubjectKind.PERSON, null)));
    for (var i = 0; i < told.people().size(); i++) {
      var person = told.people().get(i);
      var subject = known(ids.get(person.id()));
      places.put("/household/people/" + i, subject);
      if (ledger
          .membership(subject, now)
          .filter(member -> !member.household().equals(household))
          .isPresent()) {
        moved.add(subject);
      }
      say(subject, Ledger.MEMBERSHIP, new Membership(household, person.role()), null);
      fields(subject, SubjectKind.PERSON, person);
    }
    told.people().forEach(person -> owners.add(0, known(ids.get(person.id()))));
    before.stream()
        .map(Subject::id)
        .filter(person -> told.people().stream().noneMatch(one -> person.equals(ids.get(one.id()))))
        .forEach(person -> say(person, Ledger.MEMBERSHIP, null, null));
    list(SubjectKind.INCOME, "incomes", told.incomes(), owners);
    list(SubjectKind.NO_INCOME, "noIncome", told.noIncome(), owners);
    list(SubjectKind.CONSENT, "consents", told.consents(), owners);
    whole(SubjectKind.EXPENSE, "expenses", told.expenses(), owners);
    whole(SubjectKind.ASSET, "assets", told.assets(), owners);
    say(household, "expectedChildren", told.expectedChildren(), 0);
    if (told.benefits() != null) {
      say(household, "benefits", told.benefits(), null);
    }
    fields(one(SubjectKind.HOME), SubjectKind.HOME, told.address());
    if (told.payment() != null) {
      fields(one(SubjectKind.ACCOUNT), SubjectKind.ACCOUNT, told.payment());
    } else {
      ledger
          .only(SubjectKind.ACCOUNT, household)
          .ifPresent(account -> say(account.id(), Ledger.LISTED, false, null));
    }
  }

  private UUID one(SubjectKind kind) {
    var subject =
        ledger.only(kind, household).map(Subject::id).orElseGet(() -> fresh(kind, household));
    say(subject, Ledger.LISTED, true, null);
    return subject;
  }

  private UUID fresh(SubjectKind kind, @Nullable UUID of) {
    var subject = new Subject(how.freshId().get(), kind, of, ++nr);
    subjects.add(subject);
    return subject.id();
  }

  /** Each entry of a list is the subject it was before: by its id where that is known, else by whose and what it is. */
  private void list(SubjectKind kind, String list, List<? extends Record> told, List<UUID> owners) {
    var before = new ArrayList<>(ledger.listed(kind, owners, now));
    told.stream()
        .map(one -> ids.get((String) Parts.byKey(one).get(Keys.ID)))
        .forEach(subject -> taken(before, subject));
    for (var i = 0; i < told.size(); i++) {
      var parts = Parts.byKey(told.get(i));
      var owner = owner(parts);
      var id = (String) parts.get(Keys.ID);
      var subject = id == null ? null : ids.get(id);
      if (subject == null) {
        subject = like(before, owner, parts).orElseGet(() -> fresh(kind, owner));
        taken(before, subject);
        if (id != null) {
          ids.put(id, subject);
        }
      }
      places.put("/household/" + list + "/" + i, subject);
      if (moved.contains(owner)) {
        moved.add(subject);
      }
      say(subject, Ledger.LISTED, true, null);
      fields(subject, kind, told.get(i));
    }
    before.forEach(gone -> say(gone.id(), Ledger.LISTED, false, null));
  }

  /** A list that nobody was asked about says nothing; one that is empty, that there is none. */
  private void whole(
      SubjectKind kind, String list, @Nullable List<? extends Record> told, List<UUID> owners) {
    if (told != null) {
      say(household, Ledger.LIST + list, told.isEmpty() ? ListState.NONE : ListState.THESE, null);
      list(kind, list, told, owners);
    }
  }

  /** Tells a list of a household, or what was added to it; whether the place is one. */
  private boolean tellList(Household told, String place) {
    switch (place) {
      case "/household/incomes/-" -> more(SubjectKind.INCOME, told.incomes());
      case "/household/noIncome/-" -> more(SubjectKind.NO_INCOME, told.noIncome());
      case "/household/expenses" ->
        whole(SubjectKind.EXPENSE, "expenses", told.expenses(), owners());
      case "/household/assets" -> whole(SubjectKind.ASSET, "assets", told.assets(), owners());
      default -> {
        return false;
      }
    }
    return true;
  }

  /** Entries of a list that were not there before; what was stays as it is. */
  private void more(SubjectKind kind, List<? extends Record> told) {
    var before = new ArrayList<>(ledger.listed(kind, owners(), now));
    for (var one : told) {
      var parts = Parts.byKey(one);
      var id = (String) parts.get(Keys.ID);
      var isThere =
          id == null ? like(before, owner(parts), parts).isPresent() : ids.containsKey(id);
      if (!isThere) {
        var subject = fresh(kind, owner(parts));
        say(subject, Ledger.LISTED, true, null);
        fields(subject, kind, one);
      }
    }
  }

  /** Everybody of the household as it was known, and itself. */
  private List<UUID> owners() {
    var owners = new ArrayList<UUID>();
    ledger.members(household, now).forEach(person -> owners.add(person.id()));
    owners.add(household);
    return owners;
  }

  private static void taken(List<Subject> before, @Nullable UUID subject) {
    before.removeIf(known -> known.id().equals(subject));
  }

  private UUID owner(Map<String, Object> parts) {
    var person = (String) parts.get(Keys.OWNER);
    return person == null ? household : ids.getOrDefault(person, household);
  }

  private Optional<UUID> like(List<Subject> before, UUID owner, Map<String, Object> parts) {
    return before.stream()
        .filter(known -> owner.equals(known.of()))
        .filter(known -> WHAT_IT_IS.stream()
            .allMatch(key -> Objects.equals(parts.get(key), ledger.value(known.id(), key, now))))
        .map(Subject::id)
        .findFirst();
  }

  // Requests and papers

  private UUID request(Packet packet, Request request) {
    var subject = fresh(SubjectKind.REQUEST, household);
    say(subject, Ledger.LISTED, true, null);
    say(subject, Keys.SERVICE, request.service(), null);
    say(subject, Keys.LODGED_ON, packet.lodgedOn(), null);
    if (!packet.assessedOn().equals(packet.lodgedOn())) {
      say(subject, Keys.ASSESSED_ON, packet.assessedOn(), null);
    }
    say(subject, Keys.LODGED_AT, packet.lodgedAt(), null);
    say(subject, Keys.CHANNEL, packet.channel(), null);
    answers(subject, request);
    for (var signature : packet.signatures()) {
      var signed = fresh(SubjectKind.SIGNATURE, subject);
      say(signed, Ledger.LISTED, true, null);
      fields(signed, SubjectKind.SIGNATURE, signature);
    }
    return subject;
  }

  private void answers(UUID subject, Request request) {
    fields(subject, SubjectKind.REQUEST, request.answers());
  }

  private void papers(Packet packet) {
    for (var paper : packet.papers()) {
      var subject = fresh(SubjectKind.PAPER, household);
      say(subject, Ledger.LISTED, true, null);
      fields(subject, SubjectKind.PAPER, paper);
    }
  }

  // Entries

  private void fields(UUID subject, SubjectKind kind, Record told) {
    var parts = Parts.of(told.getClass());
    var untold = parts.make(new Object[parts.fields().size()]);
    for (var i = 0; i < parts.fields().size(); i++) {
      var field = parts.fields().get(i);
      if (!Keys.isOfTheSubject(kind, field.key())) {
        var value = References.renamed(field.value(), parts.get(told, i), this::subjectOf);
        say(subject, field.key(), value, parts.get(untold, i));
      }
    }
  }

  private @Nullable String subjectOf(String id) {
    var subject = ids.get(id);
    return subject == null ? null : subject.toString();
  }

  /** Records a value where it differs from what is known; what a field stands for anyway is not worth an entry. */
  private void say(UUID subject, String field, @Nullable Object value, @Nullable Object otherwise) {
    var before = newest(subject, field);
    var known = before == null ? otherwise : before.value();
    if (!Objects.equals(known, value)) {
      add(subject, field, value, since(subject, before));
    }
  }

  private void add(UUID subject, String field, @Nullable Object value, @Nullable LocalDate from) {
    entries.add(new Entry(
        subject, field, how.kind(), value, how.source(), how.by(), how.at(), from, null, ++nr));
  }

  /**
   * Records what was found of a field, unless it was found so before. A paper speaks for the stretch of the day it is
   * read for, and no earlier one; so does who puts right what they said.
   */
  private void find(UUID subject, String field, Object value) {
    var before = newestOfKind(subject, field);
    if (before != null && value.equals(before.value())) {
      return;
    }
    var counts = ledger.used(subject, field, now).entry();
    var stretch = counts == null ? null : counts.from();
    add(subject, field, value, how.kind() == EntryKind.CHECKED ? since(subject, before) : stretch);
  }

  /**
   * What is told otherwise than before holds from a day on; what is set by hand, as long as what it is set in the place
   * of; what is told for the first time, as far back as anybody asks: but of somebody who has a household of their own
   * now, from then on, as it is none of the old one's.
   */
  private @Nullable LocalDate since(UUID subject, @Nullable Entry before) {
    if (before == null) {
      return moved.contains(subject) ? how.from() : null;
    }
    return how.kind() == EntryKind.SAID ? how.from() : before.from();
  }

  /**
   * What is said is held against what was said before, and what is checked against what was checked; what is shown or
   * set, against what is used.
   */
  private @Nullable Entry newest(UUID subject, String field) {
    return how.kind() == EntryKind.SAID || how.kind() == EntryKind.CHECKED
        ? newestOfKind(subject, field)
        : ledger.used(subject, field, now).entry();
  }

  private @Nullable Entry newestOfKind(UUID subject, String field) {
    return ledger.history(subject, field).stream()
        .filter(entry -> entry.kind() == how.kind())
        .filter(entry -> entry.isKnownAt(now.knownAt()) && entry.holdsOn(now.holdsOn()))
        .reduce((earlier, later) -> later)
        .orElse(null);
  }
}
