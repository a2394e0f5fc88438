package civitane.app.forms;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.drafts.Applications;
import civitane.app.letters.Codes;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.packet.form.FormWriter;
import civitane.packet.form.OtherForm;
import civitane.words.Language;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Forms that go out to an employer, doctor, landlord or lender, with the household's consent. */
@Service
class FormsOut {
  private final Applications applications;
  private final FormWriter writer;
  private final Codes codes;
  private final JdbcClient database;
  private final AuditLog audit;
  private final Clock clock;

  FormsOut(
      Applications applications,
      FormWriter writer,
      Codes codes,
      JdbcClient database,
      AuditLog audit,
      Clock clock) {
    this.applications = applications;
    this.writer = writer;
    this.codes = codes;
    this.database = database;
    this.audit = audit;
    this.clock = clock;
  }

  /** Who has not answered after so many days is asked again. */
  private static final int ASKED_AGAIN_AFTER = 14;

  /** A form that is out: which, about whom, who was asked, and since when. */
  record Out(
      UUID id,
      String kind,
      String title,
      String person,
      String asked,
      Instant madeAt,
      LocalDate askAgainOn,
      @Nullable Instant returnedAt) {}

  /** Makes a form; one of a kind about a person to the same one is made once. */
  @Transactional
  Out make(
      Staff.Colleague by,
      UUID application,
      String kind,
      String person,
      String to,
      Language language) {
    var form = OtherForm.named(kind).orElseThrow(() -> Problem.notThere("A form of this kind"));
    if (to.isBlank()) {
      throw Problem.wrong("A form goes out to somebody by name.");
    }
    var draft = applications.view(application).draft();
    if (!draft.allows(person, kind, LocalDate.now(clock))) {
      throw Problem.wrong("The household has not allowed yet that the " + kind
          + " is asked. Note the consent first.");
    }
    var known = of(application).stream()
        .filter(out -> out.kind().equals(kind) && out.person().equals(person))
        .filter(out -> out.asked().equals(to.strip()))
        .findFirst();
    if (known.isPresent()) {
      return known.get();
    }
    var id = UUID.randomUUID();
    var code = codes.fresh();
    var number = "A-" + application.toString().substring(0, 8).toUpperCase(java.util.Locale.ROOT);
    database
        .sql("""
            insert into form_out (id, application_id, kind, person_id, asked, code, pdf, made_by, made_at)
            values (:id, :application, :kind, :person, :asked, :code, :pdf, :by, :now)
            """)
        .param("id", id)
        .param("application", application)
        .param("kind", kind)
        .param("person", person)
        .param("asked", to.strip())
        .param("code", code)
        .param("pdf", form.pdf(writer, draft.name(person), to.strip(), number, code, language))
        .param("by", by.login())
        .param("now", Timestamp.from(clock.instant()))
        .update();
    audit.record(by.login(), "form made", application.toString(), kind);
    return of(application).stream()
        .filter(out -> out.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** A form that came back: of which application, and what it is. */
  record Back(UUID application, OtherForm form, String person, String asked) {}

  @Transactional(readOnly = true)
  Optional<Back> back(String code) {
    return database
        .sql("select application_id, kind, person_id, asked from form_out where code = :code")
        .param("code", code)
        .query((row, n) -> new Back(
            row.getObject(1, UUID.class),
            OtherForm.named(row.getString(2)).orElseThrow(),
            row.getString(3),
            row.getString(4)))
        .optional();
  }

  /** Notes that a form has come back; it may come back more than once. */
  @Transactional
  void came(String code) {
    database
        .sql("update form_out set returned_at = :now where code = :code and returned_at is null")
        .param("now", Timestamp.from(clock.instant()))
        .param("code", code)
        .update();
  }

  @Transactional(readOnly = true)
  List<Out> of(UUID application) {
    return database
        .sql("""
            select id, kind, person_id, asked, made_at, returned_at from form_out
            where application_id = :application order by made_at
            """)
        .param("application", application)
        .query((row, n) -> new Out(
            row.getObject(1, UUID.class),
            row.getString(2),
            OtherForm.named(row.getString(2))
                .map(form -> form.title(DeskWords.WORDS))
                .orElse(""),
            row.getString(3),
            row.getString(4),
            row.getTimestamp(5).toInstant(),
            LocalDate.ofInstant(row.getTimestamp(5).toInstant(), clock.getZone())
                .plusDays(ASKED_AGAIN_AFTER),
            row.getTimestamp(6) == null ? null : row.getTimestamp(6).toInstant()))
        .list();
  }

  @Transactional
  byte[] pdf(Staff.Colleague by, UUID id) {
    audit.record(by.login(), "form read", id.toString(), "");
    return database
        .sql("select pdf from form_out where id = :id")
        .param("id", id)
        .query(byte[].class)
        .optional()
        .orElseThrow(() -> Problem.notThere("The form"));
  }
}
