package civitane.app;

import civitane.app.decisions.Rerun;
import java.util.Collections;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A decision is what the rules say, or otherwise with a reason and two signatures, is kept whole, and goes out once. */
public class DecisionsTest extends OnDatabase {
  @Autowired
  private Rerun rerun;

  private static final String RICH = "\"amount\": 430.00";
  private static final String POOR = "\"amount\": 2430.00";

  @Test
  public void aRefusalTellsEachReasonWithItsNumbersAndNoAmount() throws Exception {
    var number = claimOf(Packets.meals(2).replace(RICH, POOR));
    var claim = taken(number);
    var granted = decision(number, claim, true);
    assertEquals(granted.getResponse().getStatus(), 422);
    assertEquals(decision(number, claim, false).getResponse().getStatus(), 200);
    var letter = letters("decision", number);
    assertTrue(letter.contains("School meals: our decision"), letter);
    assertTrue(letter.contains("Our answer is no."), letter);
    assertFalse(letter.contains("What you get"), letter);
    assertTrue(letter.contains("is over the limit of"), letter);
    assertFalse(letter.contains("is within the limit of"), letter);
  }

  @Test
  public void ofManyWhoDecideAtOnceOneDecides() throws Exception {
    var number = claimOf(Packets.meals(2));
    var claim = taken(number);
    var answers =
        atOnce(4, i -> () -> decision(number, claim, true).getResponse().getStatus());
    assertEquals(Collections.frequency(answers, 200), 1, answers.toString());
    assertEquals(count("letter where kind = 'decision' and about = '" + number + "'"), 1);
    for (var table : new String[] {"claim_decision", "determination"}) {
      assertEquals(
          count(table + " d join claim c on c.id = d.claim_id where c.number = '" + number + "'"),
          1,
          table);
    }
  }

  @Test
  public void aDecisionOnWhatSomebodyChangedMeanwhileIsNotMade() throws Exception {
    var number = claimOf(Packets.meals(2));
    var seen = taken(number);
    var answered =
        asIkenna(answer(number, seen, "/household/incomes/0/amount", "2430", "payslips"));
    assertEquals(answered.getResponse().getStatus(), 200);
    var late = decision(number, seen, false);
    assertEquals(late.getResponse().getStatus(), 412);
    assertTrue(
        body(late).get("detail").stringValue().contains("Look at it again"),
        body(late).toString());
    assertEquals(count("letter where kind = 'decision' and about = '" + number + "'"), 0);
    assertEquals(decision(number, body(answered), false).getResponse().getStatus(), 200);
  }

  @Test
  public void aPreviewIsTheLetterAndKeepsNothing() throws Exception {
    var number = claimOf(Packets.meals(2));
    taken(number);
    var pdf = asIkenna(post("/api/claims/{number}/letter-preview", "{\"grant\": true}", number))
        .getResponse();
    assertEquals(pdf.getContentType(), "application/pdf");
    assertTrue(pdf.getHeader("Cache-Control").contains("no-store"));
    var words = words(pdf.getContentAsByteArray());
    assertTrue(words.contains("Our answer is yes."), words);
    var otherwise = "{\"grant\": false, \"reason\": \"The child moved away in summer.\"}";
    var told = words(asIkenna(post("/api/claims/{number}/letter-preview", otherwise, number))
        .getResponse()
        .getContentAsByteArray());
    assertTrue(
        told.contains("The child moved away in summer."), "the reason that goes out: " + told);
    assertEquals(count("letter where about = '" + number + "'"), 0);
    assertEquals(claim(number).get("state").stringValue(), "open");
  }

