package civitane.app;

import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** People are people: each history stays with whom it is of, whoever applies and wherever they live. */
public class PeopleTest extends OnDatabase {
  private static final String COUPLE = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
       "household": {
         "address": {"line1": "71 Eelmonger Yard", "town": "Gullhaven", "postcode": "BK36"},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Torvald", "familyName": "Askeland", "birthDate": "1981-04-17",
            "residentNumberMissing": "declined"},
           {"id": "p2", "role": "spouse", "givenName": "Runa", "familyName": "Askeland", "birthDate": "1983-09-02"},
           {"id": "p3", "role": "child", "givenName": "Pelle", "familyName": "Askeland", "birthDate": "2016-02-11"}],
         "incomes": [
           {"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"},
           {"id": "i2", "person": "p2", "kind": "wages", "amount": 210.00, "frequency": "weekly"}]},
       "requests": [
         {"service": "schoolMeals", "answers": {
           "children": [{"person": "p3", "school": "Marsh Road School", "grade": "4"}], "householdTotal": 3}},
         {"service": "householdAllowance", "answers": {}}],
       "signatures": [{"person": "p1", "name": "Torvald Askeland", "on": "2026-11-23", "method": "screen"}]}
      """;

  private static final String RUNA = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
       "household": {
         "address": {"line1": "4 Causeway End", "town": "Saltmarsh End", "postcode": "BK64"},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Runa", "familyName": "Askeland", "birthDate": "1983-09-02",
            "residentNumberMissing": "declined"}],
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 260.00, "frequency": "weekly"}]},
       "requests": [{"service": "householdAllowance", "answers": {}}],
       "signatures": [{"person": "p1", "name": "Runa Askeland", "on": "2026-11-23", "method": "screen"}]}
      """;

  private static List<String> names(JsonNode packet) {
    return packet
        .at("/household/people")
        .valueStream()
        .map(person -> person.get("givenName").stringValue())
        .toList();
  }

  private JsonNode lodgedAs(String packet, String how) throws Exception {
    var application = begin(packet);
    var id = application.get("id").stringValue();
    var alike = body(asIkenna(get("/api/applications/{id}/duplicates", id)));
    assertEquals(alike.size(), 1, alike.toString());
    var draft = (ObjectNode) application.get("draft").deepCopy();
    draft
        .putObject("taking")
        .putObject("duplicates")
        .put(alike.get(0).get("household").stringValue(), how);
    var saved = body(asIkenna(put("/api/applications/{id}", draft.toString(), id)
        .header("If-Match", "\"" + application.get("version").intValue() + "\"")));
    var lodged = lodging(saved, saved.get("version").intValue());
    assertEquals(lodged.getResponse().getStatus(), 200, lodged.getResponse().getContentAsString());
    return body(lodged);
  }

  private String household(String claim) {
    return database
        .sql("select household_id from claim where number = ?")
        .param(claim)
        .query(String.class)
        .single();
  }

  @Test
  public void whatIsSetForOneClaimIsSoForTheOthersOfTheHousehold() throws Exception {
    var claims = lodged(COUPLE
            .replace("Askeland", "Nordskog")
            .replace("71 Eel", "17 Eel")
            .replace("1981-04-17", "1969-12-05")
            .replace("1983-09-02", "1970-07-21")
            .replace("2016-02-11", "2013-10-30")
            .replace("Torvald", "Sverre"))
        .get("claims");
    var meals = claims.get(0).stringValue();
    var allowance = claims.get(1).stringValue();
    var before = claim(allowance);
    var set =
        asIkenna(answer(meals, taken(meals), "/household/incomes/1/amount", "2100", "payslips"));
    assertEquals(set.getResponse().getStatus(), 200, set.getResponse().getContentAsString());
    var after = claim(allowance);
    assertEquals(after.get("packet").at("/household/incomes/1/amount").intValue(), 2100);
    assertTrue(after.get("events").toString().contains("€210.00 → €2,100.00"), after.toString());
    assertTrue(after.get("version").intValue() > before.get("version").intValue());
    assertEquals(count("entry where kind = 'USED' and value = '2100' and because = 'payslips'"), 1);
  }

  @Test
  public void whatTheTakingLeftOpenStaysOpenWhenSomethingElseIsSet() throws Exception {
    var application = begin(COUPLE
        .replace("Askeland", "Hovland")
        .replace("71 Eel", "53 Eel")
        .replace("1981-04-17", "1957-03-29")
        .replace("1983-09-02", "1962-11-14")
        .replace("2016-02-11", "2012-06-08")
        .replace("Torvald", "Ingvald"));
    var id = application.get("id").stringValue();
    var draft = (ObjectNode) application.get("draft").deepCopy();
    draft.putObject("taking").putObject("paper").put("/household/people/1/birthDate", "illegible");
    var saved = body(asIkenna(put("/api/applications/{id}", draft.toString(), id)
        .header("If-Match", "\"" + application.get("version").intValue() + "\"")));
    var claims = body(lodging(saved, saved.get("version").intValue())).get("claims");
    var meals = claims.get(0).stringValue();
    var allowance = claims.get(1).stringValue();
    asIkenna(answer(meals, taken(meals), "/household/incomes/1/amount", "220", "payslips"));
    assertTrue(claim(meals).get("items").toString().contains("Illegible"), "of its own");
    assertTrue(claim(allowance).get("items").toString().contains("Illegible"), "of the other");
    asIkenna(
        answer(meals, claim(meals), "/household/people/1/birthDate", "\"1962-11-15\"", "passport"));
    assertEquals(claim(meals).get("items").toString().contains("Illegible"), false);
    assertEquals(claim(allowance).get("items").toString().contains("Illegible"), false);
  }

  @Test
  public void aSpouseWhoAppliesLaterTakesTheirHistoryAlongAndTheOldClaimsReadAsBefore()
      throws Exception {
    var family = lodged(COUPLE).get("claims").get(0).stringValue();
    var before = claim(family).get("packet");
    assertEquals(names(before), List.of("Torvald", "Runa", "Pelle"));
    clock.ahead(java.time.Duration.ofDays(3));
    try {
      var own = lodgedAs(RUNA, "own").get("claims").get(0).stringValue();
      assertTrue(!household(own).equals(household(family)), "a household of her own");
      assertEquals(names(claim(own).get("packet")), List.of("Runa"));
      assertEquals(claim(own).get("packet").at("/household/incomes/0/amount").intValue(), 260);
      var after = claim(family).get("packet");
      assertEquals(names(after), List.of("Torvald", "Runa", "Pelle"));
      assertEquals(after.get("household"), before.get("household"));
      assertEquals(
          count("entry where field = 'membership' and subject_id = (select subject_id from entry "
              + "where field = 'givenName' and value = '\"Runa\"' and source_ref = (select "
              + "application_id::text from claim where number = '" + family + "'))"),
          2,
          "it is one person, of one household after the other");
      var again = begin(COUPLE.replace("430.00", "440.00"));
      var taken = body(asIkenna(post(
          "/api/applications/{id}/take-over",
          "{\"household\": \"" + household(family) + "\"}",
          again.get("id").stringValue())));
      assertEquals(names(taken.at("/draft/packet")), List.of("Torvald", "Pelle"), "she has left");
    } finally {
      clock.ahead(java.time.Duration.ZERO);
    }
  }
}
