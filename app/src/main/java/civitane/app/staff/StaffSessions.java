package civitane.app.staff;

import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Where somebody is signed in. */
@Repository
public class StaffSessions {
  private final JdbcClient database;

  StaffSessions(JdbcClient database) {
    this.database = database;
  }

  /**
   * One of them.
   *
   * @param lastUsed to the minute
   * @param here whether it is the one that asks
   */
  public record Since(Instant since, Instant lastUsed, boolean here) {}

  /** Where somebody is signed in, this one first. */
  public List<Since> of(String login, String session) {
    return database
        .sql("""
            select creation_time, last_access_time, session_id = :session here from spring_session
            where principal_name = :login order by here desc, last_access_time desc
            """)
        .param("session", session)
        .param("login", login)
        .query((row, n) -> new Since(
            Instant.ofEpochMilli(row.getLong(1)),
            Instant.ofEpochMilli(row.getLong(2)),
            row.getBoolean(3)))
        .list();
  }

  /** Ends all but one; how many there were. */
  public int endOthers(String login, String session) {
    return database
        .sql("delete from spring_session where principal_name = ? and session_id <> ?")
        .params(login, session)
        .update();
  }

  /** Whatever changes about a log-in ends its sessions at once, wherever they are. */
  public void end(String login) {
    database
        .sql("delete from spring_session where principal_name = ?")
        .param(login)
        .update();
  }
}
