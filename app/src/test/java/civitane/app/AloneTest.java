package civitane.app;

import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What somebody asks for alone leaves no trace in what others of the household get or sign. */
public class AloneTest extends OnDatabase {

  /** A couple, one of whom asks for legal help against the other, and both for a place on a list. */
  private static String couple(int household, String otherParty) {
    var meals = Packets.meals(household, 2, "en");
    return meals
            .substring(0, meals.indexOf("\"requests\""))
            .replace(
                "{\"id\": \"p2\", \"role\": \"child\"", "{\"id\": \"p2\", \"role\": \"spouse\"")
            .replaceAll("(\"id\": \"p2\".*\"birthDate\": \")[0-9-]+", "$11986-02-01")
        + """
        "requests": [
          {"service": "housingList", "answers": {"bedroomsNow": 1}},
          {"service": "legalAdvice", "answers": {"area": "family", "problem": "leaving in safety", %s}}],
        """.formatted(otherParty)
        + meals.substring(meals.indexOf("\"signatures\""));
  }

  private String receiptsAbout(String claim) throws Exception {
    return letters("receipt", "R-" + claim.substring(3));
  }

  @Test
  public void legalHelpAgainstTheSpouseIsOnNoPaperTheyMaySee() throws Exception {
    var application = begin(couple(955, "\"otherPartyPerson\": \"p2\", \"otherParty\": \"none\""));
    var id = application.get("id").stringValue();
    asIkenna(post(
        "/api/applications/{id}/signing-requests",
        "{\"person\": \"p2\", \"name\": \"the spouse\"}",
        id));
    var lodged = body(lodging(application, application.get("version").intValue()));
    var list = lodged.get("claims").get(0).stringValue();
    var legal = lodged.get("claims").get(1).stringValue();
    assertEquals(lodged.get("letters").size(), 2, lodged.get("letters").toString());

    var shared = receiptsAbout(list);
    assertTrue(shared.contains(list), shared);
    for (var trace : new String[] {legal, "Legal", "legal", "safety", "advice"}) {
      assertFalse(shared.contains(trace), trace + " in " + shared);
    }
    assertTrue(shared.contains("the spouse"), "who is still to sign what both ask for");

    var alone = receiptsAbout(legal);
    assertTrue(alone.contains(legal) && alone.contains("leaving in safety"), alone);
    assertTrue(alone.contains("Not to be posted"), "nobody at home comes upon it: " + alone);
    assertFalse(alone.contains(list), alone);
    assertTrue(claim(list).get("items").toString().contains("the spouse is still to sign"));
    assertFalse(claim(legal).get("items").toString().contains("still to sign"));
  }

  @Test
  public void legalHelpAgainstAStrangerIsOnTheOneReceipt() throws Exception {
    var lodged = lodged(couple(972, "\"otherParty\": {\"name\": \"Fieldside Lets\"}"));
    assertEquals(lodged.get("letters").size(), 1);
    var receipt = letters("receipt", lodged.get("receipt").stringValue());
    assertTrue(receipt.contains(lodged.get("claims").get(1).stringValue()), receipt);
  }
}
