package civitane.app.papers;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.claims.ToCheck;
import civitane.app.claims.Wanting;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.reading.Proposal;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Item;
import civitane.core.claims.ItemKind;
import civitane.core.claims.ItemState;
import civitane.core.claims.Why;
import civitane.core.facts.Paper;
import civitane.core.facts.PaperFault;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Payslip;
import civitane.core.identity.Identity;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Ledger;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.words.Voice;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Papers: they come, are read, and are accepted or given back; what is known of them stands in the ledger. */
@Service
public class Papers {
  private final PaperRows rows;
  private final SheetRows sheets;
  private final ProposalRows proposals;
  private final ShownFacts shown;
  private final Ledgers ledgers;
  private final Claims claims;
  private final Wanting wanting;
  private final Jobs jobs;
  private final Staff staff;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Papers(
      PaperRows rows,
      SheetRows sheets,
      ProposalRows proposals,
      ShownFacts shown,
      Ledgers ledgers,
      Claims claims,
      Wanting wanting,
      Jobs jobs,
      Staff staff,
      AuditLog audit,
      ApplicationEventPublisher events,
      Clock clock) {
    this.rows = rows;
    this.sheets = sheets;
    this.proposals = proposals;
    this.shown = shown;
    this.ledgers = ledgers;
    this.claims = claims;
    this.wanting = wanting;
    this.jobs = jobs;
    this.staff = staff;
    this.audit = audit;
    this.events = events;
    this.clock = clock;
  }

  /**
   * How a paper is said to be when it comes.
   *
   * @param item what of the claim it is for; null where that is not known
   * @param remark what the household says to it
   * @param sender somebody outside who filled it in and sent it back; null where the household brings it
   */
  public record Filing(
      @Nullable Integer item,
      PaperKind kind,
      @Nullable String person,
      @Nullable String income,
      String name,
      String remark,
      @Nullable String sender) {

    /** What a household brings. */
    public static Filing brought(
        @Nullable Integer item,
        PaperKind kind,
        @Nullable String person,
        @Nullable String income,
        String name,
        String remark) {
      return new Filing(item, kind, person, income, name, remark, null);
    }
  }

  /** What a claim's household has handed in, and what the claim still wants. */
  @Transactional(readOnly = true)
  PaperView.Papers of(String number) {
    var facts = claims.facts(number);
    var household = claims.householdOf(number);
    var ledger = ledgers.of(household);
    var kept = rows.of(household);
    var views = new ArrayList<PaperView>();
    var papers = facts.packet().papers();
    var elsewhere = ofPrivateClaims(kept, number);
    for (var i = 0; i < papers.size(); i++) {
      var id = facts.places().subject("/papers/" + i).orElseThrow();
      if (elsewhere.contains(id)) {
        continue;
      }
      views.add(PaperView.of(
          id,
          papers.get(i),
          facts.packet(),
          because(ledger, id),
          kept.stream()
              .filter(one -> one.id().equals(id))
              .findFirst()
              .map(one -> PaperView.Picture.of(
                  one, staff.nameOf(one.cameBy()), sheets.of(one.id()), proposed(one.id())))
              .orElse(null)));
    }
    return new PaperView.Papers(wanted(number, facts), views);
  }

  /** The papers that were brought for other claims that are for who makes them alone: no trace of them here. */
  private Set<UUID> ofPrivateClaims(List<PaperRows.Kept> kept, String number) {
    var others = kept.stream()
        .map(PaperRows.Kept::claim)
        .filter(claim -> !claim.equals(number))
        .distinct()
        .filter(claims::isPrivate)
        .toList();
    return kept.stream()
        .filter(one -> others.contains(one.claim()))
        .map(PaperRows.Kept::id)
        .collect(Collectors.toSet());
  }

