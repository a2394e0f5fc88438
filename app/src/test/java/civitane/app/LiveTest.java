package civitane.app;

import java.util.List;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What others change is told to who looks: of nothing that they may not see, and nothing of their own. */
public class LiveTest extends OnDatabase {
  private String told(MvcResult watching) throws Exception {
    return watching.getResponse().getContentAsString();
  }

  @Test
  public void othersAreToldWhoMaySeeItOnceItIsKept() throws Exception {
    var number = claimOf(Packets.meals(2));
    var maud = as("maud", "CASEWORKER", get("/api/live"));
    var teun = as("teun", "SENIOR", get("/api/live"));
    var ikenna = asIkenna(get("/api/live"));
    taken(number);
    assertTrue(told(maud).contains(number), told(maud));
    assertTrue(told(teun).contains("event:claim"), told(teun));
    assertFalse(told(ikenna).contains(number), "nobody is told of what they do");

    var household = claim(number).get("household").stringValue();
    var restricted = as(
        "teun",
        "SENIOR",
        post(
            "/api/households/{household}/restriction",
            "{\"because\": \"kin of a colleague\", \"named\": [\"ikenna\"]}",
            household));
    assertEquals(restricted.getResponse().getStatus(), 204);
    var before = List.of(told(maud), told(teun));
    assertEquals(
        asIkenna(post("/api/claims/{number}/notes", "{\"text\": \"rings on Tuesdays\"}", number))
            .getResponse()
            .getStatus(),
        200);
    assertEquals(told(maud), before.get(0), "it is not there for her any more");
    assertTrue(told(teun).length() > before.get(1).length());
  }

  @Test
  public void whatIsRefusedIsToldToNobody() throws Exception {
    var number = claimOf(Packets.meals(2));
    var maud = as("maud", "CASEWORKER", get("/api/live"));
    assertEquals(
        asIkenna(post("/api/claims/{number}/notes", "{\"text\": \" \"}", number))
            .getResponse()
            .getStatus(),
        422);
    assertFalse(told(maud).contains(number));
  }
}
