package civitane.app;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What was given for months that are over, beyond what is due, is asked back: with whose cause it is, and only while that stands. */
public class DebtTest extends OnDatabase {
  private static final String THEIRS =
      "\"cause\": {\"amount\": %s, \"cause\": \"theirs\", \"because\": \"the help rose in spring\"}";

  @AfterMethod
  public void today() {
    clock.ahead(Duration.ZERO);
  }

  private void accepted(String number, String kind, Map<String, String> about) throws Exception {
    var request = MockMvcRequestBuilders.post("/api/claims/{number}/papers", number)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(MadePapers.png(300, 300, kind + number))
        .header("X-Paper-Kind", kind);
    about.forEach((head, value) -> request.header("X-Paper-" + head, value));
    var id = body(asIkenna(request)).get("id").stringValue();
    var name = claim(number).get("householdName").stringValue();
    var read = asIkenna(post(
        "/api/claims/{number}/papers/{id}/read",
        """
        {"version": 0, "kind": "%s", "person": "p1", %s "nameOnPaper": "%s", "faults": [],
         "nameAccepted": true, "because": "seen"}""".formatted(kind, about.containsKey("Income") ? "\"income\": \"i1\"," : "", name),
        number,
        id));
    assertEquals(read.getResponse().getStatus(), 200, read.getResponse().getContentAsString());
  }

  /** An allowance that was granted a hundred days ago. */
  private String granted() throws Exception {
    var number = claimOf(Packets.allowance(300));
    taken(number);
    accepted(number, "passport", Map.of("Person", "p1"));
    accepted(number, "workCard", Map.of("Person", "p1"));
    accepted(number, "cashIncomeLetter", Map.of("Person", "p1", "Income", "i1"));
    var granted = decision(number, claim(number), true);
    assertEquals(granted.getResponse().getStatus(), 200, working(number).toString());
    clock.ahead(Duration.ofDays(100));
    return number;
  }

  /** Reports that more help comes since a day, tells them that it is less, and notes what they say. */
  private void lessened(String number, int euros, LocalDate since) throws Exception {
    var household = claim(number).get("household").stringValue();
    var begun = body(asIkenna(post("/api/households/{household}/changes", "", household)));
    var draft = (ObjectNode) begun.get("draft");
    ((ObjectNode) draft.at("/packet/household/incomes/0")).put("amount", euros);
    draft.withObject("/taking/change").put("on", since.toString()).put("told", "by phone");
    var id = begun.get("id").stringValue();
    var typed = asIkenna(put("/api/applications/{id}", draft.toString(), id)
        .header("If-Match", "\"" + begun.get("version").intValue() + "\""));
    var reported = asIkenna(post("/api/applications/{id}/report", "", id)
        .header("If-Match", "\"" + body(typed).get("version").intValue() + "\""));
    assertEquals(
        reported.getResponse().getStatus(), 200, reported.getResponse().getContentAsString());
    accepted(number, "cashIncomeLetter", Map.of("Person", "p1", "Income", "i1"));
    for (var step : new String[] {"notice", "notice/answer"}) {
      var told = asIkenna(post(
          "/api/claims/" + number + "/" + step,
          "{\"version\": %d, \"because\": \"by phone: it is so\"}"
              .formatted(claim(number).get("version").intValue())));
      assertEquals(told.getResponse().getStatus(), 200, told.getResponse().getContentAsString());
    }
  }

  private JsonNode working(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/working", number)));
  }

