package civitane.app;

import java.time.LocalDate;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** A notice is seen by all who deal with a household until its day; a reminder by who made it, from its day on. */
public class RememberingTest extends OnDatabase {
  private static final String DAY = "{\"words\": \"%s\", \"%s\": \"%s\"}";

  private String household(String number) throws Exception {
    return claim(number).get("household").stringValue();
  }

  private MvcResult pin(String household, String words, LocalDate until) throws Exception {
    return asIkenna(post(
        "/api/households/{household}/notices", DAY.formatted(words, "until", until), household));
  }

  private JsonNode seenByPia(String household) throws Exception {
    return body(as("pia", "FRONT_DESK", get("/api/households/{household}/notices", household)));
  }

  @Test
  public void aNoticeIsSeenByAllUntilItIsTakenOff() throws Exception {
    var household = household(claimOf(Packets.meals(2)));
    var today = LocalDate.now(clock);
    assertEquals(
        pin(household, "deaf in one ear", today.plusDays(30)).getResponse().getStatus(), 200);
    var seen = seenByPia(household);
    assertEquals(seen.at("/0/words").stringValue(), "deaf in one ear");
    assertEquals(seen.at("/0/by").stringValue(), "Ikenna Okonjo");
    assertEquals(
        pin(household, "over already", today.minusDays(1)).getResponse().getStatus(), 422);
    assertEquals(pin(household, "  ", today.plusDays(1)).getResponse().getStatus(), 422);
    var off = asIkenna(post(
        "/api/households/{household}/notices/{notice}/off",
        "",
        household,
        seen.at("/0/id").stringValue()));
    assertEquals(off.getResponse().getStatus(), 200);
    assertEquals(seenByPia(household).size(), 0);
  }

  @Test
  public void aNoticeOfAnotherHouseholdIsNotThere() throws Exception {
    var one = household(claimOf(Packets.meals(2)));
    var other = household(claimOf(Packets.meals(2)));
    pin(one, "visit in twos", LocalDate.now(clock).plusDays(3));
    var id = seenByPia(one).at("/0/id").stringValue();
    var off = asIkenna(post("/api/households/{household}/notices/{notice}/off", "", other, id));
    assertEquals(off.getResponse().getStatus(), 404);
    assertEquals(seenByPia(one).size(), 1);
  }

  private MvcResult remind(String number, LocalDate on) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/reminders", DAY.formatted("ask the school again", "on", on), number));
  }

  private JsonNode due(String login) throws Exception {
    return body(as(login, "CASEWORKER", get("/api/reminders")));
  }

  private boolean isTold(JsonNode due, String number) {
    return due.valueStream().anyMatch(one -> one.get("claim").stringValue().equals(number));
  }

  @Test
  public void aReminderIsToldFromItsDayOnToWhoMadeItAlone() throws Exception {
    var number = claimOf(Packets.meals(2));
    var today = LocalDate.now(clock);
    assertEquals(remind(number, today).getResponse().getStatus(), 422);
    assertEquals(remind(number, today.plusDays(2)).getResponse().getStatus(), 200);
    assertTrue(!isTold(due("ikenna"), number), "its day has not come");
    database
        .sql("update own_reminder set on_day = ? where claim = ?")
        .params(java.sql.Date.valueOf(today.minusDays(1)), number)
        .update();
    assertTrue(isTold(due("ikenna"), number));
    assertTrue(!isTold(due("maud"), number));
    var id = body(asIkenna(get("/api/claims/{number}/reminders", number)))
        .at("/0/id")
        .stringValue();
    var notHers = as(
        "maud",
        "CASEWORKER",
        post("/api/claims/{number}/reminders/{reminder}/done", "", number, id));
    assertEquals(notHers.getResponse().getStatus(), 404);
    asIkenna(post("/api/claims/{number}/reminders/{reminder}/done", "", number, id));
    assertTrue(!isTold(due("ikenna"), number));
  }
}
