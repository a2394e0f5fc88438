package civitane.app;

import java.util.Locale;
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
