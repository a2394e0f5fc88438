package civitane.app.papers;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.PaperKind;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The post tray: what came by post lies here until it is filed. A scanned stack is sorted by the codes of our letters in
 * it; what has none is placed by a person.
 */
@Service
public class Tray {
  private final Sifter sifter;
  private final TrayRows tray;
  private final PaperRows rows;
  private final SheetRows sheets;
  private final Papers papers;
  private final PageCodes codes;
  private final ObjectProvider<Returning> returning;
  private final Claims claims;
  private final Ledgers ledgers;
  private final Jobs jobs;
  private final Staff staff;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final Clock clock;

  Tray(
      Sifter sifter,
      TrayRows tray,
      PaperRows rows,
      SheetRows sheets,
      Papers papers,
      PageCodes codes,
      ObjectProvider<Returning> returning,
      Claims claims,
      Ledgers ledgers,
      Jobs jobs,
      Staff staff,
      AuditLog audit,
      TransactionTemplate inTransaction,
      Clock clock) {
    this.sifter = sifter;
    this.tray = tray;
    this.rows = rows;
    this.sheets = sheets;
    this.papers = papers;
    this.codes = codes;
    this.returning = returning;
    this.claims = claims;
    this.ledgers = ledgers;
    this.jobs = jobs;
    this.staff = staff;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.clock = clock;
  }

  /** Takes a file that came by post and is in memory already. */
  public UUID bring(Staff.Colleague by, byte[] bytes, String name) throws IOException {
    try (var file = Incoming.of(new ByteArrayInputStream(bytes))) {
      var fit = sifter.fit(file);
      return Objects.requireNonNull(
          inTransaction.execute(status -> bring(by, file, fit, name, false)));
    }
  }

  /**
   * Keeps a file that came by post.
   *
   * @param envelopes whether it is letters of ours that came back undelivered
   */
  @Transactional
  UUID bring(Staff.Colleague by, Incoming file, Sifting.Fit fit, String name, boolean envelopes) {
    rows.keep(file, fit);
    var id = ledgers.freshId();
    tray.add(id, name, by.login(), clock.instant(), envelopes);
    sheets.set(id, SheetRows.whole(file.hash(), fit.pages()));
    jobs.later(Sorting.KIND, id.toString());
    jobs.later(MachineReading.KIND, file.hash());
    audit.record(by.login(), "post taken", id.toString(), "");
    return id;
  }

  /** Sorts a piece by the codes on its pages: each begins what belongs to its claim. */
  void sort(UUID id) {
    var pages = sheets.of(id);
    var written = codes.on(pages);
    inTransaction.executeWithoutResult(status -> sort(id, pages, written));
  }

  private void sort(UUID id, List<Sheet> pages, List<Optional<ReplyCode>> written) {
    // Somebody may have filed it or put it aside before anybody looked for its codes.
    var piece = tray.waiting(id).orElse(null);
    if (piece == null || piece.sorted() || !sheets.of(id).equals(pages)) {
      return;
    }
    var by = staff.named(piece.cameBy());
    if (piece.envelopes()) {
      sheets.set(id, undelivered(by, pages, written));
      tray.sorted(id);
      return;
    }
    var replies = written.stream().map(codes::reply).toList();
    var unplaced = new ArrayList<Sheet>();
    var stacks = new LinkedHashMap<Integer, List<Sheet>>();
    var begun = -1;
    for (var at = 0; at < pages.size(); at++) {
      begun = replies.get(at).isPresent() ? at : begun;
      if (begun < 0) {
        unplaced.add(pages.get(at));
      } else {
        stacks.computeIfAbsent(begun, first -> new ArrayList<>()).add(pages.get(at));
      }
    }
    stacks.forEach((first, stack) -> {
      var code = written.get(first).orElseThrow();
      // A sheet says what lies behind it. With nothing behind it, a person has to look.
      var papers = code.isSheet() ? stack.subList(1, stack.size()) : stack;
      if (papers.isEmpty()) {
        unplaced.addAll(stack);
      } else {
        file(by, replies.get(first).orElseThrow(), papers, piece);
        codes.came(code);
      }
    });
    sheets.set(id, unplaced);
    tray.sorted(id);
  }

  /** The pages on which no letter of ours is known; each of the others has come back, and need not be kept. */
  private List<Sheet> undelivered(
      Staff.Colleague by, List<Sheet> pages, List<Optional<ReplyCode>> written) {
    var unknown = new ArrayList<Sheet>();
    for (var at = 0; at < pages.size(); at++) {
      var code = written.get(at).map(ReplyCode::code);
      if (code.isEmpty()
          || returning.stream().noneMatch(one -> one.cameBack(by, code.orElseThrow()))) {
        unknown.add(pages.get(at));
      }
    }
    return unknown;
  }

  /**
   * Files pages of a piece with a claim; what is left of it stays in the tray.
   *
   * @param pages from 0
   */
  @Transactional
  void file(
      Staff.Colleague by, UUID id, int version, String number, Set<Integer> pages, PaperKind kind) {
    var piece = tray.find(id);
    tray.touch(id, version);
    if (!claims.isThere(number)) {
      throw Problem.wrong("There is no claim of the number " + number + ". Look at it again.");
    }
    var all = sheets.of(id);
    var wanted = new TreeSet<>(pages);
    if (wanted.isEmpty() || wanted.first() < 0 || wanted.last() >= all.size()) {
      throw Problem.wrong("Say which of its pages are filed, as in 1 to " + all.size() + ".");
    }
    var left = new ArrayList<>(all);
    var filed = wanted.stream().map(all::get).toList();
    left.removeAll(filed);
    sheets.set(id, left);
    file(by, new Reply(number, null, kind, null, null, null), filed, piece);
  }

  private void file(Staff.Colleague by, Reply reply, List<Sheet> pages, TrayPiece piece) {
    var filing = new Papers.Filing(
        reply.item(),
        reply.kind(),
        reply.person(),
        reply.income(),
        piece.name(),
        "",
        reply.sender());
    papers.file(by.actor(), reply.claim(), pages, filing);
    audit.record(by.login(), "post filed", piece.id().toString(), reply.claim());
  }

  /** Puts aside what is not for this office. */
  @Transactional
  void setAside(Staff.Colleague by, UUID id, int version, String because) {
    if (because.isBlank()) {
      throw Problem.wrong("It is put aside with a reason, as in “advertising”.");
    }
    tray.find(id);
    tray.touch(id, version);
    tray.setAside(id, because.strip(), clock.instant());
    audit.record(by.login(), "post put aside", id.toString(), "");
  }

  /** What waits, the oldest first. */
  @Transactional(readOnly = true)
  List<TrayPiece> waiting() {
    return tray.waiting();
  }

  /** A page of a piece, from 0. */
  @Transactional(readOnly = true)
  byte[] page(UUID id, int page, boolean small) {
    tray.find(id);
    var all = sheets.of(id);
    if (page < 0 || page >= all.size()) {
      throw Problem.notThere("The page");
    }
    return rows.page(all.get(page).hash(), all.get(page).page(), small);
  }
}
