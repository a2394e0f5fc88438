package civitane.app;

import civitane.app.decisions.Notices;
import java.time.Duration;
import java.time.LocalDate;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Nobody gets less than was granted without having been told, and having had time to say what is wrong with it. */
public class NoticeTest extends OnDatabase {
  private static final String WAGE = "/household/incomes/0";

  @Autowired
  private Notices notices;

  @AfterMethod
  public void today() {
    clock.ahead(Duration.ZERO);
  }

  /** School meals that were granted, and are open again as more is earned now; which comes to less. */
  private String lessened() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var household = claim(number).get("household").stringValue();
    var begun = body(asIkenna(post("/api/households/{household}/changes", "", household)));
    var draft = (ObjectNode) begun.get("draft");
    ((ObjectNode) draft.at("/packet" + WAGE)).put("amount", 2430);
    draft
        .withObject("/taking/change")
        .put("on", LocalDate.now(clock).toString())
        .put("told", "by phone");
    var id = begun.get("id").stringValue();
    var typed = asIkenna(put("/api/applications/{id}", draft.toString(), id)
        .header("If-Match", "\"" + begun.get("version").intValue() + "\""));
    assertEquals(typed.getResponse().getStatus(), 200, typed.getResponse().getContentAsString());
    var reported = asIkenna(post("/api/applications/{id}/report", "", id)
        .header("If-Match", "\"" + body(typed).get("version").intValue() + "\""));
    assertEquals(reported.getResponse().getStatus(), 200);
    return number;
  }

  private JsonNode less(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/working", number))).get("less");
  }

  private String next(String number) throws Exception {
    return claim(number).at("/next/words").stringValue();
  }

  private MvcResult tell(String number) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/notice",
        "{\"version\": %d}".formatted(claim(number).get("version").intValue()),
        number));
  }

  private int refusing(String number) throws Exception {
    return decision(number, claim(number), false).getResponse().getStatus();
  }

  @Test
  public void itIsNotDecidedBeforeTheyWereToldAndHadTheirTime() throws Exception {
    var number = lessened();
    assertEquals(next(number), "Tell them before it is less");
    assertTrue(less(number).get("until").isNull());
    assertTrue(
        less(number).get("before").toString().contains("reduced price"),
        less(number).toString());
    assertEquals(refusing(number), 422);
    assertEquals(tell(number).getResponse().getStatus(), 200);
    assertEquals(tell(number).getResponse().getStatus(), 422, "once");
    var letter = letters("notice", number);
    assertTrue(letter.contains("School meals: you would get less"), letter);
    assertTrue(letter.contains("nothing any more") && letter.contains("2,430.00"), letter);
    assertEquals(claim(number).get("turn").stringValue(), "household");
    assertEquals(refusing(number), 422);
    var correction = body(asIkenna(get("/api/claims/{number}/correction", number)));
    assertEquals(correction.get("items").size(), 0, "it is nothing to be brought");

    notices.over(number);
    assertEquals(refusing(number), 422, "their time is not over");
    clock.ahead(Duration.ofDays(30));
    assertTrue(notices.overBefore(LocalDate.now(clock)).contains(number));
    notices.over(number);
    assertFalse(notices.overBefore(LocalDate.now(clock)).contains(number));
    assertEquals(claim(number).get("turn").stringValue(), "ours");
    assertEquals(refusing(number), 200);
  }

  @Test
  public void whatTheyAnswerEndsTheirTime() throws Exception {
    var number = lessened();
    assertEquals(tell(number).getResponse().getStatus(), 200);
    var answered = asIkenna(post(
        "/api/claims/{number}/notice/answer",
        "{\"version\": %d, \"because\": \"by phone: it is so\"}"
            .formatted(claim(number).get("version").intValue()),
        number));
    assertEquals(answered.getResponse().getStatus(), 200);
    assertTrue(less(number).get("over").booleanValue());
    assertEquals(refusing(number), 200);
    assertTrue(claim(number).get("events").toString().contains("by phone: it is so"));
  }

  @Test
  public void whatGivesAsMuchAsBeforeNeedsNoNotice() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var opened = asIkenna(post(
        "/api/claims/{number}/opened-again",
        "{\"version\": %d, \"because\": \"looked at again\"}"
            .formatted(claim(number).get("version").intValue()),
        number));
    assertEquals(opened.getResponse().getStatus(), 200);
    assertTrue(less(number).isNull());
    assertEquals(tell(number).getResponse().getStatus(), 422);
    assertEquals(decision(number, claim(number), true).getResponse().getStatus(), 200);
  }
}
