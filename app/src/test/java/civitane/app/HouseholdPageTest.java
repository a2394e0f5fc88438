package civitane.app;

import java.time.LocalDate;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A household on one page: who they are, what they asked for, get and owe, as it stood on any day. */
public class HouseholdPageTest extends OnDatabase {

  private JsonNode page(String number, String... query) throws Exception {
    var asked =
        get("/api/households/{household}", claim(number).get("household").stringValue());
    for (var i = 0; i < query.length; i += 2) {
      asked.param(query[i], query[i + 1]);
    }
    var seen = asIkenna(asked);
    assertEquals(seen.getResponse().getStatus(), 200, seen.getResponse().getContentAsString());
    return body(seen);
  }

  @Test
  public void tellsWhatIsKnownAskedGrantedAndWritten() throws Exception {
    var number = claimOf(Packets.meals(2));
    var open = page(number);
    assertEquals(open.at("/claims/0/number").stringValue(), number);
    assertEquals(open.get("people").size(), 2);
    assertEquals(open.get("gets").size(), 0);
    assertTrue(open.get("facts").toString().contains("€430.00 a week"), open.toString());
    assertTrue(open.get("letters").toString().contains("R-"), "the receipt");
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var granted = page(number);
    assertEquals(granted.at("/gets/0/claim").stringValue(), number, granted.toString());
    assertTrue(granted.get("letters").toString().contains(number), granted.toString());
  }

  @Test
  public void whatWasNotKnownYetIsNotOnIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var before = page(number, "knownOn", LocalDate.now(clock).minusDays(1).toString());
    assertEquals(before.get("people").size(), 0);
    assertEquals(before.get("facts").size(), 0);
    assertEquals(before.get("gets").size(), 0);
    assertEquals(before.get("changedOn").toString(), "[\"" + LocalDate.now(clock) + "\"]");
  }

  @Test
  public void whatRunsOutIsNotGotAfterwards() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var until = page(number).at("/gets/0/until").stringValue();
    assertEquals(page(number, "holdsOn", until).get("gets").size(), 1);
    var after = LocalDate.parse(until).plusDays(1).toString();
    assertEquals(page(number, "holdsOn", after).get("gets").size(), 0);
  }

  @Test
  public void numbersOfPeopleAndAccountsAreNotWhole() throws Exception {
    var whole = "6485889106";
    var packet = Packets.meals(2)
        .replace(
            "\"residentNumber\": null, \"residentNumberMissing\": \"declined\"",
            "\"residentNumber\": \"" + whole + "\"");
    var page = page(claimOf(packet)).toString();
    assertFalse(page.contains(whole), page);
    assertTrue(page.contains("•••• 9106"), page);
  }

  @Test
  public void theFrontDeskDoesNotSeeItAndAHouseholdThatIsNotThereIsNotFound() throws Exception {
    var household = claim(claimOf(Packets.meals(2))).get("household").stringValue();
    var front = as("pia", "FRONT_DESK", get("/api/households/{household}", household));
    assertEquals(front.getResponse().getStatus(), 403);
    var nobody =
        asIkenna(get("/api/households/{household}", "00000000-0000-0000-0000-000000000001"));
    assertEquals(nobody.getResponse().getStatus(), 404);
  }

  @Test
  public void aNoteIsInTheRecordAndAnEmptyOneIsNone() throws Exception {
    var number = claimOf(Packets.meals(2));
    var noted = asIkenna(
        post("/api/claims/{number}/notes", "{\"text\": \"Rings on Tuesday again\"}", number));
    assertTrue(body(noted).get("events").toString().contains("Rings on Tuesday again"));
    assertEquals(body(noted).get("state").stringValue(), "lodged");
    var empty = asIkenna(post("/api/claims/{number}/notes", "{\"text\": \" \"}", number));
    assertEquals(empty.getResponse().getStatus(), 422);
  }
}
