package civitane.app.copies;

import civitane.app.access.LookedAt;
import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.households.Households;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.signing.OfficeKey;
import civitane.app.staff.Staff;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.ledger.Assembled;
import civitane.packet.PacketWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A copy of everything for the person it is about: what was recorded of them and when, the claims of their household, and
 * who looked. What somebody else of the household asked for alone is not in it, nor are the others' numbers.
 */
@Service
class PersonCopies {
  private final Copies copies;
  private final Households households;
  private final Ledgers ledgers;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final LookedAt looks;
  private final OfficeKey key;
  private final AuditLog audit;
  private final JsonMapper json;

  PersonCopies(
      Copies copies,
      Households households,
      Ledgers ledgers,
      Claims claims,
      ClaimLists claimLists,
      LookedAt looks,
      OfficeKey key,
      AuditLog audit,
      JsonMapper json) {
    this.copies = copies;
    this.households = households;
    this.ledgers = ledgers;
    this.claims = claims;
    this.claimLists = claimLists;
    this.looks = looks;
    this.key = key;
    this.audit = audit;
    this.json = json;
  }

  /** What is copied of somebody, as it stood together at one moment. */
  record Everything(
      String name, byte[] household, byte[] recorded, byte[] looks, List<Copies.Copied> claims) {}

  /** That somebody of the office looked, and at what; who it was is the office's to say. */
  private record Look(Instant at, String what) {}

  /** All that is kept of a person of a household; that it was copied is noted. */
  @Transactional
  Everything of(Staff.Colleague by, UUID household, UUID subject) {
    var facts = households
        .told(household)
        .map(Households.Told::facts)
        .orElseThrow(() -> Problem.notThere("The household"));
    var person = person(facts, subject);
    // Whoever has no key learns it before anything is written.
    key.sign(new byte[0]);
    audit.record(by.login(), "person copied", household.toString(), subject.toString());
    return new Everything(
        person.fullName(),
        copies.pretty(theirs(facts, subject)),
        copies.pretty(json.valueToTree(ledgers.recorded(subject))),
        copies.pretty(json.valueToTree(looks.at(household).stream()
            .map(look -> new Look(look.at(), look.what()))
            .toList())),
        claimLists.listed(household).stream()
            .map(ClaimLists.Listed::number)
            .filter(number -> person.role() == Role.APPLICANT || !claims.isPrivate(number))
            .map(number -> copies.copied(number, theirs(claims.facts(number), subject)))
            .toList());
  }

  private static Person person(Assembled facts, UUID subject) {
    return facts.packet().household().people().stream()
        .filter(one -> subject.equals(facts.places().ids().get(one.id())))
        .findFirst()
        .orElseThrow(() -> Problem.notThere("The person"));
  }

  /** Facts as they are handed out to somebody: without the numbers of the others. */
  private JsonNode theirs(Assembled facts, UUID subject) {
    var written = json.readTree(PacketWriter.written(facts.packet()));
    written
        .at("/household/people")
        .valueStream()
        .filter(one -> !subject.equals(facts.places().ids().get(one.path("id").asString(""))))
        .forEach(one -> ((ObjectNode) one).remove("residentNumber"));
    return written;
  }

  /** Writes a copy; nothing is held in the database while it goes over the wire. */
  void write(Staff.Colleague by, Everything everything, OutputStream to) throws IOException {
    try (var bundle = new Bundle(to)) {
      bundle.add("household.json", everything.household());
      bundle.add("recorded.json", everything.recorded());
      bundle.add("looks.json", everything.looks());
      for (var claim : everything.claims()) {
        copies.add(by, claim, claim.number() + "/", bundle);
      }
      copies.sign(bundle, "all that is kept of " + everything.name());
    }
  }
}
