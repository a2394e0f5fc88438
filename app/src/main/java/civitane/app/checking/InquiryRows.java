package civitane.app.checking;

import civitane.app.audit.Hash;
import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.RegisterRow;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What registers were asked about households, and their answers as they came. */
@Repository
class InquiryRows {
  private final JdbcClient database;
  private final JsonMapper json;

  InquiryRows(JdbcClient database, JsonMapper json) {
    this.database = database;
    this.json = json;
  }

  /** What a question is known by: the number of a person or an account is not kept with it. */
  static String hash(RegisterQuestion question) {
    return Hash.of(question.register().word() + question.about());
  }

  /** Whatever was asked last, by the hash of the question; an earlier answer counts until there is a newer one. */
  Map<String, Asked> newest(UUID household) {
    var newest = new HashMap<String, Asked>();
    for (var asked : of(household)) {
      newest.put(asked.question(), asked);
    }
    return newest;
  }

  /** The newest answers, by the hash of the question. */
  Map<String, List<RegisterRow>> answers(UUID household) {
    var answers = new HashMap<String, List<RegisterRow>>();
    for (var asked : of(household)) {
      if (asked.rows() != null) {
        answers.put(asked.question(), asked.rows());
      }
    }
    return answers;
  }

  private List<Asked> of(UUID household) {
    return database
        .sql("select * from register_inquiry where household_id = ? order by asked_at")
        .param(household)
        .query((row, n) -> asked(row))
        .list();
  }

  private Asked asked(ResultSet row) throws SQLException {
    return new Asked(
        row.getObject("id", UUID.class),
        row.getString("question"),
        row.getString("asked_by"),
        row.getTimestamp("asked_at").toInstant(),
        instant(row.getTimestamp("tried_at")),
        instant(row.getTimestamp("answered_at")),
        rows(row.getString("answer")));
  }

  private static @Nullable Instant instant(@Nullable Timestamp at) {
    return at == null ? null : at.toInstant();
  }

  private @Nullable List<RegisterRow> rows(@Nullable String answer) {
    return answer == null
        ? null
        : json.readValue(answer, new TypeReference<List<Map<String, String>>>() {}).stream()
            .map(RegisterRow::of)
            .toList();
  }

  /** How much each register has answered, by its name. */
  Map<String, Counted> counts() {
    var counts = new HashMap<String, Counted>();
    database
        .sql("""
            select register, count(*) - count(answered_at) waiting, count(answered_at) answered,
              max(answered_at) last_answer
            from register_inquiry group by register
            """)
        .query((row, n) -> counts.put(
            row.getString("register"),
            new Counted(
                row.getLong("waiting"),
                row.getLong("answered"),
                instant(row.getTimestamp("last_answer")))))
        .list();
    return counts;
  }

  void ask(UUID id, UUID household, RegisterQuestion question, String by, Instant now) {
    database
        .sql("""
            insert into register_inquiry (id, household_id, register, question, asked_by, asked_at)
            values (?, ?, ?, ?, ?, ?)
            """)
        .param(id)
        .param(household)
        .param(question.register().word())
        .param(hash(question))
        .param(by)
        .param(Timestamp.from(now))
        .update();
  }

  void tried(UUID id, Instant now) {
    database
        .sql("update register_inquiry set tried_at = ? where id = ?")
        .param(Timestamp.from(now))
        .param(id)
        .update();
  }

  /** Keeps an answer whole, the first that comes. Answers whether it is that one. */
  boolean answered(UUID id, List<RegisterRow> rows, Instant now) {
    var answer = json.writeValueAsString(rows.stream().map(RegisterRow::columns).toList());
    return database
            .sql("""
                update register_inquiry set answered_at = :now, tried_at = :now, answer = :answer
                where id = :id and answered_at is null
                """)
            .param("now", Timestamp.from(now))
            .param("answer", answer)
            .param("id", id)
            .update()
        == 1;
  }

  /** What was done last about something compared, by what it is known by. */
  Map<String, Settled> settled(UUID household) {
    var settled = new HashMap<String, Settled>();
    database
        .sql("select * from comparison_settled where household_id = ? order by id")
        .param(household)
        .query((row, n) -> settled.put(
            row.getString("comparison"),
            new Settled(
                row.getString("seen"),
                Settled.How.valueOf(row.getString("how")),
                row.getString("because"),
                row.getString("settled_by"),
                row.getTimestamp("settled_at").toInstant())))
        .list();
    return settled;
  }

  void settle(UUID household, String comparison, Settled settled) {
    database
        .sql("""
            insert into comparison_settled (household_id, comparison, seen, how, because, settled_by, settled_at)
            values (?, ?, ?, ?, ?, ?, ?)
            """)
        .param(household)
        .param(comparison)
        .param(settled.seen())
        .param(settled.how().name())
        .param(settled.because())
        .param(settled.by())
        .param(Timestamp.from(settled.at()))
        .update();
  }
}
