package civitane.app;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Claims are handed over, given more time, withdrawn, lapsed and opened again: by whoever has them, with a reason. */
public class MovingTest extends OnDatabase {
  private int move(String number, String what, String rest, int version) throws Exception {
    return asIkenna(post(
            "/api/claims/{number}/" + what, "{\"version\": " + version + ", " + rest + "}", number))
        .getResponse()
        .getStatus();
  }

  private static int version(JsonNode claim) {
    return claim.get("version").intValue();
  }

  @Test
  public void aClaimIsHandedOverToSomebodyWhoWorksClaims() throws Exception {
    var number = claimOf(Packets.meals(2));
    var version = version(taken(number));
    assertEquals(
        move(number, "hand-over", "\"to\": \"pia\", \"because\": \"leave\"", version), 422);
    assertEquals(move(number, "hand-over", "\"to\": \"maud\", \"because\": \" \"", version), 422);
    assertEquals(
        move(number, "hand-over", "\"to\": \"maud\", \"because\": \"leave\"", version), 200);
    assertEquals(claim(number).get("holder").stringValue(), "Maud Verhallen");
    assertEquals(
        move(number, "withdrawn", "\"because\": \"they called\"", version(claim(number))),
        412,
        "it is another's now");
    var names = body(asIkenna(get("/api/staff"))).toString();
    assertTrue(names.contains("Maud") && !names.contains("Pia"), names);
  }

  @Test
  public void moreTimeMovesTheDayOfOneItem() throws Exception {
    var number = claimOf(Packets.meals(3));
    taken(number);
    var item = claim(number).get("items").get(0);
    var due = java.time.LocalDate.parse(item.get("dueOn").stringValue());
    var path = "items/" + item.get("id").intValue() + "/more-time";
    var earlier = "\"until\": \"" + due.minusDays(1) + "\", \"because\": \"the post is slow\"";
    assertEquals(move(number, path, earlier, version(claim(number))), 422);
    var later = "\"until\": \"" + due.plusDays(10) + "\", \"because\": \"the post is slow\"";
    assertEquals(move(number, path, later, version(claim(number))), 200);
    var moved =
        java.time.LocalDate.parse(claim(number).get("items").get(0).get("dueOn").stringValue());
    assertTrue(!moved.isBefore(due.plusDays(10)), "a closed day moves it on: " + moved);
  }

  @Test
  public void whatIsWithdrawnOrLapsedMayBeOpenedAgain() throws Exception {
    for (var end : new String[] {"withdrawn", "lapsed"}) {
      var number = claimOf(Packets.meals(2));
      taken(number);
      var because = "\"because\": \"nobody answered\"";
      assertEquals(move(number, end, because, version(claim(number))), 200, end);
      assertEquals(claim(number).get("state").stringValue(), end);
      assertEquals(move(number, end, because, version(claim(number))), 422, "once only");
      assertEquals(
          move(number, "opened-again", "\"because\": \"they came\"", version(claim(number))), 200);
      assertEquals(claim(number).get("state").stringValue(), "open");
    }
  }
}
