package civitane.app.audit;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HexFormat;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Every change, by whom and when; each entry is chained to the one before by a hash. */
@Service
public class AuditLog {
  private static final long ONE_WRITER = 7_260_411;
  private static final String BEGINNING = "0".repeat(64);

  private final JdbcClient database;
  private final Clock clock;

  AuditLog(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** One entry; the detail names no person, only keys and words of the program. */
  public record Entry(
      long seq,
      Instant at,
      String actor,
      String action,
      String subject,
      String detail,
      String previous,
      String hash) {}

  /** Writes an entry within the change it tells of: both are kept, or neither is. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void record(String actor, String action, String subject, String detail) {
    database
        .sql("select pg_advisory_xact_lock(:key)")
        .param("key", ONE_WRITER)
        .query((row, n) -> 0)
        .list();
    var last = database
        .sql("select seq, hash from audit_log order by seq desc limit 1")
        .query((row, n) ->
            new Entry(row.getLong("seq"), Instant.EPOCH, "", "", "", "", "", row.getString("hash")))
        .optional();
    var seq = last.map(Entry::seq).orElse(0L) + 1;
    var previous = last.map(Entry::hash).orElse(BEGINNING);
    var at = clock.instant().truncatedTo(ChronoUnit.MICROS);
    database
        .sql(
            "insert into audit_log values (:seq, :at, :actor, :action, :subject, :detail, :previous, :hash)")
        .param("seq", seq)
        .param("at", Timestamp.from(at))
        .param("actor", actor)
        .param("action", action)
        .param("subject", subject)
        .param("detail", detail)
        .param("previous", previous)
        .param("hash", hash(seq, at, actor, action, subject, detail, previous))
        .update();
  }

  /** What the chain says of itself. */
  public record Verification(long entries, boolean unbroken, long brokenAt) {}

  /** Walks the whole chain; the first entry that does not fit is named. */
  @Transactional(readOnly = true)
  public Verification verify() {
    var entries = database
        .sql("select * from audit_log order by seq")
        .query(AuditLog::entry)
        .list();
    return verify(entries);
  }

  private static Verification verify(List<Entry> entries) {
    var previous = BEGINNING;
    for (var entry : entries) {
      var fits = entry.previous().equals(previous)
          && entry
              .hash()
              .equals(hash(
                  entry.seq(),
                  entry.at(),
                  entry.actor(),
                  entry.action(),
                  entry.subject(),
                  entry.detail(),
                  previous));
      if (!fits) {
        return new Verification(entries.size(), false, entry.seq());
      }
      previous = entry.hash();
    }
    return new Verification(entries.size(), true, 0);
  }

  private static Entry entry(java.sql.ResultSet row, int number) throws java.sql.SQLException {
    return new Entry(
        row.getLong("seq"),
        row.getTimestamp("happened_at").toInstant(),
        row.getString("actor"),
        row.getString("action"),
        row.getString("subject"),
        row.getString("detail"),
        row.getString("previous"),
        row.getString("hash"));
  }

  private static String hash(Object... parts) {
    return sha256(
        String.join("\n", java.util.Arrays.stream(parts).map(String::valueOf).toList()));
  }

  /** The SHA-256 of a text, in hexadecimal digits. */
  public static String sha256(String text) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
