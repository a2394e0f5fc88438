package civitane.core.ledger;

import civitane.core.facts.Acting;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.Packet;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

import static civitane.core.facts.Known.known;

/**
 * Everything the office knows of some households: subjects and entries, which are only added.
 *
 * <p>Immutable. For any fact it says what was known on a day, and what held on a day as is known now; it is the one way
 * to a packet.
 */
public final class Ledger {
  /** Whether a subject is still among those told of: an income that ended is not. */
  static final String LISTED = "listed";

  /** Of which household somebody is, and as what. */
  static final String MEMBERSHIP = "membership";

  /** On a person: the day they died. */
  static final String DIED_ON = "diedOn";

  /** What is known of a list as a whole begins with this, as in {@code list:expenses}. */
  static final String LIST = "list:";

  private static final Comparator<Subject> IN_ORDER = Comparator.comparingLong(Subject::nr);

  private final Map<UUID, Subject> subjects;
  private final Map<UUID, Map<String, List<Entry>>> entries;
  private final long lastNr;

  private Ledger(
      Map<UUID, Subject> subjects, Map<UUID, Map<String, List<Entry>>> entries, long lastNr) {
    this.subjects = subjects;
    this.entries = entries;
    this.lastNr = lastNr;
  }

  public static Ledger empty() {
    return new Ledger(Map.of(), Map.of(), 0);
  }

  /** The ledger of some subjects and entries, in whatever order they come. */
  public static Ledger of(Collection<Subject> subjects, Collection<Entry> entries) {
    return empty().with(new Added(List.copyOf(subjects), List.copyOf(entries)));
  }

  public Ledger with(Added added) {
    var allSubjects = new LinkedHashMap<>(subjects);
    var allEntries = new LinkedHashMap<UUID, Map<String, List<Entry>>>();
    entries.forEach((subject, fields) -> allEntries.put(subject, copy(fields)));
    var last = lastNr;
    for (var subject : added.subjects()) {
      allSubjects.put(subject.id(), subject);
      last = Math.max(last, subject.nr());
    }
    for (var entry : added.entries()) {
      allEntries
          .computeIfAbsent(entry.subject(), subject -> new LinkedHashMap<>())
          .computeIfAbsent(entry.field(), field -> new ArrayList<>())
          .add(entry);
      last = Math.max(last, entry.nr());
    }
    return new Ledger(allSubjects, allEntries, last);
  }

  private static Map<String, List<Entry>> copy(Map<String, List<Entry>> fields) {
    var copy = new LinkedHashMap<String, List<Entry>>();
    fields.forEach((field, list) -> copy.put(field, new ArrayList<>(list)));
    return copy;
  }

  /** The last number that a subject or an entry has. */
  long lastNr() {
    return lastNr;
  }

  public Optional<Subject> subject(UUID id) {
    return Optional.ofNullable(subjects.get(id));
  }

  /** Everything ever recorded of a field, the oldest first. */
  public List<Entry> history(UUID subject, String field) {
    return entries.getOrDefault(subject, Map.of()).getOrDefault(field, List.of()).stream()
        .sorted(Comparator.comparingLong(Entry::nr))
        .toList();
  }

  /** The days on which something was recorded, the oldest first. */
  public List<LocalDate> recordedOn(ZoneId zone) {
    return entries.values().stream()
        .flatMap(fields -> fields.values().stream())
        .flatMap(List::stream)
        .map(entry -> LocalDate.ofInstant(entry.at(), zone))
        .distinct()
        .sorted()
        .toList();
  }

  /** Whether somebody has set a value of any of it by hand. */
  public boolean isSetBy(String login) {
    return entries.values().stream()
        .flatMap(fields -> fields.values().stream())
        .flatMap(List::stream)
        .anyMatch(entry -> entry.kind() == EntryKind.USED
            && entry.source().kind() == SourceKind.CASEWORKER
            && entry.by().equals(login));
  }

  /** What the office goes by for a field. */
  public Used used(UUID subject, String field, When when) {
    return Used.of(entries.getOrDefault(subject, Map.of()).getOrDefault(field, List.of()), when);
  }

  /** The facts of all that a packet tells of, each with what speaks for it, in the packet's order. */
  public List<LedgerRow> rows(Assembled assembled, When when) {
    var rows = new ArrayList<LedgerRow>();
    new TreeMap<>(assembled.places().subjects()).forEach((place, id) -> {
      var subject = known(subjects.get(id));
      entries.getOrDefault(id, Map.of()).forEach((field, all) -> {
        var stretch = Used.stretch(all, when);
        if (FieldTypes.isFact(subject.kind(), field) && !stretch.isEmpty()) {
          var answers = subject.kind() == SubjectKind.REQUEST ? place + "/answers/" : place + "/";
          rows.add(new LedgerRow(
              answers + field,
              subject,
              field,
              newest(stretch, EntryKind.SAID),
              newest(stretch, EntryKind.SHOWN),
              newest(stretch, EntryKind.CHECKED),
              newest(stretch, EntryKind.USED),
              Used.of(all, when)));
        }
      });
    });
    return rows;
  }

  private static @Nullable Entry newest(List<Entry> entries, EntryKind kind) {
    return Used.newest(entries, kind).orElse(null);
  }

