package civitane.app.checking;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What people on the phone were asked, and whether they knew. */
@Repository
class KnowledgeRows {
  private static final String BETWEEN = "\n";

  private final JdbcClient database;

  KnowledgeRows(JdbcClient database) {
    this.database = database;
  }

  /** A question that was asked and not answered yet. */
  record Open(KnowledgeQuestion question, UUID person, String right) {}

  /** The question that is open with somebody since a moment; asked again, it is the same. */
  Optional<Open> open(UUID person, Instant since) {
    return database
        .sql("""
            select id, choices, right_choice from knowledge_check
            where person_id = ? and asked_at > ? and passed is null
            """)
        .params(person, Timestamp.from(since))
        .query((row, n) -> new Open(
            new KnowledgeQuestion(
                row.getObject(1, UUID.class), List.of(row.getString(2).split(BETWEEN))),
            person,
            row.getString(3)))
        .optional();
  }

  int asked(UUID person, Instant since) {
    return database
        .sql("select count(*) from knowledge_check where person_id = ? and asked_at > ?")
        .params(person, Timestamp.from(since))
        .query(Integer.class)
        .single();
  }

  void ask(KnowledgeQuestion question, UUID person, String right, String by, Instant now) {
    database
        .sql("""
            insert into knowledge_check (id, person_id, choices, right_choice, asked_by, asked_at)
            values (?, ?, ?, ?, ?, ?)
            """)
        .params(
            question.id(),
            person,
            String.join(BETWEEN, question.choices()),
            right,
            by,
            Timestamp.from(now))
        .update();
  }

  /** Keeps the first answer. Says whether it is that one. */
  boolean answered(UUID id, boolean passed) {
    return database
            .sql("update knowledge_check set passed = ? where id = ? and passed is null")
            .params(passed, id)
            .update()
        == 1;
  }

  /** Employers that somebody may be asked about beside their own, in no order. */
  List<String> employers() {
    return database.sql("""
            select name from party where kind = 'EMPLOYER' and joined_to is null order by random() limit 40
            """).query(String.class).list();
  }
}
