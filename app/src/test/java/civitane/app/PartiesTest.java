package civitane.app;

import org.awaitility.Awaitility;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Somebody outside is one record for all who name them; what they say wakes every claim that waits for it. */
public class PartiesTest extends OnDatabase {

  private String rentOf(int household, String landlord) throws Exception {
    var meals = Packets.meals(household, 2, "en");
    return claimOf(meals.substring(0, meals.indexOf("\"requests\""))
        + """
        "requests": [{"service": "rentRelief", "answers": {"monthlyRent": 640, "comingMonths": 2,
          "hardship": ["lostWork"], "leaseNames": ["Badi Tamsett"], "landlord": {"name": "%s"}}}],
        """.formatted(landlord)
        + meals.substring(meals.indexOf("\"signatures\"")));
  }

  private JsonNode list(String kind, String start) throws Exception {
    return body(asIkenna(get("/api/parties").param("kind", kind).param("start", start)));
  }

  private String idOf(String name) throws Exception {
    var found = list("landlord", name);
    assertEquals(found.size(), 1, found.toString());
    return found.at("/0/id").stringValue();
  }

  private JsonNode party(String id) throws Exception {
    return body(asIkenna(get("/api/parties/{id}", id)));
  }

  private JsonNode sent(String path, String id, String body, int status) throws Exception {
    var result = asIkenna(post("/api/parties/{id}/" + path, body, id));
    assertEquals(
        result.getResponse().getStatus(), status, result.getResponse().getContentAsString());
    return body(result);
  }

  private static String told(JsonNode party, String rest) {
    return "{\"version\": %d, \"name\": \"%s\", \"how\": \"their letter\", %s}"
        .formatted(party.get("version").intValue(), party.get("name").stringValue(), rest);
  }

  private String items(String number) throws Exception {
    return claim(number).get("items").toString();
  }

  private boolean waitsForOthers(String number) throws Exception {
    return items(number).contains("thirdParty");
  }

  @Test
  public void whatALandlordSaysOnceWakesEveryClaimThatWaits() throws Exception {
    var one = rentOf(950, "Tollgate Lettings");
    var other = rentOf(951, "tollgate  lettings");
    assertTrue(waitsForOthers(one) && waitsForOthers(other), items(one));
    var id = idOf("Tollgate");
    assertEquals(party(id).get("waiting").size(), 2, "one record for both ways to write it");

    assertEquals(
        sent("asked", id, "{\"how\": \"by letter\"}", 200).get("claims").intValue(), 2);
    var today = java.time.LocalDate.now(clock).toString();
    assertEquals(claim(one).at("/packet/requests/0/answers/landlord/askedOn").stringValue(), today);
    assertTrue(claim(other).get("events").toString().contains("by letter"));

    sent(
        "told",
        id,
        told(party(id), "\"takesPart\": true, \"iban\": \"NL91 ABNA 0417 1643 00\""),
        200);
    Awaitility.await().atMost(PATIENCE).until(() -> !waitsForOthers(one) && !waitsForOthers(other));
    var landlord = claim(other).at("/packet/requests/0/answers/landlord");
    assertTrue(landlord.get("agrees").booleanValue(), landlord.toString());
    assertEquals(landlord.get("iban").stringValue(), "•••• 4300");
    assertTrue(party(id).get("waiting").isEmpty());

    var late = rentOf(952, "Tollgate Lettings");
    assertFalse(waitsForOthers(late), "who is known to take part is not waited for");
  }

  @Test
  public void twoNamesOfOneAreJoinedAndParted() throws Exception {
    var one = rentOf(953, "Marshgate Homes");
    var other = rentOf(954, "Marshgate Home");
    var id = idOf("Marshgate Homes");
    var near = party(id).get("alike");
    assertEquals(near.size(), 1, near.toString());
    var twin = near.at("/0/id").stringValue();
    sent("same", twin, "{\"other\": \"" + id + "\"}", 200);
    assertEquals(party(id).get("waiting").size(), 2);
    assertTrue(list("landlord", "Marshgate").size() == 1, "the other is not listed any more");
    sent("told", id, told(party(id), "\"takesPart\": true"), 200);
    Awaitility.await().atMost(PATIENCE).until(() -> !waitsForOthers(one) && !waitsForOthers(other));
    sent("apart", twin, "", 200);
    Awaitility.await().atMost(PATIENCE).until(() -> waitsForOthers(other));
    assertFalse(waitsForOthers(one));
  }

  @Test
  public void whatIsWrongOrOvertakenIsRefused() throws Exception {
    rentOf(956, "Weirside Rooms");
    var id = idOf("Weirside");
    var before = party(id);
    sent("told", id, told(before, "\"iban\": \"NL00ABNA0417164300\""), 422);
    sent("told", id, told(before, "\"takesPart\": false"), 200);
    sent("told", id, told(before, "\"takesPart\": true"), 412);
    sent("same", id, "{\"other\": \"" + id + "\"}", 422);
    sent("apart", id, "", 422);
  }

  @Test
  public void aLenderThatNobodyKnewIsAddedWithItsName() throws Exception {
    var added =
        asIkenna(post("/api/parties", "{\"kind\": \"lender\", \"name\": \"Saltmarsh Mutual\"}"));
    assertEquals(added.getResponse().getStatus(), 200, added.getResponse().getContentAsString());
    assertEquals(list("lender", "saltm").size(), 1);
    var again =
        asIkenna(post("/api/parties", "{\"kind\": \"lender\", \"name\": \"SALTMARSH mutual\"}"));
    assertEquals(again.getResponse().getStatus(), 422);
  }
}
