package civitane.app.audit;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Every change, by whom and when. Entries are plain rows, so that nobody waits for anybody; they are chained afterwards. */
@Service
public class AuditLog {
  /** What is counted for whoever watches over the office: many of them in a short time are no accident. */
  private static final Set<String> COUNTED =
      Set.of("sign-in failed", "sign-in refused", "refused", "wrong code", "glass broken");

  private final JdbcClient database;
  private final Clock clock;
  private final MeterRegistry meters;

  AuditLog(JdbcClient database, Clock clock, MeterRegistry meters) {
    this.database = database;
    this.clock = clock;
    this.meters = meters;
    COUNTED.forEach(this::counter);
  }

  private Counter counter(String action) {
    return meters.counter("civitane.logged", "action", action);
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
    if (COUNTED.contains(action)) {
      counter(action).increment();
    }
  }
}
