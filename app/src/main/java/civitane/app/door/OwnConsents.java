package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import civitane.core.claims.Why;
import civitane.core.facts.Consent;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Vocabulary;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/**
 * Whom the applicant allows to be asked about them, for them to see and to take back. What somebody else of the
 * household allows is theirs, and is not shown.
 */
@Service
class OwnConsents {
  private final Claims claims;
  private final Ledgers ledgers;
  private final AuditLog audit;
  private final Clock clock;

  OwnConsents(Claims claims, Ledgers ledgers, AuditLog audit, Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.audit = audit;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<DoorView.DoorAllowed> of(Visitor visitor, Words words) {
    var facts = ledgers.household(visitor.household());
    return idOfApplicant(visitor, facts).stream()
        .flatMap(person ->
            Stream.of(ConsentTo.values()).flatMap(to -> standing(facts, person, to).stream()))
        .map(consent -> new DoorView.DoorAllowed(
            consent.to().word(),
            words.say("door.allow." + consent.to().word()),
            consent.until() == null
                ? ""
                : words.say("door.allowed.until", "until", words.date(consent.until()))))
        .toList();
  }

  /** That which holds longest, where it was given more than once. */
  private Optional<Consent> standing(Assembled facts, String person, ConsentTo to) {
    var today = LocalDate.now(clock);
    return facts.packet().household().consents().stream()
        .filter(one -> one.isOf(person, to, today))
        .max(Comparator.comparing(Consent::until, Comparator.nullsLast(Comparator.naturalOrder())));
  }

  /** Whose claim it is by whose code the visitor came, by their id in what is known of the household now. */
  private Optional<String> idOfApplicant(Visitor visitor, Assembled household) {
    var applicant = applicant(visitor);
    return household.places().ids().entrySet().stream()
        .filter(one -> one.getValue().equals(applicant))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  private UUID applicant(Visitor visitor) {
    var facts = claims.facts(visitor.number());
    return known(facts.places().ids().get(facts.packet().household().applicant().id()));
  }

  /** Nobody is asked by it from now on. What was answered stays. */
  @Transactional
  public void takeBack(Visitor by, String to) {
    ledgers.hold(by.household());
    claims.waitFor(by.number());
    var facts = ledgers.household(by.household());
    var person = idOfApplicant(by, facts).orElseThrow(OwnConsents::isNotAllowed);
    var actor = new Actor.Person(applicant(by));
    if (!(Vocabulary.of(ConsentTo.class).byWord().get(to) instanceof ConsentTo whom)
        || !ledgers.takeBack(
            by.household(),
            facts,
            person,
            whom,
            Source.correction(by.number(), ""),
            actor.written())) {
      throw isNotAllowed();
    }
    var who = facts.packet().household().person(person).orElseThrow();
    claims.note(
        actor,
        by.number(),
        Why.CONSENT_TAKEN_BACK_AT_DOOR.with(Argument.told(who.fullName()), Argument.term(whom)));
    audit.record(DoorKeeper.AT_THE_DOOR, "consent taken back", by.number(), to);
  }

  private static Problem isNotAllowed() {
    return Problem.wrong("That is not allowed, so nothing is taken back.");
  }
}
