package civitane.app.forms;

import civitane.app.papers.Bringing;
import civitane.packet.form.OtherForm;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.sql.Types;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Forms that are out, as they are kept, and what came back for them. */
@Repository
class FormRows {
  private static final String UNFILED = "answer is not null and filed_at is null";

  private final JdbcClient database;

  FormRows(JdbcClient database) {
    this.database = database;
  }

  /**
   * A form that is out.
   *
   * @param asked who is to fill it in
   * @param returnedAt when it came back; null while it has not
   */
  record Kept(
      UUID id,
      FormAbout about,
      String asked,
      String code,
      Instant madeAt,
      @Nullable Instant returnedAt) {
    boolean came() {
      return returnedAt != null;
    }

    UUID application() {
      return about.application();
    }

    OtherForm form() {
      return about.form();
    }
  }

  /** What was answered by code and is not filed yet. */
  record Unfiled(Kept form, Bringing.Kept answer, String by) {}

  void add(Kept form, byte[] pdf, String by) {
    database
        .sql("""
            insert into form_out (id, application_id, kind, person_id, subject, asked, code, pdf, made_by, made_at)
            values (:id, :application, :kind, :person, :subject, :asked, :code, :pdf, :by, :now)
            """)
        .param("id", form.id())
        .param("application", form.application())
        .param("kind", form.form().word())
        .param("person", form.about().person(), Types.VARCHAR)
        .param("subject", form.about().subject(), Types.OTHER)
        .param("asked", form.asked())
        .param("code", form.code())
        .param("pdf", pdf)
        .param("by", by)
        .param("now", Timestamp.from(form.madeAt()))
        .update();
  }

  /** The form of a code. */
  Optional<Kept> of(String code) {
    return database
        .sql("select * from form_out where code = :code")
        .param("code", code)
        .query(FormRows::kept)
        .optional();
  }

  /** The forms of an application, in the order they were made. */
  List<Kept> of(UUID application) {
    return database
        .sql("select * from form_out where application_id = :application order by made_at")
        .param("application", application)
        .query(FormRows::kept)
        .list();
  }

  Optional<byte[]> pdf(UUID id) {
    return database
        .sql("select pdf from form_out where id = :id")
        .param("id", id)
        .query(byte[].class)
        .optional();
  }

  /** Notes that a form has come back; it may come back more than once. */
  void came(String code, Instant at) {
    database
        .sql("update form_out set returned_at = :at where code = :code and returned_at is null")
        .param("at", Timestamp.from(at))
        .param("code", code)
        .update();
  }

  /**
   * Keeps what somebody answered with the code; false where the form had come before.
   *
   * @param by who filled it in, as they are called
   */
  boolean answered(Kept form, Bringing.Kept answer, String by, Instant at) {
    // Whoever lodges at this moment files what was answered before, or is waited for.
    database
        .sql("select 1 from application where id = :id for update")
        .param("id", form.application())
        .query(Integer.class)
        .single();
    return database
            .sql("""
                update form_out set answer = :answer, answer_pages = :pages, answered_by = :by, returned_at = :at
                where id = :id and returned_at is null
                """)
            .param("answer", answer.hash())
            .param("pages", answer.pages())
            .param("by", by)
            .param("at", Timestamp.from(at))
            .param("id", form.id())
            .update()
        == 1;
  }

  /** Takes an answer to be filed; empty where it is filed. */
  Optional<Unfiled> unfiled(UUID id) {
    return database
        .sql("select * from form_out where id = :id and " + UNFILED + " for update")
        .param("id", id)
        .query((row, n) -> new Unfiled(
            kept(row, n),
            new Bringing.Kept(row.getString("answer"), row.getInt("answer_pages")),
            row.getString("answered_by")))
        .optional();
  }

  void filed(UUID id, Instant at) {
    database
        .sql("update form_out set filed_at = :at where id = :id")
        .param("at", Timestamp.from(at))
        .param("id", id)
        .update();
  }

  /** The forms of an application that were answered before it was lodged. */
  List<UUID> waiting(UUID application) {
    return database
        .sql("select id from form_out where application_id = :application and " + UNFILED)
        .param("application", application)
        .query(UUID.class)
        .list();
  }

  private static Kept kept(ResultSet row, int n) throws SQLException {
    var returned = row.getTimestamp("returned_at");
    return new Kept(
        row.getObject("id", UUID.class),
        new FormAbout(
            row.getObject("application_id", UUID.class),
            OtherForm.named(row.getString("kind")).orElseThrow(),
            row.getString("person_id"),
            row.getObject("subject", UUID.class)),
        row.getString("asked"),
        row.getString("code"),
        row.getTimestamp("made_at").toInstant(),
        returned == null ? null : returned.toInstant());
  }
}
