package civitane.app.signin;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Tries to sign in, counted by login and address: from the fifth that fails in a row one has to wait, twice as long
 * each time; from the tenth for a quarter of an hour. Whether anybody has such a login makes no difference.
 */
@Repository
public class Attempts {
  static final int LOCKED_FROM = 10;

  /** The longest wait before it is locked, as a power of two. Seconds. */
  private static final int LONGEST = 5;

  static final Duration LOCKED = Duration.ofMinutes(15);

  /** Until when nobody waits: of two who try at one moment, neither waits for the other's. */
  private static final Instant FREE = Instant.EPOCH;

  private final JdbcClient database;
  private final Clock clock;

  Attempts(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * Counts a try before it is made, so that many at once are counted as well.
   *
   * @return how long to wait, where it may not be made yet
   */
  @Transactional
  public Optional<Duration> begin(String login, String address) {
    return begin(login, address, LOCKED_FROM);
  }

  /** The same, locked from another try on; somewhat less than half as many are free. */
  @Transactional
  public Optional<Duration> begin(String login, String address, int lockedFrom) {
    var now = clock.instant();
    var key = key(login, address);
    var wait = database
        .sql("select wait_until from sign_in_attempt where key = ? for update")
        .param(key)
        .query(Timestamp.class)
        .optional()
        .map(until -> Duration.between(now, until.toInstant()))
        .filter(left -> !left.isNegative() && !left.isZero());
    if (wait.isPresent()) {
      return wait;
    }
    var failures = database
        .sql("""
            insert into sign_in_attempt (key, failures, last_at, wait_until) values (:key, 1, :now, :free)
            on conflict (key) do update set last_at = :now,
              failures = case when sign_in_attempt.last_at < :fresh then 1 else sign_in_attempt.failures + 1 end
            returning failures
            """)
        .param("key", key)
        .param("now", Timestamp.from(now))
        .param("free", Timestamp.from(FREE))
        .param("fresh", Timestamp.from(now.minus(LOCKED)))
        .query(Integer.class)
        .single();
    database
        .sql("update sign_in_attempt set wait_until = ? where key = ?")
        .param(Timestamp.from(until(now, wait(failures, lockedFrom))))
        .param(key)
        .update();
    return Optional.empty();
  }

  private static Instant until(Instant now, Duration wait) {
    return wait.isZero() ? FREE : now.plus(wait);
  }

  private static Duration wait(int failures, int lockedFrom) {
    if (failures >= lockedFrom) {
      return LOCKED;
    }
    var free = lockedFrom / 2 - 1;
    return failures <= free
        ? Duration.ZERO
        : Duration.ofSeconds(1L << Math.min(failures - free, LONGEST));
  }

  /** One that was right: what failed before it is forgotten. */
  @Transactional
  public void forget(String login, String address) {
    database
        .sql("delete from sign_in_attempt where key = ?")
        .param(key(login, address))
        .update();
  }

  /** Names and addresses are not kept, but what they come to. */
  private static String key(String login, String address) {
    try {
      var text = login.toLowerCase(Locale.ROOT) + "|" + address;
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
