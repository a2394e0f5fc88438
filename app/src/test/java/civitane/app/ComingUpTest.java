package civitane.app;

import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What ends comes up in time, is asked for again by one letter, and leaves the list once somebody has seen to it. */
public class ComingUpTest extends OnDatabase {
  /** The meals of a school year end on 15 October of the next. */
  private static final LocalDate END = LocalDate.parse("2027-10-15");

  @AfterMethod
  public void backToToday() {
    clock.ahead(Duration.ZERO);
  }

  private String granted() throws Exception {
    var number = claimOf(Packets.meals(2).replace("\"language\": \"en\"", "\"language\": \"pt\""));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    return number;
  }

  private JsonNode coming(String claim) throws Exception {
    return body(asIkenna(get("/api/coming-up")))
        .valueStream()
        .filter(one -> claim.equals(one.path("claim").asString("")))
        .findFirst()
        .orElse(null);
  }

  /** What is printed for the envelope: behind the letter the form, with what is known already. */
  private void theFormGoesWithIt(String number) throws Exception {
    // More letters wait by now than are shown at once.
    var run = UUID.randomUUID();
    database
        .sql("insert into post_run (id, made_by, made_at) values (?, 'ikenna', now())")
        .param(run)
        .update();
    database.sql("""
            update letter set run_id = ?, left_at = now(), left_by = 'ikenna'
            where kind = 'renewal' and about = ?
            """).params(run, number).update();
    var pages = asIkenna(get("/api/post/runs/{run}", run)).getResponse().getContentAsByteArray();
    var words = words(pages);
    assertTrue(words.contains("peça de novo até"), words);
    assertTrue(words.contains("Marsh Road School"), "the form behind it: " + words);
    assertEquals(
        words(asIkenna(get("/api/post/runs/{run}", run)).getResponse().getContentAsByteArray()),
        words);
  }

  @Test
  public void itComesUpSixtyDaysBeforeAndIsAskedForAgainOnce() throws Exception {
    var number = granted();
    noonOf(END.minusDays(61));
    assertEquals(coming(number), null);
    noonOf(END.minusDays(60));
    var day = coming(number);
    assertEquals(day.get("on").stringValue(), END.toString());
    assertTrue(day.get("mine").booleanValue());
    assertEquals(
        asIkenna(post("/api/claims/{number}/renewal", "", number)).getResponse().getStatus(), 200);
    assertEquals(coming(number), null);
    var letter = letters("renewal", number);
    assertTrue(letter.contains("termina em 15 de outubro de 2027"), letter);
    assertTrue(letter.contains("peça de novo até 1 de outubro de 2027"), letter);
    theFormGoesWithIt(number);
    var again = asIkenna(post("/api/claims/{number}/renewal", "", number));
    assertEquals(again.getResponse().getStatus(), 412);
    assertEquals(count("letter where kind = 'renewal' and about = '" + number + "'"), 1);
  }

  @Test
  public void theFormToAskAgainHoldsWhatIsKnown() throws Exception {
    var number = granted();
    var form = asIkenna(get("/api/claims/{number}/form", number));
    assertEquals(form.getResponse().getStatus(), 200);
    var filled = values(form.getResponse().getContentAsByteArray());
    assertTrue(filled.contains("Tamsett"), filled.toString());
    assertTrue(filled.contains("Marsh Road School"), filled.toString());
  }

  @Test
  public void whatWasAskedForAgainDoesNotComeUp() throws Exception {
    var number = granted();
    noonOf(END.minusDays(30));
    assertFalse(coming(number) == null);
    var renewed = claimOf(Packets.meals(2));
    database
        .sql("update claim set household_id = (select household_id from claim where number = '"
            + number + "') where number = '" + renewed + "'")
        .update();
    assertEquals(coming(number), null);
  }

  @Test
  public void itIsSeenToWithAReasonAndOnlyAsItStands() throws Exception {
    var number = granted();
    noonOf(END.minusDays(10));
    var day = coming(number);
    var household = day.get("household").stringValue();
    var path = "/api/households/{household}/coming-up/seen-to";
    var seen = "{\"what\": \"%s\", \"because\": \"%s\"}";
    var what = day.get("what").stringValue();
    assertEquals(
        asIkenna(post(path, seen.formatted(what, " "), household)).getResponse().getStatus(), 422);
    assertEquals(
        asIkenna(post(path, seen.formatted("ends:BW-26-000000-0", "x"), household))
            .getResponse()
            .getStatus(),
        412);
    assertEquals(
        asIkenna(post(path, seen.formatted(what, "they move away"), household))
            .getResponse()
            .getStatus(),
        200);
    assertEquals(coming(number), null);
  }

  @Test
  public void aRestrictedHouseholdIsNotThereForOthers() throws Exception {
    var number = granted();
    noonOf(END.minusDays(10));
    var household = coming(number).get("household").stringValue();
    var restricted = as(
        "teun",
        "SENIOR",
        post(
            "/api/households/{household}/restriction",
            "{\"because\": \"kin\", \"named\": []}",
            household));
    assertEquals(restricted.getResponse().getStatus(), 204);
    var listed = body(as("maud", "CASEWORKER", get("/api/coming-up"))).toString();
    assertFalse(listed.contains(household), "it is there");
    assertTrue(body(as("teun", "SENIOR", get("/api/coming-up"))).toString().contains(household));
  }

  @Test
  public void aClaimOfSomebodyElseIsNotAskedAbout() throws Exception {
    var number = granted();
    noonOf(END.minusDays(10));
    var refused = as("maud", "CASEWORKER", post("/api/claims/{number}/renewal", "", number));
    assertEquals(refused.getResponse().getStatus(), 412);
    assertEquals(count("letter where kind = 'renewal' and about = '" + number + "'"), 0);
  }
}
