package civitane.app.once;

import civitane.app.problems.Problem;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The keys under which something was done, in the same transaction as what was done. */
@Repository
class DoneOnce {
  private static final Duration KEPT = Duration.ofDays(1);

  private final JdbcClient database;
  private final Clock clock;

  DoneOnce(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * Takes a key for what is about to be done. Whoever comes with it at the same time waits here until that is done.
   *
   * @param asked by whom, and what, in short
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void begin(String key, byte[] asked) {
    var taken = database
        .sql("""
            insert into done_once (key, asked, status, answer, done_at) values (?, ?, 0, '', ?)
            on conflict (key) do nothing""")
        .param(key)
        .param(asked)
        .param(Timestamp.from(clock.instant()))
        .update();
    if (taken == 0) {
      throw new DoneBefore(answer(key, asked));
    }
  }

  private DoneBefore.KeptAnswer answer(String key, byte[] asked) {
    var kept = database
        .sql("select asked, status, tag, answer from done_once where key = ?")
        .param(key)
        .query((row, n) -> {
          if (!Arrays.equals(row.getBytes("asked"), asked)) {
            throw Problem.wrong("This Idempotency-Key stood for something else.");
          }
          return new DoneBefore.KeptAnswer(
              row.getInt("status"), row.getString("tag"), row.getBytes("answer"));
        });
    return kept.single();
  }

  @Transactional(propagation = Propagation.MANDATORY)
  public void done(String key, DoneBefore.KeptAnswer answer) {
    database
        .sql("update done_once set status = ?, tag = ?, answer = ? where key = ?")
        .param(answer.status())
        .param(answer.tag())
        .param(answer.body())
        .param(key)
        .update();
  }

  @Transactional
  public void forget() {
    database
        .sql("delete from done_once where done_at < ?")
        .param(Timestamp.from(clock.instant().minus(KEPT)))
        .update();
  }
}
