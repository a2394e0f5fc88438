package civitane.app.papers;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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

  /** How many pages the paper has that came for each item of a claim, by the item; those that have been read are left out. */
  @Transactional(readOnly = true)
  public Map<Integer, Integer> of(String number) {
    return open(number).entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, one -> one.getValue().pages()));
  }

  /** The last paper that came for each item of a claim, where nobody has read it. */
  private Map<Integer, PaperRows.Kept> open(String number) {
    var household = claims.householdOf(number);
    var last = new HashMap<Integer, PaperRows.Kept>();
    rows.of(household).stream()
        .filter(kept -> kept.claim().equals(number) && kept.item() != null)
        .forEach(kept -> last.put(kept.item(), kept));
    if (!last.isEmpty()) {
      var unread = ledgers.unread(
          household, last.values().stream().map(PaperRows.Kept::id).toList());
      last.values().removeIf(kept -> !unread.contains(kept.id()));
    }
    return last;
  }

  /** Adds the pages of a file; those that are there already are not added again, as when an answer was lost. */
  @Transactional
  void add(Actor by, String number, int item, Incoming file, Sifting.Fit fit) {
    ledgers.hold(claims.householdOf(number));
    var paper = Optional.ofNullable(open(number).get(item))
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
