package civitane.app.identity;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.determining.Screenings;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.lodging.KnownHouseholds;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
import civitane.core.facts.Person;
import civitane.core.identity.Identity;
import civitane.core.services.Conversation;
import civitane.words.Voice;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Who the people of a claim are, by their papers; a check of it is a request of its own. */
@Service
class Identities {
  private static final String SERVICE = "identityCheck";

  private final Claims claims;
  private final Applications applications;
  private final KnownHouseholds households;
  private final Screenings screenings;
  private final AuditLog audit;
  private final JsonMapper json;

  Identities(
      Claims claims,
      Applications applications,
      KnownHouseholds households,
      Screenings screenings,
      AuditLog audit,
      JsonMapper json) {
    this.claims = claims;
    this.applications = applications;
    this.households = households;
    this.screenings = screenings;
    this.audit = audit;
    this.json = json;
  }

  /** How far each adult of a claim has shown who they are. */
  @Transactional(readOnly = true)
  IdentityView of(String number) {
    var packet = claims.facts(number).packet();
    var recentDays = screenings.book(packet).recentDays();
    return new IdentityView(
        Conversation.adults(packet).stream()
            .map(person -> shown(packet, person, recentDays))
            .toList(),
        words(Identity.photos()),
        words(Identity.others()),
        words(Identity.recent()),
        recentDays);
  }

  private static IdentityView.ShownIdentity shown(Packet packet, Person person, int recentDays) {
    var identity =
        Identity.of(packet.household(), person, packet.papers(), packet.asOf(), recentDays);
    return new IdentityView.ShownIdentity(
        person.id(),
        person.fullName(),
        identity.level().word(),
        DeskWords.WORDS.word(identity.level()),
        words(identity.speaking().stream().map(paper -> paper.kind()).toList()),
        identity.objections().stream()
            .map(reason -> DeskWords.WORDS.say(reason, Voice.DESK))
            .toList());
  }

  private static List<String> words(List<PaperKind> kinds) {
    return kinds.stream().map(kind -> DeskWords.WORDS.word(kind)).toList();
  }

  /** Begins a check of who somebody is, on a claim that is there: its facts are taken over, and only confirmed. */
  @Transactional
  ApplicationView check(Staff.Colleague by, String number, String person, boolean madeClaim) {
    if (claims.facts(number).packet().household().person(person).isEmpty()) {
      throw Problem.wrong("Choose who is to show who they are.");
    }
    var request = json.createObjectNode().put("service", SERVICE);
    request
        .putObject("answers")
        .put("person", person)
        .put("claim", number)
        .put("madeClaim", madeClaim);
    var id = applications.begin(by).id();
    audit.record(by.login(), "identity check begun", id.toString(), number);
    return households.asking(by, id, claims.householdOf(number), request);
  }
}
