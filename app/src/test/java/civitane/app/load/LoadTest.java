package civitane.app.load;

import civitane.app.OnDatabase;
import civitane.app.decisions.Rerun;
import civitane.core.rates.RateShelf;
import java.time.LocalDate;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What is loaded past the application reads in it like what went through it. */
public class LoadTest extends OnDatabase {
  private static final int HOUSEHOLDS = 30;
  private static final int CLAIMS = 120;

  @Autowired
  private DataSource tables;

  @Autowired
  private RateShelf rates;

  @Autowired
  private Rerun rerun;

  @Test
  public void theApplicationReadsIt() throws Exception {
    var households = count("household");
    var claims = count("claim");
    new Load(HOUSEHOLDS, CLAIMS, 7).into(tables, rates, LocalDate.now(clock), loaded -> {});
    assertEquals(count("household") - households, HOUSEHOLDS);
    assertEquals(count("claim") - claims, CLAIMS);
    var states = database
        .sql("select distinct state from claim where holder like 'desk%' order by 1")
        .query(String.class)
        .list();
    assertTrue(states.contains("OPEN") && states.contains("RUNNING"), states.toString());
    for (var number : database
        .sql(
            "select distinct on (state, service) number from claim where holder like 'desk%' order by state, service")
        .query(String.class)
        .list()) {
      var claim = claim(number);
      assertEquals(claim.get("number").stringValue(), number);
      assertTrue(claim.at("/packet/household/people").size() > 0, claim.toString());
      assertTrue(claim.get("events").size() > 1, claim.toString());
      var working = asIkenna(get("/api/claims/{number}/working", number));
      assertEquals(
          working.getResponse().getStatus(), 200, working.getResponse().getContentAsString());
    }
    assertTrue(rerun.run().different().isEmpty(), "what was decided comes out the same again");
  }
}
