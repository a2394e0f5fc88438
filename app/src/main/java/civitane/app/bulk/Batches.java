package civitane.app.bulk;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.Catalogue;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.jobs.Jobs;
import civitane.app.lodging.Lodging;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.packet.Fault;
import civitane.packet.form.BatchReader;
import civitane.packet.form.FormFault;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lists of applications, lodged row by row after they were sent.
 *
 * <p>What a row becomes is kept together with its application, so that a row is lodged once on whatever node it is. The
 * rows follow one another: a household that stands in a list twice is known the second time.
 */
@Service
public class Batches {
  private final BatchRows rows;
  private final Applications applications;
  private final Lodging lodging;
  private final Jobs jobs;
  private final Staff staff;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final Clock clock;

  Batches(
      BatchRows rows,
      Applications applications,
      Lodging lodging,
      Jobs jobs,
      Staff staff,
      AuditLog audit,
      TransactionTemplate inTransaction,
      Clock clock) {
    this.rows = rows;
    this.applications = applications;
    this.lodging = lodging;
    this.jobs = jobs;
    this.staff = staff;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.clock = clock;
  }

  /** Keeps a list that was read; its rows are lodged as soon as it is kept. */
  @Transactional
  public BatchView send(Staff.Colleague by, String service, BatchReader.Batch list) {
    if (!list.faults().isEmpty()) {
      throw Problem.wrong("The list can't be taken as it is.", faults(list.faults()));
    }
    var id = UUID.randomUUID();
    rows.keep(id, service, by.login(), clock.instant(), list);
    audit.record(
        by.login(),
        "list sent",
        id.toString(),
        service + ", rows: " + (list.good().size() + list.bad().size()));
    jobs.later(BatchLodging.KIND, id.toString());
    return of(by, id);
  }

  /** The lists somebody sent and has not put away, the latest first. */
  @Transactional(readOnly = true)
  public List<BatchView> of(Staff.Colleague by) {
    return rows.sentBy(by.login()).stream().map(this::view).toList();
  }

  /** A list of one's own. */
  @Transactional(readOnly = true)
  public BatchView of(Staff.Colleague by, UUID id) {
    return view(own(by, id));
  }

  private BatchView view(BatchRows.Kept batch) {
    var counts = rows.counts(batch.id());
    return new BatchView(
        batch.id(),
        batch.service(),
        Catalogue.title(batch.service()),
        staff.nameOf(batch.sentBy()),
        batch.sentAt(),
        counts.rows(),
        counts.waiting(),
        counts.returned(),
        rows.taken(batch.id()));
  }

  private BatchRows.Kept own(Staff.Colleague by, UUID id) {
    return rows.find(id)
        .filter(batch -> batch.sentBy().equals(by.login()))
        .orElseThrow(() -> Problem.notThere("The list"));
  }

  /** The rows that come back so far, as a file with their reasons. */
  @Transactional(readOnly = true)
  public String returned(Staff.Colleague by, UUID id) {
    var batch = own(by, id);
    return BatchReader.csv(batch.columns(), rows.returned(id));
  }

  /** Puts a list away that nothing waits in; what was lodged of it stays. */
  @Transactional
  public void putAway(Staff.Colleague by, UUID id) {
    own(by, id);
    if (rows.counts(id).waiting() > 0) {
      throw Problem.wrong("The list is still being lodged. It can be put away when that is done.");
    }
    rows.remove(id);
    audit.record(by.login(), "list put away", id.toString(), "");
  }

  /** Lodges the next row that waits, or notes why it can't be; whether there was one. */
  boolean lodgeNext(UUID id) {
    var batch = inTransaction.execute(status -> rows.find(id));
    if (batch.isEmpty()) {
      return false;
    }
    var by = staff.named(batch.get().sentBy());
    var waiting = inTransaction.execute(status -> rows.next(id));
    if (waiting.isEmpty()) {
      return false;
    }
    var row = waiting.get();
    try {
      inTransaction.executeWithoutResult(status -> {
        if (rows.hold(id, row.nr())) {
          rows.lodged(id, row.nr(), lodge(by, row));
        }
      });
    } catch (Problem problem) {
      inTransaction.executeWithoutResult(status -> {
        if (rows.hold(id, row.nr())) {
          rows.returned(id, row.nr(), formFaults(problem));
        }
      });
    }
    return true;
  }

  private ApplicationView lodge(Staff.Colleague by, BatchRows.Waiting row) {
    var draft = applications.begin(by, row.packet());
    return lodging.lodge(by.actor(), draft.id(), draft.version());
  }

  private static List<FormFault> formFaults(Problem problem) {
    return problem.faults().stream()
        .map(fault -> new FormFault(fault.pointer(), fault.message(), fault.expected()))
        .toList();
  }

  private static List<Fault> faults(List<FormFault> faults) {
    return faults.stream()
        .map(fault -> new Fault(fault.place(), fault.message(), fault.expected()))
        .toList();
  }
}
