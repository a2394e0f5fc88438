package civitane.app.remembering;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Notices that everybody sees who deals with a household, and reminders that only who made them sees. */
@Service
public class Remembering {
  private static final int LONGEST = 400;

  private final RememberingRows rows;
  private final Guard guard;
  private final Claims claims;
  private final Staff staff;
  private final AuditLog audit;
  private final Clock clock;

  Remembering(
      RememberingRows rows, Guard guard, Claims claims, Staff staff, AuditLog audit, Clock clock) {
    this.rows = rows;
    this.guard = guard;
    this.claims = claims;
    this.staff = staff;
    this.audit = audit;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  List<PinnedNotice> notices(UUID household) {
    return rows.notices(household, today()).stream()
        .map(kept -> new PinnedNotice(
            kept.id(), kept.words(), staff.nameOf(kept.login()), kept.at(), kept.until()))
        .toList();
  }

  @Transactional
  void pin(Staff.Colleague by, UUID household, String words, LocalDate until) {
    if (until.isBefore(today())) {
      throw Problem.wrong("A notice ends on a day that is still to come, or today.");
    }
    rows.pin(
        UUID.randomUUID(),
        household,
        said(words, "deaf in one ear"),
        by.login(),
        clock.instant(),
        until);
    audit.record(by.login(), "notice pinned", household.toString(), "");
  }

  @Transactional
  void takeOff(Staff.Colleague by, UUID household, UUID notice) {
    if (!rows.takeOff(notice, household, by.login(), clock.instant())) {
      throw Problem.notThere("The notice");
    }
    audit.record(by.login(), "notice taken off", household.toString(), "");
  }

  /** What somebody wants to be told of today; nothing of a household that they may not see any more. */
  @Transactional(readOnly = true)
  List<OwnReminder> due(Staff.Colleague me) {
    return rows.due(me.login(), today()).stream()
        .filter(one -> guard.maySee(me, claims.householdOf(one.claim())))
        .toList();
  }

  @Transactional(readOnly = true)
  List<OwnReminder> about(Staff.Colleague me, String number) {
    claims.householdOf(number);
    return rows.about(number, me.login());
  }

  @Transactional
  void remind(Staff.Colleague me, String number, LocalDate on, String words) {
    claims.householdOf(number);
    if (!on.isAfter(today())) {
      throw Problem.wrong("You are reminded on a day that is still to come.");
    }
    rows.remind(
        UUID.randomUUID(),
        number,
        me.login(),
        on,
        said(words, "ask again whether the school has answered"),
        clock.instant());
  }

  /** Puts something on somebody's Desk today, as nobody is at the desk who could. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void bringUp(String login, String number, String words) {
    var said = words.substring(0, Math.min(LONGEST, words.length()));
    rows.remind(UUID.randomUUID(), number, login, today(), said, clock.instant());
  }

  @Transactional
  void done(Staff.Colleague me, String number, UUID reminder) {
    if (!rows.done(reminder, number, me.login(), clock.instant())) {
      throw Problem.notThere("The reminder");
    }
  }

  private static String said(String words, String as) {
    var said = words.strip();
    if (said.isEmpty() || said.length() > LONGEST) {
      throw Problem.wrong(
          "It takes a few words, up to " + LONGEST + " letters, as in “" + as + "”.");
    }
    return said;
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }
}
