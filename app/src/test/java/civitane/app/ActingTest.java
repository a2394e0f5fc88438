package civitane.app;

import java.time.LocalDate;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who acts for a household, until when, who gets the letters, and how to speak with its people. */
public class ActingTest extends OnDatabase {
  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private JsonNode lodgedWith(int number, ObjectNode taking, String contact) throws Exception {
    var packet = Packets.meals(number, 2, "en")
        .replace(
            "\"role\": \"applicant\",", "\"role\": \"applicant\", \"contact\": " + contact + ",");
    var application = begin(packet);
    var draft = (ObjectNode) application.get("draft").deepCopy();
    draft.set("taking", taking);
    var saved = asIkenna(
        put("/api/applications/{id}", draft.toString(), application.get("id").stringValue())
            .header("If-Match", "\"0\""));
    assertEquals(saved.getResponse().getStatus(), 200, saved.getResponse().getContentAsString());
    var result = lodging(application, 1);
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    return body(result);
  }

  private ObjectNode guardian() {
    var taking = json.createObjectNode();
    taking.put("actsAs", "guardian").put("declared", true);
    taking
        .putObject("actor")
        .put("name", "Abel Nkemelu")
        .put("contact", "4 Marsh Road, BK47 Reedholm")
        .put("shownBy", "order of the court")
        .put("letters", "acting")
        .put("until", today().plusDays(200).toString())
        .put("identityChecked", true);
    taking.putArray("permissions").addObject().put("name", "Ilse Brandt");
    return taking;
  }

  @Test
  public void aGuardianIsKnownGetsTheLettersAndIsEnded() throws Exception {
    var application = lodgedWith(1061, guardian(), "{\"phone\": \"0555 016 220\"}");
    var number = application.get("claims").get(0).stringValue();
    var claim = claim(number);
    var acting = claim.get("acting");
    assertEquals(acting.size(), 2, acting.toString());
    var guardian = acting.get(0);
    assertEquals(guardian.get("right").stringValue(), "guardian");
    assertEquals(guardian.get("shownBy").stringValue(), "order of the court");
    assertFalse(guardian.get("over").booleanValue());
    assertEquals(acting.at("/1/right").stringValue(), "maySpeak");
    var receipt = letters("receipt", application.get("receipt").stringValue());
    assertTrue(
        receipt.contains("care of Abel Nkemelu 4 Marsh Road BK47 Reedholm"),
        receipt.substring(0, 300));

    var household = claim.get("household").stringValue();
    var ended = asIkenna(post(
        "/api/households/{household}/acting/{id}/end",
        "{\"on\": \"" + today().minusDays(1) + "\", \"because\": \"revoked by the court\"}",
        household,
        guardian.get("id").stringValue()));
    assertEquals(ended.getResponse().getStatus(), 204, ended.getResponse().getContentAsString());
    var over = claim(number);
    assertTrue(over.at("/acting/0/over").booleanValue());
    assertEquals(over.at("/next/words").stringValue(), "See who acts for them now");
    var item = over.get("items")
        .valueStream()
        .filter(one -> one.get("words").stringValue().contains("Abel Nkemelu"))
        .findFirst()
        .orElseThrow();
    var mine = taken(number);
    var settled = asIkenna(post(
        "/api/claims/{number}/items/{item}/settled",
        "{\"version\": " + mine.get("version").intValue()
            + ", \"because\": \"they act for themselves\"}",
        number,
        item.get("id").intValue()));
    assertEquals(
        settled.getResponse().getStatus(), 200, settled.getResponse().getContentAsString());
    assertFalse(body(settled).get("items").toString().contains("Nkemelu"));
    var decided = decision(number, taken(number), false);
    assertEquals(
        decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    assertFalse(letters("decision", number).contains("Nkemelu"), "they get no letters any more");
  }

  @Test
  public void aSecondApplicationEndsNobodysRight() throws Exception {
    lodgedWith(1062, guardian(), "{\"phone\": \"0555 016 221\"}");
    var again = begin(Packets.meals(1062, 2, "en"));
    var id = again.get("id").stringValue();
    var household = body(asIkenna(get("/api/applications/{id}/duplicates", id)))
        .at("/0/household")
        .stringValue();
    var draft = (ObjectNode) again.get("draft").deepCopy();
    draft.putObject("taking").putObject("duplicates").put(household, "joined");
    asIkenna(put("/api/applications/{id}", draft.toString(), id).header("If-Match", "\"0\""));
    var lodged = lodging(again, 1);
    assertEquals(lodged.getResponse().getStatus(), 200, lodged.getResponse().getContentAsString());
    var claim = claim(body(lodged).get("claims").get(0).stringValue());
    assertEquals(claim.get("acting").size(), 2, claim.get("acting").toString());
  }

  @Test
  public void howToSpeakWithSomebodyIsKeptAndReadBack() throws Exception {
    var contact = """
        {"phone": "0555 016 222", "mayCall": true, "speaks": "Tigrinya", "interpreter": true, "format": "largePrint",
         "ways": [{"kind": "phone", "at": "0555 099 001", "safe": false, "bestTime": "after 18:00"}]}""";
    var application = lodgedWith(1063, json.createObjectNode(), contact);
    var kept = claim(application.get("claims").get(0).stringValue())
        .at("/packet/household/people/0/contact");
    assertEquals(kept.get("speaks").stringValue(), "Tigrinya");
    assertTrue(kept.get("interpreter").booleanValue());
    assertEquals(kept.at("/ways/0/at").stringValue(), "0555 099 001");
    assertFalse(kept.at("/ways/0/safe").booleanValue());
    var receipt = letters("receipt", application.get("receipt").stringValue());
    assertTrue(receipt.contains("Tigrinya") && receipt.contains("in large print"), receipt);
  }

  private static String told(String name, String right, String shownBy) {
    return """
        {"name": "%s", "right": "%s", "shownBy": "%s", "identityChecked": false, "getsLetters": false}""".formatted(name, right, shownBy);
  }

  @Test
  public void whoActsHasANameAndAPaper() throws Exception {
    var claim = claim(claimOf(Packets.meals(1064)));
    var household = claim.get("household").stringValue();
    for (var wrong : new String[] {
      told(" ", "guardian", "order"),
      told("Abel Nkemelu", "guardian", ""),
      told("Abel Nkemelu", "king", "crown")
    }) {
      var answer = asIkenna(post("/api/households/{household}/acting", wrong, household));
      assertEquals(answer.getResponse().getStatus(), 422, wrong);
    }
  }
}
