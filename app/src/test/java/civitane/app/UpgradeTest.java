package civitane.app;

import civitane.app.claims.Claims;
import civitane.app.decisions.Decisions;
import civitane.app.decisions.Rerun;
import civitane.app.forgetting.Forgetting;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.Letters;
import civitane.core.claims.Actor;
import civitane.standins.StandIns;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/**
 * What an office has kept with a version that was released is brought to this one by migrating, and everything of it can be
 * read. A migration that was released is never changed: the history in the kept database would not fit it.
 */
public class UpgradeTest {
  private static final String UPGRADED = "civitane_upgraded_test";
  private static final String FRESH = "civitane_fresh_test";

  /** How tables, their columns, keys and indexes are made, one in a line. */
  private static final String SCHEMA = """
      select line from (
        select table_name || '.' || column_name || ' ' || data_type || ' ' || is_nullable || ' '
          || coalesce(column_default, '') as line
        from information_schema.columns where table_schema = 'public'
        union all
        select tablename || ' ' || indexdef from pg_indexes where schemaname = 'public'
        union all
        select conrelid::regclass || ' ' || pg_get_constraintdef(oid) from pg_constraint
        where connamespace = 'public'::regnamespace) lines
      order by line
      """;

  /** The versions that were released, each with a database of it as it was written out. */
  @DataProvider
  public static Object[][] released() {
    return new Object[][] {{"v0.2.0"}};
  }

  private static String kept(String version) throws IOException {
    try (var file = UpgradeTest.class.getResourceAsStream("/released/" + version + ".sql.gz");
        var text = new GZIPInputStream(file)) {
      return new String(text.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static String restored(String version) throws IOException, SQLException {
    var url = OnDatabase.freshDatabase(UPGRADED);
    try (var connection = DriverManager.getConnection(url, "civitane", "");
        var statement = connection.createStatement()) {
      statement.execute(kept(version));
    }
    return url;
  }

  private static void migrate(String url) {
    Flyway.configure().dataSource(url, "civitane", "").load().migrate();
  }

  private static JdbcClient database(String url) {
    return JdbcClient.create(new DriverManagerDataSource(url, "civitane", ""));
  }

  private static List<String> schema(String url) {
    return database(url).sql(SCHEMA).query(String.class).list();
  }

  @Test(dataProvider = "released")
  public void itComesToTheTablesOfThisVersion(String version) throws Exception {
    var upgraded = restored(version);
    migrate(upgraded);
    var fresh = OnDatabase.freshDatabase(FRESH);
    migrate(fresh);
    assertEquals(schema(upgraded), schema(fresh));
  }

  @Test(dataProvider = "released", dependsOnMethods = "itComesToTheTablesOfThisVersion")
  public void everythingThatWasKeptIsRead(String version) throws Exception {
    var url = restored(version);
    migrate(url);
    var database = database(url);
    var keys = Files.createTempDirectory("civitane-upgrade");
    try (var registers = StandIns.at(0, Duration.ZERO);
        var application = CivitaneApplication.application()
            .run(
                "--server.port=0",
                "--civitane.registers.at=" + registers.address(),
                "--civitane.signing-key=" + keys.resolve("signing.key"),
                "--civitane.audit-key=" + keys.resolve("audit.key"),
                "--civitane.audit-anchor=" + keys.resolve("audit.anchor"),
                "--spring.datasource.url=" + url)) {
      var claims = application.getBean(Claims.class);
      var decisions = application.getBean(Decisions.class);
      var numbers = database
          .sql("select number from claim order by number")
          .query(String.class)
          .list();
      assertFalse(numbers.isEmpty());
      var unread = new ArrayList<String>();
      for (var number : numbers) {
        try {
          assertFalse(claims.view(number).events().isEmpty(), number);
          assertTrue(decisions.working(number).result().tests().size() > 0, number);
        } catch (RuntimeException e) {
          unread.add(number + " " + e);
        }
      }
      var ledgers = application.getBean(Ledgers.class);
      for (var household :
          database.sql("select id from household").query(UUID.class).list()) {
        assertFalse(ledgers.household(household).packet().household().people().isEmpty());
      }
      var letters = application.getBean(Letters.class);
      for (var letter : database
          .sql(
              "select distinct on (kind, says::json ->> 'language') id from letter order by kind, says::json ->> 'language'")
          .query(UUID.class)
          .list()) {
        assertTrue(letters.pdf(new Actor.OfficeClock(), letter).length > 0, letter.toString());
      }
      assertEquals(unread, List.of());
      var report = application.getBean(Rerun.class).run();
      assertTrue(report.made() > 0);
      assertTrue(
          report.different().stream().noneMatch(Rerun.Different::changed), report.toString());
    }
  }

  /** What the office has for itself; all else is a household's, and goes with it. */
  private static final Set<String> THE_OFFICES_OWN = Set.of(
      "access_log",
      "audit_chain",
      "audit_log",
      "flyway_schema_history",
      "office_mark",
      "post_run",
      "sign_in_attempt",
      "spring_session",
      "spring_session_attributes",
      "staff",
      "staff_choice",
      "tray_piece",
      "waiting_list");

  @Test(dataProvider = "released", dependsOnMethods = "everythingThatWasKeptIsRead")
  public void allHouseholdsCanBeForgotten(String version) throws Exception {
    var url = restored(version);
    migrate(url);
    var database = database(url);
    assertTrue(count(database, "household") > 0);
    try (var connection = DriverManager.getConnection(url, "civitane", "");
        var statement = connection.createStatement();
        var rows = Forgetting.class.getResourceAsStream("/forgetting/forget.sql")) {
      connection.setAutoCommit(false);
      statement.execute(
          "create temporary table going_household on commit drop as select id from household");
      statement.execute("set local civitane.forgetting = 'yes'");
      statement.execute(new String(rows.readAllBytes(), StandardCharsets.UTF_8));
      connection.commit();
    }
    // What was never lodged is of nobody yet; contacts that codes went to are forgotten each night.
    var ofNobody = Map.of(
        "application", "where household_id is not null",
        "message", "where household_id is not null",
        "party", "where takes_part is null",
        "subject", "where kind <> 'PARTY'",
        "entry", "where subject_id not in (select id from party)",
        "sheet", "where of not in (select id from tray_piece)",
        "paper_file", "where hash not in (select hash from sheet)",
        "paper_piece", "where hash not in (select hash from sheet)",
        "paper_proposal", "where hash not in (select hash from sheet)");
    var left = database
        .sql("select tablename from pg_tables where schemaname = 'public' order by 1")
        .query(String.class)
        .list()
        .stream()
        .filter(table -> !THE_OFFICES_OWN.contains(table)
            && count(database, table + " " + ofNobody.getOrDefault(table, "")) > 0)
        .toList();
    assertEquals(left, List.of());
  }

  private static long count(JdbcClient database, String from) {
    return database.sql("select count(*) from " + from).query(Long.class).single();
  }
}
