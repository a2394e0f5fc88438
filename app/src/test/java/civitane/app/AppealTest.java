package civitane.app;

import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** An appeal is begun from the decision with all that is known, and is for somebody who had no hand in it. */
public class AppealTest extends OnDatabase {
  private static final String APPEAL = """
      {"service": "decisionAppeal", "answers": {"decision": "%s", "noticeOn": "2026-11-20", "kind": "refusal",
        "grounds": "I disagree", "keepPaying": false}}""";

  private String refused() throws Exception {
    var number = claimOf(Packets.meals(2).replace("\"amount\": 430.00", "\"amount\": 2430.00"));
    assertEquals(decision(number, taken(number), false).getResponse().getStatus(), 200);
    return number;
  }

  private JsonNode begun(String number) throws Exception {
    return body(as("maud", "CASEWORKER", post("/api/claims/{number}/appeal", "", number)));
  }

  /** An appeal of a household against what was decided on a claim. */
  private String appealed(String number) throws Exception {
    return claimOf(Packets.meals(2)
        .replaceFirst(
            "(?s)\"requests\": \\[.*?\\}\\}\\],",
            "\"requests\": [" + APPEAL.formatted(number) + "],"));
  }

  @Test
  public void itKnowsTheDecisionAndTheHousehold() throws Exception {
    var number = refused();
    var draft = begun(number).at("/draft/packet");
    assertEquals(draft.at("/requests/0/service").stringValue(), "decisionAppeal");
    assertEquals(draft.at("/requests/0/answers/decision").stringValue(), number);
    assertEquals(draft.at("/requests/0/answers/kind").stringValue(), "refusal");
    assertEquals(draft.at("/household/people").size(), 2);
    var decided = body(asIkenna(get("/api/claims/{number}/working", number))).get("decision");
    assertTrue(decided.get("appealableUntil").isString(), decided.toString());
  }

  @Test
  public void thereIsNoneWhereNothingStands() throws Exception {
    var open = claimOf(Packets.meals(2));
    var refused = as("maud", "CASEWORKER", post("/api/claims/{number}/appeal", "", open));
    assertEquals(refused.getResponse().getStatus(), 422);
  }

  @Test
  public void whoDecidedDoesNotWorkIt() throws Exception {
    var appeal = appealed(refused());
    var tried = asIkenna(post("/api/claims/{number}/take", "", appeal));
    assertEquals(tried.getResponse().getStatus(), 422);
    assertTrue(tried.getResponse().getContentAsString().contains("had a hand in the decision"));
    var took = as("maud", "CASEWORKER", post("/api/claims/{number}/take", "", appeal));
    assertEquals(took.getResponse().getStatus(), 200, took.getResponse().getContentAsString());
    var version = claim(appeal).get("version").intValue();
    var handed = as(
        "maud",
        "CASEWORKER",
        post(
            "/api/claims/{number}/hand-over",
            "{\"version\": %d, \"to\": \"ikenna\", \"because\": \"on leave\"}".formatted(version),
            appeal));
    assertEquals(handed.getResponse().getStatus(), 422, handed.getResponse().getContentAsString());
  }

  private MvcResult heard(String appeal, LocalDate on, String with) throws Exception {
    return as(
        "maud",
        "CASEWORKER",
        post("/api/claims/{number}/appointments", """
            {"on": "%s", "at": "10:30", "minutes": 45, "with": "%s", "place": "COUNTER", "interpreter": "",
             "about": "the appeal", "hearing": true}""".formatted(on, with), appeal));
  }

  @Test
  public void aHearingIsToldOfInTimeByLetterAndSoIsThatItIsCalledOff() throws Exception {
    var appeal = appealed(refused());
    as("maud", "CASEWORKER", post("/api/claims/{number}/take", "", appeal));
    var from =
        LocalDate.parse(body(as("maud", "CASEWORKER", get("/api/claims/{number}/hearing", appeal)))
            .get("from")
            .stringValue());
    assertFalse(from.isBefore(LocalDate.now(clock).plusDays(12)), "so many days' notice");
    var early = heard(appeal, WorkingDays.add(LocalDate.now(clock), 2), "maud");
    assertEquals(early.getResponse().getStatus(), 422);
    assertTrue(early.getResponse().getContentAsString().contains("told in time"));
    var hand = heard(appeal, from, "ikenna");
    assertEquals(hand.getResponse().getStatus(), 422);
    assertTrue(hand.getResponse().getContentAsString().contains("had a hand in the decision"));
    assertEquals(count("letter where kind = 'hearing' and about = '" + appeal + "'"), 0);

    var made = heard(appeal, from, "maud");
    assertEquals(made.getResponse().getStatus(), 200, made.getResponse().getContentAsString());
    var letter = letters("hearing", appeal);
    assertTrue(letter.contains("when you are heard"), letter);
    assertTrue(letter.contains("at 10:30"), letter);
    assertTrue(letter.contains("Maud"), letter);

    var id = body(made).get(0).get("id").stringValue();
    var off = as("maud", "CASEWORKER", post("/api/appointments/{id}/over", """
        {"over": "CALLED_OFF", "note": "she is in hospital"}""", id));
    assertEquals(off.getResponse().getStatus(), 200);
    assertTrue(letters("hearing", appeal).contains("You are not heard on"));
    assertFalse(letters("hearing", appeal).contains("hospital"), "why is not for the post");
    assertEquals(count("letter where kind = 'hearing' and about = '" + appeal + "'"), 2);
  }

  @Test
  public void nothingElseIsHeard() throws Exception {
    var meals = claimOf(Packets.meals(2));
    assertTrue(
        body(asIkenna(get("/api/claims/{number}/hearing", meals))).get("from").isNull());
    var tried = heard(meals, WorkingDays.add(LocalDate.now(clock), 20), "maud");
    assertEquals(tried.getResponse().getStatus(), 422);
    assertTrue(tried.getResponse().getContentAsString().contains("Nothing is heard"));
  }
}
