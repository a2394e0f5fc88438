package civitane.app;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Where the database is slow or gone, whoever asks is told so, reading goes on where it can, and it comes back by itself. */
public class AvailabilityTest extends OnDatabase {
  @Autowired
  private DataSource pool;

  private MockHttpServletResponse take(String number) throws Exception {
    return asIkenna(post("/api/claims/{number}/take", "", number)).getResponse();
  }

  private void isToldToTryAgain(MockHttpServletResponse response) throws Exception {
    assertEquals(response.getStatus(), 503);
    assertEquals(response.getHeader("Retry-After"), "5");
    assertTrue(response.getContentAsString().contains("Nothing was changed"));
  }

  @Test
  public void aWriterWhoIsStuckHoldsNobodyUpForLong() throws Exception {
    var number = claimOf(Packets.meals(2));
    try (var stuck = pool.getConnection()) {
      stuck.setAutoCommit(false);
      hold(stuck, number);
      isToldToTryAgain(take(number));
      assertEquals(
          asIkenna(get("/api/claims/{number}", number)).getResponse().getStatus(),
          200,
          "reading goes on");
      stuck.rollback();
      stuck.setAutoCommit(true);
    }
    assertEquals(take(number).getStatus(), 200, "it is as it was before");
  }

  private static void hold(Connection connection, String number) throws SQLException {
    try (var holding =
        connection.prepareStatement("select * from claim where number = ? for update")) {
      holding.setString(1, number);
      holding.executeQuery();
    }
  }

  @Test
  public void whoeverFindsNoConnectionIsToldSoAndItComesBack() throws Exception {
    var number = claimOf(Packets.meals(2));
    var taken = new ArrayList<Connection>();
    try {
      while (true) {
        taken.add(pool.getConnection());
      }
    } catch (SQLException e) {
      isToldToTryAgain(take(number));
    } finally {
      for (var connection : taken) {
        connection.close();
      }
    }
    assertTrue(taken.size() > 10, "there were " + taken.size());
    assertEquals(take(number).getStatus(), 200);
  }

  @Test
  public void questionsAreGivenUpAfterSomeTime() throws Exception {
    try (var slow = pool.getConnection();
        var asking = slow.createStatement();
        var rows = asking.executeQuery("show statement_timeout")) {
      rows.next();
      assertEquals(rows.getString(1), "20s");
    }
  }
}
