package civitane.app.claims;

import civitane.app.OnDatabase;
import civitane.app.households.Households;
import civitane.core.claims.Step;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** With 200,000 claims and households no list reads more rows than it shows, by the counts the database keeps itself. */
@SpringBootTest
public class PlansTest extends AbstractTestNGSpringContextTests {
  private static final int ROWS = 200_000;
  private static final int OPEN = 10_000;

  /** A page, the row that tells whether there is another, and some to spare. */
  private static final int A_PAGE_AND_SOME = 2 * Desk.PAGE;

  private static final UUID FIRST = new UUID(0, 0);

  @Autowired
  private JdbcClient database;

  @Autowired
  private TransactionTemplate inTransaction;

  @Autowired
  private Desk desk;

  @Autowired
  private ClaimRepository claims;

  @Autowired
  private Households households;

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry properties) {
    properties.add("spring.datasource.url", () -> OnDatabase.freshDatabase("civitane_plans_test"));
  }

  @BeforeClass
  public void fill() {
    database
        .sql("insert into subject (id, kind) values (?, 'REQUEST')")
        .param(FIRST)
        .update();
    database.sql("""
            insert into household (id, name, town, created_at, version)
            select gen_random_uuid(), 'Name' || n || ' Family' || n % 1000, 'Gullhaven', now(), 0
            from generate_series(1, ?) n
            """).param(ROWS).update();
    database.sql("""
            insert into application (id, draft, title, state, created_by, updated_by, updated_at, version)
            values (?, '{}', '', 'lodged', 'x', 'x', now(), 0)
            """).param(FIRST).update();
    database.sql("""
            insert into claim (id, number, household_id, application_id, request_id, service, state, working, turn,
              lodged_on, pressing_on, urgent, step, standard_days, standard_working, moves, version)
            select gen_random_uuid(), 'BW-26-' || lpad(n::text, 7, '0') || '-0', h.id, :one, :one, 'schoolMeals',
              case when n <= :open then 'OPEN' else 'CLOSED' end, 'FIRST', case when n <= :open then 'OURS' else 'OVER' end,
              date '2026-11-01', date '2026-11-01' + (n % 60)::int, n % 50 = 0,
              case when n > :open then null when n % 3 = 0 then 'DECIDE' else 'BRING' end, 20, false, 1, 0
            from (select id, row_number() over () n from household) h
            """).param("one", FIRST).param("open", OPEN).update();
    database
        .sql(
            "insert into claim_stint select id, 0, lodged_on, turn from claim where state = 'OPEN'")
        .update();
    for (var table : new String[] {"claim", "household"}) {
      database.sql("vacuum analyze " + table).update();
    }
  }

  /** How many rows of a table it takes, read in order or by an index, as its own transaction counts them. */
  private long takes(String table, Runnable what) {
    return inTransaction.execute(transaction -> {
      var before = read(table);
      what.run();
      return read(table) - before;
    });
  }

  private long read(String table) {
    return database
        .sql(
            "select coalesce(seq_tup_read, 0) + coalesce(idx_tup_fetch, 0) from pg_stat_xact_user_tables where relname = ?")
        .param(table)
        .query(Long.class)
        .single();
  }

  private Desk.After somewhere() {
    return new Desk.After(false, LocalDate.parse("2026-11-25"), "BW-26-0005000-0");
  }

  @Test
  public void aPageOfTheDeskReadsAPage() {
    desk.page(null, Desk.After.NOTHING, Set.of());
    for (var after : new Desk.After[] {Desk.After.NOTHING, somewhere()}) {
      var rows = takes("claim", () -> {
        assertEquals(desk.page(null, after, Set.of()).rows().size(), Desk.PAGE);
      });
      assertTrue(rows <= A_PAGE_AND_SOME, rows + " rows for a page after " + after);
    }
  }

  @Test
  public void aRoundReadsItsOwnClaims() {
    desk.page(null, Desk.After.NOTHING, Set.of());
    var rows = takes("claim", () -> {
      assertEquals(desk.page(Step.DECIDE, somewhere(), Set.of()).rows().size(), Desk.PAGE);
    });
    assertTrue(rows <= A_PAGE_AND_SOME, rows + " rows for a page of a round");
  }

  @Test
  public void whatFallsDueReadsNoClaimThatIsOver() {
    var rows = takes("claim", () -> {
      assertEquals(claims.falling().stream().mapToLong(Falling::claims).sum(), OPEN);
    });
    assertTrue(rows < OPEN / 10, rows + " rows of the table to count what its index tells");
  }

  @Test
  public void aNameIsFoundByItsBeginning() {
    var rows = takes("household", () -> {
      assertTrue(households.startingWith("NAME1999", "", FIRST).size() >= 10);
    });
    assertTrue(rows <= A_PAGE_AND_SOME, rows + " rows for a name");
  }
}