  @Test
  public void whatWasDeterminedComesOutTheSameAgain() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var report = rerun.run();
    assertTrue(report.made() >= 1);
    assertEquals(report.different().toString(), "[]");
    database
        .sql("alter table determination disable trigger determination_stays")
        .update();
    var id = database
        .sql("select id from claim where number = ?")
        .param(number)
        .query(String.class)
        .single();
    var change = "update determination set packet = replace(packet, ?, ?) where claim_id = ?::uuid";
    database.sql(change).params("430", "431", id).update();
    var changed = rerun.run().different();
    assertEquals(changed.size(), 1);
    assertTrue(changed.get(0).changed());
    assertEquals(changed.get(0).claim().toString(), id);
    database.sql(change).params("431", "430", id).update();
    database.sql("alter table determination enable trigger determination_stays").update();
    assertEquals(rerun.run().different().toString(), "[]");
  }

  @DataProvider
  public static Object[][] answersThatCanNotBe() {
    return new Object[][] {
      {"/household/incomes/0/amount", "500", " ", "reason"},
      {"/household/incomes/7/amount", "500", "a payslip", "no such place"},
      {"/nowhere/at/all", "1", "a payslip", "no such place"},
      {"/lodgedOn", "\"2026-01-01\"", "a stamp", "no such place"},
      {"/papers/0/accepted", "true", "looks right", "no such place"},
      {"/signatures/0/name", "\"Somebody\"", "a call", "no such place"},
      {"/requests/0/service", "\"rentRelief\"", "a call", "no such place"},
      {"/household/people/0/id", "\"p9\"", "a call", "no such place"},
      {"/household/incomes/0/amount", "\"much\"", "a payslip", "read"},
      {"/household/people/0/birthDate", "\"2020-02-31\"", "a passport", "read"}
    };
  }

  @Test(dataProvider = "answersThatCanNotBe")
  public void anAnswerThatCanNotBeChangesNothing(
      String pointer, String value, String reason, String said) throws Exception {
    var number = claimOf(Packets.meals(2));
    var before = taken(number);
    var refused = asIkenna(answer(number, before, pointer, value, reason));
    assertEquals(
        refused.getResponse().getStatus(), 422, refused.getResponse().getContentAsString());
    assertTrue(
        body(refused).get("detail").stringValue().contains(said), body(refused).toString());
    var after = claim(number);
    assertEquals(after.get("version"), before.get("version"));
    assertEquals(after.get("packet"), before.get("packet"));
  }

  @Test
  public void theWorkingSaysWhatTheRulesSayAndLaterWhatWasDecided() throws Exception {
    var number = claimOf(Packets.meals(2));
    var working = body(asIkenna(get("/api/claims/{number}/working", number)));
    assertEquals(working.at("/result/outcome").stringValue(), "entitled");
    assertTrue(working.get("decision").isNull());
    assertEquals(working.get("letters").size(), 0);
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var decided = body(asIkenna(get("/api/claims/{number}/working", number)));
    assertEquals(decided.at("/decision/outcome").stringValue(), "granted");
    assertEquals(decided.at("/decision/by").stringValue(), "Ikenna Okonjo");
    assertEquals(decided.get("letters").size(), 1);
  }

  @Test
  public void aDecisionOtherwiseThanComputedSaysItsReasonInTheLetter() throws Exception {
    var number = claimOf(Packets.meals(2).replace(RICH, POOR));
    var version = taken(number).get("version").intValue();
    var reason = "The father left the household on the day the form came in.";
    var granted = as(
        "teun",
        "SENIOR",
        post(
            "/api/claims/{number}/decision",
            "{\"version\": %d, \"grant\": true, \"reason\": \"%s\"}".formatted(version, reason),
            number));
    assertEquals(
        granted.getResponse().getStatus(), 200, granted.getResponse().getContentAsString());
    as(
        "edda",
        "SENIOR",
        post(
            "/api/claims/{number}/second-signature",
            "{\"version\": " + body(granted).get("version").intValue() + "}",
            number));
    var letter = letters("decision", number);
    assertTrue(letter.contains("Our answer is yes. We decided otherwise"), letter);
    assertTrue(letter.contains(reason), letter);
  }
}
