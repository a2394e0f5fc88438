package civitane.app;

import java.util.ArrayList;
import java.util.List;
import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;

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
        () -> database.sql("update household_fact set value = '0'").update());
    expectThrows(
        DataAccessException.class,
        () -> database.sql("delete from household_fact").update());
    expectThrows(
        DataAccessException.class,
        () -> database.sql("update determination set result = ''").update());
  }

  @Test
  public void everyFactSaysWhoWhenAndFromWhere() {
    var bare = database
        .sql("select count(*) from household_fact where source = '' or recorded_by = ''")
        .query(Long.class)
        .single();
    assertEquals(bare, 0L);
  }
}
