package civitane.app;

import java.time.LocalDate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What makes a claim press beside its clock: a day outside, a wish to hurry, the day it reached the office. */
public class PressingTest extends OnDatabase {
  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private JsonNode typed(int number, ObjectNode taking) throws Exception {
    var application = begin(Packets.meals(number));
    var draft = (ObjectNode) application.get("draft").deepCopy();
    draft.set("taking", taking);
    asIkenna(
        put("/api/applications/{id}", draft.toString(), application.get("id").stringValue())
            .header("If-Match", "\"0\""));
    return application;
  }

  private ObjectNode outside(String what, LocalDate on) {
    var taking = json.createObjectNode();
    taking.putObject("outside").put("what", what).put("on", on.toString()).put("shownBy", "notice");
    return taking;
  }

  private JsonNode asked(String number, String path, String body) throws Exception {
    var result = asIkenna(post("/api/claims/{number}/" + path, body, number));
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    return body(result);
  }

  private String on(JsonNode claim, String rest) {
    return "{\"version\": " + claim.get("version").intValue() + ", " + rest + "}";
  }

  private JsonNode row(String number) throws Exception {
    return onDesk().stream()
        .filter(row -> number.equals(row.get("number").stringValue()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void aDayOutsideOrdersTheDeskAndSaysWhenOurAnswerIsTooLate() throws Exception {
    var taking = outside("homeLost", today().plusDays(1));
    taking.put("hurry", "the locks are changed that day");
    var number = body(lodging(typed(940, taking), 1)).get("claims").get(0).stringValue();
    var row = row(number);
    assertEquals(row.at("/outside/words").stringValue(), "Loss of the home");
    assertTrue(
        row.at("/outside/late").stringValue().contains("before our answer is due"), row.toString());
    assertEquals(row.at("/next/words").stringValue(), "Answer the wish to hurry");
    assertEquals(
        database
            .sql("select pressing_on from claim where number = ?")
            .param(number)
            .query(LocalDate.class)
            .single(),
        today().plusDays(1));

    var claim = taken(number);
    var hurried = asked(
        number, "wish/answer", on(claim, "\"yes\": true, \"because\": \"nowhere else to go\""));
    assertTrue(hurried.get("urgent").booleanValue());
    assertTrue(hurried.get("events").toString().contains("nowhere else to go"));
    assertTrue(row(number).get("urgent").booleanValue());
    var none = asked(number, "outside-date", on(hurried, "\"what\": null"));
    assertTrue(none.get("outside").isNull());
    var later = asked(
        number,
        "outside-date",
        on(none, "\"what\": \"term\", \"on\": \"" + today().plusDays(90) + "\""));
    assertTrue(later.at("/outside/late").isNull(), "our answer comes in time");
  }

  @DataProvider
  public Object[][] noDaysToAnswerBefore() {
    return new Object[][] {{"homeLost", -1, "/taking/outside/on"}, {"party", 3, "/taking/outside"}};
  }

  @Test(dataProvider = "noDaysToAnswerBefore")
  public void aDayThatIsOverOrOfNothingIsRefused(String what, int days, String pointer)
      throws Exception {
    var answer = lodging(typed(941, outside(what, today().plusDays(days))), 1);
    assertEquals(answer.getResponse().getStatus(), 422);
    var faults = body(answer).get("faults");
    assertEquals(faults.size(), 1, faults.toString());
    assertEquals(faults.at("/0/pointer").stringValue(), pointer);
  }

  @Test
  public void theDayItReachedUsIsChangedByTwoAndTheRulesGoByIt() throws Exception {
    var number = claimOf(Packets.meals(942));
    var claim = taken(number);
    var day = today().minusDays(3);
    var said =
        asked(number, "reached", on(claim, "\"on\": \"" + day + "\", \"shownBy\": \"post stamp\""));
    assertEquals(said.get("lodgedOn").stringValue(), today().toString());
    assertEquals(said.at("/next/words").stringValue(), "Agree to the day it reached us");
    assertTrue(said.get("items").toString().contains("other than Ikenna Okonjo"), "by name");
    var own = asIkenna(post(
        "/api/claims/{number}/reached/answer",
        on(said, "\"yes\": true, \"because\": \"\""),
        number));
    assertEquals(own.getResponse().getStatus(), 422, "not by whoever found it");
    var other = as(
        "maud",
        "CASEWORKER",
        post(
            "/api/claims/{number}/reached/answer",
            on(said, "\"yes\": true, \"because\": \"\""),
            number));
    assertEquals(other.getResponse().getStatus(), 200, other.getResponse().getContentAsString());
    var agreed = body(other);
    assertEquals(agreed.get("lodgedOn").stringValue(), day.toString());
    assertEquals(agreed.at("/packet/lodgedOn").stringValue(), day.toString());
    assertEquals(agreed.get("worked").intValue(), 3);
    assertFalse(agreed.get("events").toString().contains("ikenna\","), "people are named");
  }

  @Test
  public void aRoundIsTheClaimsWithOneNextStep() throws Exception {
    claimOf(Packets.meals(943));
    holds(this::roundsAreCountedRight);
    assertEquals(asIkenna(get("/api/desk").param("round", "nap")).getResponse().getStatus(), 404);
  }

  private void roundsAreCountedRight() throws Exception {
    var desk = body(asIkenna(get("/api/desk")));
    var counted = 0L;
    for (var round : desk.get("rounds")) {
      var rows = onDesk("ikenna", "CASEWORKER", round.get("step").stringValue());
      assertEquals(rows.size(), round.get("claims").longValue(), round.toString());
      counted += rows.size();
    }
    assertEquals(counted, onDesk().size());
  }
}
