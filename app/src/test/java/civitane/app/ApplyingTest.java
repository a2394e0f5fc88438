package civitane.app;

import civitane.app.door.Lying;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A household applies through its door: begins, leaves, comes back, signs, and sees from then on where it stands. */
public class ApplyingTest extends WithApplications {
  @Autowired
  private Lying lying;

  private static List<String> pages(JsonNode form) {
    return form.get("pages")
        .valueStream()
        .map(page -> page.get("title").stringValue())
        .toList();
  }

  @Test
  public void aFamilyAppliesFromItsPhone() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    var form = form(visit);
    assertEquals(answer(form, "/household/people/0/contact/phone"), phone);
    assertTrue(pages(form).size() > 5, pages(form).toString());
    typed(visit, family("Oriane"));
    var after = form(visit);
    assertEquals(answer(after, "/household/people/0/birthDate"), "1988-03-14");
    assertEquals(answer(after, "/household/people/1/givenName"), "Nils", "no place is left empty");
    assertEquals(answer(after, "/requests/0/answers/children/0/person"), "2", "who moved up");

    var told = body(perform(get("/api/door/application/told"), visit));
    assertTrue(told.toString().contains("Oriane Quillon"), told.toString());
    assertFalse(told.get("statements").isEmpty());

    var otherwise = signed(visit, "Oriane Tarn");
    assertFalse(otherwise.get("lodged").booleanValue());
    assertTrue(
        otherwise
            .toString()
            .contains("You signed Oriane Tarn; the application says Oriane Quillon"),
        otherwise.toString());
    assertTrue(signed(visit, "oriane quillon").get("lodged").booleanValue());

