package civitane.core.rules;

import civitane.core.awards.Award;
import civitane.core.awards.Recipient;
import civitane.core.awards.What;
import civitane.core.money.Amount;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** What follows from the tests of a request, in the order the rules lay down. */
public class DeterminationTest {
  private static Determination determination() {
    return Samples.situation(Mode.DETERMINE, Map.of()).determination();
  }

  private static Check check(String id, char outcome) {
    var check = Samples.situation(Mode.DETERMINE, Map.of()).check(id);
    var because = Why.TIE_TO_DISTRICT.with();
    return switch (outcome) {
      case 'm' -> check.met(because);
      case 'n' -> check.notMet(because);
      case 'u' -> check.unknown(because);
      default -> check.notApplicable(because);
    };
  }

  @DataProvider
  public static Object[][] outcomes() {
    return new Object[][] {
      {"", Finding.ENTITLED},
      {"m", Finding.ENTITLED},
      {"m-", Finding.ENTITLED},
      {"--", Finding.ENTITLED},
      {"mu", Finding.UNKNOWN},
      {"um", Finding.UNKNOWN},
      {"mn", Finding.NOT_ENTITLED},
      {"un", Finding.NOT_ENTITLED},
      {"nu", Finding.NOT_ENTITLED},
      {"n-", Finding.NOT_ENTITLED},
    };
  }

  @org.testng.annotations.Test(dataProvider = "outcomes")
  public void aFailedTestOutweighsWhatIsNotKnown(String tests, Finding outcome) {
    var determination = determination();
    for (var i = 0; i < tests.length(); i++) {
      determination.check(check("T" + i, tests.charAt(i)));
    }
    assertEquals(determination.result("anything").outcome(), outcome, tests);
  }

  @DataProvider
  public static Object[][] children() {
    return new Object[][] {
      {"mn", Finding.ENTITLED},
      {"nn", Finding.NOT_ENTITLED},
      {"nu", Finding.UNKNOWN},
      {"mu", Finding.UNKNOWN},
      {"n", Finding.NOT_ENTITLED},
    };
  }

  @org.testng.annotations.Test(dataProvider = "children")
  public void oneChildDoesNotSinkTheOthers(String tests, Finding outcome) {
    var determination = determination().check(check("RES", 'm'));
    for (var i = 0; i < tests.length(); i++) {
      determination.check(check("CHILD:p" + (i + 2), tests.charAt(i)));
    }
    assertEquals(determination.result("anything").outcome(), outcome, tests);
  }

  @org.testng.annotations.Test
  public void theUrgentLineLeavesEverythingElseOpen() {
    var result =
        determination().check(check("RES", 'n')).route(true, Route.URGENT_LINE).result("anything");
    assertEquals(result.outcome(), Finding.UNKNOWN);
    assertEquals(result.route(), Route.URGENT_LINE);
    assertTrue(result.urgent());
  }

  @org.testng.annotations.Test
  public void whomItWaitsForIsToldOnlyWhileItWaits() {
    for (var outcome : new char[] {'m', 'n', 'u'}) {
      var result = determination()
          .check(check("RES", outcome))
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

  /** Amounts of two parts. */
  private record Sums(@Nullable Boolean urgent, @Nullable Amount monthly) {}

  @org.testng.annotations.Test
  public void amountsAreAwardedOnlyToTheEntitledAndWhatIsKnownIsToldToAll() {
    for (var outcome : new char[] {'m', 'n', 'u'}) {
      var result = determination()
          .check(check("RES", outcome))
          .known(new Sums(true, null))
          .amounts(() -> new Sums(true, Amount.of(109)))
          .awards(() -> List.of(Award.of(What.HEARING, Recipient.HOUSEHOLD)))
          .result("anything");
      assertEquals(result.amountsByName().get("urgent"), true);
      assertEquals(result.amountsByName().containsKey("monthly"), outcome == 'm');
      assertEquals(result.awards().size(), outcome == 'm' ? 1 : 0);
    }
  }

  @org.testng.annotations.Test
  public void someTestsAreMadeOnlyInAFullDetermination() {
    for (var mode : Mode.values()) {
      var result = Samples.situation(mode, Map.of())
          .determination()
          .determineOnly(() -> check("ID", 'u'))
          .result("anything");
      assertEquals(result.check("ID").isPresent(), mode == Mode.DETERMINE);
    }
  }

  @org.testng.annotations.Test
  public void notesAndLinesAreThereOnlyWhereTheyApply() {
    var result = determination()
        .check(check("RES", 'm'))
        .note(false, Why.NO_TIE_TO_DISTRICT::with)
        .note(true, Why.PROVISIONAL::with)
        .working(false, () -> {
          throw new AssertionError("nothing is known to work with");
        })
        .result("anything");
    assertEquals(result.notes().stream().map(Note::code).toList(), List.of("provisional"));
    assertEquals(result.working(), List.of());
  }
}
