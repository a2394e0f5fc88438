package civitane.app.lodging;

import civitane.app.audit.AuditLog;
import civitane.app.messages.OwnContact;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.facts.Contact;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Grown-ups who sign later: asked at a contact of their own once it is lodged, or by coming to the office. */
@Service
class SigningRequests {
  private final JdbcClient database;
  private final AuditLog audit;
  private final Clock clock;

  SigningRequests(JdbcClient database, AuditLog audit, Clock clock) {
    this.database = database;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * Somebody who signs later.
   *
   * @param person as the application calls them
   * @param contact theirs, as it was told; null where they come to the office
   */
  record AskedSigner(String person, String name, @Nullable String contact, Instant madeAt) {}

  /**
   * Notes who signs later; for the same person the last word counts.
   *
   * @param typed a contact of their own, blank where they come to the office
   * @param applicants at which nobody else is asked
   */
  @Transactional
  public void make(
      Staff.Colleague by,
      UUID application,
      String person,
      String name,
      @Nullable String typed,
      @Nullable Contact applicants) {
    if (name.isBlank()) {
      throw Problem.wrong("Somebody without a name can't be asked to sign.");
    }
    var contact = typed == null || typed.isBlank() ? null : typed.strip();
    if (contact != null) {
      var own = OwnContact.of(contact)
          .orElseThrow(
              () -> Problem.wrong("That is neither a phone number nor a mail address: " + contact));
      if (own.reaches(applicants)) {
        throw Problem.wrong(
            "That is the contact of who applies. Whoever signs later is asked at one of their own.");
      }
    }
    database
        .sql("""
            insert into signing_request (id, application_id, person_id, person_name, contact, made_by, made_at)
            values (:id, :application, :person, :name, :contact, :by, :now)
            on conflict (application_id, person_id) do update set
              person_name = excluded.person_name, contact = excluded.contact,
              made_by = excluded.made_by, made_at = excluded.made_at
            """)
        .param("id", UUID.randomUUID())
        .param("application", application)
        .param("person", person)
        .param("name", name)
        .param("contact", contact)
        .param("by", by.login())
        .param("now", Timestamp.from(clock.instant()))
        .update();
    audit.record(by.login(), "signature asked for", application.toString(), person);
  }

  @Transactional(readOnly = true)
  public List<AskedSigner> of(UUID application) {
    return database
        .sql("""
            select person_id, person_name, contact, made_at from signing_request
            where application_id = :application order by made_at
            """)
        .param("application", application)
        .query((row, n) -> new AskedSigner(
            row.getString(1),
            row.getString(2),
            row.getString(3),
            row.getTimestamp(4).toInstant()))
        .list();
  }
}
