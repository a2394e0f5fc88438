package civitane.app;

import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Numbers of people and accounts in drafts: kept whole, shown by their end, whole by a click that is in the log. */
public class MaskedDraftsTest extends OnDatabase {
  private static final String HERS = "4821907369";
  private static final String HIS = "7319048265";
  private static final String FIRST = "/household/people/0/residentNumber";

  private String id = "";
  private int version;
  private ObjectNode draft = JsonNodeFactory.instance.objectNode();

  @BeforeMethod
  public void aDraftWithTwoNumbers() throws Exception {
    var packet = Packets.meals(2)
        .replaceFirst(
            "\"residentNumber\": null, \"residentNumberMissing\": \"declined\"",
            "\"residentNumber\": \"" + HERS + "\"");
    takes(body(asIkenna(post("/api/packets", packet))));
    ((ObjectNode) draft.at("/packet/household/people/1")).put("residentNumber", HIS);
    assertEquals(saves(), 200);
  }

  private void takes(JsonNode view) {
    id = view.get("id").stringValue();
    version = view.get("version").intValue();
    draft = (ObjectNode) view.get("draft");
  }

  private MockHttpServletRequestBuilder saving() {
    return put("/api/applications/{id}", draft.toString(), id).header("If-Match", version);
  }

  private int saves() throws Exception {
    var answer = asIkenna(saving());
    if (answer.getResponse().getStatus() == 200) {
      takes(body(answer));
    }
    return answer.getResponse().getStatus();
  }

  private long kept(String number) {
    return count("application where id = '" + id + "' and draft::text like '%" + number + "%'");
  }

  @Test
  public void whatLeavesIsMaskedAndWhatComesBackMaskedStays() throws Exception {
    assertEquals(draft.at("/packet" + FIRST).stringValue(), "•••• 7369");
    var seen = asIkenna(get("/api/applications/{id}", id)).getResponse().getContentAsString();
    assertTrue(seen.contains("•••• 8265"), seen);
    assertFalse(seen.contains(HERS) || seen.contains(HIS), seen);
    ((ObjectNode) draft.at("/packet/household/address")).put("town", "Saltmarsh End");
    assertEquals(saves(), 200);
    assertEquals(kept(HERS) + kept(HIS), 2);
  }

  @Test
  public void aNumberStaysWithWhoseItIsWhereverTheyStand() throws Exception {
    var people = (ArrayNode) draft.at("/packet/household/people");
    people.add(people.remove(0));
    assertEquals(saves(), 200);
    var place = "{\"place\": \"/household/people/" + (people.size() - 1) + "/residentNumber\"}";
    var shown = body(asIkenna(post("/api/applications/{id}/number", place, id)));
    assertEquals(shown.get("number").stringValue(), HERS);
  }

  @Test
  public void oneThatIsNotKeptIsTypedWhole() throws Exception {
    ((ObjectNode) draft.at("/packet/household/people/0")).put("residentNumber", "•••• 0000");
    var refused = asIkenna(saving()).getResponse();
    assertEquals(refused.getStatus(), 422);
    assertTrue(
        refused.getContentAsString().contains("Type it whole"), refused.getContentAsString());
    assertEquals(kept(HERS), 1, "nothing is lost");
  }

  @Test
  public void showingOneIsInTheLog() throws Exception {
    var place = "{\"place\": \"" + FIRST + "\"}";
    var path = "/api/applications/{id}/number";
    assertEquals(
        body(as("pia", "FRONT_DESK", post(path, place, id))).get("number").stringValue(), HERS);
    assertEquals(
        count(
            "audit_log where action = 'number shown' and actor = 'pia' and subject = '" + id + "'"),
        1);
    assertEquals(as("jun", "AUDITOR", post(path, place, id)).getResponse().getStatus(), 403);
    for (var wrong : new String[] {"/household/people/0/familyName", "residentNumber", ""}) {
      var asked = post(path, "{\"place\": \"" + wrong + "\"}", id);
      assertEquals(asIkenna(asked).getResponse().getStatus(), 404, wrong);
    }
  }

  @Test
  public void whatIsWorkedOutAndReadAloudGoesByTheWholeOne() throws Exception {
    var margin = post("/api/margin", draft.toString()).param("application", id);
    assertFalse(body(asIkenna(margin)).toString().contains("residentNumber"));
    var unknown = post("/api/margin", draft.toString());
    assertTrue(
        body(asIkenna(unknown)).toString().contains("residentNumber"), "a mask is no number");
    var read = post("/api/read-through", draft.toString()).param("application", id);
    var told = body(asIkenna(read)).toString();
    assertTrue(told.contains("•••• 7369"), told);
    assertFalse(told.contains(HERS), told);
  }
}
