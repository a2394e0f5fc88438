package civitane.app.remembering;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Notices and reminders as they are kept. */
@Repository
class RememberingRows {
  private final JdbcClient database;

  RememberingRows(JdbcClient database) {
    this.database = database;
  }

  /** A notice as it is kept: by whose log-in. */
  record Kept(UUID id, String words, String login, Instant at, LocalDate until) {}

  /** The notices of a household that are shown on a day, the oldest first. */
  List<Kept> notices(UUID household, LocalDate on) {
    return database
        .sql("""
            select * from pinned_notice
            where household_id = ? and until >= ? and taken_off_at is null order by pinned_at, id
            """)
        .params(household, Date.valueOf(on))
        .query((row, n) -> new Kept(
            row.getObject("id", UUID.class),
            row.getString("words"),
            row.getString("pinned_by"),
            row.getTimestamp("pinned_at").toInstant(),
            row.getDate("until").toLocalDate()))
        .list();
  }

  void pin(UUID id, UUID household, String words, String login, Instant at, LocalDate until) {
    database
        .sql("""
            insert into pinned_notice (id, household_id, words, pinned_by, pinned_at, until)
            values (?, ?, ?, ?, ?, ?)
            """)
        .params(id, household, words, login, Timestamp.from(at), Date.valueOf(until))
        .update();
  }

  /** Takes a notice of a household off; answers whether it was there. */
  boolean takeOff(UUID id, UUID household, String login, Instant at) {
    return database.sql("""
                update pinned_notice set taken_off_by = ?, taken_off_at = ?
                where id = ? and household_id = ? and taken_off_at is null
                """).params(login, Timestamp.from(at), id, household).update() == 1;
  }

  /** What somebody wants to be told of on a day or wanted to before, the longest waiting first. */
  List<OwnReminder> due(String login, LocalDate on) {
    return database
        .sql("""
            select * from own_reminder where login = ? and on_day <= ? and done_at is null
            order by on_day, id
            """)
        .params(login, Date.valueOf(on))
        .query(RememberingRows::reminder)
        .list();
  }

  /** All that somebody wants to be told of about a claim. */
  List<OwnReminder> about(String claim, String login) {
    return database
        .sql("""
            select * from own_reminder where claim = ? and login = ? and done_at is null
            order by on_day, id
            """)
        .params(claim, login)
        .query(RememberingRows::reminder)
        .list();
  }

  private static OwnReminder reminder(ResultSet row, int n) throws SQLException {
    return new OwnReminder(
        row.getObject("id", UUID.class),
        row.getString("claim"),
        row.getDate("on_day").toLocalDate(),
        row.getString("words"));
  }

  void remind(UUID id, String claim, String login, LocalDate on, String words, Instant at) {
    database
        .sql("""
            insert into own_reminder (id, claim, login, on_day, words, made_at)
            values (?, ?, ?, ?, ?, ?)
            """)
        .params(id, claim, login, Date.valueOf(on), words, Timestamp.from(at))
        .update();
  }

  /** Ends a reminder of somebody's own; answers whether it was there. */
  boolean done(UUID id, String claim, String login, Instant at) {
    return database.sql("""
                update own_reminder set done_at = ?
                where id = ? and claim = ? and login = ? and done_at is null
                """).params(Timestamp.from(at), id, claim, login).update() == 1;
  }
}
