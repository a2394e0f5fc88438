package civitane.app.intake;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.NewClaim;
import civitane.app.claims.Wanted;
import civitane.app.households.Households;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.screening.Screenings;
import civitane.app.staff.Staff;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.rules.Mode;
import civitane.packet.Fault;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Lodging: needs a name, a way to reach the household and a signature; that fixes the date, and every gap becomes an item. */
@Service
public class Lodging {
  private static final String PEOPLE = "/household/people";

  private final Applications applications;
  private final Screenings screenings;
  private final Households households;
  private final Claims claims;
  private final Letters letters;
  private final Staff staff;
  private final AuditLog audit;
  private final JsonMapper json;
  private final Clock clock;

  Lodging(
      Applications applications,
      Screenings screenings,
      Households households,
      Claims claims,
      Letters letters,
      Staff staff,
      AuditLog audit,
      JsonMapper json,
      Clock clock) {
    this.applications = applications;
    this.screenings = screenings;
    this.households = households;
    this.claims = claims;
    this.letters = letters;
    this.staff = staff;
    this.audit = audit;
    this.json = json;
    this.clock = clock;
  }

  /** Lodges a draft: once, and wholly or not at all. */
  @Transactional
  public ApplicationView lodge(UUID id, int onVersion) {
    var record = applications.hold(id);
    if (!ApplicationRecord.DRAFTING.equals(record.state())) {
      throw Problem.wrong("The application is " + record.state() + " already.");
    }
    if (record.version() != onVersion) {
      throw Problem.overtaken(staff.named(record.updatedBy()).name()
          + " saved this draft after you opened it. Look at it again.");
    }
    var draft = applications.draft(record);
    var dated = (ObjectNode) draft.packet().deepCopy();
    var now = OffsetDateTime.now(clock).withNano(0);
    dated.put("lodgedOn", now.toLocalDate().toString()).put("lodgedAt", now.toString());
    dated.remove("asOf");
    var packet = read(dated, draft);
    var by = staff.me().login();
    var applicant = packet.household().applicant();
    var household = households.keep(
        record.householdId(), applicant, packet.household().address().town());
    households.facts(household, "said", dated.path("household"), "application " + id, by);
    var numbers = claimsOf(packet, dated, household, id, by);
    var receipt = "R-" + numbers.get(0).substring(3);
    record.lodged(
        household,
        receipt,
        json.writeValueAsString(new Draft(dated, draft.typed())),
        now.toInstant());
    letters.write(Receipt.text(packet, receipt, numbers));
    audit.record("application lodged", id.toString(), receipt);
    return applications.view(record);
  }

  private Packet read(ObjectNode dated, Draft draft) {
    var reading = screenings.read(dated);
    var faults = new ArrayList<>(reading.faults());
    draft
        .typed()
        .propertyNames()
        .forEach(pointer -> faults.add(new Fault(
            pointer,
            "what was typed here can't be read: " + draft.typed().get(pointer).asString(""),
            "a value, or nothing")));
    if (reading.packet() != null) {
      faults.addAll(lacking(reading.packet()));
    }
    if (!faults.isEmpty()) {
      throw Problem.wrong("It can't be lodged yet.", faults);
    }
    return reading.packet();
  }

  private static List<Fault> lacking(Packet packet) {
    var faults = new ArrayList<Fault>();
    var applicant = packet.household().applicant();
    if (applicant.fullName().isBlank()) {
      faults.add(new Fault(
          PEOPLE + "/0/givenName",
          "nobody can be written to without a name",
          "the applicant's name"));
    }
    if (!canBeReached(packet, applicant)) {
      faults.add(new Fault(
          "/household/address/line1",
          "there is no way to reach the household",
          "an address, a phone number or a mail address"));
    }
    if (packet.signatures().stream()
        .noneMatch(signature -> signature.person().equals(applicant.id()))) {
      faults.add(new Fault(
          "/signatures", "the applicant has not signed", "the applicant's name as a signature"));
    }
    if (packet.requests().isEmpty()) {
      faults.add(new Fault("/requests", "nothing is asked for", "at least one service"));
    }
    return faults;
  }

  private static boolean canBeReached(Packet packet, Person applicant) {
    var contact = applicant.contact();
    return packet.household().address().line1() != null
        || contact != null && (contact.phone() != null || contact.email() != null);
  }

  private List<String> claimsOf(
      Packet packet, ObjectNode dated, UUID household, UUID application, String by) {
    var numbers = new ArrayList<String>();
    for (var i = 0; i < packet.requests().size(); i++) {
      var own = dated.deepCopy();
      own.putArray("requests").add(dated.path("requests").get(i));
      var wanted = Wanted.of(screenings
          .results(packet.withRequests(List.of(packet.requests().get(i))), Mode.DETERMINE)
          .get(0));
      numbers.add(claims.lodge(new NewClaim(
          household,
          application,
          packet.requests().get(i).service(),
          LocalDate.now(clock),
          clock.instant(),
          by,
          json.writeValueAsString(own),
          wanted)));
    }
    return numbers;
  }
}
