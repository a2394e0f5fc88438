package civitane.app;

import civitane.core.time.WorkingDays;
import java.time.Duration;
import java.time.LocalDate;
import org.awaitility.Awaitility;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What a household has to do by a day on which the office is closed can be done on the next day that it is open. */
public class ClosuresTest extends OnDatabase {

  /** Far from the days of all other tests, which a closure would move, and while what was consented to still holds. */
  private static final Duration LATER = Duration.ofDays(250);

  @BeforeMethod
  public void later() {
    clock.ahead(LATER);
  }

  @AfterMethod
  public void backToToday() {
    clock.ahead(Duration.ZERO);
  }

  private MvcResult declared(LocalDate from, LocalDate until, String because) throws Exception {
    return as("teun", "SENIOR", post("/api/closures", """
        {"from": "%s", "until": "%s", "because": "%s"}""".formatted(from, until, because)));
  }

  private JsonNode closures() throws Exception {
    return body(as("pia", "FRONT_DESK", get("/api/closures")));
  }

  private LocalDate dueOn(String number) throws Exception {
    return LocalDate.parse(claim(number).at("/items/0/dueOn").stringValue());
  }

  @Test
  public void whatIsWantedOfHouseholdsMoves() throws Exception {
    var number = claimOf(Packets.meals(3));
    taken(number);
    var due = dueOn(number);
    var asked = asIkenna(post(
        "/api/claims/{number}/correction",
        """
        {"version": %d, "until": "%s", "items": [{"item": 1, "settles": ""}]}
        """.formatted(claim(number).get("version").intValue(), due),
        number));
    assertEquals(asked.getResponse().getStatus(), 200, asked.getResponse().getContentAsString());

    var closed = declared(due.minusDays(1), due.plusDays(1), "flood in the lower hall");
    assertEquals(closed.getResponse().getStatus(), 200, closed.getResponse().getContentAsString());
    var open = WorkingDays.onOrAfter(due.plusDays(2));
    Awaitility.await().atMost(PATIENCE).untilAsserted(() -> assertEquals(dueOn(number), open));
    assertTrue(claim(number).get("events").toString().contains("flood in the lower hall"));
    var letter = body(asIkenna(get("/api/claims/{number}/correction", number))).at("/sent/0");
    assertEquals(letter.get("dueOn").stringValue(), open.toString(), letter.toString());
    var told = letters("moreTime", number);
    assertTrue(told.contains("Our office is closed from"), told);
    assertTrue(told.contains("flood in the lower hall"), told);

    var more = asIkenna(post(
        "/api/claims/{number}/items/1/more-time",
        """
        {"version": %d, "until": "%s", "because": "ill"}
        """.formatted(claim(number).get("version").intValue(), open.plusDays(7)),
        number));
    assertEquals(more.getResponse().getStatus(), 200, more.getResponse().getContentAsString());
    assertEquals(dueOn(number), WorkingDays.onOrAfter(open.plusDays(7)));
  }

  @Test
  public void theLastDayToAppealMovesToo() throws Exception {
    var number = claimOf(Packets.meals(2).replace("\"amount\": 430.00", "\"amount\": 2430.00"));
    assertEquals(decision(number, taken(number), false).getResponse().getStatus(), 200);
    var last = lastDay(number);
    assertEquals(last, WorkingDays.onOrAfter(last), "an open day");
    declared(last, last, "power cut");
    assertEquals(lastDay(number), WorkingDays.onOrAfter(last.plusDays(1)));
    var mine = closures()
        .valueStream()
        .filter(one -> one.get("from").stringValue().equals(last.toString()))
        .findFirst()
        .orElseThrow();
    assertEquals(mine.get("by").stringValue(), "Teun Abara");
    var back = as(
        "teun",
        "SENIOR",
        post("/api/closures/{id}/taken-back", "", mine.get("id").stringValue()));
    assertFalse(body(back).toString().contains("power cut"));
    assertEquals(lastDay(number), last);
  }

  private LocalDate lastDay(String number) throws Exception {
    var decided = body(asIkenna(get("/api/claims/{number}/working", number))).get("decision");
    return LocalDate.parse(decided.get("appealableUntil").stringValue());
  }

  @Test
  public void onlyASeniorDeclaresOneAndSaysWhyAndWhen() throws Exception {
    var today = LocalDate.now(clock);
    var asked = as("ikenna", "CASEWORKER", post("/api/closures", """
        {"from": "%s", "until": "%s", "because": "flood"}""".formatted(today, today)));
    assertEquals(asked.getResponse().getStatus(), 403);
    assertEquals(declared(today, today.minusDays(1), "flood").getResponse().getStatus(), 422);
    assertEquals(declared(today, today, " ").getResponse().getStatus(), 422);
    assertEquals(declared(today.minusDays(31), today, "flood").getResponse().getStatus(), 422);
    assertEquals(declared(today, today.plusDays(61), "flood").getResponse().getStatus(), 422);
  }
}
