package civitane.app.forgetting;

import civitane.app.decisions.Grants;
import civitane.app.money.Debts;
import civitane.core.awards.Award;
import java.sql.Date;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How long a household is kept: as long as something is to be decided, runs on or is owed, and some whole years after the
 * last day of what it was granted and after the last day on which anything of it was recorded.
 */
@Service
public class KeepingTime {
  /** More are not listed at once: whoever forgets them asks again. */
  private static final int MOST = 200;

  /** What is recorded of households, each with its day. */
  private static final String LAST_DAYS = """
      with recursive theirs (id) as (
        select id from household where id in (:all)
        union select e.subject_id from entry e where e.refers_to in (:all)
        union select s.id from subject s join theirs on s.of_id = theirs.id)
      select max(day)::date from (
        select max(recorded_at) as day from entry where subject_id in (select id from theirs)
        union all select max(e.happened_at) from claim_event e join claim c on c.id = e.claim_id
          where c.household_id in (:all)
        union all select max(updated_at) from application where household_id in (:all)
        union all select max(came_at) from paper where household_id in (:all)
        union all select max(ordered_at) from message where household_id in (:all)
        union all select max(since) from debt where household_id in (:all)
        union all select max(l.lessened_at) from debt_less l join debt d on d.ref = l.ref
          where d.household_id in (:all)
        union all select max(a.on_day) from appointment a join claim c on c.number = a.claim
          where c.household_id in (:all)) last
      """;

  private final JdbcClient database;
  private final Grants grants;
  private final Debts debts;
  private final int years;
  private final Clock clock;

  /** @param years whole years that a household is kept after all is over */
  KeepingTime(
      JdbcClient database,
      Grants grants,
      Debts debts,
      @Value("${civitane.kept-years:10}") int years,
      Clock clock) {
    this.database = database;
    this.grants = grants;
    this.debts = debts;
    this.years = years;
    this.clock = clock;
  }

  /** A household and those whose people are or were of it too: they are kept, and forgotten, together. */
  @Transactional(readOnly = true)
  public Set<UUID> together(UUID household) {
    return new LinkedHashSet<>(
        database.sql("""
            with recursive together (id) as (
              select id from household where id = ?
              union
              select other.refers_to from together
              join entry own on own.refers_to = together.id
              join entry other on other.subject_id = own.subject_id
              where other.refers_to is not null)
            select id from together order by id
            """).param(household).query(UUID.class).list());
  }

  /** Households whose keeping time is over, each beside those that go with it; some of them where there are many. */
  @Transactional(readOnly = true)
  public List<Set<UUID>> over() {
    return database
        .sql("""
            select h.id from household h
            where h.created_at < :until
            and not exists (select 1 from claim c where c.household_id = h.id and c.state in ('LODGED', 'OPEN'))
            and not exists (
              select 1 from claim c join claim_event e on e.claim_id = c.id
              where c.household_id = h.id and e.happened_at >= :until)
            order by h.created_at, h.id
            """)
        .param("until", Date.valueOf(today().minusYears(years)))
        .query(UUID.class)
        .list()
        .stream()
        .map(this::together)
        .distinct()
        .filter(together -> against(together).isEmpty())
        .limit(MOST)
        .toList();
  }

  /** All that speaks against forgetting households that are kept together; nothing where their keeping time is over. */
  @Transactional(readOnly = true)
  public List<String> against(Collection<UUID> together) {
    var against = new ArrayList<String>();
    for (var claim : claims(together)) {
      if (claim.open()) {
        against.add("claim %s is not decided".formatted(claim.number()));
      }
      against.addAll(granted(claim.number()));
    }
    for (var household : together) {
      debts
          .of(household)
          .forEach(
              debt -> against.add("€%s is still owed on %s".formatted(debt.amount(), debt.ref())));
    }
    var last = lastDay(together);
    if (!isOver(last)) {
      against.add("something was recorded on %s; it is kept until %s"
          .formatted(last, last.plusYears(years)));
    }
    return against;
  }

  private record Claimed(String number, boolean open) {}

  private List<Claimed> claims(Collection<UUID> together) {
    return database
        .sql("""
            select number, state in ('LODGED', 'OPEN') from claim where household_id in (:all) order by number
            """)
        .param("all", together)
        .query((row, n) -> new Claimed(row.getString(1), row.getBoolean(2)))
        .list();
  }

  private List<String> granted(String claim) {
    var awards = grants.awards(claim);
    if (awards.stream().anyMatch(award -> award.runsOn(today()))) {
      return List.of("what claim %s grants runs on".formatted(claim));
    }
    return awards.stream()
        .map(Award::until)
        .filter(Objects::nonNull)
        .max(LocalDate::compareTo)
        .filter(end -> !isOver(end))
        .map(end -> "what claim %s granted ran until %s; it is kept until %s"
            .formatted(claim, end, end.plusYears(years)))
        .stream()
        .toList();
  }

  private LocalDate lastDay(Collection<UUID> together) {
    return database.sql(LAST_DAYS).param("all", together).query(LocalDate.class).single();
  }

  private boolean isOver(LocalDate last) {
    return last.plusYears(years).isBefore(today());
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }
}
