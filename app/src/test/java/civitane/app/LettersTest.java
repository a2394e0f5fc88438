package civitane.app;

import civitane.core.rates.RateShelf;
import civitane.core.services.decisionappeal.DecisionAppeal;
import civitane.core.time.OpenDays;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Letters say what they must, and their code is confirmed without telling anything private. */
public class LettersTest extends OnDatabase {

  private static final DateTimeFormatter IN_WORDS =
      DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.UK);

  @Autowired
  private RateShelf rates;

  @Test
  public void aDecisionTellsEveryReasonAndHowToAppeal() throws Exception {
    var number = database
        .sql(
            "select number from claim c join household h on h.id = c.household_id where h.name = 'Oluchi Tamsett'")
        .query(String.class)
        .single();
    var id = database
        .sql("select id from letter where kind = 'decision' and about = ?")
        .param(number)
        .query(String.class)
        .single();
    var decided = database
        .sql(
            "select decided_on from claim_decision d join claim c on c.id = d.claim_id where c.number = ?")
        .param(number)
        .query(LocalDate.class)
        .single();
    var last = DecisionAppeal.lastDay(rates.on(decided).orElseThrow(), decided, OpenDays.USUAL);
    var pdf = asIkenna(get("/api/letters/{id}", id)).getResponse().getContentAsByteArray();
    var text = words(pdf);
    assertTrue(text.contains("School meals: our decision"), text);
    assertTrue(text.contains("School meals: at the reduced price, for Wren, from"), text);
    assertTrue(text.contains("is within the limit of"), text);
    assertTrue(text.contains("you may appeal until " + IN_WORDS.format(last)), text);
  }

  @Test
  public void theCodeIsConfirmedToAnybodyAndNothingElse() throws Exception {
    var code = database
        .sql("select code from letter where kind = 'receipt' order by written_on, code limit 1")
        .query(String.class)
        .single();
    var page = page(code.toLowerCase().replace("-", " "));
    assertTrue(page.contains("It is a receipt."), page);
    var names = database.sql("select name from household").query(String.class).list();
    names.forEach(name -> assertFalse(page.contains(name), name));
    assertTrue(page("AAAA-BBBB-CCCC").contains("We know no letter with this code."));
  }

  private String page(String code) throws Exception {
    var response = http.perform(MockMvcRequestBuilders.get("/verify").param("code", code))
        .andReturn()
        .getResponse();
    assertEquals(response.getStatus(), 200);
    return response.getContentAsString();
  }

  @DataProvider
  public static Object[][] safeWays() {
    return new Object[][] {
      {"\"line1\"", "\"hidden\": false, \"line1\"", "Tide Row", "handed over"},
      {"\"line1\"", "\"hidden\": true, \"line1\"", "Protected address", "Tide Row"},
      {
        "\"line1\"",
        "\"mailing\": {\"line1\": \"8 Weir Street\", \"postcode\": \"BK12\"}, \"line1\"",
        "8 Weir Street",
        "Tide Row"
      },
      {
        "\"residentNumber\"",
        "\"contact\": {\"mayWrite\": false}, \"residentNumber\"",
        "to be handed over at the counter",
        "Tide Row"
      },
    };
  }

  @Test(dataProvider = "safeWays")
  public void everyLetterGoesOnlyWhereItIsSafe(
      String where, String told, String printed, String notPrinted) throws Exception {
    var lodged = lodged(Packets.meals(2).replaceFirst(where, told));
    var number = lodged.get("claims").get(0).stringValue();
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    // Where the address is hidden, only named people see the household, and somebody signs second.
    if ("open".equals(claim(number).get("state").stringValue())) {
      var version = claim(number).get("version").intValue();
      var signing = "{\"version\": " + version + "}";
      as("teun", "SENIOR", post("/api/claims/{number}/second-signature", signing, number));
    }
    for (var text : new String[] {
      letters("receipt", lodged.get("receipt").stringValue()), letters("decision", number)
    }) {
      assertTrue(text.contains(printed), text);
      assertFalse(text.contains(notPrinted), text);
    }
  }

  @Test
  public void aLetterThatWasOrderedIsPrintedOnceThoughManyAskForItAtOnce() throws Exception {
    var receipt = lodged(Packets.meals(2)).at("/letters/0/id").stringValue();
    // As if the office had been stopped after the letter was ordered and before it was printed.
    database
        .sql("update letter set pdf = null where id = ?::uuid")
        .param(receipt)
        .update();
    var pages = atOnce(
        4,
        i -> () -> java.util.HexFormat.of()
            .formatHex(
                asIkenna(get("/api/letters/{id}", receipt)).getResponse().getContentAsByteArray()));
    assertEquals(Set.copyOf(pages).size(), 1, "the same pages for everybody");
    assertTrue(pages.get(0).length() > 1000);
    assertEquals(count("letter where id = '" + receipt + "' and pdf is not null"), 1);
  }
}
