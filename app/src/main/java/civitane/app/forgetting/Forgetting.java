package civitane.app.forgetting;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.stereotype.Service;

/**
 * Forgets households with everything that is kept of them, once their keeping time is over. It is done by the role that owns
 * the tables, in one transaction: the log keeps that it was done, by the household's id, and nothing else is left.
 */
@Service
public class Forgetting {
  private static final String ROWS = "/forgetting/forget.sql";

  private final KeepingTime keeping;
  private final Clock clock;

  Forgetting(KeepingTime keeping, Clock clock) {
    this.keeping = keeping;
    this.clock = clock;
  }

  /**
   * Forgets a household and those that are kept together with it.
   *
   * @param owner the database, as the role that owns the tables
   * @return the households that were forgotten
   * @throws Problem with all that speaks against it, or when there is no such household
   */
  public Set<UUID> forget(DataSource owner, UUID household) throws SQLException {
    try (var connection = owner.getConnection()) {
      connection.setAutoCommit(false);
      var together = keeping.together(household);
      if (together.isEmpty()) {
        throw Problem.notThere("There is no such household.");
      }
      hold(connection, together);
      var against = keeping.against(together);
      if (!against.isEmpty()) {
        throw Problem.wrong("Household " + household + " is not forgotten yet: "
            + String.join("; ", against) + ".");
      }
      takeOut(connection);
      for (var forgotten : together) {
        note(connection, forgotten);
      }
      connection.commit();
      return together;
    }
  }

  /** Whoever else records something of them waits, and finds them gone. */
  private static void hold(Connection connection, Collection<UUID> households) throws SQLException {
    try (var statement = connection.prepareStatement("""
        create temporary table going_household on commit drop as
        select unnest(?::uuid[]) as id
        """)) {
      statement.setArray(1, connection.createArrayOf("uuid", households.toArray()));
      statement.execute();
    }
    try (var statement = connection.createStatement()) {
      statement.execute(
          "select id from household where id in (select id from going_household) order by id for update");
    }
  }

  private static void takeOut(Connection connection) throws SQLException {
    try (var statement = connection.createStatement()) {
      statement.execute("set local civitane.forgetting = 'yes'");
      statement.execute(rows());
    }
  }

  private static String rows() {
    try (var file = Forgetting.class.getResourceAsStream(ROWS)) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void note(Connection connection, UUID household) throws SQLException {
    try (var entry = connection.prepareStatement("""
        insert into audit_log (happened_at, actor, action, subject, detail)
        values (?, current_user, 'household forgotten', ?, '')
        """)) {
      entry.setTimestamp(1, Timestamp.from(clock.instant().truncatedTo(ChronoUnit.MICROS)));
      entry.setString(2, household.toString());
      entry.execute();
    }
  }
}
