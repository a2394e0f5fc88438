package civitane.app;

import civitane.app.claims.Reaching;
import jakarta.servlet.http.Cookie;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who acts for somebody else asks at the door: told nothing more until the office has seen by what right. */
public class ForOthersTest extends WithApplications {
  private static final String PHONE = "/household/people/0/contact/phone";

  @Autowired
  private Reaching reaching;

  private static Map<String, String> acting(String right, String name) {
    return Map.of(
        "/taking/actsAs", right,
        "/taking/actor/name", name,
        "/taking/actor/shownBy", "order of the court",
        "/taking/actor/letters", "acting",
        "/taking/actor/contact", "4 Marsh Road, BK47 Reedholm");
  }

  private static String other(JsonNode form, String name) {
    return form.get("others")
        .valueStream()
        .filter(ask -> name.equals(ask.get("name").stringValue()))
        .map(ask -> ask.get("value").stringValue())
        .findFirst()
        .orElseThrow();
  }

  /** The number of what is lodged by a visit. */
  private String number(Cookie visit) throws Exception {
    return body(perform(get("/api/door/standing"), visit))
        .at("/claims/0/number")
        .stringValue();
  }

  private JsonNode unseen(JsonNode claim) {
    return claim
        .get("items")
        .valueStream()
        .filter(item -> item.get("subject").stringValue().startsWith("acts:"))
        .findFirst()
        .orElseThrow();
  }

  private void answered(String number, boolean yes) throws Exception {
    var mine = taken(number);
    var answer = asIkenna(post(
        "/api/claims/{number}/items/{item}/acts",
        "{\"version\": %d, \"yes\": %s, \"because\": \"order of the court, page 1\"}"
            .formatted(mine.get("version").intValue(), yes),
        number,
        unseen(mine).get("id").intValue()));
    assertEquals(answer.getResponse().getStatus(), 200, answer.getResponse().getContentAsString());
  }

  @Test
  public void aGuardianAsksAndComesBackOnceSeen() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    typed(visit, family("Ottilie"));
    typed(visit, acting("guardian", "Abel Nkemelu"));
    var form = form(visit);
    assertEquals(answer(form, PHONE), "", "it is the guardian's");
    assertEquals(other(form, "/taking/actor/name"), "Abel Nkemelu");
    var told = body(perform(get("/api/door/application/told"), visit)).toString();
    assertTrue(told.contains("Abel Nkemelu") && told.contains("I may act for"), told);

    assertFalse(
        signed(visit, "Ottilie Quillon").get("lodged").booleanValue(), "the guardian signs");
    assertTrue(signed(visit, "abel nkemelu").get("lodged").booleanValue());
    var number = number(visit);
    var claim = claim(number);
    var signature = claim.at("/packet/signatures/0");
    assertEquals(signature.get("name").stringValue(), "Ottilie Quillon");
    assertEquals(signature.get("signedBy").stringValue(), "abel nkemelu");
    assertEquals(claim.at("/acting/0/reachedAt").stringValue(), phone);
    assertEquals(claim.at("/next/words").stringValue(), "See by what right they act");
    var receipt = letters(
        "receipt",
        database
            .sql(
                "select receipt from application a join claim c on c.application_id = a.id where c.number = ?")
            .param(number)
            .query(String.class)
            .single());
    assertTrue(receipt.contains("abel nkemelu signed for Ottilie Quillon"), receipt);
    assertFalse(receipt.contains("care of"), "nobody has seen yet whether they may");

