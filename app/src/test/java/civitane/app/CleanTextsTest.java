package civitane.app;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** A text with something in it that nobody sees is taken nowhere, and its place is told. */
public class CleanTextsTest extends OnDatabase {
  private static final String TURNED = "turned \\u202Eround";

  @DataProvider
  public Object[][] sent() {
    return new Object[][] {
      {"/api/claims/{number}/notes", "{\"text\": \"%s\"}", "/text"},
      {"/api/claims/{number}/messages", "{\"text\": \"%s\"}", "/text"},
      {
        "/api/claims/{number}/answers",
        "{\"version\": 0, \"pointer\": \"/x\", \"reason\": \"r\", \"value\": {\"a\": [1, \"%s\"]}}",
        "/value/a/1"
      },
    };
  }

  @Test(dataProvider = "sent")
  public void whatIsSentIsRefusedWithItsPlace(String path, String body, String place)
      throws Exception {
    var number = claimOf(Packets.meals(1));
    taken(number);
    var refused = asIkenna(post(path, body.formatted(TURNED), number));
    assertEquals(refused.getResponse().getStatus(), 422);
    var fault = body(refused).get("faults").get(0);
    assertEquals(fault.get("pointer").stringValue(), place);
    assertEquals(
        fault.get("message").stringValue(),
        "the text has a hidden sign that turns the order of what is read");
  }

  @Test
  public void allOfThemAreToldAtOnce() throws Exception {
    var number = claimOf(Packets.meals(1));
    taken(number);
    var body = "{\"version\": 0, \"pointer\": \"\\uFFFE\", \"reason\": \"\\u0007\", \"value\": 1}";
    var refused = asIkenna(post("/api/claims/{number}/answers", body, number));
    assertEquals(body(refused).get("faults").size(), 2, refused.getResponse().getContentAsString());
  }

  @Test
  public void whatStandsInAnAddressIsLookedAtToo() throws Exception {
    assertEquals(
        asIkenna(get("/api/door/start").param("language", "en\u202E"))
            .getResponse()
            .getStatus(),
        422);
    assertEquals(
        asIkenna(get("/api/claims/{number}", "BC\u202E26")).getResponse().getStatus(),
        404,
        "there is no such claim, and no more is said");
  }

  /** Somebody's name comes in one way, whichever keyboard it was typed on. */
  @Test
  public void whatIsTypedInPartsIsKeptComposed() throws Exception {
    var number = claimOf(Packets.meals(1));
    taken(number);
    var noted = asIkenna(
        post("/api/claims/{number}/notes", "{\"text\": \"Odega\\u030Ard rings\\nback\"}", number));
    assertEquals(noted.getResponse().getStatus(), 200);
    assertEquals(count("claim_event where reasons like '%Odegård rings%'"), 1);
  }
}
