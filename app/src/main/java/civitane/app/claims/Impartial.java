package civitane.app.claims;

import civitane.app.ledger.Ledgers;
import civitane.core.claims.ClaimNumber;
import civitane.core.services.decisionappeal.DecisionAppealAnswers;
import org.springframework.stereotype.Component;

/** An appeal is worked by somebody who had no hand in the decision that it is about; the decision's letter says so. */
@Component
class Impartial {
  private final ClaimRepository claims;
  private final Ledgers ledgers;

  Impartial(ClaimRepository claims, Ledgers ledgers) {
    this.claims = claims;
    this.ledgers = ledgers;
  }

  /** Whether somebody decided, or signed, what an appeal is about; never of a claim that is no appeal. */
  boolean hadAHand(String login, StoredClaim appeal) {
    var answers = ledgers
        .assembled(appeal.householdId(), appeal.requestId())
        .packet()
        .requests()
        .get(0)
        .answers();
    return answers instanceof DecisionAppealAnswers about
        && about.decision() != null
        && ClaimNumber.parse(about.decision())
            .flatMap(number -> claims.findByNumber(number.toString()))
            .stream()
            .flatMap(stored -> stored.claim().decisions().stream())
            .anyMatch(one -> login.equals(one.by()) || login.equals(one.secondBy()));
  }
}
