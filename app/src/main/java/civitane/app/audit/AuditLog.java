package civitane.app.audit;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Every change, by whom and when. Entries are plain rows, so that nobody waits for anybody; they are chained afterwards. */
@Service
public class AuditLog {
  private final JdbcClient database;
  private final Clock clock;

  AuditLog(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * Writes an entry within the change it tells of: both are kept, or neither is.
   *
   * @param detail names no person, only keys and words of the program
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void record(String actor, String action, String subject, String detail) {
    database
        .sql("""
            insert into audit_log (happened_at, actor, action, subject, detail)
            values (:at, :actor, :action, :subject, :detail)
            """)
        .param("at", Timestamp.from(clock.instant().truncatedTo(ChronoUnit.MICROS)))
        .param("actor", actor)
        .param("action", action)
        .param("subject", subject)
        .param("detail", detail)
        .update();
  }
}
