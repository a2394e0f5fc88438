package civitane.app;

import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What the office or a third party has to say is never taken from whoever asks, and is filled in from its source. */
public class WhoseWordTest extends OnDatabase {

  /** The household of a number, which asks for one service. */
  private static String asks(int household, String service, String... answers) {
    var requests = new StringBuilder();
    for (var one : answers) {
      requests
          .append(requests.isEmpty() ? "" : ", ")
          .append("{\"service\": \"%s\", \"answers\": %s}".formatted(service, one));
    }
    var meals = Packets.meals(household, 2, "en");
    return meals.substring(0, meals.indexOf("\"requests\"")) + "\"requests\": [" + requests + "],"
        + meals.substring(meals.indexOf("\"signatures\""));
  }

  private JsonNode working(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/working", number))).get("result");
  }

  private static JsonNode check(JsonNode result, String id) {
    return result
        .get("tests")
        .valueStream()
        .filter(test -> test.get("id").stringValue().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode answers(JsonNode claim) {
    return claim.at("/packet/requests/0/answers");
  }

  private static String items(JsonNode claim) {
    return claim.get("items").toString();
  }

  @Test
  public void aLandlordsConsentIsTheLandlordsToGive() throws Exception {
    var number = claimOf(asks(930, "rentRelief", """
        {"monthlyRent": 640, "comingMonths": 2, "hardship": ["lostWork"], "leaseNames": ["Badi Tamsett"],
         "landlord": {"name": "Quay Lets", "agrees": true, "iban": "NL91ABNA0417164300"}}"""));
    var claim = taken(number);
    assertTrue(
        answers(claim).at("/landlord/agrees").isMissingNode(), answers(claim).toString());
    assertTrue(
        answers(claim).at("/landlord/iban").isMissingNode(), answers(claim).toString());
    assertEquals(answers(claim).at("/landlord/name").stringValue(), "Quay Lets");
    assertEquals(working(number).get("hold").stringValue(), "landlord");
    assertTrue(items(claim).contains("thirdParty"), items(claim));
    assertTrue(
        items(claim).contains("NL91ABNA0417164300"), "what was told is kept: " + items(claim));

    var agreed = asIkenna(answer(
        number,
        claim,
        "/requests/0/answers/landlord/agrees",
        "true",
        "the landlord's form, page 1"));
    assertEquals(agreed.getResponse().getStatus(), 200, agreed.getResponse().getContentAsString());
    assertEquals(check(working(number), "RR-PAYEE").get("outcome").stringValue(), "met");
    var next = claim(number).at("/next/words").stringValue();
    assertTrue(List.of("Wait for the landlord", "Household to answer").contains(next), next);

    var account = asIkenna(answer(
        number,
        claim(number),
        "/requests/0/answers/landlord/iban",
        "\"NL91ABNA0417164300\"",
        "the landlord's form, page 2"));
    assertEquals(
        account.getResponse().getStatus(), 200, account.getResponse().getContentAsString());
    assertFalse(items(claim(number)).contains("NL91ABNA0417164300"), items(claim(number)));
  }

  @Test
  public void whatTheOfficeDecidesIsOursToSettle() throws Exception {
    var number = claimOf(
        asks(
            931,
            "nameChange",
            "{\"person\": \"p1\", \"newGivenName\": \"Sunniva\", \"reason\": \"family\", \"noticeWaived\": true}"));
    var claim = claim(number);
    assertTrue(!answers(claim).at("/noticeWaived").asBoolean(), answers(claim).toString());
    var ours = claim
        .get("items")
        .valueStream()
        .filter(item -> item.get("words").stringValue().contains("We were told yes"))
        .toList();
    assertEquals(ours.size(), 1, items(claim));
    assertEquals(ours.get(0).get("owner").stringValue(), "ours");
  }

  @Test
  public void theListsAreAsTheOfficeHasThem() throws Exception {
    var closed = database
        .sql("select code from waiting_list where not open limit 1")
        .query(String.class)
        .single();
    var open = database
        .sql("select code from waiting_list where open limit 1")
        .query(String.class)
        .single();
    var told = """
        {"lists": [{"code": "%s", "open": true, "incomePercent": 500}]}""";
    var shut = working(claimOf(asks(960, "housingList", told.formatted(closed))));
    assertEquals(check(shut, "HW-OPEN").get("outcome").stringValue(), "notMet");
    var offered = claimOf(asks(985, "housingList", told.formatted(open)));
    assertEquals(check(working(offered), "HW-OPEN").get("outcome").stringValue(), "met");
    assertTrue(
        answers(claim(offered)).at("/lists/0/incomePercent").decimalValue().intValue() < 500,
        answers(claim(offered)).toString());
  }

  @Test
  public void leaveThatIsAskedForElsewhereIsCountedOverAllClaims() throws Exception {
    var leave = """
        {"person": "p1", "reason": "ownIllness", "pattern": "continuous", "lastWorkedOn": "%1$s", "absentFrom": "%1$s",
         "benefitFrom": "%1$s", "returnOn": "%2$s", "hoursPerWeek": 37.5, "unforeseen": true, "noticeOn": "%1$s",
         "writtenNoticeOn": "%1$s", "earlier": [{"from": "2026-01-01", "weeks": 0.5, "state": "used"}],
         "employers": [{"name": "Reedholm Mills", "quarters": {"2025Q3": 9800, "2025Q4": 9100, "2026Q1": 10400}}]}""";
    var claims = lodged(asks(
            934,
            "paidLeave",
            leave.formatted("2026-08-03", "2026-08-31"),
            leave.formatted("2026-11-16", "2026-12-14")))
        .get("claims");
    var second = claim(claims.get(1).stringValue());
    var earlier = answers(second).get("earlier");
    assertEquals(earlier.size(), 1, "what was told is not believed: " + earlier);
    assertEquals(earlier.at("/0/from").stringValue(), "2026-08-03");
    assertEquals(earlier.at("/0/weeks").decimalValue().intValue(), 4);
    assertEquals(earlier.at("/0/state").stringValue(), "pending");
    assertEquals(
        check(working(claims.get(1).stringValue()), "PL-LEFT")
            .get("measured")
            .decimalValue()
            .intValue(),
        10);
  }

  @Test
  public void aClientOfTheOfficeIsSeenWhenSomebodyActsAgainstThem() throws Exception {
    var against = "{\"area\": \"housing\", \"problem\": \"repairs\", \"otherParty\": %s}";
    claimOf(asks(935, "legalAdvice", against.formatted("\"none\"")));
    var client = claim(claimOf(asks(936, "legalAdvice", against.formatted("\"none\""))))
        .get("householdName")
        .stringValue();
    var number =
        claimOf(asks(937, "legalAdvice", against.formatted("{\"name\": \"" + client + "\"}")));
    assertEquals(working(number).get("hold").stringValue(), "conflict");
  }
}
