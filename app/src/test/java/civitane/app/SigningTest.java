package civitane.app;

import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who signs, who is still to sign, and who acts for the household is never left open unseen. */
public class SigningTest extends AtTheDoor {
  private static final String OTHER = "{\"person\": \"p2\", \"name\": \"Wren Tamsett\"}";

  private static final String AT_A_PHONE =
      "{\"person\": \"p2\", \"name\": \"Wren Tamsett\", \"contact\": \"%s\"}";

  private MvcResult asking(JsonNode application, String signer) throws Exception {
    return asIkenna(post(
        "/api/applications/{id}/signing-requests", signer, application.get("id").stringValue()));
  }

  private void signsLater(JsonNode application, String signer) throws Exception {
    var answer = asking(application, signer);
    assertEquals(answer.getResponse().getStatus(), 204, answer.getResponse().getContentAsString());
  }

  private JsonNode listed(JsonNode application) throws Exception {
    return body(asIkenna(
        get("/api/applications/{id}/signing-requests", application.get("id").stringValue())));
  }

  @Test
  public void whoIsStillToSignStandsOnTheClaimAndTheReceipt() throws Exception {
    var application = begin(Packets.meals(2));
    signsLater(application, OTHER);
    var lodged = body(lodging(application, 0));
    var claim = claim(lodged.get("claims").get(0).stringValue());
    assertTrue(
        claim.get("items").toString().contains("Wren Tamsett is still to sign."),
        claim.get("items").toString());
    var receipt = letters("receipt", lodged.get("receipt").stringValue());
    assertTrue(receipt.contains("Wren Tamsett"), receipt);
  }

  @Test
  public void whoSignedMeanwhileIsNotWaitedFor() throws Exception {
    var packet = (ObjectNode) json.readTree(Packets.meals(2));
    packet
        .withArray("signatures")
        .addObject()
        .put("person", "p2")
        .put("name", "Wren Tamsett")
        .put("on", "2026-11-23")
        .put("method", "screen");
    var application = begin(packet.toString());
    signsLater(application, OTHER);
    var claim = claim(body(lodging(application, 0)).get("claims").get(0).stringValue());
    assertFalse(
        claim.get("items").toString().contains("is still to sign"),
        claim.get("items").toString());
  }

  @Test
  public void theLastWordCountsForEach() throws Exception {
    var application = begin(Packets.meals(2));
    signsLater(application, AT_A_PHONE.formatted("0555 042 101"));
    assertEquals(listed(application).at("/0/contact").stringValue(), "0555 042 101");
    signsLater(application, "{\"person\": \"p2\", \"name\": \"Wren Tamsett-Holm\"}");
    var listed = listed(application);
    assertEquals(listed.size(), 1, listed.toString());
    assertEquals(listed.at("/0/name").stringValue(), "Wren Tamsett-Holm");
    assertTrue(listed.at("/0/contact").isNull(), "she comes to the office");
  }

  @Test
  public void whoSignsLaterIsAskedAtTheirOwnContactOnceItIsLodged() throws Exception {
    var application = begin(Packets.meals(2));
    signsLater(application, AT_A_PHONE.formatted("0555 042 102"));
    assertEquals(count("message where to_way = '0555 042 102'"), 0, "it may still be changed");
    var number = body(lodging(application, 0)).get("claims").get(0).stringValue();
    assertEquals(count("message where to_way = '0555 042 102'"), 1);
    assertEquals(
        asking(application, AT_A_PHONE.formatted("0555 042 105")).getResponse().getStatus(),
        422,
        "it is lodged");
    assertEquals(count("door_signer where number = '" + number + "'"), 1);
    assertTrue(claim(number).get("events").toString().contains("Wren Tamsett was asked to sign"));
  }

