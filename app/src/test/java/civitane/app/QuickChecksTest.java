package civitane.app;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** A first look tells whether it is worth applying, keeps nothing, and hands on what was told. */
public class QuickChecksTest extends OnDatabase {

  private JsonNode look(String service, String told) throws Exception {
    var answer = asIkenna(post("/api/quick-checks/{service}", told, service));
    assertEquals(answer.getResponse().getStatus(), 200, answer.getResponse().getContentAsString());
    return body(answer);
  }

  private static String household(String monthly) {
    return ("{\"postcode\": \"BK31\", \"adults\": 1, \"from14\": 0, \"under14\": 1, \"monthly\": %s,"
            + " \"owned\": 0, \"answers\": {}}")
        .formatted(monthly);
  }

  @DataProvider
  public static Object[][] verdicts() {
    return new Object[][] {
      {"schoolMeals", household("900"), "worthwhile"},
      {"schoolMeals", household("9000"), "not"},
      {"schoolMeals", household("null"), "open"},
      {"householdAllowance", household("0"), "worthwhile"},
      {"householdAllowance", household("9000"), "not"},
    };
  }

  @Test(dataProvider = "verdicts")
  public void theVerdictFollowsTheDecidingFacts(String service, String told, String verdict)
      throws Exception {
    var look = look(service, told);
    assertEquals(look.get("verdict").stringValue(), verdict, look.toString());
  }

  @Test
  public void moneyAtHandThatWasLeftBlankIsNotNothing() throws Exception {
    var blank = household("0").replace("\"owned\": 0", "\"owned\": null");
    for (var service : new String[] {"householdAllowance", "rentRelief", "homePaymentRelief"}) {
      var look = look(service, blank);
      assertTrue(look.at("/packet/household/assets").isMissingNode(), service);
      look.get("tests").forEach(check -> {
        if (check.get("id").stringValue().matches(".*-(ASSETS|RESOURCES|LIQUID)")) {
          assertEquals(check.get("outcome").stringValue(), "unknown", check.toString());
        }
      });
    }
  }

  @Test
  public void anAmountIsEstimatedOnlyWhereThereMayBeOne() throws Exception {
    assertTrue(look("householdAllowance", household("0")).get("working").size() > 0);
    assertEquals(look("householdAllowance", household("9000")).get("working").size(), 0);
  }

  @Test
  public void whatWasToldIsAPacketToGoOnWith() throws Exception {
    var packet = look("schoolMeals", household("900")).get("packet");
    assertEquals(packet.at("/household/people").size(), 2);
    assertEquals(packet.at("/household/incomes/0/amount").decimalValue().intValueExact(), 900);
    assertEquals(packet.at("/requests/0/service").stringValue(), "schoolMeals");
  }

  @Test
  public void aHouseholdOfNobodyAndAServiceThatIsNoneAreRefused() throws Exception {
    var nobody = household("0").replace("\"adults\": 1", "\"adults\": 0");
    assertEquals(
        asIkenna(post("/api/quick-checks/{service}", nobody, "schoolMeals"))
            .getResponse()
            .getStatus(),
        422);
    assertEquals(
        asIkenna(post("/api/quick-checks/{service}", household("0"), "freeMoney"))
            .getResponse()
            .getStatus(),
        404);
  }

  @Test
  public void theChartsAreThoseOfTheBookInForce() throws Exception {
    var charts = body(asIkenna(get("/api/services/{service}/charts", "schoolMeals")));
    assertEquals(charts.get("book").stringValue(), "2026-07");
    assertEquals(
        charts.at("/lines/0/first").decimalValue().toPlainString().replaceAll("\\.0+$", ""),
        "15840");
  }
}
