package civitane.app.forgetting;

import civitane.app.audit.AuditLog;
import civitane.app.drafts.Applications;
import civitane.core.claims.Actor;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Applications that nobody goes on with are put aside, and those that were put aside and never lodged forgotten in time. */
@Service
public class NeverLodged {
  /** As it is said beside the drafts. */
  private static final Duration UNTOUCHED = Duration.ofDays(90);

  /** An application, and what is known of it beside itself. */
  private static final List<String> OF_AN_APPLICATION = List.of(
      "delete from form_out where application_id = :id",
      "delete from application_paper where application_id = :id",
      "delete from register_answer where application_id = :id",
      "delete from signing_request where application_id = :id",
      "delete from scan where application_id = :id",
      "delete from door_visit where application_id = :id",
      "delete from door_application where application_id = :id",
      "delete from application where id = :id");

  private final JdbcClient database;
  private final Applications applications;
  private final AuditLog audit;
  private final Clock clock;

  NeverLodged(JdbcClient database, Applications applications, AuditLog audit, Clock clock) {
    this.database = database;
    this.applications = applications;
    this.audit = audit;
    this.clock = clock;
  }

  /** Those that nobody touched for long. */
  @Transactional(readOnly = true)
  public List<UUID> untouched() {
    return lying("drafting", UNTOUCHED);
  }

  @Transactional
  public void putAside(UUID application) {
    applications.withdraw(new Actor.OfficeClock(), application);
  }

  /** Those that were put aside long enough ago. */
  @Transactional(readOnly = true)
  public List<UUID> over() {
    return lying("withdrawn", LeftOver.KEPT);
  }

  private List<UUID> lying(String state, Duration since) {
    return database
        .sql("""
            select id from application
            where state = ? and lodged_at is null and updated_at < ? order by updated_at, id
            """)
        .params(state, Timestamp.from(clock.instant().minus(since)))
        .query(UUID.class)
        .list();
  }

  /** Forgets one of them, with the forms that others had of it and what came for it. */
  @Transactional
  public void forget(UUID application) {
    OF_AN_APPLICATION.forEach(
        rows -> database.sql(rows).param("id", application).update());
    audit.record(
        new Actor.OfficeClock().written(), "application forgotten", application.toString(), "");
  }
}
