package civitane.core.services.identitycheck;

import civitane.core.rules.IdentityTest;
import civitane.core.rules.PaperWants;
import civitane.core.rules.Question;
import civitane.core.rules.QuestionKind;
import civitane.core.rules.QuickCheck;
import civitane.core.rules.Result;
import civitane.core.rules.Service;
import civitane.core.rules.Situation;
import civitane.core.rules.StandardTime;
import java.util.List;
import java.util.Map;

/** A person proves who they are, on an existing claim. */
public final class IdentityCheck implements Service {

  @Override
  public String word() {
    return "identityCheck";
  }

  @Override
  public String title() {
    return "Identity check";
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
  public List<Question> questions() {
    return List.of(
        Question.of("person", QuestionKind.PERSON),
        Question.of("claim", QuestionKind.TEXT),
        Question.of("madeClaim", QuestionKind.FLAG));
  }

  @Override
  public Result determine(Situation it) {
    var person = it.personIn("person");
    return it.determination()
        .test(it.check("IC-CLAIM")
            .needs("claim")
            .needs("madeClaim")
            .doubtIf(
                Boolean.FALSE.equals(it.answers().flag("madeClaim")),
                () ->
                    "The person says not to have made this claim: payments stop, and a senior is called.")
            .orMet(() -> "The person made the claim."))
        .test(IdentityTest.standard(it, person))
        .determineOnly(() -> PaperWants.of(it).test())
        .award(() -> Map.of("level", IdentityTest.of(it, person.orElseThrow()).level()))
        .result(word());
  }
}
