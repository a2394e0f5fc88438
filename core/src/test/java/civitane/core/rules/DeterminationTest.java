package civitane.core.rules;

import civitane.core.facts.Answers;
import civitane.core.facts.Homes;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** What follows from the tests of a request, in the order the rules lay down. */
public class DeterminationTest {
  private static final LocalDate ON = LocalDate.parse("2026-11-23");

  /** A request with answers, of a household that is nothing more than one person. */
  static Situation situation(Mode mode, Map<String, ?> answers) {
    var household =
        Homes.of(List.of(Person.of("p1", Role.APPLICANT, "Oluchi", "Tamsett", null)), List.of());
    var request = new Request("anything", new Answers(answers));
    var packet =
        new Packet(ON, ON, ON, null, null, null, household, List.of(request), List.of(), List.of());
    return new Situation(packet, request, 0, RateShelf.shipped().on(ON).orElseThrow(), mode);
  }

  private static Determination determination() {
    return situation(Mode.DETERMINE, Map.of()).determination();
  }

  private static Test test(String id, char outcome) {
    return switch (outcome) {
      case 'm' -> Test.met(id, () -> "");
      case 'n' -> Test.notMet(id, () -> "");
      case 'u' -> Test.unknown(id, () -> "");
      default -> Test.notApplicable(id, () -> "");
    };
  }

  @DataProvider
  public static Object[][] outcomes() {
    return new Object[][] {
      {"", Entitlement.ENTITLED},
      {"m", Entitlement.ENTITLED},
      {"m-", Entitlement.ENTITLED},
      {"--", Entitlement.ENTITLED},
      {"mu", Entitlement.UNKNOWN},
      {"um", Entitlement.UNKNOWN},
      {"mn", Entitlement.NOT_ENTITLED},
      {"un", Entitlement.NOT_ENTITLED},
      {"nu", Entitlement.NOT_ENTITLED},
      {"n-", Entitlement.NOT_ENTITLED},
    };
  }

  @org.testng.annotations.Test(dataProvider = "outcomes")
  public void aFailedTestOutweighsWhatIsNotKnown(String tests, Entitlement outcome) {
    var determination = determination();
    for (var i = 0; i < tests.length(); i++) {
      determination.test(test("T" + i, tests.charAt(i)));
    }
    assertEquals(determination.result("anything").outcome(), outcome, tests);
  }

  @DataProvider
  public static Object[][] children() {
    return new Object[][] {
      {"mn", Entitlement.ENTITLED},
      {"nn", Entitlement.NOT_ENTITLED},
      {"nu", Entitlement.UNKNOWN},
      {"mu", Entitlement.UNKNOWN},
      {"n", Entitlement.NOT_ENTITLED},
    };
  }

  @org.testng.annotations.Test(dataProvider = "children")
  public void oneChildDoesNotSinkTheOthers(String tests, Entitlement outcome) {
    var determination = determination().test(test("RES", 'm'));
    for (var i = 0; i < tests.length(); i++) {
      determination.test(test("CHILD:p" + (i + 2), tests.charAt(i)));
    }
    assertEquals(determination.result("anything").outcome(), outcome, tests);
  }

  @org.testng.annotations.Test
  public void theUrgentLineLeavesEverythingElseOpen() {
    var result =
        determination().test(test("RES", 'n')).route(true, Route.URGENT_LINE).result("anything");
    assertEquals(result.outcome(), Entitlement.UNKNOWN);
    assertEquals(result.route(), Route.URGENT_LINE);
    assertTrue(result.isUrgent());
  }

  @org.testng.annotations.Test
  public void whomItWaitsForIsToldOnlyWhileItWaits() {
    for (var outcome : new char[] {'m', 'n', 'u'}) {
      var result = determination()
          .test(test("RES", outcome))
          .hold(true, Hold.LENDER)
          .route(true, Route.ASSESSMENT)
          .result("anything");
      if (outcome == 'u') {
        assertEquals(result.hold(), Hold.LENDER);
        assertEquals(result.route(), Route.ASSESSMENT);
      } else {
        assertNull(result.hold());
        assertNull(result.route());
      }
    }
  }

  @org.testng.annotations.Test
  public void amountsAreAwardedOnlyToTheEntitledAndWhatIsKnownIsToldToAll() {
    for (var outcome : new char[] {'m', 'n', 'u'}) {
      var amounts = determination()
          .test(test("RES", outcome))
          .known("urgent", true)
          .known("nothing", null)
          .award(() -> Map.of("monthly", Amount.of(109)))
          .result("anything")
          .amounts();
      assertEquals(amounts.get("urgent"), true);
      assertFalse(amounts.containsKey("nothing"));
      assertEquals(amounts.containsKey("monthly"), outcome == 'm');
    }
  }

  @org.testng.annotations.Test
  public void someTestsAreMadeOnlyInAFullDetermination() {
    for (var mode : Mode.values()) {
      var result = situation(mode, Map.of())
          .determination()
          .determineOnly(() -> test("ID", 'u'))
          .result("anything");
      assertEquals(result.test("ID").isPresent(), mode == Mode.DETERMINE);
    }
  }

  @org.testng.annotations.Test
  public void sentencesAreMadeOnlyWhenTheyAreRead() {
    var made = new int[1];
    var result = determination()
        .test(Test.met("RES", () -> "sentence " + ++made[0]))
        .note(false, "never", () -> "note " + ++made[0])
        .working(() -> List.of(new Line("line " + ++made[0], Amount.ZERO)))
        .result("anything");
    assertEquals(made[0], 0);
    assertEquals(result.tests().get(0).because(), "sentence 1");
    assertEquals(result.working().get(0).label(), "line 2");
    assertEquals(result.notes().size(), 0);
  }
}
