package civitane.app;

import civitane.app.production.Migration;
import civitane.app.production.Refused;
import civitane.app.production.ServingSettings;
import civitane.app.staff.PasswordRule;
import com.github.kagkarlsson.scheduler.Scheduler;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** A real office is served only as it should be: by a role that owns nothing, encrypted, with log-ins of its own. */
public class ProductionTest {
  private static final String OWNER = "civitane_owner";
  private static final String SERVING = "civitane_serving";
  private static final String PASSWORD = "four words that never met";

  private String url = "";
  private final Map<String, String> settings = new HashMap<>();

  @BeforeClass
  public void aDatabaseOfItsOwn() throws Exception {
    url = OnDatabase.freshDatabase("civitane_production_test");
    for (var role : List.of(OWNER, SERVING)) {
      as("civitane", """
          do $$ begin
            if not exists (select 1 from pg_roles where rolname = '%1$s') then
              create role %1$s login password 'x';
            end if;
          end $$""".formatted(role));
    }
    as("civitane", "alter database civitane_production_test owner to " + OWNER);
    var files = Files.createTempDirectory("civitane-keys");
    settings.putAll(Map.of(
        "CIVITANE_DB_URL",
        url,
        "CIVITANE_DB_USER",
        SERVING,
        "CIVITANE_DB_PASSWORD",
        "x",
        "CIVITANE_PUBLIC_ADDRESS",
        "https://desk.example",
        "CIVITANE_BEHIND_PROXY",
        "127.0.0.1",
        "CIVITANE_SIGNING_KEY",
        files.resolve("signing.key").toString(),
        "CIVITANE_AUDIT_KEY",
        files.resolve("audit.key").toString(),
        "CIVITANE_AUDIT_ANCHOR",
        files.resolve("audit.anchor").toString()));
  }

  private void as(String role, String statement) throws SQLException {
    try (var connection = DriverManager.getConnection(url, role, "x");
        var doing = connection.createStatement()) {
      doing.execute(statement);
    }
  }

  private ConfigurableApplicationContext serving(String... more) {
    var arguments = new ArrayList<>(List.of(
        "--spring.profiles.active=production",
        "--server.port=0",
        "--management.server.port=0",
        "--spring.main.banner-mode=off"));
    settings.forEach((name, value) -> {
      // One that is said twice would be both.
      if (List.of(more).stream().noneMatch(one -> one.startsWith("--" + name + "="))) {
        arguments.add("--" + name + "=" + value);
      }
    });
    arguments.addAll(List.of(more));
    return CivitaneApplication.application().run(arguments.toArray(String[]::new));
  }

  private String refused(String... more) {
    Throwable thrown = expectThrows(RuntimeException.class, () -> serving(more).close());
    while (thrown.getCause() != null && !(thrown instanceof Refused)) {
      thrown = thrown.getCause();
    }
    return thrown.getMessage();
  }

  private int staff(String what, String password, String... words) {
    var before = System.in;
    System.setIn(new ByteArrayInputStream((password + "\n").getBytes(StandardCharsets.UTF_8)));
    try {
      var arguments = new ArrayList<>(List.of("--civitane.staff=" + what));
      arguments.addAll(List.of(words));
      return SpringApplication.exit(serving(arguments.toArray(String[]::new)));
    } finally {
      System.setIn(before);
    }
  }

  @Test
  public void allThatIsMissingIsSaidAtOnce() {
    var said =
        expectThrows(Refused.class, () -> ServingSettings.check(name -> null)).because();
    for (var name : List.of(
        "CIVITANE_DB_URL",
        "CIVITANE_DB_USER",
        "CIVITANE_DB_PASSWORD",
        "CIVITANE_PUBLIC_ADDRESS",
        "CIVITANE_BEHIND_PROXY",
        "CIVITANE_SIGNING_KEY",
        "CIVITANE_AUDIT_KEY",
        "CIVITANE_AUDIT_ANCHOR")) {
      assertTrue(said.stream().anyMatch(one -> one.contains(name)), name + " in " + said);
    }
    assertEquals(said.size(), 8, said.toString());
  }

