package civitane.app.closures;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.time.OpenDays;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The office's own closures: declared by a senior, before or soon after, and taken back when they were not so. */
@Service
public class Closures {
  /** A flood is declared when people are back at their desks. Days. */
  private static final int AFTERWARDS = 30;

  private static final int LONGEST = 60;
  private static final int LONGEST_REASON = 200;

  private final ClosureRows rows;
  private final OfficeDays days;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Closures(
      ClosureRows rows,
      OfficeDays days,
      AuditLog audit,
      ApplicationEventPublisher events,
      Clock clock) {
    this.rows = rows;
    this.days = days;
    this.audit = audit;
    this.events = events;
    this.clock = clock;
  }

  /** What stands and is not long past, by its first day. */
  @Transactional(readOnly = true)
  List<DeclaredClosure> near() {
    var since = LocalDate.now(clock).minusDays(AFTERWARDS);
    return rows.all().stream()
        .filter(DeclaredClosure::stands)
        .filter(one -> !one.until().isBefore(since))
        .toList();
  }

  /** The days on which the office is open, as this moment's closures leave them. */
  @Transactional(readOnly = true)
  public OpenDays openDays() {
    return rows.openDays();
  }

  @Transactional(readOnly = true)
  public DeclaredClosure find(UUID id) {
    return rows.find(id).orElseThrow(() -> Problem.notThere("The closure"));
  }

  /** Declares the office closed on the days from the first to the last, both included. */
  @Transactional
  void declare(Staff.Colleague by, LocalDate from, LocalDate until, String because) {
    if (until.isBefore(from)) {
      throw Problem.wrong("The last day of a closure is not before its first.");
    }
    if (from.isBefore(LocalDate.now(clock).minusDays(AFTERWARDS))) {
      throw Problem.wrong(
          "A closure is declared at most " + AFTERWARDS + " days after its first day.");
    }
    if (from.plusDays(LONGEST).isBefore(until)) {
      throw Problem.wrong(
          "A closure is declared for at most " + LONGEST + " days, then once more.");
    }
    if (because.isBlank() || because.length() > LONGEST_REASON) {
      throw Problem.wrong("Say why in a few words, as in “flood in the lower hall”.");
    }
    var closure = new DeclaredClosure(
        UUID.randomUUID(), from, until, because.strip(), by.login(), clock.instant(), null);
    rows.add(closure);
    audit.record(by.login(), "closure declared", closure.id().toString(), from + " to " + until);
    days.change();
    events.publishEvent(new ClosureDeclared(closure.id()));
  }

  /** Takes a closure back; what was given more time because of it keeps it. */
  @Transactional
  void takeBack(Staff.Colleague by, UUID id) {
    find(id);
    if (rows.takeBack(id, by.login(), clock.instant())) {
      audit.record(by.login(), "closure taken back", id.toString(), "");
      days.change();
    }
  }
}
