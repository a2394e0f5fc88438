package civitane.app;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What a claim would come to otherwise is seen and nothing of it kept; what came otherwise since a decision is named. */
public class TryingOutTest extends OnDatabase {
  private static final String WAGE = "/household/incomes/0/amount";

  private JsonNode tried(String claim, String pointer, String value) throws Exception {
    return body(asIkenna(post(
        "/api/claims/{number}/tried",
        "{\"pointer\": \"" + pointer + "\", \"value\": " + value + "}",
        claim)));
  }

  @Test
  public void anotherWageIsTriedAndTheClaimStaysAsItIs() throws Exception {
    var claim = claimOf(Packets.meals(2));
    taken(claim);
    var before = claim(claim);
    var tried = tried(claim, WAGE, "4000");
    assertEquals(tried.at("/before/outcome").stringValue(), "entitled", tried.toString());
    assertEquals(tried.at("/after/outcome").stringValue(), "notEntitled", tried.toString());
    var check = tried.at("/checks/0");
    assertEquals(check.get("before").stringValue(), "met");
    assertEquals(check.get("after").stringValue(), "notMet");
    assertEquals(claim(claim), before);
    var same = tried(claim, WAGE, "430");
    assertEquals(same.get("checks").size(), 0, same.toString());
  }

  @Test
  public void whatCanNotBeIsRefusedWithWhatIsWrong() throws Exception {
    var claim = claimOf(Packets.meals(2));
    taken(claim);
    for (var wrong : new String[][] {
      {WAGE, "\"much\""},
      {"/household/people/0/id", "\"p9\""},
      {"/household/incomes/7/amount", "3"},
      {"/papers/0/accepted", "true"}
    }) {
      var refused = asIkenna(post(
          "/api/claims/{number}/tried",
          "{\"pointer\": \"" + wrong[0] + "\", \"value\": " + wrong[1] + "}",
          claim));
      assertEquals(refused.getResponse().getStatus(), 422, wrong[0]);
    }
  }

  @Test
  public void aLetterIsShownAsItWouldBe() throws Exception {
    var claim = claimOf(Packets.meals(2));
    taken(claim);
    var letter = asIkenna(post("/api/claims/{number}/letter-preview", """
        {"grant": false, "trying": {"pointer": "%s", "value": 4000}}""".formatted(WAGE), claim));
    assertEquals(letter.getResponse().getStatus(), 200);
    assertTrue(words(letter.getResponse().getContentAsByteArray()).contains("4,000.00"));
  }

  @Test
  public void bothEndsOfADisputedWageAreWorkedOut() throws Exception {
    var claim = claimOf(Packets.meals(2)
        .replace(
            "\"frequency\": \"weekly\"", "\"frequency\": \"weekly\", \"registerMonthly\": 6000"));
    var ledger = body(asIkenna(get("/api/claims/{number}/ledger", claim)));
    assertTrue(
        ledger.at("/wages/0/disputed").booleanValue(), ledger.get("wages").toString());
    assertEquals(ledger.get("ends").size(), 2);
    assertEquals(ledger.at("/ends/0/comes/outcome").stringValue(), "entitled");
    assertEquals(ledger.at("/ends/1/comes/outcome").stringValue(), "notEntitled");
    assertEquals(ledger.at("/ends/1/because").size(), 1);
  }

  @Test
  public void whatIsOtherwiseSinceADecisionThatCameBackIsNamed() throws Exception {
    var claim = claimOf(Packets.meals(2));
    var version = taken(claim).get("version").intValue();
    var decided = asIkenna(post(
        "/api/claims/{number}/decision",
        "{\"version\": %d, \"grant\": false, \"reason\": \"asked for twice\"}".formatted(version),
        claim));
    assertEquals(
        decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    var back = as(
        "teun",
        "SENIOR",
        post(
            "/api/claims/{number}/sent-back",
            "{\"version\": %d, \"because\": \"it was not\"}"
                .formatted(claim(claim).get("version").intValue()),
            claim));
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    assertTrue(working(claim).get("since").isNull());
    var set = asIkenna(post(
        "/api/claims/{number}/answers",
        "{\"version\": %d, \"pointer\": \"%s\", \"value\": 4000, \"reason\": \"by the contract\"}"
            .formatted(claim(claim).get("version").intValue(), WAGE),
        claim));
    assertEquals(set.getResponse().getStatus(), 200, set.getResponse().getContentAsString());
    var since = working(claim).get("since");
    assertEquals(since.at("/facts/0/before").stringValue(), "€430.00", since.toString());
    assertEquals(since.at("/facts/0/after").stringValue(), "€4,000.00");
    assertEquals(since.at("/change/before/outcome").stringValue(), "entitled");
    assertEquals(since.at("/change/after/outcome").stringValue(), "notEntitled");
  }

  private JsonNode working(String claim) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/working", claim)));
  }
}
