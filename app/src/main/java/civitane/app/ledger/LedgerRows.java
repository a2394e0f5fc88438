package civitane.app.ledger;

import civitane.core.ledger.Entry;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.FieldTypes;
import civitane.core.ledger.Membership;
import civitane.core.ledger.Source;
import civitane.core.ledger.SourceKind;
import civitane.core.ledger.Subject;
import civitane.core.ledger.SubjectKind;
import civitane.packet.KeptValues;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

import static civitane.core.facts.Known.known;

/** Subjects and entries as rows: added, never changed. */
@Component
class LedgerRows {
  /** A household, everybody who ever was of it, what is theirs or its own, and the signatures under its requests. */
  private static final String OF_HOUSEHOLD = """
      with family as (
        select :household::uuid as id
        union select subject_id from entry where refers_to = :household),
      own as (
        select id from subject where of_id in (select id from family)
        union select id from family)
      select id from own
      union select id from subject where of_id in (select id from own)
      """;

  private final JdbcClient database;
  private final JdbcTemplate batches;

  LedgerRows(JdbcClient database, JdbcTemplate batches) {
    this.database = database;
    this.batches = batches;
  }

  List<Subject> subjects(UUID household) {
    return database
        .sql("select id, kind, of_id, nr from subject where id in (" + OF_HOUSEHOLD
            + ") order by nr")
        .param("household", household)
        .query((row, n) -> new Subject(
            row.getObject("id", UUID.class),
            SubjectKind.valueOf(row.getString("kind")),
            row.getObject("of_id", UUID.class),
            row.getLong("nr")))
        .list();
  }

  /** The entries of subjects; those of a request are read as its service has them, which its first entries say. */
  List<Entry> entries(List<Subject> subjects) {
    var kinds = new HashMap<UUID, SubjectKind>();
    subjects.forEach(subject -> kinds.put(subject.id(), subject.kind()));
    var services = new HashMap<UUID, String>();
    return database
        .sql("select * from entry where subject_id = any (:subjects::uuid[]) order by nr")
        .param("subjects", subjects.stream().map(one -> one.id().toString()).toArray(String[]::new))
        .query((row, n) -> entry(row, kinds, services))
        .list();
  }

  /** All that was ever recorded of somebody and of what comes in for them, in its order. */
  List<Recorded> recorded(UUID person) {
    return database
        .sql("""
            select lower(s.kind) as about, e.* from entry e join subject s on s.id = e.subject_id
            where s.id = :person or s.of_id = :person order by e.nr
            """)
        .param("person", person)
        .query((row, n) -> new Recorded(
            row.getString("about"),
            row.getString("field"),
            row.getString("kind").toLowerCase(Locale.ROOT),
            row.getString("value"),
            row.getString("source_kind").toLowerCase(Locale.ROOT),
            row.getString("because"),
            row.getTimestamp("recorded_at").toInstant(),
            row.getObject("holds_from", LocalDate.class),
            row.getObject("holds_until", LocalDate.class)))
        .list();
  }

  private static Entry entry(
      ResultSet row, Map<UUID, SubjectKind> kinds, Map<UUID, String> services) throws SQLException {
    var subject = row.getObject("subject_id", UUID.class);
    var field = row.getString("field");
    var kept = row.getString("value");
    var value = kept == null
        ? null
        : KeptValues.read(known(kinds.get(subject)), services.get(subject), field, kept);
    if (field.equals(FieldTypes.service()) && value instanceof String service) {
      services.put(subject, service);
    }
    var from = row.getDate("holds_from");
    var until = row.getDate("holds_until");
    return new Entry(
        subject,
        field,
        EntryKind.valueOf(row.getString("kind")),
        value,
        new Source(
            SourceKind.valueOf(row.getString("source_kind")),
            row.getString("source_ref"),
            row.getString("because")),
        row.getString("recorded_by"),
        row.getTimestamp("recorded_at").toInstant(),
        from == null ? null : from.toLocalDate(),
        until == null ? null : until.toLocalDate(),
        row.getLong("nr"));
  }

  /** Adds subjects in their order; the database numbers them. */
  void addSubjects(List<Subject> subjects) {
    batches.batchUpdate(
        "insert into subject (id, kind, of_id) values (?, ?, ?)",
        subjects,
        Math.max(1, subjects.size()),
        (statement, subject) -> {
          statement.setObject(1, subject.id());
          statement.setString(2, subject.kind().name());
          statement.setObject(3, subject.of());
        });
  }

  /** Adds entries in their order; the database numbers them. */
  void addEntries(List<Entry> entries) {
    batches.batchUpdate("""
        insert into entry (subject_id, field, kind, value, refers_to, source_kind, source_ref, because,
          recorded_by, recorded_at, holds_from, holds_until)
        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
        """, entries, Math.max(1, entries.size()), (statement, entry) -> {
      var place = 0;
      statement.setObject(++place, entry.subject());
      statement.setString(++place, entry.field());
      statement.setString(++place, entry.kind().name());
      statement.setString(
          ++place, entry.value() == null ? null : KeptValues.written(entry.value()));
      statement.setObject(++place, refersTo(entry));
      statement.setString(++place, entry.source().kind().name());
      statement.setString(++place, entry.source().ref());
      statement.setString(++place, entry.source().because());
      statement.setString(++place, entry.by());
      statement.setTimestamp(++place, Timestamp.from(entry.at()));
      statement.setDate(++place, entry.from() == null ? null : Date.valueOf(entry.from()));
      statement.setDate(++place, entry.until() == null ? null : Date.valueOf(entry.until()));
    });
  }

  private static @Nullable UUID refersTo(Entry entry) {
    return entry.value() instanceof Membership member ? member.household() : null;
  }
}
