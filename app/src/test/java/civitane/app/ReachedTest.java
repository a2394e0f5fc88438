package civitane.app;

import java.time.LocalDate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** The day an application reached the office counts, not the day it is typed; what shows it is noted. */
public class ReachedTest extends OnDatabase {
  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private JsonNode typed(String on, String shownBy) throws Exception {
    var application = begin(Packets.meals(2));
    var draft = (ObjectNode) application.get("draft").deepCopy();
    draft.putObject("taking").putObject("reached").put("on", on).put("shownBy", shownBy);
    asIkenna(
        put("/api/applications/{id}", draft.toString(), application.get("id").stringValue())
            .header("If-Match", "\"0\""));
    return application;
  }

  @Test
  public void aFormThatLayForDaysCountsFromTheDayOfItsStamp() throws Exception {
    var friday = today().minusDays(4);
    var lodged = body(lodging(typed(friday.toString(), "stamp on the form"), 1));
    var claim = claim(lodged.get("claims").get(0).stringValue());
    assertEquals(claim.get("lodgedOn").stringValue(), friday.toString());
    assertEquals(claim.at("/packet/lodgedOn").stringValue(), friday.toString());
    assertTrue(
        claim.at("/packet/lodgedAt").stringValue().startsWith(friday + "T00:00"), claim.toString());
    assertEquals(claim.get("worked").intValue(), 4, "the days since then are ours");
    assertTrue(
        claim.get("events").toString().contains("stamp on the form"),
        claim.get("events").toString());
    var receipt = letters("receipt", lodged.get("receipt").stringValue());
    assertTrue(receipt.contains("on " + friday.getDayOfMonth() + " "), receipt);
  }

  @DataProvider
  public Object[][] daysThatDoNotCount() {
    return new Object[][] {
      {1, "stamp on the form", "/taking/reached/on"},
      {-91, "stamp on the form", "/taking/reached/on"},
      {-4, " ", "/taking/reached/shownBy"},
    };
  }

  @Test(dataProvider = "daysThatDoNotCount")
  public void aDayThatNothingShowsOrThatIsNoneIsRefused(int days, String shownBy, String pointer)
      throws Exception {
    var answer = lodging(typed(today().plusDays(days).toString(), shownBy), 1);
    assertEquals(answer.getResponse().getStatus(), 422);
    var faults = body(answer).get("faults");
    assertEquals(faults.size(), 1, faults.toString());
    assertEquals(faults.at("/0/pointer").stringValue(), pointer);
  }
}
