package civitane.app;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
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
}
