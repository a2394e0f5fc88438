package civitane.app;

import java.time.LocalDate;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** The facts that a claim goes by: who says what, what is used, and what was known before. */
public class ClaimLedgerTest extends OnDatabase {
  private JsonNode ledger(String number, String query) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/ledger" + query, number)));
  }

  private static JsonNode row(JsonNode ledger, String field) {
    return ledger
        .get("rows")
        .valueStream()
        .filter(row -> row.get("field").stringValue().equals(field))
        .findFirst()
        .orElseThrow(() -> new AssertionError(field + " is not in " + ledger));
  }

  @Test
  public void everyFactTheChecksUseIsThereWithWhoSaidIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    var ledger = ledger(number, "");
    var total = row(ledger, "householdTotal");
    assertEquals(total.get("used").stringValue(), "2");
    assertFalse(total.get("disagrees").booleanValue());
    assertTrue(total.get("shown").isNull() && total.get("checked").isNull());
    assertEquals(total.get("said").get("source").stringValue(), "application");
    assertEquals(total.get("group").stringValue(), "School meals");
    var wage = ledger.get("wages").get(0);
    assertEquals(wage.get("said").stringValue(), "€1,863.33");
    assertEquals(wage.get("used").stringValue(), "€1,863.33");
    assertEquals(wage.get("slips").intValue(), 0);
    assertEquals(wage.get("enough").intValue(), 4);
  }

  @Test
  public void whoStatesToHaveNoIncomeStandsThereWithWhatIsKnownAllTheSame() throws Exception {
    var stated = "\"noIncome\": [{\"person\": \"p1\", \"since\": \"2026-10-01\","
        + " \"livesOn\": \"savings\"}], \"incomes\": ";
    var packet = Packets.meals(2);
    var both = ledger(claimOf(packet.replace("\"incomes\": ", stated)), "").at("/statements/0");
    assertEquals(both.get("livesOn").stringValue(), "savings");
    assertEquals(both.get("since").stringValue(), "2026-10-01");
    assertEquals(both.get("against").get(0).stringValue(), "Wages");
    var none = Packets.meals(2).replaceAll("\"incomes\": \\[.*?]", stated + "[]");
    var alone = ledger(claimOf(none), "").get("statements");
    assertEquals(alone.size(), 1);
    assertTrue(alone.get(0).get("against").isEmpty(), alone.toString());
  }

  @Test
  public void aValueSetByHandIsUsedAndWhatWasSaidStaysBesideIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    var version = taken(number).get("version").intValue();
    var place = row(ledger(number, ""), "amount").get("place").stringValue();
    var set = asIkenna(post("/api/claims/{number}/answers", """
            {"version": %d, "pointer": "%s", "value": 480, "reason": "hours as in the contract"}
            """.formatted(version, place), number));
    assertEquals(set.getResponse().getStatus(), 200, set.getResponse().getContentAsString());
    var amount = row(ledger(number, ""), "amount");
    assertEquals(amount.get("used").stringValue(), "€480.00");
    assertEquals(amount.get("said").get("value").stringValue(), "€430.00");
    assertEquals(amount.get("set").get("because").stringValue(), "hours as in the contract");
    assertEquals(amount.get("history").size(), 2);
    assertEquals(amount.get("history").get(0).get("kind").stringValue(), "used");
  }

  @Test
  public void beforeItWasToldNothingWasKnown() throws Exception {
    var number = claimOf(Packets.meals(2));
    var before = ledger(number, "?knownOn=" + LocalDate.now(clock).minusDays(1));
    assertEquals(before.get("rows").size(), 0, before.toString());
    var later = ledger(number, "?knownOn=" + LocalDate.now(clock));
    assertTrue(later.get("rows").size() > 0, later.toString());
  }
}
