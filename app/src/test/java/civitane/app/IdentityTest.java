package civitane.app;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** How far somebody has shown who they are is said with its reasons; a check of it is begun from their claim. */
public class IdentityTest extends OnDatabase {
  private JsonNode applicant(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/identity", number))).at("/people/0");
  }

  @Test
  public void aSecondPaperOfAnotherKindShowsThemInFull() throws Exception {
    var number = claimOf(Packets.meals(1171, 2, "en"));
    taken(number);
    var name = applicant(number).get("name").stringValue();
    assertEquals(applicant(number).get("level").stringValue(), "none");
    accepted(number, "passport", name);
    assertEquals(applicant(number).get("level").stringValue(), "partial");
    accepted(number, "workCard", name);
    assertEquals(applicant(number).get("level").stringValue(), "standard");
    assertEquals(applicant(number).get("speaks").size(), 2);
  }

  @Test
  public void aCheckIsBegunWithWhatIsKnown() throws Exception {
    var number = claimOf(Packets.meals(1172, 2, "en"));
    var begun = asIkenna(
        post("/api/claims/{number}/identity", "{\"person\": \"p1\", \"madeClaim\": true}", number));
    assertEquals(begun.getResponse().getStatus(), 200, begun.getResponse().getContentAsString());
    var draft = body(begun).get("draft");
    assertEquals(
        draft.at("/packet/household/people/0/givenName"),
        claim(number).at("/packet/household/people/0/givenName"));
    assertEquals(draft.at("/packet/requests/0/answers/claim").stringValue(), number);
    assertTrue(draft.at("/taking/marks").has("/household/people/0"), "to be confirmed");
    var nobody = asIkenna(
        post("/api/claims/{number}/identity", "{\"person\": \"p9\", \"madeClaim\": true}", number));
    assertEquals(nobody.getResponse().getStatus(), 422);
  }
}
