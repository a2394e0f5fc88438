package civitane.app.forms;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.drafts.Applications;
import civitane.app.letters.Codes;
import civitane.app.papers.Bringing;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.packet.form.FormWriter;
import civitane.packet.form.OtherForm;
import civitane.words.Language;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
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
  private final String at;

  /** @param at where the door is, as it is written to those who go to it */
  FormsOut(
      Applications applications,
      FormWriter writer,
      Codes codes,
      JdbcClient database,
      AuditLog audit,
      Clock clock,
      @Value("${civitane.door-at:http://127.0.0.1:8480/door}") String at) {
    this.applications = applications;
    this.writer = writer;
    this.codes = codes;
    this.database = database;
    this.audit = audit;
    this.clock = clock;
    this.at = at;
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
        .param(
            "pdf",
            written(
                new Back(id, application, form, person, to.strip(), code, false),
                draft.name(person),
                language,
                Map.of()))
        .param("by", by.login())
        .param("now", Timestamp.from(clock.instant()))
        .update();
    audit.record(by.login(), "form made", application.toString(), kind);
    return of(application).stream()
        .filter(out -> out.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** The form as it goes out, or with what was answered on a screen. */
  byte[] written(Back back, String about, Language language, Map<String, String> answers) {
    var number =
        "A-" + back.application().toString().substring(0, 8).toUpperCase(java.util.Locale.ROOT);
    return back.form().pdf(writer, about, back.asked(), number, back.code(), at, language, answers);
  }

  /** A form that comes back: of which application, what it is, and whether it has come before. */
  record Back(
      UUID id,
      UUID application,
      OtherForm form,
      String person,
      String asked,
      String code,
      boolean came) {}

  @Transactional(readOnly = true)
  Optional<Back> back(String code) {
    return database
        .sql("select * from form_out where code = :code")
        .param("code", code)
        .query(FormsOut::back)
        .optional();
  }

  private static Back back(ResultSet row, int n) throws SQLException {
    return new Back(
        row.getObject("id", UUID.class),
        row.getObject("application_id", UUID.class),
        OtherForm.named(row.getString("kind")).orElseThrow(),
        row.getString("person_id"),
        row.getString("asked"),
        row.getString("code"),
        row.getTimestamp("returned_at") != null);
  }

  /**
   * Keeps what somebody answered with the code; false where the form had come before.
   *
   * @param by who filled it in, as they are called
   */
  @Transactional(propagation = Propagation.MANDATORY)
  boolean answered(Back back, Bringing.Kept answer, String by) {
    // Whoever lodges at this moment files what was answered before, or is waited for.
    database
        .sql("select 1 from application where id = :id for update")
        .param("id", back.application())
        .query(Integer.class)
        .single();
    return database
            .sql("""
                update form_out set answer = :answer, answer_pages = :pages, answered_by = :by, returned_at = :now
                where id = :id and returned_at is null
                """)
            .param("answer", answer.hash())
            .param("pages", answer.pages())
            .param("by", by)
            .param("now", Timestamp.from(clock.instant()))
            .param("id", back.id())
            .update()
        == 1;
  }

  /** What was answered and is not filed yet. */
  record Unfiled(Back back, Bringing.Kept answer, String by) {}

  /** Takes an answer to be filed; empty where it is filed. */
  @Transactional(propagation = Propagation.MANDATORY)
  Optional<Unfiled> unfiled(UUID id) {
    return database
        .sql(
            "select * from form_out where id = :id and answer is not null and filed_at is null for update")
        .param("id", id)
        .query((row, n) -> new Unfiled(
            back(row, n),
            new Bringing.Kept(row.getString("answer"), row.getInt("answer_pages")),
            row.getString("answered_by")))
        .optional();
  }

  @Transactional(propagation = Propagation.MANDATORY)
  void filed(UUID id) {
    database
        .sql("update form_out set filed_at = :now where id = :id")
        .param("now", Timestamp.from(clock.instant()))
        .param("id", id)
        .update();
  }

  /** The forms of an application that were answered before it was lodged. */
  @Transactional(readOnly = true)
  List<UUID> waiting(UUID application) {
    return database.sql("""
            select id from form_out where application_id = :application and answer is not null and filed_at is null
            """).param("application", application).query(UUID.class).list();
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
