package civitane.app;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Somebody who was here before is known again, and what they told last is taken over with its day. */
public class KnownHouseholdsTest extends OnDatabase {

  private JsonNode known(JsonNode application) throws Exception {
    return body(
        asIkenna(get("/api/applications/{id}/known", application.get("id").stringValue())));
  }

  /** A draft that tells no more than who applies. */
  private JsonNode applicantAlone(JsonNode told) throws Exception {
    var person = told.at("/draft/packet/household/people/0");
    return begin(("{\"format\": \"civitane-packet\", \"version\": 1, \"lodgedOn\": \"2026-11-23\","
            + " \"household\": {\"people\": [{\"id\": \"p1\", \"role\": \"applicant\","
            + " \"givenName\": %s, \"familyName\": %s, \"birthDate\": %s}]}, \"requests\": []}")
        .formatted(person.get("givenName"), person.get("familyName"), person.get("birthDate")));
  }

  private JsonNode takenOver(JsonNode application, JsonNode household) throws Exception {
    var answer = asIkenna(post(
        "/api/applications/{id}/take-over",
        "{\"household\": " + household + "}",
        application.get("id").stringValue()));
    assertEquals(answer.getResponse().getStatus(), 200, answer.getResponse().getContentAsString());
    return body(answer);
  }

  @Test
  public void aHouseholdThatWasHereIsTakenOverMarkedAndNotOfferedAgain() throws Exception {
    var before = begin(Packets.meals(2));
    assertEquals(lodging(before, before.get("version").intValue()).getResponse().getStatus(), 200);
    var again = applicantAlone(before);
    var found = known(again);
    assertEquals(found.size(), 1, found.toString());
    var view = takenOver(again, found.get(0).get("household"));
    assertEquals(view.at("/draft/packet/household/people").size(), 2);
    assertEquals(
        view.at("/draft/packet/household/incomes/0/amount").decimalValue().intValueExact(), 430);
    var marks = view.at("/draft/taking/marks");
    for (var place : new String[] {"people/0", "people/1", "incomes/0", "address"}) {
      var mark = marks.get("/household/" + place);
      assertTrue(
          mark != null && mark.get("from").stringValue().matches("\\d{4}-\\d\\d-\\d\\d"), place);
    }
    assertEquals(marks.size(), 4, "nothing is marked that can't be confirmed: " + marks);
    assertEquals(known(again).size(), 0);
  }

  @Test
  public void anotherOfTheSameNameIsNotKnown() throws Exception {
    var before = begin(Packets.meals(2));
    assertEquals(lodging(before, before.get("version").intValue()).getResponse().getStatus(), 200);
    var born = before.at("/draft/packet/household/people/0/birthDate").toString();
    var person = before.toString().replace(born, "\"1951-12-30\"");
    assertEquals(known(applicantAlone(json.readTree(person))).size(), 0);
  }

  @Test
  public void aHouseholdThatIsNotThereCanNotBeTakenOver() throws Exception {
    var application = begin(Packets.meals(2));
    var answer = asIkenna(post(
        "/api/applications/{id}/take-over",
        "{\"household\": \"00000000-0000-0000-0000-000000000000\"}",
        application.get("id").stringValue()));
    assertEquals(answer.getResponse().getStatus(), 404);
  }
}