  private MvcResult decide(String number, String cause) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/decision",
        "{\"version\": %d, \"grant\": true %s}"
            .formatted(
                claim(number).get("version").intValue(), cause.isEmpty() ? "" : ", " + cause),
        number));
  }

  private JsonNode owes(String number) throws Exception {
    var household = claim(number).get("household").stringValue();
    return body(asIkenna(get("/api/households/{household}", household))).get("owes");
  }

  private String lessenedAndDecided() throws Exception {
    var number = granted();
    lessened(number, 900, LocalDate.now(clock).minusDays(60));
    var toAsk = working(number).at("/tooMuchIfGranted/toAsk").decimalValue();
    var decided = decide(number, THEIRS.formatted(toAsk));
    assertEquals(
        decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    return number;
  }

  @Test
  public void itIsAskedWhoseCauseItIsAndTheLetterTellsIt() throws Exception {
    var number = granted();
    assertEquals(owes(number).size(), 0);
    lessened(number, 900, LocalDate.now(clock).minusDays(60));
    var notice = letters("notice", number);
    assertTrue(notice.contains("more than you are due"), notice);
    var much = working(number).get("tooMuchIfGranted");
    assertTrue(much.get("stretches").size() >= 2, much.toString());
    assertTrue(
        working(number)
                .at("/tooMuchIfRefused/over")
                .decimalValue()
                .compareTo(much.get("over").decimalValue())
            > 0,
        "refused it would be more");
    var toAsk = much.get("toAsk").decimalValue();
    var nobodys = decide(number, "");
    assertEquals(nobodys.getResponse().getStatus(), 422);
    assertTrue(nobodys.getResponse().getContentAsString().contains("whose cause"));
    var another = decide(number, THEIRS.formatted("1.00"));
    assertEquals(another.getResponse().getStatus(), 412, "not what was looked at");
    assertEquals(owes(number).size(), 0);
    assertEquals(decide(number, THEIRS.formatted(toAsk)).getResponse().getStatus(), 200);
    var debt = owes(number).get(0);
    assertEquals(debt.get("amount").decimalValue().compareTo(toAsk), 0, debt.toString());
    assertEquals(debt.get("cause").stringValue(), "theirs");
    assertEquals(debt.get("claim").stringValue(), number);
    var letter = letters("decision", number);
    assertTrue(letter.contains("the help rose in spring"), letter);
    assertTrue(letter.contains(number + "-D2"), letter);
    assertTrue(claim(number).get("events").toString().contains("it is asked back"));
  }

  @Test
  public void aDecisionTakenBackLeavesNoDebt() throws Exception {
    var number = lessenedAndDecided();
    assertEquals(owes(number).size(), 1);
    var back = asIkenna(post(
        "/api/claims/{number}/decision-taken-back",
        "{\"version\": %d, \"because\": \"the day was wrong\"}"
            .formatted(claim(number).get("version").intValue()),
        number));
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    assertEquals(owes(number).size(), 0);
    assertTrue(
        working(number).at("/tooMuchIfGranted/toAsk").decimalValue().signum() > 0,
        "it is asked anew");
  }

  @Test
  public void aSeniorLetsThemOffAPartAndThenTheRest() throws Exception {
    var number = lessenedAndDecided();
    var household = claim(number).get("household").stringValue();
    var debt = owes(number).get(0);
    var whole = debt.get("amount").decimalValue();
    var path =
        "/api/households/" + household + "/debts/" + debt.get("ref").stringValue() + "/let-off";
    var body = "{\"amount\": %s, \"because\": \"%s\"}";
    assertEquals(
        asIkenna(post(path, body.formatted("10.00", "so"))).getResponse().getStatus(), 403);
    for (var wrong : new String[] {"0", "-1", whole.add(whole).toString()}) {
      var refused = as("edda", "SENIOR", post(path, body.formatted(wrong, "so")));
      assertEquals(refused.getResponse().getStatus(), 422, wrong);
    }
    assertEquals(
        as("edda", "SENIOR", post(path, body.formatted("10.00", " ")))
            .getResponse()
            .getStatus(),
        422,
        "with a reason");
    var part = as("edda", "SENIOR", post(path, body.formatted("10.00", "noted in June")));
    assertEquals(part.getResponse().getStatus(), 200, part.getResponse().getContentAsString());
    assertEquals(
        owes(number)
            .get(0)
            .get("amount")
            .decimalValue()
            .compareTo(whole.subtract(java.math.BigDecimal.TEN)),
        0);
    assertTrue(claim(number).get("events").toString().contains("noted in June"));
    var told = letters("letOff", number);
    assertTrue(told.contains("We do not ask for €10.00 of it any more."), told);
    assertTrue(told.contains("noted in June") && told.contains("What is left is"), told);
    var rest = body.formatted(whole.subtract(java.math.BigDecimal.TEN), "all");
    var seniors = List.of("edda", "teun");
    var atOnce = atOnce(
        2,
        i -> () -> as(seniors.get(i), "SENIOR", post(path, rest)).getResponse().getStatus());
    assertEquals(Collections.frequency(atOnce, 200), 1, "no more than is left: " + atOnce);
    assertEquals(owes(number).size(), 0);
    assertTrue(letters("letOff", number).contains("You need not pay all of this back"));
    assertTrue(letters("letOff", number).contains("Nothing of it is left to pay."));
  }

  @Test
  public void anOpenAppealMakesItWait() throws Exception {
    var number = lessenedAndDecided();
    assertTrue(owes(number).get(0).get("appeal").isNull());
    var begun = body(as("maud", "CASEWORKER", post("/api/claims/{number}/appeal", "", number)));
    var draft = (ObjectNode) begun.get("draft");
    var answers = (ObjectNode) draft.at("/packet/requests/0/answers");
    answers.put("kind", "reduction").put("grounds", "It is not so.").put("keepPaying", false);
    var packet = (ObjectNode) draft.get("packet");
    packet
        .putArray("signatures")
        .addObject()
        .put("person", "p1")
        .put("name", claim(number).get("householdName").stringValue())
        .put("on", LocalDate.now(clock).toString())
        .put("method", "screen");
    var id = begun.get("id").stringValue();
    var apart = draft.withObject("/taking/duplicates");
    body(asIkenna(get("/api/applications/{id}/duplicates", id)))
        .forEach(alike -> apart.put(alike.get("household").stringValue(), "apart"));
    var typed = as(
        "maud",
        "CASEWORKER",
        put("/api/applications/{id}", draft.toString(), id)
            .header("If-Match", "\"" + begun.get("version").intValue() + "\""));
    var lodged = as(
        "maud",
        "CASEWORKER",
        post("/api/applications/{id}/lodge", "{}", id)
            .header("If-Match", "\"" + body(typed).get("version").intValue() + "\""));
    assertEquals(lodged.getResponse().getStatus(), 200, lodged.getResponse().getContentAsString());
    var appeal = body(lodged).get("claims").get(0).stringValue();
    assertEquals(owes(number).get(0).get("appeal").stringValue(), appeal);
  }
}