  @DataProvider
  public Object[][] wrongSettings() {
    return new Object[][] {
      {"CIVITANE_PUBLIC_ADDRESS", "http://desk.example", "encrypted"},
      {"CIVITANE_REGISTERS_AT", "http://127.0.0.1:8481", "stand in for real ones"},
      {"CIVITANE_REGISTERS_AT", "http://localhost:8481", "stand in for real ones"},
      {"CIVITANE_DB_PASSWORD", " ", "CIVITANE_DB_PASSWORD is not set"},
      {"CIVITANE_BEHIND_PROXY", "", "Neither CIVITANE_BEHIND_PROXY"},
      {"CIVITANE_OIDC_ISSUER", "http://id.example", "begins with https://"},
      {"CIVITANE_DB_URL", "jdbc:postgresql://db.example:5432/civitane", "sslmode=verify-full"},
      {"CIVITANE_DB_URL", "jdbc:postgresql://db.example/civitane?sslmode=require", "verify-full"},
      {"CIVITANE_DB_URL", "jdbc:postgresql://a.example:5432,b.example:5432/civitane", "verify-full"
      },
      {"CIVITANE_BEHIND_PROXY", "10.1.2.3", "CIVITANE_TLS_CERTIFICATE and CIVITANE_TLS_KEY"},
      {"CIVITANE_REGISTERS_AT", "http://registers.example", "begins with https://"},
      {"CIVITANE_REGISTERS_CA", "/nowhere/ca.pem", "no file that can be read"},
      {"CIVITANE_SCANNER_AT", "127.0.0.1", "a host and a port"},
      {"CIVITANE_OIDC_SECRET", "", "CIVITANE_OIDC_SECRET is not set"},
    };
  }

  @Test(dataProvider = "wrongSettings")
  public void eachIsSaidInASentence(String name, String value, String says) {
    var set = new HashMap<>(settings);
    ServingSettings.check(set::get);
    set.putAll(Map.of(
        "CIVITANE_OIDC_ISSUER", "https://id.example",
        "CIVITANE_OIDC_CLIENT", "civitane",
        "CIVITANE_OIDC_SECRET", "x"));
    ServingSettings.check(set::get);
    set.put(name, value);
    var said =
        expectThrows(Refused.class, () -> ServingSettings.check(set::get)).because();
    assertEquals(said.size(), 1, said.toString());
    assertTrue(said.get(0).contains(says), said.toString());
  }

  @Test
  public void filesToEncryptWithCanBeRead() throws IOException {
    var set = new HashMap<>(settings);
    set.remove("CIVITANE_BEHIND_PROXY");
    set.put(
        "CIVITANE_TLS_CERTIFICATE", Files.createTempFile("certificate", ".pem").toString());
    set.put("CIVITANE_TLS_KEY", "/nowhere/key.pem");
    var said =
        expectThrows(Refused.class, () -> ServingSettings.check(set::get)).because();
    assertEquals(said.toString(), "[CIVITANE_TLS_KEY names no file that can be read.]");
  }

  @DataProvider
  public static Object[][] passwords() {
    return new Object[][] {
      {"short", false},
      {"gerd-is-here-for-long", false},
      {"password1234567", false},
      {"aaaaaaaaaaaaaaaa", false},
      {PASSWORD, true},
    };
  }

  @Test(dataProvider = "passwords")
  public void aPasswordIsNoneThatIsTriedFirst(String password, boolean taken) {
    assertEquals(PasswordRule.against("gerd", password).isEmpty(), taken, password);
  }

