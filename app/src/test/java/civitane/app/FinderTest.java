package civitane.app;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Anybody who may see claims finds people by whatever they are known by; what is private to one is found with nobody else. */
public class FinderTest extends OnDatabase {

  private JsonNode find(String words) throws Exception {
    var content = json.createObjectNode().put("words", words).toString();
    var result = asIkenna(post("/api/finder", content));
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    return body(result).get("people");
  }

  @DataProvider
  public Object[][] björn() {
    return new Object[][] {
      {"Björn Ångquist"},
      {"angquist bjorn"},
      {"ÅNGQUIST"},
      {"bjoern"},
      {"angq"},
      {"Anquist"},
      {"Angqvist Björn"},
      {"3700 ang"},
      {"eelmonger ångq"},
    };
  }

  @Test(dataProvider = "björn")
  public void isFoundHoweverHeIsTyped(String typed) throws Exception {
    var first = find(typed).get(0);
    assertEquals(first.get("name").stringValue(), "Björn Ångquist", typed);
    assertEquals(first.get("birthDate").stringValue(), "1986-10-22");
    assertTrue(first.get("household").isNull());
    assertEquals(first.at("/claims/0/title").stringValue(), "School meals");
  }

  @Test
  public void aChildIsFoundWithTheHouseholdItIsOf() throws Exception {
    var liv = find("Liv Ångquist").get(0);
    assertEquals(liv.get("household").stringValue(), "Björn Ångquist");
    assertEquals(liv.get("claims").size(), 1);
  }

  @Test
  public void aPhoneIsFoundByItsDigits() throws Exception {
    var packet = Packets.meals(2)
        .replace(
            "\"residentNumberMissing\": \"declined\"",
            "\"residentNumberMissing\": \"declined\", \"contact\": {\"phone\": \"0555 099 887\"}");
    claimOf(packet);
    var name = json.readTree(packet).at("/household/people/0/givenName").stringValue() + " Tamsett";
    assertEquals(find("0555 099 887").at("/0/name").stringValue(), name);
    assertEquals(find("099887").at("/0/name").stringValue(), name);
    assertEquals(
        find("0555 099 888").size(), 0, "a number that is nearly the same is somebody else's");
  }

  @Test
  public void tooFewLettersAndNobodyFindNothing() throws Exception {
    assertEquals(find("Bj").size(), 0);
    assertEquals(find("").size(), 0);
    assertEquals(find("Xqwzzv").size(), 0);
    assertEquals(find("%%%").size(), 0);
  }

  @Test
  public void whatIsForOneAloneIsFoundWithNobodyElse() throws Exception {
    var packet = """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
         "household": {"people": [
           {"id": "p1", "role": "applicant", "givenName": "Ragnhild", "familyName": "Vestergard",
            "birthDate": "1980-01-04", "contact": {"phone": "555 0990"}},
           {"id": "p2", "role": "spouse", "givenName": "Torgrim", "familyName": "Vestergard",
            "birthDate": "1979-01-04"}],
          "address": {"line1": "4 Sedge Walk", "town": "Reedholm", "postcode": "BK42"}},
         "requests": [{"service": "legalAdvice", "answers": {
           "area": "family", "problem": "leaving", "otherParty": {"name": "Torgrim Vestergard"},
           "otherPartyPerson": "p2"}}],
         "signatures": [{"person": "p1", "name": "Ragnhild Vestergard", "on": "2026-11-23",
                         "method": "screen", "statements": ["true"]}]}""";
    claimOf(packet);
    assertEquals(find("Ragnhild Vestergard").at("/0/claims").size(), 1);
    assertEquals(find("Torgrim Vestergard").at("/0/claims").size(), 0);
  }

  @Test
  public void theLogSaysThatSomebodyWasSoughtAndNotWho() throws Exception {
    find("Yusra Haddad");
    assertTrue(count("audit_log where action = 'people sought'") > 0);
    assertFalse(database
        .sql(
            "select string_agg(detail || subject, ' ') from audit_log where action = 'people sought'")
        .query(String.class)
        .single()
        .contains("Haddad"));
  }
}
