package civitane.app.access;

import civitane.app.staff.Staff;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.YearMonth;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who looked at what of which household, and when; apart from the log of changes. */
@Service
public class LookedAt {
  /** Looking again within this time is the same look. */
  private static final Duration ONE_LOOK = Duration.ofMinutes(10);

  /** Whoever looks at more households within an hour is asked about it. */
  private static final int USUAL_AN_HOUR = 60;

  private static final int MOST = 500;

  private final JdbcClient database;
  private final Clock clock;

  LookedAt(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** @param what claims, households, papers, letters, applications, forms or scans */
  public record Look(Instant at, String login, String what, UUID household) {}

  /** Somebody who looked at unusually many households within an hour, and when the hour began. */
  public record Many(String login, Instant hour, int households) {}

  @Transactional
  void note(Staff.Colleague who, String what, UUID household) {
    var now = clock.instant();
    database
        .sql("""
            insert into access_log (looked_at, login, what, household_id)
            select :now, :login, :what, :household where not exists (
              select 1 from access_log where login = :login and household_id = :household and what = :what
                and looked_at > :since)
            """)
        .param("now", Timestamp.from(now))
        .param("login", who.login())
        .param("what", what)
        .param("household", household)
        .param("since", Timestamp.from(now.minus(ONE_LOOK)))
        .update();
  }

  /** The looks of a month, the newest first. */
  @Transactional(readOnly = true)
  public List<Look> in(YearMonth month) {
    return database
        .sql("""
            select looked_at, login, what, household_id from access_log
            where looked_at >= :from and looked_at < :to order by looked_at desc, nr desc limit :most
            """)
        .param("from", begin(month))
        .param("to", begin(month.plusMonths(1)))
        .param("most", MOST)
        .query(LookedAt::look)
        .list();
  }

  /** All looks at a household that are kept, the newest first. */
  @Transactional(readOnly = true)
  public List<Look> at(UUID household) {
    return database.sql("""
            select looked_at, login, what, household_id from access_log
            where household_id = :household order by looked_at desc, nr desc
            """).param("household", household).query(LookedAt::look).list();
  }

  private static Look look(ResultSet row, int n) throws SQLException {
    return new Look(
        row.getTimestamp(1).toInstant(),
        row.getString(2),
        row.getString(3),
        row.getObject(4, UUID.class));
  }

  /** Who looked at more households within an hour of a month than is usual, the newest first. */
  @Transactional(readOnly = true)
  public List<Many> many(YearMonth month) {
    return database
        .sql("""
            select login, date_trunc('hour', looked_at) at_hour, count(distinct household_id) households
            from access_log where looked_at >= :from and looked_at < :to
            group by 1, 2 having count(distinct household_id) > :usual order by 2 desc, 1
            """)
        .param("from", begin(month))
        .param("to", begin(month.plusMonths(1)))
        .param("usual", USUAL_AN_HOUR)
        .query(
            (row, n) -> new Many(row.getString(1), row.getTimestamp(2).toInstant(), row.getInt(3)))
        .list();
  }

  /** How many have looked at more households within the last hour than is usual. */
  @Transactional(readOnly = true)
  public int manyNow() {
    return database
        .sql("""
            select count(*) from (
              select login from access_log where looked_at > :since
              group by login having count(distinct household_id) > :usual) many
            """)
        .param("since", Timestamp.from(clock.instant().minus(Duration.ofHours(1))))
        .param("usual", USUAL_AN_HOUR)
        .query(Integer.class)
        .single();
  }

  /** Who looked in a month at a household of their own family name or street: each once, the last look of them. */
  @Transactional(readOnly = true)
  public List<Look> ofTheirOwn(YearMonth month) {
    return database
        .sql("""
            select distinct on (l.login, l.household_id) l.looked_at, l.login, l.what, l.household_id
            from access_log l join staff s on s.login = l.login
            where l.looked_at >= :from and l.looked_at < :to and exists (
              select 1 from known_person p where p.household_id = l.household_id
                and (lower(p.family_name) = lower(substring(s.name from '[^ ]+$'))
                  or position(lower(s.street) in lower(p.line1)) > 0))
            order by l.login, l.household_id, l.looked_at desc limit :most
            """)
        .param("from", begin(month))
        .param("to", begin(month.plusMonths(1)))
        .param("most", MOST)
        .query(LookedAt::look)
        .list();
  }

  private Timestamp begin(YearMonth month) {
    return Timestamp.from(month.atDay(1).atStartOfDay(clock.getZone()).toInstant());
  }
}
