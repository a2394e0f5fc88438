package civitane.core.rules;

import civitane.core.facts.Answers;
import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

/** A test of several parts: what fails is told whatever is missing, and what is missing is told with its place. */
public class CheckTest {

  private static Check check(Map<String, ?> answers) {
    return DeterminationTest.situation(Mode.DETERMINE, answers).check("T");
  }

  @org.testng.annotations.Test
  public void isMetWhenEverythingIsThereAndHolds() {
    var test = check(Map.of("reason", "flood"))
        .needs("reason")
        .must(true, () -> "It fails.")
        .orMet(() -> "It holds.");
    assertEquals(test.outcome(), Outcome.MET);
    assertEquals(test.because(), "It holds.");
    assertEquals(test.needs(), List.of("/requests/0/answers/reason"));
    assertEquals(test.missing(), List.of());
    assertNull(test.change());
  }

  @org.testng.annotations.Test
  public void aPartThatFailsOutweighsOneThatIsMissing() {
    var test = check(Map.of())
        .needs("reason")
        .must(false, () -> "It fails.")
        .must(null, () -> "Nobody knows.")
        .doubtIf(true, () -> "It is doubtful.")
        .orMet(() -> "It holds.");
    assertEquals(test.outcome(), Outcome.NOT_MET);
    assertEquals(test.because(), "It fails.");
    assertEquals(test.missing(), List.of("/requests/0/answers/reason"));
  }

  @org.testng.annotations.Test
  public void everyPartThatFailsIsTold() {
    var test = check(Map.of())
        .must(false, () -> "One fails.")
        .must(true, () -> "Two fails.")
        .must(false, () -> "Three fails.")
        .orMet(() -> "");
    assertEquals(test.because(), "One fails. Three fails.");
  }

  @org.testng.annotations.Test
  public void whatIsMissingOrDoubtfulLeavesItOpen() {
    var missing = check(Map.of()).needs("reason").orMet(() -> "It holds.");
    assertEquals(missing.outcome(), Outcome.UNKNOWN);
    var doubtful = check(Map.of()).doubtIf(true, () -> "Somebody has to look.").orMet(() -> "");
    assertEquals(doubtful.outcome(), Outcome.UNKNOWN);
    assertEquals(doubtful.because(), "Somebody has to look.");
    assertEquals(doubtful.missing(), List.of());
  }

  @org.testng.annotations.Test
  public void aBlankOrEmptyAnswerIsNoneButAnEmptyListIsOne() {
    assertEquals(
        check(Map.of("reason", "  ")).needs("reason").orMet(() -> "").outcome(), Outcome.UNKNOWN);
    assertEquals(
        check(Map.of("list", List.of())).needs("list").orMet(() -> "").outcome(), Outcome.MET);
  }

  @org.testng.annotations.Test
  public void anAnswerIsFoundByItsPath() {
    var children = List.of(new Answers(Map.of("school", "Marsh Road School")), Answers.NONE);
    var answers = Map.of("children", children, "lender", new Answers(Map.of("code", "L1")));
    for (var path : new String[] {"children/0/school", "lender/code"}) {
      assertEquals(check(answers).needs(path).orMet(() -> "").outcome(), Outcome.MET, path);
    }
    for (var path :
        new String[] {"children/1/school", "lender/name", "lender/code/x", "none/0/x"}) {
      assertEquals(
          check(answers).needs(path).orMet(() -> "").missing(),
          List.of("/requests/0/answers/" + path));
    }
  }

  @org.testng.annotations.Test
  public void whatWouldChangeItIsToldOnlyWhereItFails() {
    for (var holds : new Boolean[] {true, false, null}) {
      var test = check(Map.of())
          .must(holds, () -> "It fails.")
          .comparing(Amount.of(2), Amount.of(1))
          .changedBy(() -> "One less would meet it.")
          .orMet(() -> "It holds.");
      assertEquals(test.change(), Boolean.FALSE.equals(holds) ? "One less would meet it." : null);
      assertEquals(test.measured(), Amount.of(2));
      assertEquals(test.limit(), Amount.of(1));
    }
  }

  @org.testng.annotations.Test
  public void aPlaceIsNamedOnceHoweverOftenItIsUsed() {
    var test = check(Map.of("reason", "flood"))
        .needs("reason")
        .uses("reason")
        .usesFact("/household/people")
        .orMet(() -> "");
    assertEquals(test.needs(), List.of("/requests/0/answers/reason", "/household/people"));
  }
}
