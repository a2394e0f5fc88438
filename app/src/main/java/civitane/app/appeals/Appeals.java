package civitane.app.appeals;

import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.drafts.ApplicationView;
import civitane.app.drafts.Applications;
import civitane.app.lodging.KnownHouseholds;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.DecisionState;
import civitane.core.services.decisionappeal.DecidedKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Begins appeals with all that is known of the decision and of the household. */
@Service
class Appeals {
  private final Applications applications;
  private final KnownHouseholds households;
  private final Claims claims;
  private final AuditLog audit;
  private final JsonMapper json;

  Appeals(
      Applications applications,
      KnownHouseholds households,
      Claims claims,
      AuditLog audit,
      JsonMapper json) {
    this.applications = applications;
    this.households = households;
    this.claims = claims;
    this.audit = audit;
    this.json = json;
  }

  /** An application for the household of a claim that appeals against what was decided on it last. */
  @Transactional
  ApplicationView begin(Staff.Colleague by, String number) {
    var decision = claims
        .decision(number)
        .filter(one -> one.state() == DecisionState.STANDS)
        .orElseThrow(() ->
            Problem.wrong("No decision stands on this claim; an appeal is against one that does."));
    var request = json.createObjectNode().put("service", "decisionAppeal");
    var answers = request
        .putObject("answers")
        .put("decision", number)
        .put("noticeOn", decision.on().toString());
    if (!decision.grants()) {
      answers.put("kind", DecidedKind.REFUSAL.word());
    }
    var id = applications.begin(by).id();
    audit.record(by.login(), "appeal begun", id.toString(), number);
    return households.asking(by, id, claims.householdOf(number), request);
  }
}