  /** What the machine read off the pages of a paper, by where they stand in it. */
  private List<Proposal> proposed(UUID paper) {
    var pages = sheets.of(paper);
    return pages.stream()
        .map(Sheet::hash)
        .distinct()
        .flatMap(hash -> proposals.of(hash).stream()
            .flatMap(proposal -> IntStream.range(0, pages.size())
                .filter(at ->
                    pages.get(at).hash().equals(hash) && pages.get(at).page() == proposal.page())
                .mapToObj(proposal::on)))
        .toList();
  }

  /** The reason that was given with the last verdict on a paper. */
  private static @Nullable String because(Ledger ledger, UUID paper) {
    return ledger.history(paper, "accepted").stream()
        .reduce((earlier, later) -> later)
        .map(entry -> entry.source().because())
        .orElse(null);
  }

  private List<PaperView.StillWanted> wanted(String number, Assembled facts) {
    return claims.claim(number).live().stream()
        .filter(item -> item.want().kind() == ItemKind.PAPER)
        .map(item -> new PaperView.StillWanted(
            item.id(),
            facts.places().here(item.want().subject()),
            DeskWords.WORDS.say(item.want().reasons(), Voice.DESK),
            item.dueOn(),
            item.state() == ItemState.ANSWERED))
        .toList();
  }

  /** Keeps a file as a paper of a claim's household. It waits to be read; its pages are drawn afterwards. */
  @Transactional
  UUID take(Actor by, String number, Incoming file, Sifting.Fit fit, Filing filing) {
    keep(file, fit);
    var id = file(by, number, SheetRows.whole(file.hash(), fit.pages()), filing);
    jobs.later(Recognising.KIND, id.toString());
    return id;
  }

  /** Keeps a file; its pages are drawn and read by machine afterwards. */
  @Transactional(propagation = Propagation.MANDATORY)
  void keep(Incoming file, Sifting.Fit fit) {
    rows.keep(file, fit);
    jobs.later(Drawing.KIND, file.hash());
    jobs.later(MachineReading.KIND, file.hash());
  }

  /** Files pages that are kept already as a paper of a claim's household. */
  @Transactional
  UUID file(Actor by, String number, List<Sheet> pages, Filing filing) {
    var household = claims.householdOf(number);
    ledgers.hold(household);
    var facts = claims.facts(number);
    var id = ledgers.freshId();
    var item = item(number, filing, facts);
    sheets.set(id, pages);
    var replaced = item.flatMap(one -> givenBack(number, household, one, facts)).orElse(null);
    rows.add(id, household, filing, by.written(), clock.instant(), number, item.orElse(null));
    ledgers.tellPaper(
        household,
        id,
        Paper.came(
            filing.kind(),
            filing.person(),
            filing.income(),
            replaced,
            filing.remark().isEmpty() ? null : filing.remark()),
        facts.places().ids(),
        EntryKind.SAID,
        Source.paper(id.toString(), null),
        by.written());
    var came = Why.PAPER_CAME.with(Argument.term(filing.kind()));
    if (item.isPresent()) {
      claims.moveItem(by, number, came, (claim, act) -> claim.answer(act, item.get()));
    } else {
      claims.note(by, number, came);
    }
    audit.record(by.written(), "paper taken", id.toString(), number);
    return id;
  }

  /** The item that a paper is for: the one that was named, else one that wants such a paper of that person or income. */
  private Optional<Integer> item(String number, Filing filing, Assembled facts) {
    var wanted = claims.claim(number).live().stream()
        .filter(item -> item.want().kind() == ItemKind.PAPER)
        .toList();
    if (filing.item() != null) {
      return wanted.stream().map(Item::id).filter(filing.item()::equals).findFirst();
    }
    Predicate<Item> fits = item -> fits(facts.places().here(item.want().subject()), filing);
    Predicate<Item> tells = item -> tells(facts.places().here(item.want().subject()), filing);
    return wanted.stream()
        .filter(fits)
        .findFirst()
        .or(() -> wanted.stream().filter(tells).findFirst())
        .map(Item::id);
  }

