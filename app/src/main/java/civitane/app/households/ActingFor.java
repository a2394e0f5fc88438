package civitane.app.households;

import civitane.app.audit.AuditLog;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.Acting;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Source;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who acts for a household: by what right, on what paper, for what, until when. */
@Service
class ActingFor {
  private final Ledgers ledgers;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;

  ActingFor(Ledgers ledgers, AuditLog audit, ApplicationEventPublisher events) {
    this.ledgers = ledgers;
    this.audit = audit;
    this.events = events;
  }

  /** Records somebody; whoever acts already by the same name and right is told anew. */
  @Transactional
  void begins(Staff.Colleague by, UUID household, Acting acting) {
    if (acting.name().isBlank()) {
      throw Problem.wrong("Whoever acts has a name.");
    }
    if (acting.shownBy() == null) {
      throw Problem.wrong("It is not said what shows it, as in \"order of the court, page 1\".");
    }
    ledgers.tellActing(
        household,
        List.of(acting),
        EntryKind.USED,
        Source.caseworker(by.login(), acting.shownBy()),
        by.login());
    audit.record(
        by.login(), "acting recorded", household.toString(), acting.right().word());
  }

  /** Records that somebody does not act any more after a day, and why. */
  @Transactional
  void ends(Staff.Colleague by, UUID household, UUID acting, LocalDate on, String because) {
    if (because.isBlank()) {
      throw Problem.wrong("It is not said why, as in \"revoked by letter\".");
    }
    if (!ledgers.acting(household).containsKey(acting)) {
      throw Problem.notThere("Somebody who acts for this household");
    }
    ledgers.endActing(
        household, acting, on, Source.caseworker(by.login(), because.strip()), by.login());
    events.publishEvent(new ActingChanged(household));
    audit.record(by.login(), "acting ended", household.toString(), acting.toString());
  }
}