  @Test
  public void anOfficeIsMigratedStaffedAndServed() throws Exception {
    assertTrue(refused().contains("run ./civitane migrate first"));
    assertTrue(Migration.run(url, OWNER, "x", SERVING) > 0);
    assertEquals(Migration.run(url, OWNER, "x", SERVING), 0);
    expectThrows(Refused.class, () -> Migration.run(url, OWNER, "x", "x; drop table staff"));
    assertTrue(refused("--CIVITANE_DB_USER=civitane").contains("may do everything"));
    assertTrue(refused("--CIVITANE_DB_USER=" + OWNER).contains("owns tables"));

    assertEquals(staff("add", "short", "gerd", "Gerd Nyquist", "caseworker"), 1);
    assertEquals(staff("add", PASSWORD, "gerd", "Gerd Nyquist", "caseworker"), 0);
    assertEquals(staff("add", PASSWORD, "gerd"), 2);
    try (var office = serving()) {
      var address = "http://127.0.0.1:"
          + ((WebServerApplicationContext) office).getWebServer().getPort();
      assertEquals(signIn(address, "gerd", PASSWORD), 204);
      assertEquals(signIn(address, "ikenna", "ikenna-ikenna"), 401);
      assertEquals(signIn(address, "gerd", "what she had before"), 401);
      isWatched(office, address);
      keepsValuesOutOfTheLog(office);
    }
    for (var statement : List.of(
        "update audit_log set actor = 'nobody'",
        "delete from entry",
        "set civitane.forgetting = 'yes'; delete from entry",
        "drop table staff",
        "create table mine (a int)",
        "alter table audit_log disable trigger all")) {
      expectThrows(SQLException.class, () -> as(SERVING, statement));
    }
    assertEquals(SpringApplication.exit(serving("--civitane.audit=verify")), 0);
    isForgottenByTheOwnerAlone();
    changesItsKey();
    assertEquals(staff("street", "", "gerd", "9"), 1);
    assertEquals(staff("street", "", "gerd", "Zuidwester Quay"), 0);
    assertEquals(staff("disable", "", "gerd"), 0);
    try (var office = serving()) {
      var address = "http://127.0.0.1:"
          + ((WebServerApplicationContext) office).getWebServer().getPort();
      assertEquals(signIn(address, "gerd", PASSWORD), 401);
    }
    as(OWNER, "insert into office_mark (name) values ('demo')");
    assertTrue(refused().contains("filled by the demo"));
  }

