package civitane.app;

import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** A paper that was brought for what somebody asks alone leaves no trace in the other claims of the household. */
public class PrivatePapersTest extends OnDatabase {

  /** School meals for the family, and legal advice against somebody of it. */
  private static final String BOTH = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
       "household": {"people": [
         {"id": "p1", "role": "applicant", "givenName": "Gudrun", "familyName": "Askelund",
          "birthDate": "1984-01-04", "contact": {"phone": "555 0991"}},
         {"id": "p2", "role": "spouse", "givenName": "Halvard", "familyName": "Askelund",
          "birthDate": "1983-01-04"},
         {"id": "p3", "role": "child", "givenName": "Tyra", "familyName": "Askelund",
          "birthDate": "2015-01-04"}],
        "address": {"line1": "9 Sedge Walk", "town": "Reedholm", "postcode": "BK42"}},
       "requests": [
         {"service": "schoolMeals", "answers": {
           "children": [{"person": "p3", "school": "Marsh Road School", "grade": "5"}], "householdTotal": 3}},
         {"service": "legalAdvice", "answers": {
           "area": "family", "problem": "leaving", "otherParty": {"name": "Halvard Askelund"},
           "otherPartyPerson": "p2"}}],
       "signatures": [{"person": "p1", "name": "Gudrun Askelund", "on": "2026-11-23",
                       "method": "screen", "statements": ["true"]}]}""";

  private void bring(String number, int pages) throws Exception {
    var brought = asIkenna(MockMvcRequestBuilders.post("/api/claims/{number}/papers", number)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header("X-Paper-Kind", "other")
        .content(MadePapers.pdf(pages)));
    assertEquals(brought.getResponse().getStatus(), 200);
  }

  private int papers(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/papers", number)))
        .get("papers")
        .size();
  }

  @Test
  public void whatIsBroughtForOneAloneIsSeenThereAlone() throws Exception {
    var claims = lodged(BOTH).get("claims");
    var meals = claims.get(0).stringValue();
    var advice = claims.get(1).stringValue();
    taken(meals);
    taken(advice);
    bring(advice, 2);
    assertEquals(papers(advice), 1);
    assertEquals(papers(meals), 0);
    bring(meals, 3);
    assertEquals(papers(meals), 1);
    assertEquals(papers(advice), 2, "what is the family's serves what somebody asks alone, too");
  }
}
