package civitane.app;

import java.util.ArrayList;
import java.util.List;
import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** Households are found by name, and their facts are never written over. */
public class HouseholdsTest extends OnDatabase {

  private List<String> names(String search) throws Exception {
    var names = new ArrayList<String>();
    body(asIkenna(post("/api/households/search", search)))
        .forEach(found -> names.add(found.get("name").stringValue()));
    return names;
  }

  @Test
  public void areFoundByTheBeginningOfTheirNameWhateverTheCase() throws Exception {
    assertEquals(names("{\"start\": \"BJÖRN\"}"), List.of("Björn Ångquist"));
    assertEquals(names("{\"start\": \"nobody\"}"), List.of());
  }

  @Test
  public void comeAPageAtATimeAfterTheLastOne() throws Exception {
    var all = names("{\"start\": \"\"}");
    assertTrue(all.size() >= 8, all.toString());
    var first =
        body(asIkenna(post("/api/households/search", "{\"start\": \"\"}"))).get(0);
    var rest = names("{\"start\": \"\", \"afterName\": \"" + first.get("name").stringValue()
        + "\", \"afterId\": \"" + first.get("id").stringValue() + "\"}");
    assertEquals(rest.subList(0, all.size() - 1), all.subList(1, all.size()));
  }

  @Test
  public void theirFactsCanOnlyBeAddedTo() {
    expectThrows(
        DataAccessException.class,
        () -> database.sql("update entry set value = '0'").update());
    expectThrows(
        DataAccessException.class, () -> database.sql("delete from entry").update());
    expectThrows(
        DataAccessException.class,
        () -> database.sql("update determination set result = ''").update());
  }

  @Test
  public void everyFactSaysWhoWhenAndFromWhere() {
    var bare = database
        .sql("select count(*) from entry where source_ref = '' or recorded_by = ''")
        .query(Long.class)
        .single();
    assertEquals(bare, 0L);
  }

  private String household(JsonNode application) {
    return database
        .sql("select household_id from application where id = ?::uuid")
        .param(application.get("id").stringValue())
        .query(String.class)
        .single();
  }

  @Test
  public void nobodyTakesOverTheFactsOfAHouseholdTheyAreNotKnownIn() throws Exception {
    var strangers = household(lodged(Packets.meals(2)));
    var application = begin(Packets.meals(2));
    var refused = asIkenna(post(
        "/api/applications/{id}/take-over",
        "{\"household\": \"" + strangers + "\"}",
        application.get("id").stringValue()));
    assertEquals(refused.getResponse().getStatus(), 404);
    assertEquals(
        asIkenna(get("/api/applications/{id}", application.get("id").stringValue()))
            .getResponse()
            .getContentAsString()
            .contains(strangers),
        false);
  }

  @Test
  public void nobodyIsLodgedUnderAHouseholdWhoseFactsWereTakenOverByAnother() throws Exception {
    var packet = Packets.meals(910, 2, "en");
    var known = household(lodged(packet));
    var name = database
        .sql("select name from household where id = ?::uuid")
        .param(known)
        .query(String.class)
        .single();
    var application = begin(packet);
    var id = application.get("id").stringValue();
    var taken = asIkenna(
        post("/api/applications/{id}/take-over", "{\"household\": \"" + known + "\"}", id));
    assertEquals(taken.getResponse().getStatus(), 200, taken.getResponse().getContentAsString());
    var draft = (ObjectNode) body(taken).get("draft").deepCopy();
    for (var person : draft.at("/packet/household/people")) {
      ((ObjectNode) person)
          .put("givenName", "Mallory")
          .put("familyName", "Elsewhere")
          .put("birthDate", "1950-01-01");
    }
    ((ObjectNode) draft.at("/packet/signatures/0")).put("name", "Mallory Elsewhere");
    var saved = body(asIkenna(put("/api/applications/{id}", draft.toString(), id)
        .header("If-Match", "\"" + body(taken).get("version").intValue() + "\"")));
    var refused = lodging(saved, saved.get("version").intValue());
    assertEquals(refused.getResponse().getStatus(), 422);
    assertTrue(
        body(refused).get("faults").toString().contains("taken over"),
        body(refused).toString());
    assertEquals(
        database
            .sql("select name from household where id = ?::uuid")
            .param(known)
            .query(String.class)
            .single(),
        name);
  }

  @Test
  public void ofVeryManyOfOneNameTheSameOneIsStillFound() throws Exception {
    var packet = Packets.meals(911, 2, "en");
    var known = household(lodged(packet));
    database.sql("""
            with fresh as (
              insert into subject (id, kind) select gen_random_uuid(), 'PERSON' from generate_series(1, 400)
              returning id)
            insert into known_person (person_id, household_id, given_name, family_name, recorded_at, sought)
            select id, ?::uuid, 'Somebody' || id, 'Tamsett', now(), ' somebody tamsett' from fresh
            """).param(household(lodged(Packets.meals(2)))).update();
    var found = body(asIkenna(
        get("/api/applications/{id}/duplicates", begin(packet).get("id").stringValue())));
    assertTrue(found.toString().contains(known), found.toString());
    database.sql("delete from known_person where given_name like 'Somebody%'").update();
  }
}
