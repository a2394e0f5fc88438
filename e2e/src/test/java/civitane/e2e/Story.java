package civitane.e2e;

import civitane.app.CivitaneApplication;
import civitane.standins.StandIns;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.ITestResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.AfterSuite;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.BeforeSuite;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** A story told on the started application in a real browser; nothing may come from elsewhere, and nothing may fail unseen. */
public abstract class Story {
  private static final String DATABASE = "civitane_stories";
  private static final List<String> ARGUMENTS = List.of(
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync");
  private static final int BAD_REQUEST = 400;

  /** What a browser says of a refusal or a lost connection that a story brings about itself. */
  private static final Pattern EXPECTED = Pattern.compile(
      "responded with a status of 4|ERR_INTERNET_DISCONNECTED|ERR_CONNECTION_REFUSED|ERR_EMPTY_RESPONSE|ERR_CONNECTION_RESET|ERR_SOCKET_NOT_CONNECTED|ERR_INCOMPLETE_CHUNKED_ENCODING");

  private static final double PATIENCE = 60_000;

  /** A server that has just begun has much to do beside handing out its first page. */
  private static final double PATIENCE_WITH_A_PAGE = 120_000;

  private static final int WIDE = 1280;
  private static final int HIGH = 800;

  private static final Duration SLOWNESS = Duration.ofSeconds(3);

  /** What stands in for the registers. */
  protected static StandIns registers;

  private static ConfigurableApplicationContext application;
  private static Playwright playwright;
  private static Browser browser;
  private static String address;
  private static String database;

  private final List<String> complaints = new ArrayList<>();

  /** What was answered with no yes, to be told where a story fails. */
  private final List<String> refused = new ArrayList<>();

  private final List<BrowserContext> windows = new ArrayList<>();

  /** The page of the story's first window. */
  protected Page page;

  @BeforeSuite
  public static void open() throws IOException, SQLException {
    var cluster = System.getenv("CIVITANE_TEST_DB_URL");
    if (cluster == null) {
      throw new IllegalStateException("CIVITANE_TEST_DB_URL is not set; run ./civitane test");
    }
    database = cluster.substring(0, cluster.lastIndexOf('/') + 1) + DATABASE;
    execute(
        cluster,
        "drop database if exists " + DATABASE + " with (force)",
        "create database " + DATABASE);
    registers = StandIns.at(0, SLOWNESS);
    application = SpringApplication.run(
        CivitaneApplication.class,
        "--server.port=0",
        "--civitane.demo=yes",
        "--civitane.drawn-every=0",
        "--civitane.asked-again-after=PT1S",
        "--civitane.registers.at=" + registers.address(),
        "--civitane.signing-key="
            + Files.createTempDirectory("civitane-key").resolve("signing.key"),
        "--spring.datasource.url=" + database);
    address = "http://127.0.0.1:"
        + ((WebServerApplicationContext) application).getWebServer().getPort();
    playwright = Playwright.create();
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    browser = playwright
        .chromium()
        .launch(new BrowserType.LaunchOptions()
            .setExecutablePath(Path.of("/usr/bin/chromium"))
            .setArgs(ARGUMENTS));
  }

  private static void execute(String url, String... statements) throws SQLException {
    try (var connection = DriverManager.getConnection(url, "civitane", "");
        var statement = connection.createStatement()) {
      for (var one : statements) {
        statement.execute(one);
      }
    }
  }

  /** Does something in the database that would take long by hand. */
  protected static void inDatabase(String statement) throws SQLException {
    execute(database, statement);
  }

  /** The first column of what the database answers. */
  protected static List<String> fromDatabase(String query) throws SQLException {
    try (var connection = DriverManager.getConnection(database, "civitane", "");
        var statement = connection.createStatement();
        var rows = statement.executeQuery(query)) {
      var found = new ArrayList<String>();
      while (rows.next()) {
        found.add(rows.getString(1));
      }
      return found;
    }
  }

  @AfterSuite
  public static void close() {
    if (browser != null) {
      browser.close();
    }
    if (playwright != null) {
      playwright.close();
    }
    if (application != null) {
      application.close();
    }
    if (registers != null) {
      registers.close();
    }
  }

  @BeforeMethod
  public void begin() {
    complaints.clear();
    refused.clear();
    page = window();
  }

  @AfterMethod
  public void end(ITestResult result) {
    if (!result.isSuccess()) {
      windows.forEach(Story::tell);
      System.out.println("--- refused: " + refused);
    }
    windows.forEach(BrowserContext::close);
    windows.clear();
    assertEquals(complaints.toString(), "[]");
  }

  /** What a window showed when its story failed: a story that fails once in a hundred runs is not seen again soon. */
  private static void tell(BrowserContext window) {
    for (var open : window.pages()) {
      System.out.println("--- shown when it failed: " + URI.create(open.url()).getPath() + "\n"
          + open.locator("body").ariaSnapshot());
    }
  }

  /** Takes back, once seen, what the browser said of a fault that a story brings about: so it must have said it. */
  protected void complainedOf(String fault) {
    assertTrue(complaints.removeIf(complaint -> complaint.contains(fault)), fault);
  }

  /** The browser's kind, to launch one more of it. */
  protected static BrowserType chromium() {
    return playwright.chromium();
  }

  /** A window of somebody else, or of the same person elsewhere. */
  protected Page window() {
    var window = browser.newContext(new Browser.NewContextOptions()
        .setViewportSize(WIDE, HIGH)
        .setReducedMotion(ReducedMotion.REDUCE));
    window.setDefaultNavigationTimeout(PATIENCE_WITH_A_PAGE);
    windows.add(window);
    var opened = window.newPage();
    opened.onRequest(request -> {
      if (request.url().matches("(http|ws)s?:.*")
          && !request.url().startsWith("http://127.0.0.1:")) {
        complaints.add("a request elsewhere: " + request.url());
      }
    });
    opened.onResponse(response -> {
      if (response.status() >= BAD_REQUEST) {
        refused.add(response.status() + " " + response.request().method() + " "
            + URI.create(response.url()).getPath());
      }
    });
    opened.onPageError(error -> complaints.add("an error: " + error));
    opened.onConsoleMessage(message -> {
      if ("error".equals(message.type()) && !EXPECTED.matcher(message.text()).find()) {
        complaints.add("the console says: " + message.text());
      }
    });
    return opened;
  }

  protected void go(Page where, String path) {
    where.navigate(address + path);
  }

  /** Signs somebody in as the page does, without drawing it: some stories do it by hand. */
  protected void signIn(Page where, String login) {
    var asked = where.request();
    asked.get(address + "/api/session");
    var token = where.context().cookies(address).stream()
        .filter(cookie -> "XSRF-TOKEN".equals(cookie.name))
        .map(cookie -> cookie.value)
        .findFirst()
        .orElseThrow();
    var answer = asked.post(
        address + "/api/sign-in",
        RequestOptions.create()
            .setHeader("X-XSRF-TOKEN", token)
            .setForm(
                FormData.create().set("username", login).set("password", login + "-" + login)));
    assertTrue(answer.ok(), answer.statusText());
    go(where, "/");
    assertThat(where.getByRole(
            AriaRole.LIST, new Page.GetByRoleOptions().setName("Claims by due date")))
        .isVisible();
  }

  /** Somebody's claim on the Desk, found as one finds it: by going down the rows. */
  protected static Locator onTheDesk(Page where, String name) {
    var claims =
        where.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Claims by due date"));
    var found = claims.getByText(name).first();
    where.waitForCondition(() -> {
      if (found.count() == 0) {
        // At once: the row that is last may be another by the time a click would be sure of it.
        claims.evaluate("list => list.lastElementChild?.scrollIntoView()");
      }
      return found.count() > 0;
    });
    return found;
  }

  /** Types into the field that has the focus, and goes on as Enter does. */
  protected static void type(Page where, String... texts) {
    for (var text : texts) {
      where.keyboard().type(text);
      where.keyboard().press("Enter");
    }
  }

  /** Waits until what was typed is kept. */
  protected static void saved(Page where) {
    assertThat(where.getByText(Pattern.compile("^Saved \\d"))).isVisible();
  }

  /** That somewhere on the page stands, as an alert, why something was refused; others may stand empty beside it. */
  protected static void refused(Page where, String words) {
    var alerts = where.getByRole(AriaRole.ALERT);
    assertThat(alerts.filter(new Locator.FilterOptions().setHasText(words)).first())
        .isVisible();
  }

  protected static void accessible(Page where, String screen) {
    assertEquals(Axe.wrongIn(where).toString(), "[]", screen);
  }
}
