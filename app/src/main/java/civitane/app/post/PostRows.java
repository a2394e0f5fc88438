package civitane.app.post;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Runs of post and what is held back, as they are kept. */
@Repository
class PostRows {
  private final JdbcClient database;

  PostRows(JdbcClient database) {
    this.database = database;
  }

  void addRun(UUID id, String by, Instant at) {
    database
        .sql("insert into post_run (id, made_by, made_at) values (?, ?, ?)")
        .param(id)
        .param(by)
        .param(Timestamp.from(at))
        .update();
  }

  /** The last runs, the newest first. */
  List<PostRun> runs(int most) {
    return database
        .sql("""
            select r.id, r.nr, r.made_by, r.made_at, (select count(*) from letter l where l.run_id = r.id)
            from post_run r order by r.nr desc limit ?
            """)
        .param(most)
        .query((row, n) -> new PostRun(
            row.getObject(1, UUID.class),
            row.getInt(2),
            row.getString(3),
            row.getTimestamp(4).toInstant(),
            row.getInt(5)))
        .list();
  }

  /** Holds post to a household back; what is held already stays so, and is the one that is answered. */
  UUID hold(UUID household, UUID letter, String by, Instant at) {
    database
        .sql("""
            insert into post_hold (id, household_id, letter_id, noticed_by, since) values (?, ?, ?, ?, ?)
            on conflict (household_id) where ended_at is null do nothing
            """)
        .param(UUID.randomUUID())
        .param(household)
        .param(letter)
        .param(by)
        .param(Timestamp.from(at))
        .update();
    return database
        .sql("select id from post_hold where household_id = ? and ended_at is null")
        .param(household)
        .query(UUID.class)
        .single();
  }

  /** The names of those who died, by the households they are or were of. */
  Map<UUID, List<String>> died(Collection<UUID> households) {
    var died = new HashMap<UUID, List<String>>();
    database
        .sql("""
            select k.household_id, trim(k.given_name || ' ' || k.family_name)
            from entry e join known_person k on k.person_id = e.subject_id
            where e.field = 'diedOn' and k.household_id = any(?)
            """)
        .param(households.stream().distinct().toArray(UUID[]::new))
        .query((RowCallbackHandler) row -> died.computeIfAbsent(
                row.getObject(1, UUID.class), household -> new ArrayList<>())
            .add(row.getString(2)));
    return died;
  }

  /** What is held back, since longest first. */
  List<Hold> holds() {
    return database
        .sql("select * from post_hold where ended_at is null order by since, id")
        .query((row, n) -> new Hold(
            row.getObject("id", UUID.class),
            row.getObject("household_id", UUID.class),
            row.getObject("letter_id", UUID.class),
            row.getTimestamp("since").toInstant()))
        .list();
  }

  /** Ends what is held back of a household; empty where nothing is. */
  Optional<UUID> release(UUID household, String by, Instant at, String because) {
    return database
        .sql("""
            update post_hold set ended_by = ?, ended_at = ?, because = ?
            where household_id = ? and ended_at is null returning id
            """)
        .param(by)
        .param(Timestamp.from(at))
        .param(because)
        .param(household)
        .query(UUID.class)
        .optional();
  }
}
