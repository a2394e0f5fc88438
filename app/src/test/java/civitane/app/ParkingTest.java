package civitane.app;

import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What somebody was called away from comes back with the cursor where it was, to them alone. */
public class ParkingTest extends OnDatabase {
  private static final String CLAIM = """
      {"claim": "%s", "where": {"part": "%s", "field": "f", "label": "Monthly rent", "caret": 3}}""";

  private MvcResult park(String body) throws Exception {
    return asIkenna(post("/api/parked", body));
  }

  private JsonNode parked(String login, String what) throws Exception {
    var all = body(as(login, "CASEWORKER", get("/api/parked")));
    var of = json.createArrayNode();
    all.forEach(one -> {
      if (one.toString().contains(what)) {
        of.add(one);
      }
    });
    return of;
  }

  @Test
  public void aClaimComesBackWhereTheyWereAndOnce() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(park(CLAIM.formatted(number, "papers")).getResponse().getStatus(), 200);
    assertEquals(park(CLAIM.formatted(number, "ledger")).getResponse().getStatus(), 200);
    var mine = parked("ikenna", number);
    assertEquals(mine.size(), 1, "the place it is at now, not each it was at");
    assertEquals(mine.at("/0/where/part").stringValue(), "ledger");
    assertEquals(mine.at("/0/where/caret").intValue(), 3);
    assertEquals(mine.at("/0/service").stringValue(), "schoolMeals");
    assertTrue(mine.at("/0/who").isString());
    assertEquals(parked("maud", number).size(), 0, "nobody else's");
    var id = mine.at("/0/id").stringValue();
    var others = as("maud", "CASEWORKER", post("/api/parked/{id}/taken-up", "", id));
    assertEquals(others.getResponse().getStatus(), 404);
    assertEquals(
        asIkenna(post("/api/parked/{id}/taken-up", "", id)).getResponse().getStatus(), 200);
    assertEquals(parked("ikenna", number).size(), 0);
  }

  @Test
  public void anApplicationIsParkedWhileItIsTaken() throws Exception {
    var id = body(asIkenna(post("/api/applications", ""))).get("id").stringValue();
    var where = "{\"application\": \"%s\", \"where\": {\"part\": \"money\"}}".formatted(id);
    assertEquals(park(where).getResponse().getStatus(), 200);
    assertEquals(parked("ikenna", id).at("/0/where/part").stringValue(), "money");
    asIkenna(delete("/api/applications/{id}", id));
    assertEquals(parked("ikenna", id).size(), 0);
    assertEquals(park(where).getResponse().getStatus(), 404);
  }

  @Test
  public void whatCantBeParkedIsSaidAtOnce() throws Exception {
    var refused = park("{\"where\": {\"part\": \" \", \"caret\": -1, \"label\": \"%s\"}}"
        .formatted("long ".repeat(60)));
    assertEquals(refused.getResponse().getStatus(), 422);
    var said = refused.getResponse().getContentAsString();
    for (var place : new String[] {"/application", "/where/part", "/where/caret", "/where/label"}) {
      assertTrue(said.contains(place), said);
    }
    assertEquals(park(CLAIM.formatted("HA-26-999999-9", "papers")).getResponse().getStatus(), 404);
  }
}
