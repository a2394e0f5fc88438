package civitane.app.forgetting;

import civitane.app.audit.AuditLog;
import civitane.core.claims.Actor;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Applications that were put aside and never lodged, files of nothing, and contacts of whoever the office does not know: forgotten
 * in time.
 */
@Service
public class NeverLodged {
  /** Whoever comes back for what was put aside finds it so long. */
  private static final Duration KEPT = Duration.ofDays(90);

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

  /** A file is kept together with what it is for: one that is for nothing is not on its way, once it was drawn and read. */
  private static final String OF_NOTHING = """
      select hash from paper_file
      where drawn and read
        and not exists (select 1 from sheet where sheet.hash = paper_file.hash)
        and not exists (select 1 from form_out where answer = paper_file.hash)
        and not exists (select 1 from application_paper where application_paper.hash = paper_file.hash)
      """;

  private final JdbcClient database;
  private final AuditLog audit;
  private final Clock clock;

  NeverLodged(JdbcClient database, AuditLog audit, Clock clock) {
    this.database = database;
    this.audit = audit;
    this.clock = clock;
  }

  /** Those that were put aside long enough ago. */
  @Transactional(readOnly = true)
  public List<UUID> over() {
    return database.sql("""
            select id from application
            where state = 'withdrawn' and lodged_at is null and updated_at < ? order by updated_at, id
            """).param(Timestamp.from(before())).query(UUID.class).list();
  }

  private Instant before() {
    return clock.instant().minus(KEPT);
  }

  /** Forgets one of them, with the forms that others had of it and what came for it. */
  @Transactional
  public void forget(UUID application) {
    OF_AN_APPLICATION.forEach(
        rows -> database.sql(rows).param("id", application).update());
    audit.record(
        new Actor.OfficeClock().written(), "application forgotten", application.toString(), "");
  }

  /** Forgets files that nothing is made of any more, as what was sent and taken away again. */
  @Transactional
  public void forgetFiles() {
    for (var table : List.of("paper_proposal", "paper_page", "paper_piece", "paper_file")) {
      database
          .sql("delete from " + table + " where hash in (" + OF_NOTHING + ")")
          .update();
    }
  }

  /** Forgets to whom codes and messages went who did not become a household, or had not yet. */
  @Transactional
  public void forgetContacts() {
    for (var rows : List.of(
        "delete from message where household_id is null and ordered_at < ?",
        "delete from door_code where made_at < ?")) {
      database.sql(rows).param(Timestamp.from(before())).update();
    }
  }
}
