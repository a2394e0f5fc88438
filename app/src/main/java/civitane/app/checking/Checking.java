package civitane.app.checking;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.claims.ToCheck;
import civitane.app.claims.Wanting;
import civitane.app.jobs.Jobs;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.registers.RegisterCalls;
import civitane.app.staff.Staff;
import civitane.core.checking.Findings;
import civitane.core.checking.Inquiries;
import civitane.core.checking.Inquiry;
import civitane.core.claims.Why;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.RegisterRow;
import civitane.core.registers.RegisterSilent;
import civitane.words.Voice;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Asks registers about households that lodged, and puts what disagrees to somebody.
 *
 * <p>Each answer is kept whole and recorded when it comes, however late; one that does not come is asked for again.
 */
@Service
class Checking {
  private final InquiryRows rows;
  private final Comparisons comparisons;
  private final Ledgers ledgers;
  private final Claims claims;
  private final Wanting wanting;
  private final OthersAnswers parties;
  private final RegisterCalls registers;
  private final Jobs jobs;
  private final Staff staff;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final Clock clock;

  Checking(
      InquiryRows rows,
      Comparisons comparisons,
      Ledgers ledgers,
      Claims claims,
      Wanting wanting,
      OthersAnswers parties,
      RegisterCalls registers,
      Jobs jobs,
      Staff staff,
      AuditLog audit,
      TransactionTemplate inTransaction,
      Clock clock) {
    this.rows = rows;
    this.comparisons = comparisons;
    this.ledgers = ledgers;
    this.claims = claims;
    this.wanting = wanting;
    this.parties = parties;
    this.registers = registers;
    this.jobs = jobs;
    this.staff = staff;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.clock = clock;
  }

  /** There is something new that registers may know of. */
  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(ToCheck household) {
    order(household.household(), household.by(), false);
  }

  /** Asks again by hand, whether or not there was an answer. */
  @Transactional
  public void askAgain(Staff.Colleague by, String number) {
    claims.mine(by, number);
    order(claims.householdOf(number), by.login(), true);
    audit.record(by.login(), "registers asked again", number, "");
  }

  /** Puts into the log what was done to a register. */
  @Transactional
  public void note(Staff.Colleague by, String action, String register) {
    audit.record(by.login(), action, register, "");
  }

  private void order(UUID household, String by, boolean again) {
    ledgers.hold(household);
    var asked = rows.newest(household);
    for (var inquiry : inquiries(household).values()) {
      var before = asked.get(InquiryRows.hash(inquiry.question()));
      if (before == null || again && before.isAnswered()) {
        rows.ask(ledgers.freshId(), household, inquiry.question(), by, clock.instant());
      }
    }
    jobs.later(AskingRegisters.KIND, household + " " + ledgers.freshId());
  }

  /** What is asked about a household and what its claims ask for, each question once, as it is known now. */
  private Map<RegisterQuestion, Inquiry> inquiries(UUID household) {
    var inquiries = new LinkedHashMap<RegisterQuestion, Inquiry>();
    for (var facts : facts(household)) {
      Inquiries.of(facts.packet(), LocalDate.now(clock))
          .forEach(inquiry -> inquiries.putIfAbsent(inquiry.question(), inquiry));
    }
    return inquiries;
  }

  /** The household as it is, then with each of the claims that nobody has decided. */
  private List<Assembled> facts(UUID household) {
    return Stream.concat(
            Stream.of(ledgers.household(household)),
            claims.undecidedOf(household).stream().map(claims::facts))
        .toList();
  }

  /** What is asked and not answered. */
  private record Open(UUID id, String by, Inquiry inquiry) {}

  private List<Open> open(UUID household) {
    var asked = rows.newest(household);
    var open = new ArrayList<Open>();
    for (var inquiry : inquiries(household).values()) {
      var before = asked.get(InquiryRows.hash(inquiry.question()));
      if (before != null && !before.isAnswered()) {
        open.add(new Open(before.id(), before.by(), inquiry));
      }
    }
    return open;
  }

  /** Asks what is open about a household. Throws {@link RegisterSilent} when something still is after that. */
  void ask(UUID household) {
    var silent = EnumSet.noneOf(RegisterName.class);
    for (var open : inTransaction.execute(status -> open(household))) {
      var register = open.inquiry().question().register();
      if (silent.contains(register)) {
        continue;
      }
      try {
        var answer = registers.patient().ask(open.inquiry().question());
        inTransaction.executeWithoutResult(status -> record(household, open, answer));
      } catch (RegisterSilent | IllegalArgumentException | DateTimeException e) {
        // An answer that can't be read is none: it is asked for again, and keeps no other from
        // being asked.
        silent.add(register);
        inTransaction.executeWithoutResult(status -> rows.tried(open.id(), clock.instant()));
      }
    }
    if (!silent.isEmpty()) {
      throw new RegisterSilent(silent.iterator().next());
    }
  }

  /** An answer lands with the household it is about, as that is known now. */
  private void record(UUID household, Open asked, List<RegisterRow> answer) {
    ledgers.hold(household);
    if (!rows.answered(asked.id(), answer, clock.instant())) {
      return;
    }
    var question = asked.inquiry().question();
    var told = parties.answered(asked.by(), question, answer);
    for (var facts : facts(household)) {
      told |= Inquiries.of(facts.packet(), LocalDate.now(clock)).stream()
          .filter(inquiry -> inquiry.question().equals(question))
          .findFirst()
          .filter(inquiry -> ledgers.tellChecked(
              household,
              facts,
              Findings.of(facts.packet(), inquiry, answer),
              Source.register(question.register()),
              asked.by()))
          .isPresent();
    }
    wanting.askAgainIfChanged(
        staff.named(asked.by()), household, told, Why.REGISTERS_ANSWERED.with());
    audit.record(
        asked.by(),
        "register answered",
        household.toString(),
        question.register().word());
  }

  /** Settles something that disagrees: it is left as it is, or the household is asked. */
  @Transactional
  public void settle(
      Staff.Colleague by,
      String number,
      int version,
      String key,
      String seen,
      Settled.How how,
      String because) {
    claims.mine(by, number);
    if (because.isBlank()) {
      throw Problem.wrong("It needs a reason, or what would settle it, in a few words.");
    }
    var household = claims.householdOf(number);
    ledgers.hold(household);
    var held = comparisons.held(household, claims.facts(number)).stream()
        .filter(one -> one.key().equals(key))
        .findFirst()
        .orElseThrow(() -> Problem.notThere("What is compared"));
    var differs = held.comparison().differs();
    if (!held.seen().equals(seen) || differs == null) {
      throw Problem.overtaken("One of the two says something else by now. Look at it again.");
    }
    rows.settle(
        household, key, new Settled(seen, how, because.strip(), by.login(), clock.instant()));
    var code = how == Settled.How.ACCEPTED ? Why.COMPARED : Why.ASKED_THE_HOUSEHOLD;
    var reason = code.with(
        Argument.told(DeskWords.WORDS.say(differs, Voice.DESK)), Argument.told(because.strip()));
    claims.use(by, number, version, wanting.of(number, null), reason);
    wanting.askAgain(by.actor(), household, List.of(number), null, reason);
  }
}