  @Test
  public void nobodyIsAskedAtTheContactOfWhoApplies() throws Exception {
    var application = begin(withPhone(Packets.meals(2), "0555 042 103", true));
    var refused = asking(application, AT_A_PHONE.formatted("0555-042-103"));
    assertEquals(refused.getResponse().getStatus(), 422);
    assertTrue(
        body(refused).toString().contains("of who applies"), body(refused).toString());
    assertEquals(
        asking(application, AT_A_PHONE.formatted("next door")).getResponse().getStatus(), 422);
    assertEquals(listed(application).size(), 0);

    signsLater(application, AT_A_PHONE.formatted("0555 042 104"));
    var changed = (ObjectNode) application.get("draft").deepCopy();
    ((ObjectNode) changed.at("/packet/household/people/0/contact")).put("phone", "0555 042 104");
    asIkenna(
        put("/api/applications/{id}", changed.toString(), application.get("id").stringValue())
            .header("If-Match", "\"0\""));
    var lodging = lodging(application, 1);
    assertEquals(lodging.getResponse().getStatus(), 422);
    assertTrue(
        body(lodging).get("faults").toString().contains("asked to sign at the contact"),
        body(lodging).toString());
  }

  @Test
  public void nobodyWithoutANameAndNoApplicationThatIsNotThere() throws Exception {
    var id = begin(Packets.meals(2)).get("id").stringValue();
    assertEquals(
        asIkenna(post(
                "/api/applications/{id}/signing-requests",
                "{\"person\": \"p2\", \"name\": \" \"}",
                id))
            .getResponse()
            .getStatus(),
        422);
    assertEquals(
        asIkenna(post(
                "/api/applications/{id}/signing-requests",
                OTHER,
                "00000000-0000-0000-0000-000000000000"))
            .getResponse()
            .getStatus(),
        404);
  }

  @DataProvider
  public static Object[][] thoseWhoAct() {
    return new Object[][] {
      {"{\"actsAs\": \"self\"}", true},
      {"{\"actsAs\": \"guardian\"}", false},
      {"{\"actsAs\": \"guardian\", \"actor\": {\"name\": \"Abel Nkemelu\"}}", false},
      {"{\"actsAs\": \"guardian\", \"declared\": true}", false},
      {
        "{\"actsAs\": \"representative\", \"actor\": {\"name\": \"Abel Nkemelu\"}, \"declared\": true}",
        true
      }
    };
  }

  @Test(dataProvider = "thoseWhoAct")
  public void whoActsForAHouseholdSaysWhoAndByWhatRight(String taking, boolean may)
      throws Exception {
    var application = begin(Packets.meals(2));
    var draft = (ObjectNode) application.get("draft").deepCopy();
    draft.set("taking", json.readTree(taking));
    var id = application.get("id").stringValue();
    assertEquals(
        asIkenna(put("/api/applications/{id}", draft.toString(), id).header("If-Match", "\"0\""))
            .getResponse()
            .getStatus(),
        200);
    var answer = lodging(application, 1);
    assertEquals(answer.getResponse().getStatus(), may ? 200 : 422);
    if (!may) {
      assertTrue(
          body(answer).get("faults").toString().contains("/taking/actor"),
          body(answer).toString());
    }
  }

  @Test
  public void whatNobodyConfirmedIsOpenOnEachClaimItBelongsTo() throws Exception {
    var application = begin(Packets.meals(2));
    var draft = (ObjectNode) application.get("draft").deepCopy();
    var taking = draft.putObject("taking");
    var marks = taking.putObject("marks");
    marks
        .putObject("/household/incomes/0/amount")
        .put("from", "wage register")
        .put("confirmed", false);
    marks.putObject("/household/address").put("from", "2026-01-12").put("confirmed", true);
    marks.putObject("/requests/1/answers/x").put("from", "tax register").put("confirmed", false);
    taking.putObject("paper").put("/household/people/1/birthDate", "illegible");
    var id = application.get("id").stringValue();
    asIkenna(put("/api/applications/{id}", draft.toString(), id).header("If-Match", "\"0\""));
    var lodged = body(lodging(application, 1));
    var items = claim(lodged.get("claims").get(0).stringValue()).get("items").toString();
    assertTrue(items.contains("Filled in (wage register) and not confirmed"), items);
    assertTrue(items.contains("Illegible on the paper form"), items);
    assertFalse(items.contains("2026-01-12"), items);
    assertFalse(items.contains("tax register"), items);
  }
}
