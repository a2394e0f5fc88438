package civitane.app.door;

import civitane.app.audit.AuditLog;
import civitane.app.drafts.Applications;
import civitane.app.drafts.Draft;
import civitane.app.prefilling.Prefilling;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import civitane.core.facts.ConsentTo;
import civitane.core.facts.Household;
import civitane.core.services.Permissions;
import civitane.words.Language;
import civitane.words.Words;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.node.ObjectNode;

/**
 * The registers, asked while somebody applies at the door: for whoever the office has seen in person, once they allow
 * it, and about them alone. What is found is filled in to be looked over, like all else that is known.
 *
 * <p>Nobody else is offered it: whoever holds a contact may be another, and an answer, or none, would tell them what a
 * register knows.
 */
@Service
class LookingUp {
  private final Applying applying;
  private final Applications applications;
  private final Prefilling registers;
  private final AuditLog audit;
  private final TransactionTemplate inTransaction;
  private final Clock clock;

  LookingUp(
      Applying applying,
      Applications applications,
      Prefilling registers,
      AuditLog audit,
      TransactionTemplate inTransaction,
      Clock clock) {
    this.applying = applying;
    this.applications = applications;
    this.registers = registers;
    this.audit = audit;
    this.inTransaction = inTransaction;
    this.clock = clock;
  }

  /** What came of it, in words. */
  record LookedUp(String says) {}

  /**
   * Allows the registers to be asked, and asks them, before anything is held: a slow one makes nobody wait.
   *
   * @param version of the application that was looked at
   */
  LookedUp lookUp(UUID id, int version, Language language) {
    var offered = inTransaction.execute(status -> offered(id));
    var found = allowed(offered.draft());
    var answers = registers.askOwn(found, offered.known());
    var filled = inTransaction.execute(status -> {
      var count = applying.lookedUp(id, version, found, !isSilent(answers), language);
      registers.keep(new Actor.Person(id).written(), id, answers);
      audit.record(DoorKeeper.AT_THE_DOOR, "registers asked", id.toString(), count + " filled in");
      return count;
    });
    return new LookedUp(said(filled, answers, Words.in(language)));
  }

  private static boolean isSilent(List<Prefilling.RegisterAnswer> answers) {
    return answers.stream().anyMatch(answer -> "silent".equals(answer.state()));
  }

  private record Offered(Draft draft, Household known) {}

  private Offered offered(UUID id) {
    var record = applications.find(id);
    var draft = applications.draft(record);
    return applying
        .lookUpFor(record, draft)
        .map(known -> new Offered(draft, known))
        .orElseThrow(() -> Problem.wrong("The registers are not asked here."));
  }

  /** The same with what whoever applies allows. */
  private Draft allowed(Draft draft) {
    var today = LocalDate.now(clock);
    var packet = (ObjectNode) draft.packet().deepCopy();
    var applicant = packet
        .at("/household/people")
        .valueStream()
        .filter(person -> "applicant".equals(person.path("role").asString("")))
        .findFirst()
        .orElseThrow(() -> Problem.wrong("Nobody applies yet."));
    var person = applicant.path("id").asString("");
    if (!draft.allows(person, ConsentTo.REGISTERS.word(), today)) {
      packet
          .withObject("/household")
          .withArray("consents")
          .addObject()
          .put("person", person)
          .put("to", ConsentTo.REGISTERS.word())
          .put("on", today.toString())
          .put("until", Permissions.until(today).toString());
    }
    return new Draft(packet, draft.typed(), draft.taking().deepCopy());
  }

  private static String said(int filled, List<Prefilling.RegisterAnswer> answers, Words words) {
    var found = filled == 0
        ? words.say("door.lookUp.nothing")
        : words.say("door.lookUp.filled", "n", BigDecimal.valueOf(filled));
    return isSilent(answers) ? found + " " + words.say("door.lookUp.silent") : found;
  }
}