  /** The last paper that was given back of those brought for an item: what comes for it now stands in its place. */
  private Optional<String> givenBack(String number, UUID household, int item, Assembled facts) {
    return rows.of(household).stream()
        .filter(kept -> kept.claim().equals(number) && Objects.equals(kept.item(), item))
        .filter(kept -> paper(facts, kept.id()).filter(Paper::isGivenBack).isPresent())
        .reduce((earlier, later) -> later)
        .map(kept -> kept.id().toString());
  }

  private static Optional<Paper> paper(Assembled facts, UUID id) {
    var papers = facts.packet().papers();
    return IntStream.range(0, papers.size())
        .filter(at -> facts.places().subject("/papers/" + at).filter(id::equals).isPresent())
        .mapToObj(papers::get)
        .findFirst();
  }

  private static boolean fits(String subject, Filing filing) {
    var parts = subject.split(":");
    var whose = parts.length > 1 ? parts[1] : "";
    return parts[0].equals(filing.kind().word())
        && (whose.isEmpty() || whose.equals(filing.person()) || whose.equals(filing.income()));
  }

  /** Whether a paper tells who somebody is, of whom just that is wanted. */
  private static boolean tells(String subject, Filing filing) {
    return filing.person() != null
        && (subject.equals("identity:" + filing.person()) && Identity.isIdentityPaper(filing.kind())
            || subject.equals("photoIdentity:" + filing.person())
                && Identity.isPhoto(filing.kind()));
  }

  /**
   * What was read off a paper, and the verdict on it.
   *
   * @param version of the paper as it was looked at
   * @param faults why it is given back; none where it is accepted
   * @param nameAccepted whether a name that differs is accepted, for the reason given
   * @param slip what a payslip shows; null for other papers
   * @param shown the facts of the claim that it shows
   */
  public record Reading(
      int version,
      Paper paper,
      List<PaperFault> faults,
      boolean nameAccepted,
      String because,
      @Nullable Payslip slip,
      List<ShownFacts.Shown> shown) {
    boolean isAccepted() {
      return faults.isEmpty();
    }
  }

  /** Accepts a paper with what it shows, or gives it back; every claim of the household is asked again what it wants. */
  @Transactional
  public void read(Staff.Colleague by, String number, UUID id, Reading reading) {
    claims.mine(by, number);
    var household = claims.householdOf(number);
    ledgers.hold(household);
    var kept = rows.find(id);
    if (!kept.household().equals(household)) {
      throw Problem.notThere("The paper");
    }
    rows.read(id, reading.version());
    var facts = claims.facts(number);
    var paper = judged(reading, facts);
    if (paper.replaces() != null && !cameBefore(household, id).contains(paper.replaces())) {
      throw Problem.wrong(
          "A paper takes the place of one of the same household that came before it.");
    }
    ledgers.tellPaper(
        household,
        id,
        paper,
        facts.places().ids(),
        EntryKind.SHOWN,
        Source.paper(id.toString(), told(reading)),
        by.login());
    if (reading.isAccepted() && reading.slip() != null && paper.income() != null) {
      slip(by, household, id, facts, paper.income(), reading.slip());
    }
    if (reading.isAccepted()) {
      shown.tell(by, number, id, paper.kind(), paper.person(), paper.income(), reading.shown());
    }
    settle(by, number, kept, paper, reading);
    audit.record(
        by.login(),
        reading.isAccepted() ? "paper accepted" : "paper returned",
        id.toString(),
        number);
  }

  private Set<String> cameBefore(UUID household, UUID id) {
    return rows.of(household).stream()
        .map(PaperRows.Kept::id)
        .takeWhile(one -> !one.equals(id))
        .map(UUID::toString)
        .collect(Collectors.toSet());
  }

