package civitane.app;

import jakarta.persistence.EntityManagerFactory;
import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import org.hibernate.SessionFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** The Desk shows every open claim by due date, in a fixed number of questions to the database. */
public class DeskTest extends OnDatabase {
  private static final int MOST_STATEMENTS = 6;
  private static final int TIMES = 5;
  private static final int PAGE = 50;

  @Autowired
  private EntityManagerFactory factory;

  @Test
  public void isInOrderAndSaysWhoseTurnItIs() throws Exception {
    var rows = onDesk();
    var last = "";
    for (var row : rows) {
      assertTrue(row.get("next").isObject(), "every open claim has a next step: " + row);
      var ours = row.get("turn").stringValue().equals("ours");
      var due = (ours ? row.get("dueOn") : row.at("/next/on")).stringValue();
      var before = row.at("/outside/on").asString(due);
      var presses = (row.get("urgent").booleanValue() ? "first " : "then ")
          + (before.compareTo(due) < 0 ? before : due);
      assertTrue(presses.compareTo(last) >= 0, last + " before " + presses + ": " + row);
      last = presses;
    }
    assertTrue(rows.size() >= 8);
    assertTrue(rows.toString().contains("Wait for the landlord"), rows.toString());
    assertTrue(rows.toString().contains("urgent line"));
  }

  @Test
  public void asksTheDatabaseNoMoreForManyThanForFew() throws Exception {
    var statistics = factory.unwrap(SessionFactory.class).getStatistics();
    statistics.setStatisticsEnabled(true);
    // What the office does beside, as printing a letter, is counted too: the fewest of some times
    // are the page's own.
    var statements = Long.MAX_VALUE;
    for (var time = 0; time < TIMES; time++) {
      statistics.clear();
      asIkenna(get("/api/desk"));
      statements = Math.min(statements, statistics.getPrepareStatementCount());
    }
    statistics.setStatisticsEnabled(false);
    assertTrue(statements <= MOST_STATEMENTS, statements + " statements");
    assertEquals(statistics.isStatisticsEnabled(), false);
  }

  @Test
  public void goesOnAfterTheLastRowThatWasShown() {
    holds(() -> {
      var rows = body(asIkenna(get("/api/desk")
              .param("afterUrgent", "false")
              .param("afterDay", "1970-01-01")
              .param("afterNumber", "")))
          .get("rows");
      var kept = database
          .sql(
              "select number from claim where not urgent and state in ('LODGED', 'OPEN') order by pressing_on, number")
          .query(String.class)
          .list();
      assertEquals(rows.size(), Math.min(kept.size(), PAGE));
      var due = database
          .sql("select pressing_on from claim where number = ?")
          .param(kept.get(2))
          .query(String.class)
          .single();
      var rest = body(asIkenna(get("/api/desk")
              .param("afterUrgent", "false")
              .param("afterDay", due)
              .param("afterNumber", kept.get(2))))
          .get("rows");
      var numbers = rest.valueStream()
          .map(row -> row.get("number").stringValue())
          .sorted()
          .toList();
      var behind = kept.subList(3, Math.min(kept.size(), 3 + PAGE));
      assertEquals(numbers, behind.stream().sorted().toList());
    });
  }

  @Test
  public void theTideIsTheWorkThatIsOursByTheDayItIsDue() {
    holds(() -> {
      var desk = body(asIkenna(get("/api/desk")));
      var today = LocalDate.parse(desk.get("today").stringValue());
      var ours = new TreeMap<LocalDate, Integer>();
      for (var row : onDesk()) {
        if ("ours".equals(row.get("turn").stringValue())) {
          var due = LocalDate.parse(row.get("dueOn").stringValue());
          ours.merge(due.isBefore(today) ? today.minusDays(1) : due, 25, Integer::sum);
        }
      }
      assertFalse(ours.isEmpty());
      assertEquals(tideOf(desk), ours, "the overdue lies on the day before today");
    });
  }

  @Test
  public void theTideIsTheSameOnEveryPage() {
    holds(() -> {
      var first = body(asIkenna(get("/api/desk")));
      var behind = body(asIkenna(get("/api/desk")
          .param("afterUrgent", "false")
          .param("afterDay", "2999-01-01")
          .param("afterNumber", "")));
      assertTrue(behind.get("rows").isEmpty());
      assertEquals(tideOf(behind), tideOf(first));
    });
  }

  private static Map<LocalDate, Integer> tideOf(JsonNode desk) {
    var tide = new TreeMap<LocalDate, Integer>();
    for (var day : desk.get("tide")) {
      tide.put(LocalDate.parse(day.get("day").stringValue()), day.get("minutes").intValue());
    }
    return tide;
  }

  @Test
  public void aClaimThatIsDecidedLeavesIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertTrue(onDesk().toString().contains(number));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    assertFalse(onDesk().toString().contains(number));
  }
}
