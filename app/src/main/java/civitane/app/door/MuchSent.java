package civitane.app.door;

import civitane.core.claims.Actor;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** How much a household sends in a day: more than anybody photographs for a claim fills the disk, and is brought by hand. */
@Component
class MuchSent {
  private static final Duration DAY = Duration.ofDays(1);
  private static final int MOST_FILES = 80;
  private static final long MOST_BYTES = 300L << 20;

  private final JdbcClient database;
  private final Clock clock;

  MuchSent(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** Whether no more is taken of a household for now. */
  boolean isMuch(UUID household) {
    return database
        .sql("""
            select count(*) >= :files or coalesce(sum(f.size), 0) >= :bytes from paper_file f
            where f.hash in (
              select s.hash from paper p join sheet s on s.of = p.id
              where p.household_id = :household and p.came_by like :themselves and p.came_at > :since)
            """)
        .param("files", MOST_FILES)
        .param("bytes", MOST_BYTES)
        .param("household", household)
        .param("themselves", Actor.PERSON + "%")
        .param("since", Timestamp.from(clock.instant().minus(DAY)))
        .query(Boolean.class)
        .single();
  }
}
