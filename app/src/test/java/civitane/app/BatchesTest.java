package civitane.app;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.awaitility.Awaitility;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Lists of applications: lodged row by row after they were sent, and what becomes of each row. */
public class BatchesTest extends OnDatabase {

  private static final String COLUMNS =
      "person1.givenName,person1.familyName,person1.birthDate,person1.residentNumberMissing,"
          + "person3.givenName,person3.familyName,person3.birthDate,person3.role,address.line1,"
          + "address.postcode,income1.person,income1.kind,income1.amount,income1.frequency,"
          + "children1.person,children1.school,children1.grade,householdTotal,signature1.name\n";

  /** A mother and child of a household of their own, told apart by the day of the mother's birth. */
  private static String row(String given, String family, String born, String amount) {
    var day = born.substring(0, born.indexOf(' '));
    return String.join(
            ",",
            given,
            family,
            born,
            "declined",
            "Tor" + given.toLowerCase(Locale.ROOT),
            family,
            day + " 2 2016",
            "child",
            day + "0 Ropewalk",
            "BK33",
            "1",
            "wages",
            amount,
            "monthly",
            "3",
            "Marsh Road School",
            "4",
            "2",
            given + " " + family)
        + "\n";
  }

  private MvcResult sent(String list) throws Exception {
    return asIkenna(MockMvcRequestBuilders.post("/api/services/schoolMeals/lists")
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(list.getBytes(StandardCharsets.UTF_8)));
  }

  /** A list that was sent, once nothing waits in it any more. */
  private JsonNode through(String list) throws Exception {
    var id = body(sent(list)).get("id").stringValue();
    return Awaitility.await()
        .atMost(PATIENCE)
        .until(
            () -> body(asIkenna(get("/api/batches/{id}", id))),
            batch -> batch.get("waiting").intValue() == 0);
  }

  private String returned(JsonNode batch) throws Exception {
    return asIkenna(get("/api/batches/{id}/returned", batch.get("id").stringValue()))
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }

  @Test
  public void aListsGoodRowsAreLodgedAndTheOthersComeBackWithTheirReasons() throws Exception {
    var list = COLUMNS
        + row("Asta", "Brekkhus", "3 3 1984", "1200")
        + row("Bodil", "Brekkhus-Lie", "31 2 1984", "1200")
        + row("Cato", "Dyrnes", "5 3 1984", "lots");
    var batch = through(list);
    assertEquals(batch.get("taken").size(), 1, batch.toString());
    assertEquals(batch.get("returned").intValue(), 2);
    var number = batch.at("/taken/0/claims/0").stringValue();
    assertEquals(claim(number).get("state").stringValue(), "lodged");
    assertTrue(
        letters("receipt", batch.at("/taken/0/receipt").stringValue()).contains("Asta Brekkhus"));
    var back = returned(batch);
    assertEquals(back.lines().count(), 3, back);
    assertTrue(back.lines().findFirst().orElse("").contains("reasons"), back);
    assertTrue(!back.contains("Asta"), back);
  }

  @Test
  public void theSameListAgainIsKnownAndLodgedNoSecondTime() throws Exception {
    var list = COLUMNS + row("Dagrun", "Eikeland", "7 3 1984", "1300");
    var first = through(list);
    assertEquals(first.get("taken").size(), 1, first.toString());
    var claims = count("claim");
    var drafts = count("application where state = 'drafting'");
    var again = through(list);
    assertEquals(again.get("taken").size(), 0);
    assertTrue(returned(again).contains("known already"), again.toString());
    assertEquals(count("claim"), claims);
    assertEquals(count("application where state = 'drafting'"), drafts, "no draft is left behind");
  }

  @Test
  public void theRowsThatCameBackCanBePutRightAndSentAgain() throws Exception {
    var list = COLUMNS + row("Eira", "Fossheim", "9 3 1984", "lots");
    var back = returned(through(list));
    var right = through(back.replace("lots", "1250"));
    assertEquals(right.get("taken").size(), 1, right.toString());
  }

  @Test
  public void aListOfWrongColumnsIsRefusedWhole() throws Exception {
    var list = "given name,wage\nAsta,1200\n";
    var lists = count("batch");
    var answer = sent(list);
    assertEquals(answer.getResponse().getStatus(), 422);
    assertTrue(body(answer).get("faults").size() > 0, body(answer).toString());
    assertEquals(count("batch"), lists);
  }

  @Test
  public void theTemplateHasAColumnForEverythingARowMayHold() throws Exception {
    var template =
        asIkenna(get("/api/services/{service}/list-template", "schoolMeals")).getResponse();
    assertTrue(template.getContentType().startsWith("text/csv"));
    var columns = template.getContentAsString().strip().split(",");
    for (var column : COLUMNS.strip().split(",")) {
      assertTrue(List.of(columns).contains(column), column);
    }
  }

  @Test
  public void aListIsItsSendersOwnAndIsPutAwayByThem() throws Exception {
    var batch = through(COLUMNS + row("Frida", "Gjestland", "11 3 1984", "1200"));
    var id = batch.get("id").stringValue();
    var claim = batch.at("/taken/0/claims/0").stringValue();
    for (var path : new String[] {"/api/batches/{id}", "/api/batches/{id}/returned"}) {
      assertEquals(as("maud", "CASEWORKER", get(path, id)).getResponse().getStatus(), 404, path);
    }
    assertEquals(
        as("maud", "CASEWORKER", delete("/api/batches/{id}", id)).getResponse().getStatus(), 404);
    assertEquals(asIkenna(delete("/api/batches/{id}", id)).getResponse().getStatus(), 200);
    assertEquals(asIkenna(get("/api/batches/{id}", id)).getResponse().getStatus(), 404);
    assertEquals(claim(claim).get("state").stringValue(), "lodged");
  }

  @Test
  public void aRowKeepsItsPacketOnlyWhileItWaits() throws Exception {
    through(COLUMNS + row("Gudrun", "Haugland", "13 3 1984", "1200"));
    assertEquals(count("batch_row where state <> 'waiting' and packet is not null"), 0);
  }
}
