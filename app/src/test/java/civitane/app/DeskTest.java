package civitane.app;

import jakarta.persistence.EntityManagerFactory;
import org.hibernate.SessionFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** The Desk shows every open claim by due date, in a fixed number of questions to the database. */
public class DeskTest extends OnDatabase {
  private static final int MOST_STATEMENTS = 6;

  @Autowired
  private EntityManagerFactory factory;

  @Test
  public void isInOrderAndSaysWhoseTurnItIs() throws Exception {
    var desk = body(asIkenna(get("/api/desk")));
    var last = "";
    for (var row : desk.get("rows")) {
      assertTrue(row.get("dueOn").stringValue().compareTo(last) >= 0, row.toString());
      last = row.get("dueOn").stringValue();
      assertTrue(row.get("next").isObject(), "every open claim has a next step: " + row);
    }
    assertTrue(desk.get("rows").size() >= 8);
    assertTrue(
        desk.get("rows").toString().contains("Wait for the landlord"),
        desk.get("rows").toString());
    assertTrue(desk.get("rows").toString().contains("urgent line"));
  }

  @Test
  public void asksTheDatabaseNoMoreForManyThanForFew() throws Exception {
    var statistics = factory.unwrap(SessionFactory.class).getStatistics();
    statistics.setStatisticsEnabled(true);
    statistics.clear();
    asIkenna(get("/api/desk"));
    var statements = statistics.getPrepareStatementCount();
    statistics.setStatisticsEnabled(false);
    assertTrue(statements <= MOST_STATEMENTS, statements + " statements");
    assertEquals(statistics.isStatisticsEnabled(), false);
  }
}