    assertEquals(status(perform(get("/api/door/application"), visit)), 403, "it is lodged");
    var claims = body(perform(get("/api/door/standing"), visit)).get("claims");
    assertEquals(claims.size(), 1);
    var number = claims.get(0).get("number").stringValue();
    var letters = claims.get(0).get("letters");
    assertEquals(letters.get(0).get("title").stringValue(), "Receipt");
    assertEquals(
        status(
            perform(get("/api/door/letters/{id}", letters.get(0).get("id").stringValue()), visit)),
        200);
    var come = database
        .sql("select e.recorded_by from entry e join claim c on c.request_id = e.subject_id"
            + " where c.number = ? limit 1")
        .param(number)
        .query(String.class)
        .single();
    assertTrue(come.startsWith("person/"), come);
    codeByNumber(number, phone);
  }

  /** What the registers were asked about the household of a claim. */
  private long inquiries(String number) {
    return count("register_inquiry i join claim c on c.household_id = i.household_id"
        + " where c.number = '" + number + "'");
  }

  @Test
  public void theRegistersAreAskedWhereTheyAllowItAndOnceSomebodySawWhoTheyAre() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(visit, family("Rosalind"));
    typed(
        visit,
        Map.of(
            "/household/people/0/residentNumberMissing", "",
            "/household/people/0/residentNumber", "3719448262"));
    var offered = body(perform(get("/api/door/application/told"), visit)).get("mayAsk");
    assertEquals(offered.get("whom").findValuesAsString("word"), List.of("registers", "employer"));
    assertTrue(offered.get("until").stringValue().contains("2027"), offered.toString());
    assertTrue(allowing(visit, "Rosalind Quillon", List.of("lender"), 422)
        .getResponse()
        .getContentAsString()
        .contains("nobody who is asked for this"));
    allowing(visit, "Rosalind Quillon", List.of("registers"), 200);
    var number =
        body(perform(get("/api/door/standing"), visit)).at("/claims/0/number").stringValue();
    var consents = claim(number).at("/packet/household/consents");
    assertEquals(consents.findValuesAsString("to"), List.of("registers"));

    assertEquals(inquiries(number), 0, "nobody learns at the door what a register says");
    var unasked =
        body(asIkenna(get("/api/claims/{number}/comparisons", number))).get("unasked");
    assertTrue(unasked.toString().contains("opulation register"), unasked.toString());
    taken(number);
    assertEquals(
        asIkenna(post("/api/claims/{number}/registers", "", number))
            .getResponse()
            .getStatus(),
        200);
    assertEquals(inquiries(number), unasked.size());
  }

  @Test
  public void whoWouldRatherHandItInOnPaperPrintsWhatTheyTyped() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(visit, family("Philippa"));
    var form = perform(get("/api/door/application/forms/schoolMeals?language=fr"), visit);
    assertEquals(status(form), 200);
    var values = values(form.getResponse().getContentAsByteArray());
    for (var told : new String[] {"Philippa", "Quillon", "4 Sluice Walk", "Marsh Road School"}) {
      assertTrue(values.contains(told), told + ": " + values);
    }
    assertEquals(
        status(perform(get("/api/door/application/forms/rentRelief"), visit)),
        404,
        "not asked for");
    assertEquals(status(perform(get("/api/door/application/forms/schoolMeals"))), 401);
  }

  /** With its number they come back, since a text came to that phone. */
  private void codeByNumber(String number, String phone) throws Exception {
    codeTo(phone, post("/api/door/code", written(Map.of("number", number))));
  }

  @Test
  public void whatIsToldOnceCountsForAllThatIsAskedFor() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(visit, family("Perpetua"));
    var before = form(visit);
    assertTrue(before.get("more").toString().contains("\"childDental\""));
    var asked = perform(
        post(
            "/api/door/application/more",
            written(Map.of("version", before.get("version").intValue(), "service", "childDental"))),
        visit);
    assertEquals(status(asked), 200, asked.getResponse().getContentAsString());
    var after = body(asked);
    assertTrue(pages(after).size() > pages(before).size(), pages(after).toString());
    assertFalse(after.get("more").toString().contains("\"childDental\""));
    assertEquals(answer(after, "/requests/0/answers/children/0/school"), "Marsh Road School");
    typed(visit, Map.of("/requests/1/answers/children/0/person", "2"));
    assertEquals(
        answer(form(visit), "/requests/0/answers/children/0/school"),
        "Marsh Road School",
        "what was told for the first stays");
    assertTrue(signed(visit, "Perpetua Quillon").get("lodged").booleanValue());
    assertEquals(body(perform(get("/api/door/standing"), visit)).get("claims").size(), 2);
  }

  @Test
  public void whatCannotBeReadIsKeptAndSaid() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    var saved = typed(
        visit,
        Map.of(
            "/household/people/0/birthDate", "the day of the flood",
            "/household/incomes/0/amount", "about 400"));
    assertEquals(saved.get("wrong").size(), 2, saved.toString());
    var form = form(visit, "fr");
    assertEquals(answer(form, "/household/people/0/birthDate"), "the day of the flood");
    assertTrue(form.toString().contains("Écrivez un jour"), form.toString());
    var against = signed(visit, "");
    assertFalse(against.get("lodged").booleanValue());
  }

  @Test
  public void whatIsMissingIsSaidAtItsPageAndNothingIsLodged() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    typed(
        visit,
        Map.of(
            "/household/people/0/givenName", "Sunniva",
            "/household/people/0/familyName", "Aldous",
            "/household/incomes/0/amount", "400"));
    var against = signed(visit, "Sunniva Aldous");
    assertFalse(against.get("lodged").booleanValue());
    var wrong = against.get("wrong");
    assertEquals(wrong.size(), 1, wrong.toString());
    assertEquals(wrong.get(0).get("name").stringValue(), "/household/incomes/0/kind");
    assertEquals(wrong.get(0).get("says").stringValue(), "Still missing: Kind of income");
    assertEquals(
        pages(form(visit)).get(wrong.get(0).get("page").intValue()), "What comes in, before tax");
    assertEquals(form(visit).get("elsewhere").booleanValue(), false);
  }

  @Test
  public void theyComeBackToItFromAnywhereUntilTheOfficeGoesOn() throws Exception {
    var phone = phone();
    var first = begun(phone, "schoolMeals");
    typed(first, Map.of("/household/people/0/givenName", "Mirja"));
    var spelt = phone.replace(" ", "");
    var entered = enter(spelt, codeTo(spelt), "");
    assertEquals(status(entered), 204);
    var second = entered.getResponse().getCookie("civitane-door");
    assertEquals(answer(form(second), "/household/people/0/givenName"), "Mirja");
    var old = form(first).get("version").intValue();
    typed(second, Map.of("/household/people/0/familyName", "Vanterpool"));
    assertEquals(status(type(first, old, Map.of("/household/people/0/familyName", "Other"))), 412);

    var listed = body(asIkenna(get("/api/applications")))
        .valueStream()
        .filter(draft -> "Mirja Vanterpool".equals(draft.get("title").stringValue()))
        .findFirst()
        .orElseThrow();
    var id = listed.get("id").stringValue();
    assertEquals(listed.get("updatedBy").stringValue(), "the household");
    var draft = body(asIkenna(get("/api/applications/{id}", id)));
    var saved = asIkenna(put("/api/applications/{id}", draft.get("draft").toString(), id)
        .header("If-Match", "\"" + draft.get("version") + "\""));
    assertEquals(status(saved), 200);
    assertTrue(form(first).get("elsewhere").booleanValue());
    assertEquals(
        status(type(
            first,
            form(first).get("version").intValue(),
            Map.of("/household/people/0/givenName", "Other"))),
        412);
  }

  @Test
  public void whoAppliesSeesNothingButWhatTheyBegan() throws Exception {
    var visit = begun(phone(), "schoolMeals");
    for (var path : new String[] {"/api/door/standing", "/api/session-of-nobody", "/api/desk"}) {
      var seen = status(perform(get(path), visit));
      assertTrue(seen == 401 || seen == 403 || seen == 404, path + " " + seen);
    }
    assertEquals(
        status(perform(get("/api/door/application"))),
        401,
        "nobody without having shown a contact");
    assertEquals(
        status(asIkenna(get("/api/door/application"))),
        401,
        "who works here is nobody at the door");
  }

  @Test
  public void aCodeIsSpentByWrongTriesAndOpensNothingThatWasNotBegun() throws Exception {
    var phone = phone();
    assertEquals(status(enter(phone, codeTo(phone), "")), 422, "nothing was begun");
    var other = phone();
    var code = codeTo(other);
    var answers = new ArrayList<Integer>();
    for (var i = 0; i < 5; i++) {
      answers.add(status(enter(other, code.equals("000000") ? "000001" : "000000", "schoolMeals")));
    }
    assertTrue(answers.stream().allMatch(one -> one == 422 || one == 429), answers.toString());
    database.sql("delete from sign_in_attempt").update();
    assertEquals(status(enter(other, code, "schoolMeals")), 422, "it is spent");
    for (var nothing : new String[] {"", "me", "a@b", "12"}) {
      assertEquals(status(ask(nothing)), 422, nothing);
    }
  }

  @Test
  public void whoIsLikeSomebodyKnownIsLookedAtByTheOfficeAndNotTold() throws Exception {
    var first = begun(phone(), "schoolMeals");
    typed(first, family("Ottoline"));
    assertTrue(signed(first, "Ottoline Quillon").get("lodged").booleanValue());
    var again = begun(phone(), "schoolMeals");
    typed(again, family("Ottoline"));
    assertTrue(signed(again, "Ottoline Quillon").get("lodged").booleanValue(), "the same answer");
    var claims = body(perform(get("/api/door/standing"), again)).get("claims");
    assertEquals(claims.size(), 1, "nothing of the other household");
    var items = taken(claims.get(0).get("number").stringValue()).toString();
    assertTrue(items.contains("alike:"), items);
  }

  @Test
  public void whatLiesIsRemindedOfOnceAndPutAside() throws Exception {
    var phone = phone();
    var visit = begun(phone, "schoolMeals");
    typed(visit, Map.of("/household/people/0/givenName", "Ingram"));
    var id = database
        .sql("select application_id from door_application where contact like ?")
        .param("%" + phone.replace(" ", ""))
        .query(UUID.class)
        .single();
    clock.ahead(Duration.ofDays(8));
    lookAfterBegun();
    lookAfterBegun();
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> REGISTERS.messages().stream()
            .anyMatch(message ->
                phone.equals(message.get("to")) && message.get("text").startsWith("You began")));
    assertEquals(
        REGISTERS.messages().stream()
            .filter(message -> message.get("text").startsWith("You began"))
            .filter(message -> phone.equals(message.get("to")))
            .count(),
        1);
    assertEquals(state(id), "drafting");
    clock.ahead(Duration.ofDays(31));
    lookAfterBegun();
    assertEquals(state(id), "withdrawn");
    clock.ahead(Duration.ZERO);
    assertEquals(status(enter(phone, codeTo(phone), "")), 422, "there is nothing to come back to");
  }

  /** As each morning. */
  private void lookAfterBegun() {
    lying.tooOld().forEach(lying::putAside);
    lying.toRemind().forEach(lying::remind);
  }

  private String state(UUID application) {
    return database
        .sql("select state from application where id = ?")
        .param(application)
        .query(String.class)
        .single();
  }
}
