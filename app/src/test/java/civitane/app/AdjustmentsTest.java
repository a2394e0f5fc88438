package civitane.app;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Locale;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who carries adjustments out learns what to do and for whom, and nothing of why. */
public class AdjustmentsTest extends OnDatabase {

  private String granted() throws Exception {
    var number = claimOf(Packets.meals(2).replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", """
            "requests": [{"service": "studyAdjustments", "answers": {
              "person": "p2", "enrolled": true, "term": "2026-autumn", "limits": ["concentration", "stamina"],
              "conditions": [{"kind": "migraine", "detail": "Cannot read for longer than an hour."}]}}],"""));
    taken(number);
    var decided = decision(number, claim(number), true);
    assertEquals(
        decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    return number;
  }

  @Test
  public void theSheetSaysWhatIsArrangedAndNotWhy() throws Exception {
    var number = granted();
    var sheet = letters("adjustments", number);
    for (var said : new String[] {"A quiet room", "More time", "Breaks to rest", number}) {
      assertTrue(sheet.contains(said), said + ": " + sheet);
    }
    for (var kept : new String[] {"migraine", "hour", "concentrat", "keeping going"}) {
      assertFalse(sheet.contains(kept), kept + ": " + sheet);
    }
    assertTrue(
        letters("decision", number).toLowerCase(Locale.ROOT).contains("breaks to rest"),
        "the household reads both");
  }

  @AfterMethod
  public void backToToday() {
    clock.ahead(Duration.ZERO);
  }

  private boolean comesUp(String number) throws Exception {
    return body(asIkenna(get("/api/coming-up")))
        .valueStream()
        .anyMatch(day -> number.equals(day.path("claim").asString("")));
  }

  /** The autumn term of 2026 ends with January. */
  @Test
  public void theyAreAskedForAgainEachTerm() throws Exception {
    var number = granted();
    var sheet = letters("adjustments", number);
    assertTrue(sheet.contains("31 January 2027"), sheet);
    noonOf(LocalDate.parse("2027-01-20"));
    assertTrue(comesUp(number));
    assertEquals(
        asIkenna(post("/api/claims/{number}/renewal", "", number)).getResponse().getStatus(), 200);
    assertFalse(comesUp(number));
    var asked = letters("renewal", number);
    assertTrue(asked.contains("31 January 2027"), asked);
    assertFalse(asked.contains("migraine"), asked);
  }

  @Test
  public void aDecisionTakenBackTakesItsSheetBack() throws Exception {
    var number = granted();
    var back = asIkenna(post(
        "/api/claims/{number}/decision-taken-back",
        "{\"version\": %d, \"because\": \"the term was wrong\"}"
            .formatted(claim(number).get("version").intValue()),
        number));
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    assertEquals(
        count(
            "letter where taken_back_at is null and kind in ('adjustments', 'decision') and about = '"
                + number + "'"),
        0);
    assertEquals(decision(number, claim(number), true).getResponse().getStatus(), 200);
    assertEquals(
        count("letter where kind = 'adjustments' and about = '" + number + "'"), 2, "a new one");
  }
}
