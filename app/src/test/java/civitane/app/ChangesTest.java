package civitane.app;

import java.time.LocalDate;
import java.util.function.Consumer;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What a household reports as changed holds from a day on, for all its claims; what was granted is worked out again. */
public class ChangesTest extends OnDatabase {
  private static final String WAGE = "/household/incomes/0";

  private String granted() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    return number;
  }

  private JsonNode begun(String number) throws Exception {
    var household = claim(number).get("household").stringValue();
    var begun = asIkenna(post("/api/households/{household}/changes", "", household));
    assertEquals(begun.getResponse().getStatus(), 200, begun.getResponse().getContentAsString());
    return body(begun);
  }

  /** Reports what is changed in the draft. */
  private MvcResult report(String number, Consumer<ObjectNode> change) throws Exception {
    var begun = begun(number);
    var draft = (ObjectNode) begun.get("draft");
    draft.withObject("/taking/change").put("told", "by phone");
    change.accept(draft);
    var id = begun.get("id").stringValue();
    var typed = asIkenna(put("/api/applications/{id}", draft.toString(), id)
        .header("If-Match", "\"" + begun.get("version").intValue() + "\""));
    assertEquals(typed.getResponse().getStatus(), 200, typed.getResponse().getContentAsString());
    return asIkenna(post("/api/applications/{id}/report", "", id)
        .header("If-Match", "\"" + body(typed).get("version").intValue() + "\""));
  }

  private static Consumer<ObjectNode> wage(int weekly, LocalDate on) {
    return draft -> {
      ((ObjectNode) draft.at("/packet" + WAGE)).put("amount", weekly);
      draft.withObject("/taking/change").put("on", on.toString());
    };
  }

  @Test
  public void whatComesToSomethingElseIsOpenAgainAndDecidedAnew() throws Exception {
    var number = granted();
    var yesterday = LocalDate.now(clock).minusDays(1);
    var reported = report(number, wage(2430, yesterday));
    assertEquals(
        reported.getResponse().getStatus(), 200, reported.getResponse().getContentAsString());
    var report = body(reported);
    assertTrue(report.get("lines").toString().contains("€430.00"), report.toString());
    assertEquals(report.at("/touched/0/number").stringValue(), number, report.toString());
    assertFalse(report.at("/touched/0/before").equals(report.at("/touched/0/after")));
    var claim = claim(number);
    assertEquals(claim.get("state").stringValue(), "open");
    assertEquals(claim.at("/packet/assessedOn").stringValue(), yesterday.toString());
    assertTrue(claim.get("events").toString().contains("Worked out again from"), claim.toString());
    assertEquals(claim.at("/next/words").stringValue(), "Tell them before it is less");
    assertEquals(decision(number, claim, false).getResponse().getStatus(), 422);
  }

  @Test
  public void whatStaysAsItIsIsOnlyNoted() throws Exception {
    var number = granted();
    var report = body(report(number, wage(431, LocalDate.now(clock))));
    assertEquals(report.get("touched").size(), 0, report.toString());
    assertEquals(report.at("/left/0/number").stringValue(), number, report.toString());
    var claim = claim(number);
    assertEquals(claim.get("state").stringValue(), "decided");
    assertTrue(claim.get("events").toString().contains("leaves what was granted as it is"));
  }

  @Test
  public void anOpenClaimGoesByIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    var report = body(report(number, wage(2430, LocalDate.now(clock))));
    assertEquals(report.get("open").toString(), "[\"" + number + "\"]");
    var claim = claim(number);
    assertTrue(claim.get("events").toString().contains("told by phone"), claim.toString());
  }

  @Test
  public void theOldWageStaysKnownForTheTimeBefore() throws Exception {
    var number = granted();
    var today = LocalDate.now(clock);
    report(number, wage(2430, today));
    var household = claim(number).get("household").stringValue();
    var before = asIkenna(get("/api/households/{household}", household)
        .param("holdsOn", today.minusDays(10).toString()));
    assertTrue(body(before).get("facts").toString().contains("€430.00 a week"), before.toString());
    var now = asIkenna(get("/api/households/{household}", household));
    assertTrue(body(now).get("facts").toString().contains("€2,430.00 a week"));
  }

  @Test
  public void everythingThatIsWrongIsToldAtOnceAndNothingIsRecorded() throws Exception {
    var number = granted();
    var entries = count("entry");
    var wrong = report(number, draft -> {
      wage(2430, LocalDate.now(clock).plusYears(1)).accept(draft);
      draft.withObject("/taking/change").put("told", " ");
      draft.withObject("/typed").put(WAGE + "/endsOn", "soon");
    });
    assertEquals(wrong.getResponse().getStatus(), 422);
    assertEquals(body(wrong).get("faults").size(), 3, body(wrong).toString());
    var nothing = report(number, draft -> {});
    assertEquals(nothing.getResponse().getStatus(), 422);
    assertTrue(body(nothing).get("detail").stringValue().contains("Nothing is told otherwise"));
    assertEquals(count("entry"), entries);
    assertEquals(claim(number).get("state").stringValue(), "decided");
  }

  @Test
  public void anApplicationIsNotReportedAndAReportIsNotReportedTwice() throws Exception {
    var application = begin(Packets.meals(2)).get("id").stringValue();
    var refused = asIkenna(
        post("/api/applications/{id}/report", "", application).header("If-Match", "\"0\""));
    assertEquals(refused.getResponse().getStatus(), 422);
    var number = granted();
    assertEquals(report(number, wage(440, LocalDate.now(clock))).getResponse().getStatus(), 200);
    var id = database
        .sql("select id from application where household_id = ?::uuid and receipt is null")
        .param(claim(number).get("household").stringValue())
        .query(String.class)
        .single();
    var again = asIkenna(post("/api/applications/{id}/report", "", id).header("If-Match", "\"2\""));
    assertEquals(again.getResponse().getStatus(), 422);
  }
}
