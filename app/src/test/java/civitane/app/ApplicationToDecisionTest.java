package civitane.app;

import civitane.words.Language;
import civitane.words.Words;
import java.util.Collections;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

/** An application from the packet to the letter, and what must not happen on the way. */
public class ApplicationToDecisionTest extends OnDatabase {

  @Test
  public void isLodgedTakenDecidedAndWrittenOnce() throws Exception {
    var lodged = lodged(Packets.meals(2));
    var number = lodged.get("claims").get(0).stringValue();
    assertEquals(lodged.get("letters").size(), 1);
    assertEquals(claim(number).get("state").stringValue(), "lodged");
    var taken = taken(number);
    assertEquals(taken.get("next").get("words").stringValue(), "Decide it");
    var decision = "{\"version\": " + taken.get("version").intValue() + ", \"grant\": true}";
    var decided = asIkenna(post("/api/claims/{number}/decision", decision, number));
    assertEquals(
        decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    assertEquals(body(decided).get("state").stringValue(), "decided");
    var again = asIkenna(post("/api/claims/{number}/decision", decision, number));
    assertNotEquals(again.getResponse().getStatus(), 200);
    assertEquals(count("letter where about = '" + number + "'"), 1);
    var hash = database
        .sql(
            "select d.rules, d.book, d.book_hash, d.packet, d.result, d.hash from determination d join claim c on c.id = d.claim_id where c.number = ?")
        .param(number)
        .query((row, n) -> civitane.app.audit.Hash.of(String.join(
                "\n",
                row.getString(1),
                row.getString(2),
                row.getString(3),
                row.getString(4),
                row.getString(5)))
            .equals(row.getString(6)))
        .single();
    assertTrue(hash, "the determination's hash is over rules, book, facts and result");
  }

  @Test
  public void aGapBecomesAnItemOfTheHouseholdAndAnAnswerSettlesIt() throws Exception {
    var number = claimOf(Packets.meals(3));
    var taken = taken(number);
    assertEquals(taken.get("turn").stringValue(), "household");
    assertEquals(
        taken.get("items").get(0).get("words").stringValue(),
        "3 people were said, and 2 are listed and counted.");
    var early = asIkenna(post(
        "/api/claims/{number}/decision",
        "{\"version\": " + taken.get("version").intValue() + ", \"grant\": true}",
        number));
    assertEquals(early.getResponse().getStatus(), 422);
    var answered = body(asIkenna(
        answer(number, taken, "/requests/0/answers/householdTotal", "2", "said on the phone")));
    assertEquals(answered.get("turn").stringValue(), "ours");
    assertEquals(answered.get("next").get("words").stringValue(), "Decide it");
    assertTrue(
        answered
            .get("events")
            .toString()
            .contains(Words.in(Language.EN).question("schoolMeals.householdTotal") + "”: 3 → 2"),
        answered.get("events").toString());
  }

  @Test
  public void decidingOtherwiseNeedsAReasonAndStandsOnceASeniorHasSigned() throws Exception {
    var number = claimOf(Packets.meals(2));
    var version = taken(number).get("version").intValue();
    var silent = "{\"version\": " + version + ", \"grant\": false}";
    assertEquals(
        asIkenna(post("/api/claims/{number}/decision", silent, number))
            .getResponse()
            .getStatus(),
        422);
    var refuse = "{\"version\": " + version + ", \"grant\": false, \"reason\": \"moved away\"}";
    var decided = asIkenna(post("/api/claims/{number}/decision", refuse, number));
    assertEquals(decided.getResponse().getStatus(), 200);
    assertEquals(body(decided).get("state").stringValue(), "open");
    var working = body(asIkenna(get("/api/claims/{number}/working", number)));
    assertTrue(working.at("/decision/waits").booleanValue());
    assertEquals(working.get("letters").size(), 0, "nothing goes out before it stands");
    var sign = "{\"version\": " + body(decided).get("version").intValue() + "}";
    assertEquals(
        asIkenna(post("/api/claims/{number}/second-signature", sign, number))
            .getResponse()
            .getStatus(),
        403);
    var signed = as("teun", "SENIOR", post("/api/claims/{number}/second-signature", sign, number));
    assertEquals(signed.getResponse().getStatus(), 200, signed.getResponse().getContentAsString());
    assertEquals(body(signed).get("state").stringValue(), "decided");
    var after = body(asIkenna(get("/api/claims/{number}/working", number)));
    assertEquals(after.at("/decision/secondBy").stringValue(), "Teun Abara");
    assertEquals(after.get("letters").size(), 1);
  }

  @Test
  public void whoDecidedCantSignSecondAndWhoSignsMaySendItBack() throws Exception {
    var number = claimOf(Packets.meals(2));
    var version = taken(number).get("version").intValue();
    var refuse = "{\"version\": " + version + ", \"grant\": false, \"reason\": \"moved away\"}";
    var decided = body(as("teun", "SENIOR", post("/api/claims/{number}/decision", refuse, number)));
    var on = decided.get("version").intValue();
    var sign = "{\"version\": " + on + "}";
    assertEquals(
        as("teun", "SENIOR", post("/api/claims/{number}/second-signature", sign, number))
            .getResponse()
            .getStatus(),
        422);
    var back = as(
        "edda",
        "SENIOR",
        post(
            "/api/claims/{number}/sent-back",
            "{\"version\": " + on + ", \"because\": \"ask the school first\"}",
            number));
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    assertEquals(body(back).get("state").stringValue(), "open");
    assertEquals(
        body(asIkenna(get("/api/claims/{number}/working", number)))
            .get("letters")
            .size(),
        0);
    assertTrue(
        claim(number).get("events").toString().contains("ask the school first"),
        claim(number).get("events").toString());
  }

  @Test
  public void twoWindowsOnOneDraftNeverOverwriteEachOther() throws Exception {
    var application = begin(Packets.meals(2));
    var draft = application.get("draft").toString();
    var id = application.get("id").stringValue();
    var first = as(
        "maud", "CASEWORKER", put("/api/applications/{id}", draft, id).header("If-Match", "\"0\""));
    assertEquals(first.getResponse().getStatus(), 200);
    var second = asIkenna(put("/api/applications/{id}", draft, id).header("If-Match", "\"0\""));
    assertEquals(second.getResponse().getStatus(), 412);
    assertTrue(
        body(second).get("detail").stringValue().contains("Maud Verhallen"),
        body(second).toString());
  }

  @Test
  public void lodgedTwiceAtOnceIsLodgedOnce() throws Exception {
    var application = begin(Packets.meals(2));
    var id = application.get("id").stringValue();
    var answers = atOnce(4, i -> () -> lodging(application, 0).getResponse().getStatus());
    assertEquals(Collections.frequency(answers, 200), 1, answers.toString());
    assertEquals(count("claim where application_id = '" + id + "'"), 1);
  }

  @Test
  public void lodgingTellsEverythingThatLacksAtOnce() throws Exception {
    var empty = body(asIkenna(post("/api/applications", "")));
    var refused = lodging(empty, 0);
    assertEquals(refused.getResponse().getStatus(), 422);
    var pointers = body(refused).get("faults").toString();
    for (var pointer : new String[] {"givenName", "line1", "/signatures", "/requests"}) {
      assertTrue(pointers.contains(pointer), pointers);
    }
  }

  @Test
  public void aPacketWithFaultsIsToldEachOfThem() throws Exception {
    var packet = Packets.meals(1, 2, "en")
        .replace("\"amount\": 430.00", "\"amuont\": 430.00")
        .replaceFirst("\"birthDate\": \"[^\"]*\"", "\"birthDate\": \"1988-02-30\"");
    var refused = bring(packet);
    assertEquals(refused.getResponse().getStatus(), 422);
    assertEquals(body(refused).get("faults").size(), 2, body(refused).toString());
  }

  @Test
  public void theMarginWorksOutWhatCanBeReadAndSaysWhatCannot() throws Exception {
    var packet = json.readTree(Packets.meals(2).replace("\"weekly\"", "\"wekly\""));
    var margin = body(asIkenna(post("/api/margin", "{\"packet\": " + packet + ", \"typed\": {}}")));
    assertEquals(
        margin.get("faults").get(0).get("pointer").stringValue(), "/household/incomes/0/frequency");
    assertEquals(margin.get("results").get(0).get("outcome").stringValue(), "unknown");
  }

  @Test
  public void factsAreKeptAsTheyWere() throws Exception {
    var lodged = lodged(Packets.meals(2));
    var household = database
        .sql("select household_id from application where id = ?::uuid")
        .param(lodged.get("id").stringValue())
        .query(String.class)
        .single();
    assertTrue(count("entry where kind = 'SAID' and (subject_id = '" + household
            + "' or refers_to = '" + household + "')")
        >= 2);
  }
}
