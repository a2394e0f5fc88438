package civitane.app.ledger;

import civitane.core.facts.Acting;
import civitane.core.facts.Consent;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.OutsideParty;
import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.Payslip;
import civitane.core.facts.Role;
import civitane.core.facts.Signature;
import civitane.core.ledger.Added;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Ledger;
import civitane.core.ledger.Recording;
import civitane.core.ledger.Source;
import civitane.core.ledger.Telling;
import civitane.core.ledger.When;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the ledger, and puts packets together from it: nothing else does either. */
@Service
public class Ledgers {
  private final LedgerRows rows;
  private final FreshIds ids;
  private final OfficeBooks books;
  private final JdbcClient database;
  private final Clock clock;

  Ledgers(LedgerRows rows, FreshIds ids, OfficeBooks books, JdbcClient database, Clock clock) {
    this.rows = rows;
    this.ids = ids;
    this.books = books;
    this.database = database;
    this.clock = clock;
  }

  public UUID freshId() {
    return ids.next();
  }

  /** Everything known of a household and of everybody who ever was of it. */
  @Transactional(readOnly = true)
  public Ledger of(UUID household) {
    var subjects = rows.subjects(household);
    return Ledger.of(subjects, rows.entries(subjects));
  }

  /**
   * Records what a packet tells of a household, with its requests as new ones.
   *
   * @param known the people and incomes of the packet that are known already, by their ids in it
   * @param from the household whose people they are so far; the same one where nobody moves
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public Telling.Told tell(
      UUID household, UUID from, Packet packet, Map<String, UUID> known, Source source, String by) {
    hold(household);
    var day = packet.assessedOn();
    var ledger = household.equals(from) ? of(household) : both(household, from);
    var told = Telling.of(
        ledger, household, packet, known, recording(EntryKind.SAID, source, by, day), now(day));
    add(told.added());
    return told;
  }

  private Ledger both(UUID household, UUID from) {
    var subjects = rows.subjects(household);
    var others =
        rows.subjects(from).stream().filter(other -> !subjects.contains(other)).toList();
    return Ledger.of(subjects, rows.entries(subjects))
        .with(new Added(others, rows.entries(others)));
  }

  /**
   * Records that people are of a household from a day on.
   *
   * @param from the household they were of
   * @param people as what they live there
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void moveIn(
      UUID household, UUID from, Map<UUID, Role> people, LocalDate on, Source source, String by) {
    hold(household);
    add(Telling.moved(
        both(household, from),
        household,
        people,
        recording(EntryKind.SAID, source, by, on),
        now(on)));
  }

  /** Sets what a packet that was put together says otherwise now, with the reason. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void set(UUID household, Assembled was, Packet changed, Source source, String by) {
    hold(household);
    var day = was.packet().assessedOn();
    add(Telling.change(
        of(household),
        household,
        was,
        changed,
        recording(EntryKind.USED, source, by, day),
        now(day)));
  }

  /** Records that a request reached the office at another time than was known. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void reached(UUID household, UUID request, OffsetDateTime at, Source source, String by) {
    hold(household);
    add(Telling.reached(
        of(household),
        household,
        request,
        at,
        recording(EntryKind.USED, source, by, at.toLocalDate()),
        now(LocalDate.MAX)));
  }

  /** Records that somebody signed a request after it was lodged. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void sign(
      UUID household, UUID request, Assembled facts, Signature told, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    add(Telling.signed(
        of(household),
        household,
        request,
        told,
        facts.places().ids(),
        recording(EntryKind.SAID, source, by, today),
        now(today)));
  }

  /** Records that somebody of a household allows others to be asked. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void allow(UUID household, Assembled facts, List<Consent> told, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    add(Telling.allowed(
        of(household),
        household,
        told,
        facts.places().ids(),
        recording(EntryKind.SAID, source, by, today),
        now(today)));
  }

  /**
   * Records that somebody of a household allows something no more, as far back as they allowed it: claims are looked at
   * for the day that they are assessed for.
   *
   * @param facts read while the household is held
   * @param person by their id in these facts
   * @return whether they allowed it
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean takeBack(
      UUID household, Assembled facts, String person, ConsentTo to, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    var consents = facts.packet().household().consents();
    var allowed = IntStream.range(0, consents.size())
        .filter(row -> consents.get(row).isOf(person, to, today))
        .mapToObj(row -> facts.places().subject("/household/consents/" + row).orElseThrow())
        .toList();
    allowed.forEach(consent -> add(Telling.takenBack(
        of(household),
        household,
        consent,
        recording(EntryKind.USED, source, by, today),
        now(today))));
    return !allowed.isEmpty();
  }

  /** Records that a request is assessed for the day of a change from now on. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void assess(UUID household, UUID request, LocalDate day, Source source, String by) {
    hold(household);
    add(Telling.assessed(
        of(household),
        household,
        request,
        day,
        recording(EntryKind.USED, source, by, day),
        now(LocalDate.MAX)));
  }

  /** All that was ever recorded of somebody, in its order, for who it is about. */
  @Transactional(readOnly = true)
  public List<Recorded> recorded(UUID person) {
    return rows.recorded(person);
  }

