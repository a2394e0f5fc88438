package civitane.app;

import java.time.Duration;
import org.awaitility.Awaitility;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Somebody on the phone is asked which employer reports a wage for them: few times, and nobody learns what is right. */
public class KnowledgeTest extends OnDatabase {

  private static final String HOUSEHOLD = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-20",
       "household": {
         "address": {"line1": "%s", "town": "Gullhaven", "postcode": "BK33"},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "%s", "familyName": "%s", "birthDate": "%s",
            "residentNumber": "%s", "contact": {"phone": "555 0101"}}],
         "incomes": [],
         "consents": [{"to": "registers", "person": "p1", "on": "2026-11-01", "until": "2027-11-01"}]},
       "requests": [{"service": "taxpayerNumber", "answers": {}}],
       "signatures": [{"person": "p1", "name": "%2$s %3$s", "on": "2026-11-20", "method": "screen",
                       "statements": ["true", "changes"]}]}""";

  @AfterMethod
  public void today() {
    clock.ahead(Duration.ZERO);
  }

  private String known(String packet) throws Exception {
    var number = claimOf(packet);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> body(asIkenna(get("/api/claims/{number}/comparisons", number)))
            .get("registers")
            .valueStream()
            .allMatch(one -> !one.get("answeredAt").isNull()));
    return number;
  }

  private MvcResult ask(String number) throws Exception {
    return asIkenna(post("/api/claims/{number}/knowledge/p1", "", number));
  }

  private JsonNode said(String number, JsonNode question, String choice) throws Exception {
    var content = json.createObjectNode()
        .put("question", question.get("id").stringValue())
        .put("choice", choice)
        .toString();
    return body(asIkenna(post("/api/claims/{number}/knowledge/p1/said", content, number)));
  }

  @Test
  public void oneOfFourIsRightAndTwoTriesADayAreAllThereAre() throws Exception {
    var number = known(
        HOUSEHOLD.formatted("4 Ropewalk", "Noémie", "Castellane", "1978-11-06", "2976913794"));
    var question = body(ask(number));
    assertEquals(question.get("choices").size(), 4, question.toString());
    assertTrue(question.get("choices").toString().contains("Marsh Road School"));
    assertEquals(body(ask(number)), question, "asked again, it is the same");
    var wrong = question
        .get("choices")
        .valueStream()
        .map(JsonNode::stringValue)
        .filter(choice -> !choice.equals("Marsh Road School"))
        .findFirst()
        .orElseThrow();
    assertEquals(said(number, question, wrong).get("passed").booleanValue(), false);
    assertEquals(said(number, question, "Marsh Road School").get("status").intValue(), 412);
    var second = body(ask(number));
    assertEquals(said(number, second, "Marsh Road School").get("passed").booleanValue(), true);
    assertEquals(ask(number).getResponse().getStatus(), 422);
    clock.ahead(Duration.ofHours(25));
    assertEquals(ask(number).getResponse().getStatus(), 200);
    var record = claim(number).get("events").toString();
    assertTrue(record.contains("Noémie Castellane did not know which employer"), record);
    assertTrue(record.contains("Noémie Castellane knew which employer"), record);
  }

  @Test
  public void whoseEmployerNobodyKnowsIsNotAsked() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(ask(number).getResponse().getStatus(), 422);
    var nobody = asIkenna(post("/api/claims/{number}/knowledge/p9", "", number));
    assertEquals(nobody.getResponse().getStatus(), 404);
  }
}