  /** The paper with its verdict; a name that differs is accepted with a reason only. */
  private static Paper judged(Reading reading, Assembled facts) {
    var paper = reading.paper();
    var differs = PaperView.differing(paper, facts.packet());
    if (reading.isAccepted() && differs != null) {
      if (!reading.nameAccepted()) {
        throw Problem.wrong(differs + " Accept the name with a reason, or give the paper back.");
      }
      if (reading.because().isBlank()) {
        throw Problem.wrong("A name that differs is accepted with a reason, as in “maiden name”.");
      }
    }
    return paper.judged(reading.isAccepted(), differs == null ? null : reading.nameAccepted());
  }

  private static @Nullable String told(Reading reading) {
    if (reading.isAccepted()) {
      return reading.because().isBlank() ? null : reading.because().strip();
    }
    return DeskWords.WORDS.say(returned(reading), Voice.DESK);
  }

  private static Reason returned(Reading reading) {
    return Why.PAPER_RETURNED.with(
        Argument.term(reading.paper().kind()),
        Argument.terms(reading.faults()),
        Argument.told(reading.because().isBlank() ? "none" : reading.because().strip()));
  }

  private void slip(
      Staff.Colleague by,
      UUID household,
      UUID paper,
      Assembled facts,
      String income,
      Payslip slip) {
    var all = new ArrayList<>(facts
        .packet()
        .household()
        .income(income)
        .orElseThrow(() -> Problem.wrong("The payslip belongs to an income of this household."))
        .payslips());
    all.removeIf(one -> one.periodEnd().equals(slip.periodEnd()));
    all.add(slip);
    all.sort(Comparator.comparing(Payslip::periodEnd).reversed());
    ledgers.tellPayslips(
        household,
        Optional.ofNullable(facts.places().ids().get(income)).orElseThrow(),
        all,
        Source.paper(paper.toString(), null),
        by.login());
  }

  private void settle(
      Staff.Colleague by, String number, PaperRows.Kept kept, Paper paper, Reading reading) {
    var because = reading.isAccepted()
        ? Why.PAPER_ACCEPTED.with(Argument.term(paper.kind()))
        : returned(reading);
    var claim = kept.claim();
    var item = kept.item();
    if (item != null && waits(claim, item)) {
      claims.moveItem(
          by.actor(),
          claim,
          because,
          (one, act) -> reading.isAccepted()
              ? one.accept(act, item)
              : one.giveBack(act, item, List.of(because), claims.toAnswerBy()));
    }
    var household = claims.householdOf(number);
    wanting.askAgain(by.actor(), household, List.of(), null, because);
    if (!paper.mrz().isEmpty() || !reading.shown().isEmpty()) {
      events.publishEvent(new ToCheck(household, by.login()));
    }
  }

  /** Whether what came for an item waits to be looked at. */
  private boolean waits(String claim, int item) {
    return claims
        .claim(claim)
        .item(item)
        .filter(one -> one.state() == ItemState.ANSWERED)
        .isPresent();
  }

  /** The files of all papers that are seen from a claim, each once, in the order the papers came. */
  @Transactional(readOnly = true)
  public List<KeptFile> files(String number) {
    return of(number).papers().stream()
        .flatMap(paper -> sheets.of(paper.id()).stream()
            .map(Sheet::hash)
            .distinct()
            .map(hash -> new KeptFile(
                paper.kind(), hash, Sifting.ending(rows.file(hash).orElseThrow().mediaType()))))
        .distinct()
        .toList();
  }

  /** Writes a file as it came, a piece of it in memory at a time. */
  public void write(KeptFile file, OutputStream to) throws IOException {
    rows.write(file.hash(), to);
  }

  /** A paper that may be looked at from a claim; that it was is noted. */
  @Transactional
  PaperRows.Kept look(Staff.Colleague by, UUID id) {
    audit.record(by.login(), "paper looked at", id.toString(), "");
    return rows.find(id);
  }
}
