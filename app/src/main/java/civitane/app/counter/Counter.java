package civitane.app.counter;

import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Stands;
import civitane.core.facts.Vocabulary;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who came and waits, and what they can be told. */
@Service
class Counter {
  private static final int LONGEST_NAME = 120;

  /** How long it is known who came, in days. */
  private static final int KEPT = 30;

  private final ArrivalRows rows;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Staff staff;
  private final AuditLog audit;
  private final Clock clock;

  Counter(
      ArrivalRows rows,
      Claims claims,
      ClaimLists claimLists,
      Staff staff,
      AuditLog audit,
      Clock clock) {
    this.rows = rows;
    this.claims = claims;
    this.claimLists = claimLists;
    this.staff = staff;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * Where a claim stands.
   *
   * @param alone whether only who made it may be told
   * @param line what can be read out, in the language asked for
   */
  record StandingLine(String number, String title, boolean alone, String line) {}

  /** Who waits or is at the counter, in the order they came. */
  @Transactional(readOnly = true)
  List<Arrival> here() {
    return rows.open(LocalDate.now(clock)).stream()
        .map(one -> one.calledBy() == null
            ? one
            : new Arrival(
                one.id(),
                one.nr(),
                one.name(),
                one.wish(),
                one.household(),
                one.cameAt(),
                staff.nameOf(one.calledBy())))
        .toList();
  }

  /**
   * Somebody arrives; answers their number.
   *
   * @param household whose they are; null where nobody has looked yet
   */
  @Transactional
  int arrive(Staff.Colleague by, String name, String wish, @Nullable UUID household) {
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw Problem.wrong("Somebody is called by a name, of at most 120 letters.");
    }
    if (!(Vocabulary.of(Wish.class).byWord().get(wish) instanceof Wish known)) {
      throw Problem.wrong("That is no wish that is known here.");
    }
    var today = LocalDate.now(clock);
    rows.forget(today.minusDays(KEPT));
    var id = UUID.randomUUID();
    var nr = rows.add(id, today, name.strip(), known, household, clock.instant());
    audit.record(by.login(), "arrival", id.toString(), wish);
    return nr;
  }

  @Transactional
  void call(Staff.Colleague by, UUID arrival) {
    if (!rows.call(arrival, by.login(), clock.instant())) {
      throw Problem.overtaken("Somebody has called them already, or they have left.");
    }
    audit.record(by.login(), "arrival called", arrival.toString(), "");
  }

  @Transactional
  void end(Staff.Colleague by, UUID arrival) {
    if (!rows.end(arrival, clock.instant())) {
      throw Problem.overtaken("They have been seen to already, or have left.");
    }
    audit.record(by.login(), "arrival ended", arrival.toString(), "");
  }

  /** The claims of a household, each in one line of a language. */
  @Transactional(readOnly = true)
  List<StandingLine> standing(UUID household, Language language) {
    var words = Words.in(language);
    var today = LocalDate.now(clock);
    return claimLists.listed(household).stream()
        .map(one -> new StandingLine(
            one.number(),
            words.title(one.service()),
            claims.isPrivate(one.number()),
            words.say(Stands.of(claims.claim(one.number()), today), Voice.LETTER)))
        .toList();
  }
}
