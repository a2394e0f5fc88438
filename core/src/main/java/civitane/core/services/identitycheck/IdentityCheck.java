package civitane.core.services.identitycheck;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.facts.Statement;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.IdentityRule;
import civitane.core.rules.PaperWants;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.List;

/** A person proves who they are, on an existing claim. */
public final class IdentityCheck implements Entitlement<IdentityCheckAnswers> {

  @Override
  public List<Statement> ownStatements() {
    return List.of(Statement.PAPERS_ARE_MINE);
  }

  @Override
  public String word() {
    return "identityCheck";
  }

  @Override
  public Class<IdentityCheckAnswers> answers() {
    return IdentityCheckAnswers.class;
  }

  @Override
  public List<? extends ReasonCode> reasons() {
    return List.of(Why.values());
  }

  @Override
  public StandardTime standardTime() {
    return StandardTime.workingDays(5);
  }

  @Override
  public QuickCheck quickCheck() {
    return QuickCheck.of("claim", "madeClaim");
  }

  @Override
  public Result determine(Situation<IdentityCheckAnswers> it) {
    var person = it.person(it.answers().person());
    return it.determination()
        .check(claimCheck(it))
        .check(IdentityRule.standard(it, person))
        .determineOnly(() -> PaperWants.of(it).check())
        .amounts(() ->
            new IdentityCheckAmounts(IdentityRule.of(it, person.orElseThrow()).level()))
        .awards(() -> List.of(
            Award.of(What.IDENTITY, Recipient.HOUSEHOLD).forWhom(it.who(person.orElseThrow()))))
        .result(word());
  }

  /** IC-CLAIM: the claim is named, and the person made it. */
  private static Check claimCheck(Situation<IdentityCheckAnswers> it) {
    var made = it.answers().madeClaim();
    return it.check("IC-CLAIM")
        .needs("claim", it.answers().claim())
        .needs("madeClaim", made)
        .judgedIf(Boolean.FALSE.equals(made), Why.CLAIM_NOT_MADE::with)
        .orMet(Why.CLAIM_MADE::with);
  }
}
