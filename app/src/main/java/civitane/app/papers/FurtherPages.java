package civitane.app.papers;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import java.util.ArrayList;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pages that come after the first of a paper, as when each was photographed: behind those that are there, while nobody has read it. */
@Service
public class FurtherPages {
  /** More are scanned, or brought to the counter. */
  static final int MOST = 40;

  private final PaperRows rows;
  private final SheetRows sheets;
  private final Ledgers ledgers;
  private final Claims claims;
  private final Jobs jobs;
  private final AuditLog audit;

  FurtherPages(
      PaperRows rows, SheetRows sheets, Ledgers ledgers, Claims claims, Jobs jobs, AuditLog audit) {
    this.rows = rows;
    this.sheets = sheets;
    this.ledgers = ledgers;
    this.claims = claims;
    this.jobs = jobs;
    this.audit = audit;
  }

  /** How many pages the paper has that came for an item; 0 where none did, or it has been read. */
  @Transactional(readOnly = true)
  public int of(String number, int item) {
    return open(number, item).map(PaperRows.Kept::pages).orElse(0);
  }

  private Optional<PaperRows.Kept> open(String number, int item) {
    var household = claims.householdOf(number);
    return rows.of(household).stream()
        .filter(kept -> kept.claim().equals(number) && Objects.equals(kept.item(), item))
        .reduce((earlier, later) -> later)
        .filter(kept -> !ledgers.isPaperRead(household, kept.id()));
  }

  /** Adds the pages of a file; those that are there already are not added again, as when an answer was lost. */
  @Transactional
  void add(Actor by, String number, int item, Incoming file, Sifting.Fit fit) {
    ledgers.hold(claims.householdOf(number));
    var paper = open(number, item)
        .orElseThrow(() -> Problem.overtaken("The paper has been read. Send this as another."));
    var pages = new ArrayList<>(sheets.of(paper.id()));
    if (pages.stream().anyMatch(page -> page.hash().equals(file.hash()))) {
      return;
    }
    if (pages.size() + fit.pages() > MOST) {
      throw Problem.wrong("A paper has at most " + MOST + " pages here.");
    }
    rows.keep(file, fit);
    pages.addAll(SheetRows.whole(file.hash(), fit.pages()));
    rows.read(paper.id(), paper.version());
    sheets.set(paper.id(), pages);
    jobs.later(Drawing.KIND, file.hash());
    jobs.later(MachineReading.KIND, file.hash());
    jobs.later(Recognising.KIND, paper.id().toString());
    audit.record(by.written(), "page added", paper.id().toString(), number);
  }
}
