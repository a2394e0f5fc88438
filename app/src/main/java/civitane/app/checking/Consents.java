package civitane.app.checking;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.ToCheck;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.facts.Consent;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Vocabulary;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.services.Conversation;
import civitane.core.services.Permissions;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whom the people of a household allow to be asked about them, told to the office while a claim runs. */
@Service
class Consents {
  private final Claims claims;
  private final Ledgers ledgers;
  private final AuditLog audit;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Consents(
      Claims claims,
      Ledgers ledgers,
      AuditLog audit,
      ApplicationEventPublisher events,
      Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.audit = audit;
    this.events = events;
    this.clock = clock;
  }

  /** What could be allowed for a claim and is not, each grown-up for themselves. */
  static List<CheckingView.MayAllow> open(Packet packet, LocalDate on) {
    return Conversation.adults(packet).stream()
        .flatMap(person -> Permissions.open(packet, person, on).stream()
            .map(to -> new CheckingView.MayAllow(person.id(), person.fullName(), to.word())))
        .toList();
  }

  /** What is allowed, by whom. */
  static List<CheckingView.MayAllow> standing(Packet packet, LocalDate on) {
    return packet.household().consents().stream()
        .filter(consent -> consent.holdsOn(on))
        .flatMap(consent -> packet.household().person(consent.person()).stream()
            .map(person -> new CheckingView.MayAllow(
                person.id(), person.fullName(), consent.to().word())))
        .distinct()
        .toList();
  }

  /**
   * Notes that somebody allows it no more: nobody is asked by it from now on. What was answered stays.
   *
   * @param person by their id in the claim's packet
   * @param how it was told: who said so, by phone or at the counter
   */
  @Transactional
  void takeBack(
      Staff.Colleague by, String number, int version, String person, String to, String how) {
    told(how);
    var household = claims.householdOf(number);
    ledgers.hold(household);
    claims.waitFor(by, number, version);
    var facts = claims.facts(number);
    if (!(Vocabulary.of(ConsentTo.class).byWord().get(to) instanceof ConsentTo whom)
        || !ledgers.takeBack(
            household, facts, person, whom, Source.correction(number, how.strip()), by.login())) {
      throw Problem.wrong("They do not allow that, so nothing is taken back.");
    }
    var who = facts.packet().household().person(person).orElseThrow();
    claims.note(
        by,
        number,
        Why.CONSENT_TAKEN_BACK.with(
            Argument.told(who.fullName()), Argument.term(whom), Argument.told(how.strip())));
    audit.record(by.login(), "consent taken back", number, to);
  }

  private static void told(String how) {
    if (how.isBlank()) {
      throw Problem.wrong("It is noted with who said so and how, as in “by phone, the mother”.");
    }
  }

  /**
   * Notes that somebody allows it, for a year.
   *
   * @param person by their id in the claim's packet
   * @param how it was told: who said so, by phone or at the counter
   */
  @Transactional
  void note(Staff.Colleague by, String number, int version, String person, String to, String how) {
    told(how);
    var household = claims.householdOf(number);
    ledgers.hold(household);
    claims.waitFor(by, number, version);
    var facts = claims.facts(number);
    var today = LocalDate.now(clock);
    var who = Conversation.adults(facts.packet()).stream()
        .filter(one -> one.id().equals(person))
        .findFirst()
        .orElseThrow(() -> Problem.wrong("No grown-up of the household is named who allows it."));
    var whom = Permissions.open(facts.packet(), who, today).stream()
        .filter(one -> one.word().equals(to))
        .findFirst()
        .orElseThrow(() -> Problem.wrong(
            "They allow it already, or nobody of that kind is asked for this claim."));
    var until = Permissions.until(today);
    ledgers.allow(
        household,
        facts,
        List.of(new Consent(person, whom, today, until)),
        Source.correction(number, how.strip()),
        by.login());
    claims.note(by, number, because(who, whom, until, how.strip()));
    if (whom == ConsentTo.REGISTERS) {
      events.publishEvent(new ToCheck(household, by.login()));
    }
    audit.record(by.login(), "consent noted", number, to);
  }

  private static Reason because(Person who, ConsentTo to, LocalDate until, String how) {
    return Why.CONSENT_NOTED.with(
        Argument.told(who.fullName()), Argument.term(to), Argument.day(until), Argument.told(how));
  }
}