  /** Who acts for a household, or did, by their subjects. */
  @Transactional(readOnly = true)
  public Map<UUID, Acting> acting(UUID household) {
    return of(household).acting(household, now(LocalDate.now(clock)));
  }

  /** Records who acts for a household, by whom it was told. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tellActing(
      UUID household, List<Acting> told, EntryKind kind, Source source, String by) {
    if (!told.isEmpty()) {
      hold(household);
      var today = LocalDate.now(clock);
      add(Telling.acting(
          of(household), household, told, recording(kind, source, by, today), now(today)));
    }
  }

  /** Records that somebody does not act any more after a day. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void endActing(UUID household, UUID acting, LocalDate on, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    add(Telling.actingEnds(
        of(household),
        household,
        acting,
        on,
        recording(EntryKind.USED, source, by, today),
        now(today)));
  }

  /** Who died of a household, or of those who were of it, each with the day. */
  @Transactional(readOnly = true)
  public Map<UUID, LocalDate> died(UUID household) {
    return of(household).died(now(LocalDate.now(clock)));
  }

  /** Records that somebody died on a day. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tellDied(UUID household, UUID person, LocalDate on, Source source, String by) {
    hold(household);
    add(Telling.died(
        of(household),
        household,
        person,
        on,
        recording(EntryKind.SAID, source, by, on),
        now(LocalDate.now(clock))));
  }

  /** What is known of somebody outside. */
  @Transactional(readOnly = true)
  public OutsideParty party(UUID party) {
    return of(party).party(party, now(LocalDate.now(clock)));
  }

  /** Records what is told of somebody outside, by whom. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tellParty(UUID party, OutsideParty told, EntryKind kind, Source source, String by) {
    var today = LocalDate.now(clock);
    add(Telling.party(of(party), party, told, recording(kind, source, by, today), now(today)));
  }

  /** Records a paper that came, or what was read off it. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tellPaper(
      UUID household,
      UUID paper,
      Paper told,
      Map<String, UUID> ids,
      EntryKind kind,
      Source source,
      String by) {
    hold(household);
    var today = LocalDate.now(clock);
    add(Telling.paper(
        of(household),
        household,
        paper,
        told,
        ids,
        recording(kind, source, by, today),
        now(today)));
  }

  /** Records that a paper is none of its own any more. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void withdrawPaper(UUID household, UUID paper, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    add(Telling.paperWithdrawn(
        of(household), household, paper, recording(EntryKind.USED, source, by, today), now(today)));
  }

  /** Whether somebody has read a paper, whatever the verdict. */
  @Transactional(readOnly = true)
  public boolean isPaperRead(UUID household, UUID paper) {
    return unread(household, List.of(paper)).isEmpty();
  }

  /** Which of some papers nobody has read yet. */
  @Transactional(readOnly = true)
  public Set<UUID> unread(UUID household, Collection<UUID> papers) {
    var ledger = of(household);
    var when = now(LocalDate.now(clock));
    return papers.stream()
        .filter(paper -> ledger.used(paper, "accepted", when).value() == null)
        .collect(Collectors.toUnmodifiableSet());
  }

  /** Records what the payslips of an income show. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tellPayslips(
      UUID household, UUID income, List<Payslip> all, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    add(Telling.payslips(
        of(household),
        household,
        income,
        all,
        recording(EntryKind.SHOWN, source, by, today),
        now(today)));
  }

  /** Records what a register answered, beside what was said. Answers whether anything of it was new. */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean tellChecked(
      UUID household, Assembled asked, Map<String, Object> found, Source source, String by) {
    hold(household);
    var today = LocalDate.now(clock);
    var added = Telling.found(
        of(household),
        household,
        asked.places(),
        found,
        recording(EntryKind.CHECKED, source, by, today),
        now(today));
    add(added);
    return !added.entries().isEmpty();
  }

