package civitane.app.appeals;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.ledger.Ledgers;
import civitane.app.lodging.KnownHouseholds;
import civitane.app.lodging.Lodging;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Decision;
import civitane.core.claims.DecisionState;
import civitane.core.services.decisionappeal.DecidedKind;
import civitane.core.services.decisionappeal.DecisionAppealAnswers;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Begins appeals with all that is known of the decision and of the household. */
@Service
public class Appeals {
  private final Applications applications;
  private final KnownHouseholds households;
  private final Lodging lodging;
  private final Claims claims;
  private final Ledgers ledgers;
  private final AuditLog audit;
  private final JsonMapper json;

  Appeals(
      Applications applications,
      KnownHouseholds households,
      Lodging lodging,
      Claims claims,
      Ledgers ledgers,
      AuditLog audit,
      JsonMapper json) {
    this.applications = applications;
    this.households = households;
    this.lodging = lodging;
    this.claims = claims;
    this.ledgers = ledgers;
    this.audit = audit;
    this.json = json;
  }

  /** An application for the household of a claim that appeals against what was decided on it last. */
  @Transactional
  ApplicationView begin(Staff.Colleague by, String number) {
    var decision = standing(number).orElseThrow(Appeals::noneStands);
    var request = request(number, decision, Map.of());
    var id = applications.begin(by).id();
    audit.record(by.login(), "appeal begun", id.toString(), number);
    return households.asking(by, id, claims.householdOf(number), request);
  }

  /** What was decided on a claim last and stands, so that it can be appealed against. */
  @Transactional(readOnly = true)
  public Optional<Decision> standing(String number) {
    return claims.decision(number).filter(one -> one.state() == DecisionState.STANDS);
  }

  /** Whether an appeal against the decision of a claim is still to be decided. */
  @Transactional(readOnly = true)
  public boolean isHeard(String number) {
    return claims.undecidedOf(claims.householdOf(number)).stream()
        .map(open -> claims.told(open).packet().requests().get(0).answers())
        .anyMatch(answers ->
            answers instanceof DecisionAppealAnswers appeal && number.equals(appeal.decision()));
  }

  /** What a household says when it appeals by itself. */
  public record Said(String grounds, boolean keepPaying, String whyLate) {}

  /**
   * Lodges an appeal of a household, with all that is known of the decision and of it.
   *
   * @param signing puts the signature into the packet
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void lodge(Actor by, String number, Said said, Consumer<ObjectNode> signing) {
    // Of two who appeal at once the second sees that it is heard.
    ledgers.hold(claims.householdOf(number));
    var decision = standing(number).orElseThrow(Appeals::noneStands);
    if (isHeard(number)) {
      throw Problem.wrong("An appeal against this decision is being heard already.");
    }
    var packet = households.toldBy(claims.householdOf(number));
    packet
        .putArray("requests")
        .add(request(
            number,
            decision,
            Map.of(
                "kind",
                (decision.grants() ? DecidedKind.AMOUNT : DecidedKind.REFUSAL).word(),
                "grounds",
                said.grounds(),
                "lateReason",
                said.whyLate())));
    if (said.keepPaying()) {
      ((ObjectNode) packet.at("/requests/0/answers")).put("keepPaying", true);
    }
    signing.accept(packet);
    var draft = applications.beginThemselves(by, packet, claims.householdOf(number));
    lodging.lodge(by, draft.id(), draft.version());
  }

  private ObjectNode request(String number, Decision decision, Map<String, String> said) {
    var request = json.createObjectNode().put("service", "decisionAppeal");
    var answers = request
        .putObject("answers")
        .put("decision", number)
        .put("noticeOn", decision.on().toString());
    if (!decision.grants()) {
      answers.put("kind", DecidedKind.REFUSAL.word());
    }
    said.entrySet().stream()
        .filter(one -> !one.getValue().isBlank())
        .forEach(one -> answers.put(one.getKey(), one.getValue().strip()));
    return request;
  }

  private static Problem noneStands() {
    return Problem.wrong("No decision stands on this claim; an appeal is against one that does.");
  }
}
