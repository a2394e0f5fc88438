package civitane.app.checking;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.facts.Person;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.reasons.Argument;
import civitane.core.registers.Wage;
import civitane.core.registers.WageRegister;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/**
 * Whether somebody on the phone knows what they would know: which of some employers reports a wage for them. It proves
 * nobody's identity; it says whether to go on speaking. Few tries a day, so that nobody guesses.
 */
@Service
class KnowledgeChecks {
  private static final int CHOICES = 4;
  private static final int TRIES = 2;
  private static final Duration DAY = Duration.ofHours(24);

  private final KnowledgeRows rows;
  private final InquiryRows inquiries;
  private final Claims claims;
  private final Ledgers ledgers;
  private final AuditLog audit;
  private final Clock clock;
  private final SecureRandom chance = new SecureRandom();

  KnowledgeChecks(
      KnowledgeRows rows,
      InquiryRows inquiries,
      Claims claims,
      Ledgers ledgers,
      AuditLog audit,
      Clock clock) {
    this.rows = rows;
    this.inquiries = inquiries;
    this.claims = claims;
    this.ledgers = ledgers;
    this.audit = audit;
    this.clock = clock;
  }

  private record Asked(UUID household, UUID subject, Person person) {}

  /** Asks somebody of a claim's household; while it is not answered, it is the same question. */
  @Transactional
  KnowledgeQuestion ask(Staff.Colleague by, String number, String person) {
    var asked = asked(number, person);
    ledgers.hold(asked.household());
    var since = clock.instant().minus(DAY);
    var open = rows.open(asked.subject(), since);
    if (open.isPresent()) {
      return open.get().question();
    }
    if (rows.asked(asked.subject(), since) >= TRIES) {
      throw Problem.wrong(
          "They were asked twice within a day. Call the number that is known, or ask them to come with a paper.");
    }
    var employers = employers(asked);
    var right = employers.get(chance.nextInt(employers.size()));
    var choices = new ArrayList<>(others(employers));
    choices.add(right);
    Collections.shuffle(choices, chance);
    var question = new KnowledgeQuestion(ledgers.freshId(), List.copyOf(choices));
    rows.ask(question, asked.subject(), right, by.login(), clock.instant());
    audit.record(by.login(), "knowledge asked", number, "");
    return question;
  }

  /**
   * Whether they knew; it is in the record of the claim.
   *
   * @param choice what they said; null where they did not know
   */
  @Transactional
  boolean answer(
      Staff.Colleague by, String number, String person, UUID question, @Nullable String choice) {
    var asked = asked(number, person);
    ledgers.hold(asked.household());
    var open = rows.open(asked.subject(), clock.instant().minus(DAY))
        .filter(one -> one.question().id().equals(question))
        .orElseThrow(
            () -> Problem.overtaken("This was answered already, or was asked too long ago."));
    var passed = open.right().equals(choice);
    rows.answered(question, passed);
    var who = Argument.told(asked.person().fullName());
    claims.note(by, number, (passed ? Why.KNOWS : Why.DOES_NOT_KNOW).with(who));
    return passed;
  }

  private Asked asked(String number, String person) {
    var facts = claims.facts(number);
    var found = facts
        .packet()
        .household()
        .person(person)
        .orElseThrow(() -> Problem.notThere("Somebody of this household"));
    return new Asked(claims.householdOf(number), known(facts.places().ids().get(person)), found);
  }

  /** The employers that the register knew when it was asked for the household. */
  private List<String> employers(Asked asked) {
    var number = asked.person().residentNumber();
    var answer = number == null
        ? null
        : inquiries.answers(asked.household()).get(InquiryRows.hash(WageRegister.question(number)));
    if (answer == null || answer.isEmpty()) {
      throw Problem.wrong(
          "No register knows an employer of theirs, so that there is nothing to ask.");
    }
    return answer.stream().map(WageRegister::read).map(Wage::employer).toList();
  }

  private List<String> others(List<String> employers) {
    var others = rows.employers().stream()
        .filter(other ->
            employers.stream().allMatch(own -> Names.compare(own, other) == NameMatch.DIFFERENT))
        .limit(CHOICES - 1)
        .toList();
    if (others.size() < CHOICES - 1) {
      throw Problem.wrong("Too few employers are known here to ask among them.");
    }
    return others;
  }
}