  /** Records what a paper shows of facts, for the day that they are looked at for, beside what was said. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void tellShown(
      UUID household, Assembled read, Map<String, Object> shown, Source source, String by) {
    hold(household);
    var day = read.packet().assessedOn();
    add(Telling.found(
        of(household),
        household,
        read.places(),
        shown,
        recording(EntryKind.SHOWN, source, by, day),
        now(day)));
  }

  /**
   * Records what a household puts right of what it said, for the day that it is looked at for.
   *
   * @param right the packet as it is told now
   * @param places what of it is told anew; with {@code -} at the end what was added to a list
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void correct(
      UUID household, Assembled was, Packet right, Set<String> places, Source source, String by) {
    hold(household);
    var day = was.packet().assessedOn();
    add(Telling.putRight(
        of(household),
        household,
        was,
        right,
        places,
        recording(EntryKind.SAID, source, by, day),
        now(day)));
  }

  private Recording recording(EntryKind kind, Source source, String by, LocalDate from) {
    return new Recording(kind, source, by, clock.instant(), from, ids::next);
  }

  private When now(LocalDate holdsOn) {
    return new When(holdsOn, clock.instant());
  }

  private void add(Added added) {
    rows.addSubjects(added.subjects());
    rows.addEntries(added.entries());
  }

  /** Whoever else records something of the household waits until this is done. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID household) {
    database
        .sql("select id from household where id = :household for update")
        .param("household", household)
        .query(UUID.class)
        .list();
  }

  /** The packet of a request as it is known now, of the day that it is assessed for. */
  @Transactional(readOnly = true)
  public Assembled assembled(UUID household, UUID request) {
    return filled(told(household, request), household, request);
  }

  private Assembled filled(Assembled told, UUID household, UUID request) {
    return new Assembled(books.filled(told.packet(), household, request), told.places());
  }

  /** A request as it is known now, with who acts for the household, or did. */
  public record WithActing(Assembled facts, Map<UUID, Acting> acting) {}

  /** Both of one reading. */
  @Transactional(readOnly = true)
  public WithActing withActing(UUID household, UUID request) {
    var ledger = of(household);
    return new WithActing(
        filled(told(ledger, household, request), household, request),
        ledger.acting(household, now(LocalDate.now(clock))));
  }

  /** The packet of a request as it is known now, as if it were assessed for another day. */
  @Transactional(readOnly = true)
  public Packet assembled(UUID household, UUID request, LocalDate assessedOn) {
    var when = new When(assessedOn, clock.instant());
    var told = of(household)
        .assembled(household, List.of(request), when, LocalDate.now(clock))
        .packet()
        .assessedOn(assessedOn);
    return books.filled(told, household, request);
  }

  /** The same without what the office's own books hold. */
  @Transactional(readOnly = true)
  public Assembled told(UUID household, UUID request) {
    return told(of(household), household, request);
  }

  private Assembled told(Ledger ledger, UUID household, UUID request) {
    var when = new When(ledger.assessedOn(request, clock.instant()), clock.instant());
    return ledger.assembled(household, List.of(request), when, LocalDate.now(clock));
  }

  /** Whether somebody has set a value of a household by hand. */
  @Transactional(readOnly = true)
  public boolean hasSet(UUID household, String login) {
    return of(household).isSetBy(login);
  }

  /** When a household told something last; none where it never did. */
  @Transactional(readOnly = true)
  public Optional<Instant> lastToldAt(UUID household) {
    return database
        .sql("select max(recorded_at) from entry where refers_to = :household and kind = 'SAID'")
        .param("household", household)
        .query(Timestamp.class)
        .optional()
        .map(Timestamp::toInstant);
  }

  /** What is known of a household today, without any request. */
  @Transactional(readOnly = true)
  public Assembled household(UUID household) {
    return household(household, LocalDate.now(clock));
  }

  /** What is known now of a household as it is on a day, without any request. */
  @Transactional(readOnly = true)
  public Assembled household(UUID household, LocalDate holdsOn) {
    return of(household).assembled(household, List.of(), now(holdsOn), LocalDate.now(clock));
  }
}
