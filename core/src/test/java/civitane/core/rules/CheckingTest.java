package civitane.core.rules;

import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Reason;
import civitane.core.reasons.ReasonCode;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

/** A check of several parts: what fails is told whatever is missing, and what is missing is told with its place. */
public class CheckingTest {
  private static final Reason HOLDS = Why.TIE_TO_DISTRICT.with();
  private static final Reason FAILS = Why.NO_TIE_TO_DISTRICT.with();
  private static final Reason DOUBTFUL = Why.HARDSHIP_NOT_NAMED.with();

  private static Checking check() {
    return Samples.situation(Mode.DETERMINE, Map.of()).check("T");
  }

  private static List<String> missing(Check check) {
    return check.missing().stream().map(Missing::subject).toList();
  }

  private static List<ReasonCode> codes(Check check) {
    return check.reasons().stream().map(Reason::code).toList();
  }

  @Test
  public void isMetWhenEverythingIsThereAndHolds() {
    var check = check().needs("reason", "flood").must(true, () -> FAILS).orMet(() -> HOLDS);
    assertEquals(check.outcome(), Outcome.MET);
    assertEquals(check.reasons(), List.of(HOLDS));
    assertEquals(check.needs(), List.of("/requests/0/answers/reason"));
    assertEquals(check.missing(), List.of());
    assertEquals(check.changes(), List.of());
  }

  @Test
  public void aPartThatFailsOutweighsOneThatIsMissing() {
    var check = check()
        .needs("reason", null)
        .must(false, () -> FAILS)
        .must(null, () -> HOLDS)
        .doubtIf(true, () -> DOUBTFUL)
        .orMet(() -> HOLDS);
    assertEquals(check.outcome(), Outcome.NOT_MET);
    assertEquals(check.reasons(), List.of(FAILS));
    assertEquals(missing(check), List.of("/requests/0/answers/reason"));
    assertEquals(check().must(false, () -> FAILS).open().outcome(), Outcome.NOT_MET);
  }

  @Test
  public void everyPartThatFailsIsTold() {
    var check = check()
        .must(false, () -> FAILS)
        .must(true, () -> HOLDS)
        .must(false, () -> DOUBTFUL)
        .orMet(() -> HOLDS);
    assertEquals(check.reasons(), List.of(FAILS, DOUBTFUL));
  }

  @Test
  public void whatIsMissingOrDoubtfulLeavesItOpen() {
    var missing = check().needs("reason", null).orMet(() -> HOLDS);
    assertEquals(missing.outcome(), Outcome.UNKNOWN);
    assertEquals(codes(missing), List.of(Why.STILL_NEEDED));
    assertEquals(
        missing.reasons().get(0).arguments(), List.of(new Argument.Several(missing.missing())));
    var doubtful =
        check().doubtIf(true, () -> DOUBTFUL).doubtIf(false, () -> FAILS).open();
    assertEquals(doubtful.outcome(), Outcome.UNKNOWN);
    assertEquals(doubtful.reasons(), List.of(DOUBTFUL));
    assertEquals(doubtful.missing(), List.of());
    var both = check().needs("reason", null).doubtIf(true, () -> DOUBTFUL).open();
    assertEquals(codes(both), List.of(Why.HARDSHIP_NOT_NAMED, Why.STILL_NEEDED));
  }

  @Test
  public void aBlankTextIsNoAnswerButAnEmptyListIsOne() {
    assertEquals(check().needs("a", "  ").orMet(() -> HOLDS).outcome(), Outcome.UNKNOWN);
    assertEquals(check().needs("a", List.of()).orMet(() -> HOLDS).outcome(), Outcome.MET);
    assertEquals(
        check().needsFact("/household/address", " ").orMet(() -> HOLDS).outcome(), Outcome.UNKNOWN);
  }

  @Test
  public void nothingIsLeftOpenWithoutSomethingOpen() {
    assertThrows(IllegalStateException.class, () -> check().open());
  }

  @Test
  public void whatWouldChangeItIsToldOnlyWhereItFails() {
    for (var holds : new Boolean[] {true, false, null}) {
      var check = check()
          .must(holds, () -> FAILS)
          .comparing(Amount.of(2), Amount.of(1))
          .changedBy(() -> HOLDS)
          .orMet(() -> HOLDS);
      assertEquals(check.changes(), Boolean.FALSE.equals(holds) ? List.of(HOLDS) : List.of());
      assertEquals(check.measured(), Amount.of(2));
      assertEquals(check.limit(), Amount.of(1));
    }
  }

  @Test
  public void aPlaceIsNamedOnceHoweverOftenItIsUsed() {
    var check = check()
        .needs("reason", "flood")
        .uses("reason")
        .usesFact("/household/people")
        .orMet(() -> HOLDS);
    assertEquals(check.needs(), List.of("/requests/0/answers/reason", "/household/people"));
  }

  @Test
  public void whatIsMissingKnowsItsQuestionItsRowAndWhoseItIs() {
    var it = Samples.situation(
        Mode.SCREEN, Map.of("rows", List.of(Map.of("person", "p1"), Map.of()), "group", Map.of()));
    var ofPerson = it.missing("rows/0/owed");
    assertEquals(ofPerson.question(), "anything.rows.owed");
    assertEquals(ofPerson.subject(), "/requests/0/answers/rows/0/owed");
    assertEquals(ofPerson.whose().name(), "Oluchi");
    var ofNobody = it.missing("rows/1/owed");
    assertEquals(ofNobody.row(), Integer.valueOf(2));
    assertEquals(ofNobody.whose(), null);
    assertEquals(it.missing("group/owed").question(), "anything.group.owed");
    assertEquals(it.missing("filed/p1").question(), "anything.filed");
    assertEquals(it.missing("filed/p1").whose().id(), "p1");
    var birth = it.missingFact("/household/people/0/birthDate");
    assertEquals(birth.question(), "household.people.birthDate");
    assertEquals(birth.whose().id(), "p1");
    assertEquals(
        it.missingFact("/household/expenses/1/amount").question(), "household.expenses.amount");
    assertEquals(it.missingFact("/household/expenses/1/amount").row(), Integer.valueOf(2));
  }
}
