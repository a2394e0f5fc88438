package civitane.app.counter;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Arrivals as they are kept. */
@Repository
class ArrivalRows {
  /** Any number that nothing else of the application locks by. */
  private static final long GIVING_NUMBERS = 7_311_204;

  private final JdbcClient database;

  ArrivalRows(JdbcClient database) {
    this.database = database;
  }

  /** Who came on a day and has not been seen to, in the order they came. */
  List<Arrival> open(LocalDate on) {
    return database
        .sql("select * from arrival where on_day = ? and ended_at is null order by nr")
        .param(Date.valueOf(on))
        .query(ArrivalRows::arrival)
        .list();
  }

  private static Arrival arrival(ResultSet row, int n) throws SQLException {
    return new Arrival(
        row.getObject("id", UUID.class),
        row.getInt("nr"),
        row.getString("name"),
        row.getString("wish"),
        row.getObject("household_id", UUID.class),
        row.getTimestamp("came_at").toInstant(),
        row.getString("called_by"));
  }

  /** Adds somebody under the next number of the day. */
  int add(UUID id, LocalDate on, String name, Wish wish, @Nullable UUID household, Instant at) {
    // Two who arrive at once get two numbers; nobody waits longer than that takes.
    database
        .sql("select pg_advisory_xact_lock(?)")
        .param(GIVING_NUMBERS)
        .query()
        .singleRow();
    return database
        .sql("""
            insert into arrival (id, on_day, nr, name, wish, household_id, came_at)
            select :id, :on, coalesce(max(nr), 0) + 1, :name, :wish, :household, :at
            from arrival where on_day = :on returning nr
            """)
        .param("id", id)
        .param("on", Date.valueOf(on))
        .param("name", name)
        .param("wish", wish.word())
        .param("household", household)
        .param("at", Timestamp.from(at))
        .query(Integer.class)
        .single();
  }

  /** Whether somebody who waited is called now. */
  boolean call(UUID id, String login, Instant at) {
    return database.sql("""
                update arrival set called_by = ?, called_at = ?
                where id = ? and called_at is null and ended_at is null
                """).params(login, Timestamp.from(at), id).update() == 1;
  }

  /** Whether somebody has been seen to now, or has left. */
  boolean end(UUID id, Instant at) {
    return database
            .sql("update arrival set ended_at = ? where id = ? and ended_at is null")
            .params(Timestamp.from(at), id)
            .update()
        == 1;
  }

  /** Forgets who came before a day. */
  void forget(LocalDate before) {
    database
        .sql("delete from arrival where on_day < ?")
        .param(Date.valueOf(before))
        .update();
  }
}