    var before = codesTo(phone).size();
    perform(post("/api/door/code", written(Map.of("number", number))));
    answered(number, true);
    var seen = claim(number);
    assertTrue(seen.at("/acting/0/identityChecked").booleanValue());
    assertFalse(
        seen.get("items").toString().contains("acts:"), seen.get("items").toString());
    var again = through(number, phone);
    assertEquals(codesTo(phone).size(), before + 1, "none came before they were seen");
    assertEquals(number(again), number);
  }

  @Test
  public void whoMayNotIsToldNothingMore() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    typed(visit, family("Leopolda"));
    typed(visit, acting("representative", "Abel Nkemelu"));
    assertTrue(signed(visit, "Abel Nkemelu").get("lodged").booleanValue());
    var number = number(visit);
    answered(number, false);
    var claim = claim(number);
    assertTrue(claim.at("/acting/0/over").booleanValue());
    assertEquals(reachable(number), List.of());
  }

  private List<String> reachable(String number) {
    return reaching.of(number).stream().map(way -> String.valueOf(way.at())).toList();
  }

  @Test
  public void whoeverActsNamesWhatShowsItAndAnOrganisationWhoSpeaks() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(visit, family("Wilhelmina"));
    typed(visit, Map.of("/taking/actsAs", "organisation", "/taking/actor/letters", "acting"));
    var against = signed(visit, "Ilse Brandt");
    assertFalse(against.get("lodged").booleanValue());
    var places = against
        .get("wrong")
        .valueStream()
        .map(one -> one.get("name").stringValue())
        .toList();
    assertTrue(
        places.containsAll(List.of(
            "/taking/actor/name",
            "/taking/actor/speaker",
            "/taking/actor/shownBy",
            "/taking/actor/contact")),
        places.toString());
    var all = new HashMap<>(acting("organisation", "Marsh Road School"));
    all.put("/taking/actor/speaker", "Ilse Brandt");
    typed(visit, all);
    assertTrue(signed(visit, "Ilse Brandt").get("lodged").booleanValue());
    var acts = claim(number(visit)).at("/acting/0");
    assertEquals(acts.get("name").stringValue(), "Marsh Road School");
    assertEquals(acts.get("speaker").stringValue(), "Ilse Brandt");
  }

  @Test
  public void whoAsksForThemselvesAfterAllIsReachedThemselves() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    typed(visit, family("Rosalind"));
    typed(visit, acting("guardian", "Abel Nkemelu"));
    typed(visit, Map.of("/taking/actsAs", "self"));
    assertEquals(answer(form(visit), PHONE), phone);
    assertTrue(signed(visit, "Rosalind Quillon").get("lodged").booleanValue());
    var claim = claim(number(visit));
    assertEquals(claim.get("acting").size(), 0);
    assertTrue(claim.at("/packet/signatures/0/signedBy").isMissingNode()
        || claim.at("/packet/signatures/0/signedBy").isNull());
  }

  @Test
  public void theContactIsTheirsAgainBeforeAnythingElseIsTyped() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    typed(visit, Map.of("/taking/actsAs", "guardian"));
    assertEquals(answer(form(visit), PHONE), "");
    typed(visit, Map.of("/taking/actsAs", "self"));
    assertEquals(answer(form(visit), PHONE), phone);
  }

  @DataProvider
  public Object[][] strange() {
    return new Object[][] {
      {"/taking/actsAs", "king"},
      {"/taking/declared", "true"},
      {"/taking/actor/identityChecked", "true"},
      {"/taking/actor/reachedAt", "0555 030 001"},
      {"/taking/marks", "{}"}
    };
  }

  @Test(dataProvider = "strange")
  public void nothingElseOfHowItIsTakenCanBeTyped(String name, String text) throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(visit, family("Sidonie"));
    typed(visit, Map.of(name, text));
    assertTrue(signed(visit, "Sidonie Quillon").get("lodged").booleanValue());
    var number = number(visit);
    assertEquals(claim(number).get("acting").size(), 0);
    var taking = json.readTree(database
            .sql(
                "select draft from application a join claim c on c.application_id = a.id where c.number = ?")
            .param(number)
            .query(String.class)
            .single())
        .get("taking");
    assertFalse(taking.path("declared").asBoolean(true), taking.toString());
    for (var never : new String[] {"king", "identityChecked", "reachedAt", "marks"}) {
      assertFalse(taking.toString().contains(never), taking.toString());
    }
  }

  /** Whoever acts and was seen signs what is put right, and whatever else is signed at the door. */
  @Test
  public void whoActsSignsForThemLater() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    typed(visit, family("Mechthild"));
    typed(visit, acting("guardian", "Abel Nkemelu"));
    assertTrue(signed(visit, "Abel Nkemelu").get("lodged").booleanValue());
    var number = number(visit);
    answered(number, true);
    var again = through(number, phone);
    assertEquals(
        status(perform(post("/api/door/again", written(Map.of("service", "childDental"))), again)),
        204);
    typed(again, Map.of("/requests/0/answers/children/0/person", "2"));
    assertFalse(signed(again, "Somebody Else").get("lodged").booleanValue());
    assertTrue(signed(again, "Abel Nkemelu").get("lodged").booleanValue());
    var numbers = database
        .sql("select number from claim where household_id = ? order by number")
        .param(UUID.fromString(claim(number).get("household").stringValue()))
        .query(String.class)
        .list();
    assertEquals(numbers.size(), 2);
    assertEquals(
        claim(numbers.get(1)).at("/packet/signatures/0/signedBy").stringValue(), "Abel Nkemelu");
  }
}