  @Nullable
  Object value(UUID subject, String field, When when) {
    return used(subject, field, when).value();
  }

  boolean isListed(Subject subject, When when) {
    return Boolean.TRUE.equals(value(subject.id(), LISTED, when));
  }

  /** The people of a household, in the order they came to be of it. */
  public List<Subject> members(UUID household, When when) {
    return subjects.values().stream()
        .filter(subject -> subject.kind() == SubjectKind.PERSON)
        .filter(person -> membership(person.id(), when)
            .filter(member -> member.household().equals(household))
            .isPresent())
        .sorted(Comparator.comparingLong(person -> since(person.id(), household)))
        .toList();
  }

  /** The number of the entry by which somebody came to be of a household. */
  private long since(UUID person, UUID household) {
    return history(person, MEMBERSHIP).stream()
        .filter(
            entry -> entry.value() instanceof Membership is && is.household().equals(household))
        .mapToLong(Entry::nr)
        .min()
        .orElse(Long.MAX_VALUE);
  }

  /** Of which household somebody is; none where of none any more. */
  public Optional<Membership> membership(UUID person, When when) {
    return Optional.ofNullable((Membership) value(person, MEMBERSHIP, when));
  }

  /** What somebody is called. */
  public String nameOf(UUID person, When when) {
    return Stream.of("givenName", "familyName")
        .map(field -> value(person, field, when))
        .filter(String.class::isInstance)
        .map(String.class::cast)
        .collect(Collectors.joining(" "));
  }

  /** Those who were of a household and are of another, in the order they were first told of. */
  public List<MovedOut> movedOut(UUID household, When when) {
    var moved = new ArrayList<MovedOut>();
    subjects.values().stream()
        .filter(subject -> subject.kind() == SubjectKind.PERSON)
        .sorted(IN_ORDER)
        .forEach(person -> {
          var now = used(person.id(), MEMBERSHIP, when);
          if (now.value() instanceof Membership is
              && !is.household().equals(household)
              && wasOf(person.id(), household, when)) {
            moved.add(
                new MovedOut(person.id(), is.household(), known(now.entry()).from()));
          }
        });
    return moved;
  }

  private boolean wasOf(UUID person, UUID household, When when) {
    return history(person, MEMBERSHIP).stream()
        .anyMatch(entry -> entry.isKnownAt(when.knownAt())
            && entry.value() instanceof Membership was
            && was.household().equals(household));
  }

  /** The subjects of a kind that belong to one of some others, in the order they were first told of. */
  List<Subject> listed(SubjectKind kind, Collection<UUID> owners, When when) {
    return subjects.values().stream()
        .filter(subject -> subject.kind() == kind && owners.contains(subject.of()))
        .filter(subject -> isListed(subject, when))
        .sorted(IN_ORDER)
        .toList();
  }

  /** The subject of a kind of which somebody or a household has one: its home, its account. */
  Optional<Subject> only(SubjectKind kind, UUID owner) {
    return subjects.values().stream()
        .filter(subject -> subject.kind() == kind && owner.equals(subject.of()))
        .min(IN_ORDER);
  }

  public ListState list(UUID household, String list, When when) {
    return value(household, LIST + list, when) instanceof ListState state
        ? state
        : ListState.NOT_ASKED;
  }

  /** Who acts for a household, or did, by their subjects in the order they were told of. */
  public Map<UUID, Acting> acting(UUID household, When when) {
    var assembling = new Assembling(this, household, when);
    var acting = new LinkedHashMap<UUID, Acting>();
    listed(SubjectKind.ACTING, List.of(household), when)
        .forEach(one -> acting.put(one.id(), assembling.acting(one)));
    return acting;
  }

  /** Who died of those it tells of, each with the day. */
  public Map<UUID, LocalDate> died(When when) {
    var died = new LinkedHashMap<UUID, LocalDate>();
    subjects.values().stream()
        .filter(subject -> subject.kind() == SubjectKind.PERSON)
        .sorted(IN_ORDER)
        .forEach(person -> {
          if (value(person.id(), DIED_ON, when) instanceof LocalDate day) {
            died.put(person.id(), day);
          }
        });
    return died;
  }

  /** Somebody outside, as is known and held. */
  public OutsideParty party(UUID id, When when) {
    return new Assembling(this, id, when).party(known(subjects.get(id)));
  }

  /** The day that a request is assessed for, as was known at a moment. */
  public LocalDate assessedOn(UUID request, Instant knownAt) {
    var ever = new When(LocalDate.MAX, knownAt);
    var day = value(request, Keys.ASSESSED_ON, ever);
    return (LocalDate) known(day == null ? value(request, Keys.LODGED_ON, ever) : day);
  }

  /**
   * What a computation takes: the household as it held on a day and as it was known at a moment, with some requests.
   *
   * @param asOf the day of the computation
   */
  public Assembled assembled(UUID household, List<UUID> requests, When when, LocalDate asOf) {
    return new Assembling(this, household, when).assembled(requests, asOf);
  }

  public Packet packet(UUID household, List<UUID> requests, When when, LocalDate asOf) {
    return assembled(household, requests, when, asOf).packet();
  }
}