  /** What was signed before can be checked after. */
  private void changesItsKey() throws Exception {
    var file = Path.of(settings.getOrDefault("CIVITANE_SIGNING_KEY", ""));
    var before = Files.readAllLines(file);
    assertEquals(SpringApplication.exit(serving("--civitane.key=whatever")), 2);
    assertEquals(SpringApplication.exit(serving("--civitane.key=change")), 0);
    assertEquals(SpringApplication.exit(serving("--civitane.key=change")), 0);
    var after = Files.readAllLines(file);
    assertEquals(after.size(), 4);
    assertFalse(after.contains(before.get(0)), "no private half stays");
    assertTrue(after.get(3).endsWith(" " + before.get(1)), "the first is the last");
    var ofTheLog = Path.of(settings.getOrDefault("CIVITANE_AUDIT_KEY", ""));
    var first = Files.readAllLines(ofTheLog).get(0);
    assertEquals(SpringApplication.exit(serving("--civitane.key=change-log")), 0);
    assertEquals(SpringApplication.exit(serving("--civitane.audit=verify")), 0);
    assertEquals(SpringApplication.exit(serving("--civitane.key=change-log")), 0);
    assertEquals(SpringApplication.exit(serving("--civitane.audit=verify")), 0);
    var keys = Files.readAllLines(ofTheLog);
    assertEquals(keys.size(), 3);
    assertTrue(keys.get(2).endsWith(" " + first), keys.get(2));
    Files.write(ofTheLog, keys.subList(0, 2));
    assertEquals(SpringApplication.exit(serving("--civitane.audit=verify")), 1, "not by another");
    Files.write(ofTheLog, keys);
    assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)), "rw-------");
    try (var office = serving()) {
      var page = HttpClient.newHttpClient()
          .send(
              HttpRequest.newBuilder(URI.create("http://127.0.0.1:"
                      + ((WebServerApplicationContext) office).getWebServer().getPort()
                      + "/verify"))
                  .build(),
              HttpResponse.BodyHandlers.ofString())
          .body();
      assertTrue(page.contains(after.get(1)), page);
      assertTrue(page.contains(before.get(1)), page);
      assertEquals(
          SpringApplication.exit(serving("--civitane.key=change-log")),
          1,
          "while something serves");
      assertEquals(Files.readAllLines(ofTheLog), keys);
    }
  }

  private void isForgottenByTheOwnerAlone() {
    var asOwner = List.of("--CIVITANE_DB_OWNER=" + OWNER, "--CIVITANE_DB_OWNER_PASSWORD=x");
    assertEquals(forget(asOwner, "list"), 0);
    assertEquals(forget(asOwner, "everybody"), 2);
    assertEquals(forget(asOwner, "household", "gerd"), 1);
    assertEquals(forget(asOwner, "household", "00000000-0000-0000-0000-000000000009"), 1);
    try (var command = serving("--civitane.forget=list", asOwner.get(0), asOwner.get(1))) {
      assertFalse(
          command.getBean(Scheduler.class).getSchedulerState().isStarted(),
          "a command does not do what nodes do");
    }
  }

  private int forget(List<String> asOwner, String... words) {
    var arguments = new ArrayList<>(asOwner);
    arguments.add("--civitane.forget=" + words[0]);
    arguments.addAll(List.of(words).subList(1, words.length));
    return SpringApplication.exit(serving(arguments.toArray(String[]::new)));
  }

  /** What is gathered of it stands at a port of its own, by addresses as they are written in the programme. */
  private static void isWatched(ConfigurableApplicationContext office, String address)
      throws Exception {
    var client = HttpClient.newHttpClient();
    var own = "http://127.0.0.1:" + office.getEnvironment().getProperty("local.management.port");
    var gathered = client
        .send(
            HttpRequest.newBuilder(URI.create(own + "/actuator/prometheus")).build(),
            HttpResponse.BodyHandlers.ofString())
        .body();
    assertTrue(gathered.contains("http_server_requests_seconds_count"), gathered);
    assertTrue(gathered.contains("hikaricp_connections"), gathered);
    assertTrue(gathered.contains("civitane_logged_total{action=\"sign-in failed\"} 2.0"), gathered);
    assertTrue(gathered.contains("civitane_logged_total{action=\"glass broken\"} 0.0"), gathered);
    assertTrue(gathered.contains("civitane_looks_unusual 0.0"), gathered);
    assertFalse(gathered.contains("gerd"), "nobody's name");
    var fromOutside = client.send(
        HttpRequest.newBuilder(URI.create(address + "/actuator/prometheus"))
            .header("X-Forwarded-Proto", "https")
            .build(),
        HttpResponse.BodyHandlers.discarding());
    assertNotEquals(fromOutside.statusCode(), 200);
  }

  /** A row that the database refuses is told without what it held. */
  private static void keepsValuesOutOfTheLog(ConfigurableApplicationContext office) {
    var database = office.getBean(JdbcClient.class);
    var refused = expectThrows(
        DataIntegrityViolationException.class,
        () -> database
            .sql("insert into staff select * from staff where login = ?")
            .param("gerd")
            .update());
    assertFalse(String.valueOf(refused.getMessage()).contains("gerd"), refused.getMessage());
  }

  /** What signing in comes to; each cookie is one that goes encrypted only. */
  private static int signIn(String address, String login, String password) throws Exception {
    var client = HttpClient.newHttpClient();
    var through = "X-Forwarded-Proto";
    var asked = client.send(
        HttpRequest.newBuilder(URI.create(address + "/api/session"))
            .header(through, "https")
            .build(),
        HttpResponse.BodyHandlers.ofString());
    assertTrue(asked.body().contains("\"demo\":false"), asked.body());
    var cookie = asked.headers().firstValue("Set-Cookie").orElseThrow();
    var token = cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
    var signed = client.send(
        HttpRequest.newBuilder(URI.create(address + "/api/sign-in"))
            .header(through, "https")
            .header("Cookie", "XSRF-TOKEN=" + token)
            .header("X-XSRF-TOKEN", token)
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString(
                "username=" + login + "&password=" + password.replace(" ", "+")))
            .build(),
        HttpResponse.BodyHandlers.discarding());
    for (var set : signed.headers().allValues("Set-Cookie")) {
      assertTrue(
          set.startsWith("XSRF")
              || set.startsWith("__Host-civitane=")
                  && set.contains("Secure")
                  && set.contains("Path=/;")
                  && !set.contains("Domain"),
          set);
    }
    return signed.statusCode();
  }
}
