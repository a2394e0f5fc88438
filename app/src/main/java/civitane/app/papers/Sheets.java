package civitane.app.papers;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.PaperKind;
import civitane.core.ledger.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The pages of papers that nobody has read yet: put in order and turned, taken out to be a paper of their own, or joined
 * to another.
 */
@Service
class Sheets {
  private final PaperRows rows;
  private final SheetRows sheets;
  private final Papers papers;
  private final Ledgers ledgers;
  private final Claims claims;
  private final AuditLog audit;

  Sheets(
      PaperRows rows,
      SheetRows sheets,
      Papers papers,
      Ledgers ledgers,
      Claims claims,
      AuditLog audit) {
    this.rows = rows;
    this.sheets = sheets;
    this.papers = papers;
    this.ledgers = ledgers;
    this.claims = claims;
    this.audit = audit;
  }

  /** A page of the paper as it was, from 0, and by how much it is turned more. */
  record Placed(int page, int turn) {}

  /** Puts the pages of a paper in another order, each turned as it is to be read. */
  @Transactional
  void arrange(Staff.Colleague by, String number, UUID id, int version, List<Placed> placed) {
    var all = held(by, number, id, version);
    var used = new TreeSet<>(placed.stream().map(Placed::page).toList());
    if (placed.size() != all.size() || used.size() != all.size() || !isWithin(used, all)) {
      throw Problem.wrong(
          "Each page of the paper has to have one place, and none may be left out.");
    }
    sheets.set(
        id, placed.stream().map(one -> all.get(one.page()).turned(one.turn())).toList());
    audit.record(by.login(), "pages arranged", id.toString(), number);
  }

  /**
   * Takes pages out of a paper; they are a paper of their own from now on.
   *
   * @param pages from 0; at least one has to stay
   * @return the new paper
   */
  @Transactional
  UUID takeOut(
      Staff.Colleague by,
      String number,
      UUID id,
      int version,
      Set<Integer> pages,
      PaperKind kind,
      @Nullable String person) {
    var all = held(by, number, id, version);
    var out = new TreeSet<>(pages);
    if (out.isEmpty() || out.size() >= all.size() || !isWithin(out, all)) {
      throw Problem.wrong("Some of the pages are taken out, and at least one stays.");
    }
    var taken = new ArrayList<Sheet>();
    var left = new ArrayList<Sheet>();
    for (var page = 0; page < all.size(); page++) {
      (out.contains(page) ? taken : left).add(all.get(page));
    }
    sheets.set(id, left);
    var filing = new Papers.Filing(
        null, kind, person, null, rows.find(id).name(), "", rows.find(id).sender());
    var fresh = papers.file(by.actor(), number, taken, filing);
    audit.record(by.login(), "pages taken out", id.toString(), number);
    return fresh;
  }

  /** Joins the pages of another paper behind those of one, as with the front and the back of a card. */
  @Transactional
  void join(Staff.Colleague by, String number, UUID id, int version, UUID other, int otherVersion) {
    if (id.equals(other)) {
      throw Problem.wrong("A paper is joined to another one, not to itself.");
    }
    var all = new ArrayList<>(held(by, number, id, version));
    all.addAll(held(by, number, other, otherVersion));
    sheets.set(id, all);
    ledgers.withdrawPaper(
        claims.householdOf(number), other, Source.paper(id.toString(), null), by.login());
    audit.record(by.login(), "papers joined", id.toString(), number);
  }

  private static boolean isWithin(TreeSet<Integer> pages, List<Sheet> all) {
    return pages.first() >= 0 && pages.last() < all.size();
  }

  /** The pages of a paper that is looked at by whoever has its claim, and that nobody has read yet. */
  private List<Sheet> held(Staff.Colleague by, String number, UUID id, int version) {
    claims.mine(by, number);
    var household = claims.householdOf(number);
    ledgers.hold(household);
    if (!rows.find(id).household().equals(household)) {
      throw Problem.notThere("The paper");
    }
    if (ledgers.isPaperRead(household, id)) {
      throw Problem.wrong("The paper has been read; its pages stay as they were.");
    }
    rows.read(id, version);
    return sheets.of(id);
  }
}
