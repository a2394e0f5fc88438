package civitane.app;

import civitane.app.production.Migration;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A backup is one file that is known to come back, wholly or not at all; encrypted where it is meant for somebody. */
public class BackupTest {
  private static final String OWNER = "civitane_backs_up";
  private static final String SERVING = "civitane_is_backed_up";
  private static final String NAME = "Thyra Osgood-Venn";

  private String url = "";
  private Path files;

  @BeforeClass
  public void anOffice() throws Exception {
    url = OnDatabase.freshDatabase("civitane_backup_test");
    for (var role : List.of(OWNER, SERVING)) {
      in(url, "civitane", """
          do $$ begin
            if not exists (select 1 from pg_roles where rolname = '%1$s') then
              create role %1$s login createdb password 'x';
            end if;
          end $$""".formatted(role));
    }
    in(url, "civitane", "alter database civitane_backup_test owner to " + OWNER);
    Migration.run(url, OWNER, "x", SERVING);
    in(
        url,
        OWNER,
        "insert into household (id, name, town, created_at, version) select gen_random_uuid(), '"
            + NAME + " ' || n, 'Gullhaven', now(), 0 from generate_series(1, 300) n");
    files = Files.createTempDirectory("civitane-backup");
  }

  private static void in(String url, String role, String statement) throws SQLException {
    try (var connection = DriverManager.getConnection(url, role, "x");
        var doing = connection.createStatement()) {
      doing.execute(statement);
    }
  }

  private static String one(String url, String query) throws SQLException {
    try (var connection = DriverManager.getConnection(url, OWNER, "x");
        var asking = connection.createStatement();
        var rows = asking.executeQuery(query)) {
      rows.next();
      return rows.getString(1);
    }
  }

  private record Ended(int with, String said) {}

  private Ended civitane(Map<String, String> more, String... words)
      throws IOException, InterruptedException {
    var command = Stream.concat(Stream.of("./civitane"), Arrays.stream(words)).toList();
    var building = new ProcessBuilder(command)
        .directory(Path.of("..").toAbsolutePath().normalize().toFile())
        .redirectErrorStream(true);
    building
        .environment()
        .putAll(Map.of(
            "CIVITANE_DB_URL", url,
            "CIVITANE_DB_OWNER", OWNER,
            "CIVITANE_DB_OWNER_PASSWORD", "x"));
    building.environment().putAll(more);
    var running = building.start();
    running.getOutputStream().close();
    var said = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return new Ended(running.waitFor(), said);
  }

  private Path backedUp(String name, Map<String, String> more) throws Exception {
    var file = files.resolve(name);
    var ended = civitane(more, "backup", file.toString());
    assertEquals(ended.with(), 0, ended.said());
    assertTrue(ended.said().contains("restored and counted"), ended.said());
    return file;
  }

  private static String empty(String name) throws SQLException {
    var made = OnDatabase.freshDatabase(name);
    in(made, "civitane", "alter database " + name + " owner to " + OWNER);
    return made;
  }

  private Ended restored(Path file, String into, Map<String, String> more) throws Exception {
    var settings = new HashMap<>(more);
    settings.put("CIVITANE_DB_URL", into);
    return civitane(settings, "restore", file.toString());
  }

  @Test
  public void whatIsBackedUpComesBack() throws Exception {
    var file = backedUp("office.backup", Map.of());
    var again = civitane(Map.of(), "backup", file.toString());
    assertEquals(again.with(), 1);
    assertTrue(again.said().contains("no backup is written over"), again.said());

    var into = empty("civitane_backup_back");
    var ended = restored(file, into, Map.of());
    assertEquals(ended.with(), 0, ended.said());
    var query = "select count(*) || ' ' || min(name) || ' ' || max(name) from household";
    assertEquals(one(into, query), one(url, query));
    assertEquals(Migration.run(into, OWNER, "x", SERVING), 0, "it is of this version");
    var twice = restored(file, into, Map.of());
    assertEquals(twice.with(), 1);
    assertTrue(twice.said().contains("into an empty one only"), twice.said());
    assertEquals(
        one(url, "select count(*) from pg_database where datname like 'civitane\\_restored\\_%'"),
        "0",
        "nothing is left of what was restored to be counted");
  }

  @Test
  public void aFileThatWasCutOffRestoresNothing() throws Exception {
    var file = backedUp("cut.backup", Map.of());
    var bytes = Files.readAllBytes(file);
    Files.write(file, Arrays.copyOf(bytes, bytes.length * 2 / 3));
    var into = empty("civitane_backup_cut");
    assertEquals(restored(file, into, Map.of()).with(), 1);
    assertEquals(
        one(into, "select count(*) from information_schema.tables where table_schema = 'public'"),
        "0");
  }

  @Test
  public void whoIsNotMeantReadsNothing() throws Exception {
    var key = key("office.key");
    var other = key("other.key");
    var meantFor = files.resolve("office.pub");
    try (var lines = Files.lines(key)) {
      Files.writeString(
          meantFor,
          lines
              .filter(line -> line.startsWith("# public key: "))
              .map(line -> line.substring("# public key: ".length()))
              .findFirst()
              .orElseThrow());
    }
    var file = backedUp("secret.backup", Map.of("CIVITANE_BACKUP_FOR", meantFor.toString()));
    assertFalse(
        new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains("household"));
    var into = empty("civitane_backup_secret");
    var without = restored(file, into, Map.of());
    assertEquals(without.with(), 1);
    assertTrue(without.said().contains("CIVITANE_BACKUP_KEY is not set"), without.said());
    assertEquals(
        restored(file, into, Map.of("CIVITANE_BACKUP_KEY", other.toString())).with(), 1);
    var ended = restored(file, into, Map.of("CIVITANE_BACKUP_KEY", key.toString()));
    assertEquals(ended.with(), 0, ended.said());
    assertEquals(one(into, "select count(*) from household"), "300");
  }

  private Path key(String name) throws Exception {
    var file = files.resolve(name);
    var made = new ProcessBuilder("age-keygen", "-o", file.toString()).redirectErrorStream(true);
    assertEquals(made.start().waitFor(), 0);
    return file;
  }
}
