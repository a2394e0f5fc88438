package civitane.app.audit;

import java.io.IOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicLong;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Chains the entries of the audit log by their hashes, within seconds and in the order they are found; verifies the
 * chain entry by entry, without keeping them.
 */
@Service
public class AuditSeal {
  private static final long ONE_SEALER = 7_260_411;
  private static final int AT_ONCE = 5_000;

  /** Entries of changes that took long are kept after later ones: so far back is looked for them. */
  private static final int LATE = 20_000;

  private static final int ROWS_FETCHED = 2_000;
  private static final String BEGINNING = "0".repeat(64);

  private final JdbcClient database;
  private final JdbcTemplate streams;
  private final LogKey key;
  private final AuditAnchor anchor;
  private final Clock clock;

  AuditSeal(JdbcClient database, DataSource source, LogKey key, AuditAnchor anchor, Clock clock) {
    this.database = database;
    this.key = key;
    this.anchor = anchor;
    this.clock = clock;
    this.streams = new JdbcTemplate(source);
    this.streams.setFetchSize(ROWS_FETCHED);
  }

  /** The end of the chain. */
  private record End(long seq, String hash) {}

  /** An entry as it is chained. */
  private record Entry(
      long nr, Instant at, String actor, String action, String subject, String detail) {

    static Entry of(ResultSet row) throws SQLException {
      return new Entry(
          row.getLong("nr"),
          row.getTimestamp("happened_at").toInstant(),
          row.getString("actor"),
          row.getString("action"),
          row.getString("subject"),
          row.getString("detail"));
    }

    String hash(LogKey key, long seq, String previous) {
      return key.linkOf(seq, seq, nr, at, actor, action, subject, detail, previous);
    }
  }

  /** Chains what is not chained yet, some thousands at a time, after whoever is doing so now; answers how many. */
  @Transactional
  public int seal() {
    database
        .sql("select pg_advisory_xact_lock(:key)")
        .param("key", ONE_SEALER)
        .query((row, n) -> n)
        .list();
    return chain();
  }

  private int chain() {
    var end = end();
    var open = database
        .sql("""
            select l.* from audit_log l left join audit_chain c on c.entry_nr = l.nr
            where c.entry_nr is null
              and l.nr > (select coalesce(max(entry_nr), 0) from audit_chain) - :late
            order by l.nr limit :most
            """)
        .param("late", LATE)
        .param("most", AT_ONCE)
        .query((row, n) -> Entry.of(row))
        .list();
    for (var entry : open) {
      var next = new End(end.seq() + 1, entry.hash(key, end.seq() + 1, end.hash()));
      database
          .sql("insert into audit_chain (seq, entry_nr, hash) values (:seq, :nr, :hash)")
          .param("seq", next.seq())
          .param("nr", entry.nr())
          .param("hash", next.hash())
          .update();
      end = next;
    }
    return open.size();
  }

  /** Links what comes from here on by another key. What serves has to be stopped before, and all be chained. */
  public void changeKey() throws IOException {
    key.change(end().seq());
  }

  /** Marks outside the database where the chain is now. */
  public void anchor() {
    var end = end();
    if (end.seq() > 0) {
      anchor.mark(new AuditAnchor.Mark(end.seq(), end.hash()), clock.instant());
    }
  }

  private End end() {
    return database
        .sql("select seq, hash from audit_chain order by seq desc limit 1")
        .query((row, n) -> new End(row.getLong(1), row.getString(2)))
        .optional()
        .orElse(new End(0, BEGINNING));
  }

  /**
   * What the chain says of itself.
   *
   * @param entries that are chained
   * @param unsealed that are kept and not chained yet
   * @param brokenAt the first link that does not fit, or is not there any more; 0 where all do
   * @param marks how often it was marked outside the database where the chain was; each was looked for
   */
  public record Verification(
      long entries, long unsealed, boolean unbroken, long brokenAt, int marks) {}

  /** Walks the whole chain; the first link that does not fit is named. */
  @Transactional(readOnly = true)
  public Verification verify() {
    var marks = anchor.marks();
    var walk = new Walk(key, marks);
    var entries = new AtomicLong();
    streams.query("""
        select c.seq, c.hash, l.* from audit_chain c left join audit_log l on l.nr = c.entry_nr order by c.seq
        """, row -> {
      entries.incrementAndGet();
      walk.step(row);
    });
    var kept = database.sql("select count(*) from audit_log").query(Long.class).single();
    walk.end();
    return new Verification(
        entries.get(), kept - entries.get(), walk.brokenAt == 0, walk.brokenAt, marks.size());
  }

  /** How far the chain has been followed. */
  private static final class Walk {
    private final LogKey key;
    private final Map<Long, String> marked = new TreeMap<>();
    private long seq;
    private String hash = BEGINNING;
    private long brokenAt;

    Walk(LogKey key, List<AuditAnchor.Mark> marks) {
      this.key = key;
      marks.forEach(mark -> marked.put(mark.seq(), mark.hash()));
    }

    void step(ResultSet row) throws SQLException {
      seq++;
      @Nullable String actor = row.getString("actor");
      var mark = marked.remove(seq);
      var fits = actor != null
          && row.getLong("seq") == seq
          && row.getString("hash").equals(Entry.of(row).hash(key, seq, hash))
          && (mark == null || mark.equals(row.getString("hash")));
      if (!fits && brokenAt == 0) {
        brokenAt = seq;
      }
      hash = row.getString("hash");
    }

    /** What was marked and not met is not there any more. */
    void end() {
      if (!marked.isEmpty() && brokenAt == 0) {
        brokenAt = seq + 1;
      }
    }
  }
}
