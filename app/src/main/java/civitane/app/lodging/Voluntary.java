package civitane.app.lodging;

import civitane.app.problems.Problem;
import java.time.Clock;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Voluntary answers, kept apart: without a name, an application or a time of day beside them.
 *
 * <p>They are used for counts only, and only for counts of ten or more.
 */
@Service
class Voluntary {
  private static final List<String> QUESTIONS = List.of("origin", "gender", "heardFrom");
  private static final int LONGEST = 80;
  private static final int LEAST_COUNTED = 10;

  private final JdbcClient database;
  private final Clock clock;

  Voluntary(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** How many gave an answer. */
  record Count(String question, String answer, long count) {}

  @Transactional
  void keep(Map<String, String> answers) {
    answers.forEach((question, answer) -> {
      if (!QUESTIONS.contains(question) || answer == null || answer.length() > LONGEST) {
        throw Problem.wrong("A voluntary answer is to one of " + String.join(", ", QUESTIONS)
            + " and of " + LONGEST + " characters at most.");
      }
    });
    answers.forEach((question, answer) -> {
      if (!answer.isBlank()) {
        database
            .sql("insert into voluntary_answer values (:question, :answer, :month, :mixed)")
            .param("question", question)
            .param("answer", answer.strip())
            .param("month", YearMonth.now(clock).toString())
            .param("mixed", UUID.randomUUID())
            .update();
      }
    });
  }

  @Transactional(readOnly = true)
  List<Count> counts() {
    return database
        .sql("""
            select question, answer, count(*) from voluntary_answer
            group by question, answer having count(*) >= :least order by question, count(*) desc, answer
            """)
        .param("least", LEAST_COUNTED)
        .query((row, n) -> new Count(row.getString(1), row.getString(2), row.getLong(3)))
        .list();
  }
}
