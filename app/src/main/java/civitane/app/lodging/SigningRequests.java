package civitane.app.lodging;

import civitane.app.audit.AuditLog;
import civitane.app.audit.LogKey;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Requests to adults who sign elsewhere, later, with a code of their own. */
@Service
class SigningRequests {
  private static final int CODE = 1_000_000;

  private final JdbcClient database;
  private final AuditLog audit;
  private final LogKey outside;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  SigningRequests(JdbcClient database, AuditLog audit, LogKey outside, Clock clock) {
    this.database = database;
    this.audit = audit;
    this.outside = outside;
    this.clock = clock;
  }

  /** A request as it stands. */
  record AskedSigner(
      String person, String name, Instant madeAt, @Nullable Instant signedAt) {}

  /** A request just made; the code is told once, and only its hash is kept. */
  record FreshSigner(String person, String name, String code) {}

  /** Prepares a request; a second one for the same person puts a new code in place of the old. */
  @Transactional
  public FreshSigner make(Staff.Colleague by, UUID application, String person, String name) {
    if (name.isBlank()) {
      throw Problem.wrong("Somebody without a name can't be asked to sign.");
    }
    var code = String.format(java.util.Locale.ROOT, "%06d", random.nextInt(CODE));
    database
        .sql("""
            insert into signing_request (id, application_id, person_id, person_name, code_hash, made_by, made_at)
            values (:id, :application, :person, :name, :hash, :by, :now)
            on conflict (application_id, person_id) do update set
              person_name = excluded.person_name, code_hash = excluded.code_hash,
              made_by = excluded.made_by, made_at = excluded.made_at
            """)
        .param("id", UUID.randomUUID())
        .param("application", application)
        .param("person", person)
        .param("name", name)
        .param("hash", outside.link("signing code", application, person, code))
        .param("by", by.login())
        .param("now", Timestamp.from(clock.instant()))
        .update();
    audit.record(by.login(), "signature asked for", application.toString(), person);
    return new FreshSigner(person, name, code);
  }

  @Transactional(readOnly = true)
  public List<AskedSigner> of(UUID application) {
    return database
        .sql("""
            select person_id, person_name, made_at, signed_at from signing_request
            where application_id = :application order by made_at
            """)
        .param("application", application)
        .query((row, n) -> new AskedSigner(
            row.getString(1),
            row.getString(2),
            row.getTimestamp(3).toInstant(),
            row.getTimestamp(4) == null ? null : row.getTimestamp(4).toInstant()))
        .list();
  }

  /** Those who were asked and have not signed. */
  @Transactional(propagation = Propagation.MANDATORY)
  public List<AskedSigner> open(UUID application) {
    return of(application).stream().filter(asked -> asked.signedAt() == null).toList();
  }
}
