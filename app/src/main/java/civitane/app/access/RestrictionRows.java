package civitane.app.access;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which households are restricted, and who may see them. */
@Repository
class RestrictionRows {
  private final JdbcClient database;

  RestrictionRows(JdbcClient database) {
    this.database = database;
  }

  Optional<Restriction> of(UUID household) {
    return database
        .sql("select because, set_by, set_at from restricted_household where household_id = ?")
        .param(household)
        .query((row, n) -> new Restriction(
            household,
            row.getString(1),
            row.getString(2),
            row.getTimestamp(3).toInstant(),
            named(household)))
        .optional();
  }

  private List<Restriction.Named> named(UUID household) {
    return database
        .sql(
            "select login, since, because from restricted_seen_by where household_id = ? order by since, login")
        .param(household)
        .query((row, n) -> new Restriction.Named(
            row.getString(1), row.getTimestamp(2).toInstant(), row.getString(3)))
        .list();
  }

  /** Who broke the glass, as long as nobody took note; the first at first. */
  List<Restriction.Broken> broken() {
    return database
        .sql("""
            select household_id, login, since, because from restricted_seen_by
            where because is not null and noted_by is null order by since
            """)
        .query((row, n) -> new Restriction.Broken(
            row.getObject(1, UUID.class),
            row.getString(2),
            row.getTimestamp(3).toInstant(),
            row.getString(4)))
        .list();
  }

  /** Whether there was something to take note of. */
  boolean note(UUID household, String login, String by) {
    return database.sql("""
            update restricted_seen_by set noted_by = ?
            where household_id = ? and login = ? and because is not null and noted_by is null
            """).params(by, household, login).update() > 0;
  }

  /** The restricted households that somebody is not named for. */
  Set<UUID> hiddenFrom(String login) {
    return database.sql("""
            select household_id from restricted_household r where not exists (
              select 1 from restricted_seen_by s where s.household_id = r.household_id and s.login = ?)
            """).param(login).query(UUID.class).set();
  }

  void restrict(UUID household, String because, String by, Instant at) {
    database.sql("""
            insert into restricted_household values (?, ?, ?, ?)
            on conflict (household_id) do update set
              because = excluded.because, set_by = excluded.set_by, set_at = excluded.set_at
            """).params(household, because, by, Timestamp.from(at)).update();
  }

  void lift(UUID household) {
    database
        .sql("delete from restricted_seen_by where household_id = ?")
        .param(household)
        .update();
    database
        .sql("delete from restricted_household where household_id = ?")
        .param(household)
        .update();
  }

  void name(UUID household, String login, Instant since, @Nullable String because) {
    database
        .sql("insert into restricted_seen_by values (?, ?, ?, ?) on conflict do nothing")
        .param(household)
        .param(login)
        .param(Timestamp.from(since))
        .param(because)
        .update();
  }

  void nobody(UUID household) {
    database
        .sql("delete from restricted_seen_by where household_id = ?")
        .param(household)
        .update();
  }
}
