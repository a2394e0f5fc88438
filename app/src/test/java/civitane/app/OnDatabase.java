package civitane.app;

import civitane.app.demo.OfficeClock;
import civitane.standins.StandIns;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.interactive.form.PDField;
import org.apache.pdfbox.text.PDFTextStripper;
import org.awaitility.Awaitility;
import org.awaitility.core.ThrowingRunnable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import static org.testng.Assert.assertEquals;

/** The application on a real PostgreSQL, with the demo's staff and households. */
@SpringBootTest(
    properties = {"civitane.demo=yes", "civitane.drawn-every=0", "civitane.asked-again-after=PT1S"})
@AutoConfigureMockMvc
public abstract class OnDatabase extends AbstractTestNGSpringContextTests {
  private static final String DATABASE = "civitane_app_test";

  /** One that is slow takes longer than anybody waits for before a screen. */
  private static final Duration SLOWNESS = Duration.ofSeconds(3);

  /** How long what is done later may take: as the application begins it has all papers and letters of the demo to do. */
  protected static final Duration PATIENCE = Duration.ofMinutes(2);

  /** What stands in for the registers. */
  protected static final StandIns REGISTERS = standIns();

  @Autowired
  protected MockMvc http;

  @Autowired
  protected JsonMapper json;

  @Autowired
  protected OfficeClock clock;

  @Autowired
  protected JdbcClient database;

  /** Where a key is made that is gone with the tests. */
  private static String keyFile(String name) {
    try {
      var folder = Files.createTempDirectory("civitane-key");
      folder.toFile().deleteOnExit();
      var file = folder.resolve(name);
      file.toFile().deleteOnExit();
      return file.toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static StandIns standIns() {
    try {
      return StandIns.at(0, SLOWNESS);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry properties) {
    properties.add("spring.datasource.url", () -> freshDatabase(DATABASE));
    properties.add("civitane.registers.at", REGISTERS::address);
    properties.add("civitane.signing-key", () -> keyFile("signing.key"));
    properties.add("civitane.audit-key", () -> keyFile("audit.key"));
    properties.add("civitane.audit-anchor", () -> keyFile("audit.anchor"));
  }

  /** A database of a name, made anew for the run, in the cluster the launcher started. */
  public static synchronized String freshDatabase(String name) {
    var cluster = System.getenv("CIVITANE_TEST_DB_URL");
    if (cluster == null) {
      throw new IllegalStateException("CIVITANE_TEST_DB_URL is not set; run ./civitane test");
    }
    try (var connection = DriverManager.getConnection(cluster, "civitane", "");
        var statement = connection.createStatement()) {
      statement.execute("drop database if exists " + name + " with (force)");
      statement.execute("create database " + name);
    } catch (SQLException e) {
      throw new IllegalStateException("the test database can't be made", e);
    }
    return cluster.substring(0, cluster.lastIndexOf('/') + 1) + name;
  }

  /** Puts the clock to noon of a day: days from now on may end on the next where the time is put forward in between. */
  protected void noonOf(LocalDate day) {
    clock.ahead(Duration.ZERO);
    clock.ahead(Duration.between(
        clock.instant(), day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant()));
  }

  protected MvcResult as(String login, String role, MockHttpServletRequestBuilder request)
      throws Exception {
    return http.perform(request
            .with(SecurityMockMvcRequestPostProcessors.user(login).roles(role))
            .with(SecurityMockMvcRequestPostProcessors.csrf()))
        .andReturn();
  }

  protected MvcResult asIkenna(MockHttpServletRequestBuilder request) throws Exception {
    return as("ikenna", "CASEWORKER", request);
  }

  protected JsonNode body(MvcResult result) throws Exception {
    return json.readTree(result.getResponse().getContentAsString(StandardCharsets.UTF_8));
  }

  protected static MockHttpServletRequestBuilder get(String path, Object... parts) {
    return MockMvcRequestBuilders.get(path, parts);
  }

  protected static MockHttpServletRequestBuilder post(
      String path, String content, Object... parts) {
    return MockMvcRequestBuilders.post(path, parts)
        .contentType(MediaType.APPLICATION_JSON)
        .content(content);
  }

  protected static MockHttpServletRequestBuilder put(String path, String content, Object... parts) {
    return MockMvcRequestBuilders.put(path, parts)
        .contentType(MediaType.APPLICATION_JSON)
        .content(content);
  }

  /** Brings a packet in, as Ikenna; it is a draft then. */
  protected JsonNode begin(String packet) throws Exception {
    var result = bring(packet);
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    return body(result);
  }

  /** What the application says to a packet. */
  protected MvcResult bring(String packet) throws Exception {
    return asIkenna(MockMvcRequestBuilders.post("/api/packets")
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(packet.getBytes(StandardCharsets.UTF_8)));
  }

  /** The application that a packet becomes when it is brought in and lodged. */
  protected JsonNode lodged(String packet) throws Exception {
    var result = lodging(begin(packet), 0);
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    return body(result);
  }

  /** The number of the first claim of a packet that is lodged. */
  protected String claimOf(String packet) throws Exception {
    return lodged(packet).get("claims").get(0).stringValue();
  }

  protected JsonNode claim(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}", number)));
  }

  /** A claim that Ikenna has taken up. */
  protected JsonNode taken(String number) throws Exception {
    var result = asIkenna(post("/api/claims/{number}/take", "", number));
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    return body(result);
  }

  /** What the application says to a decision on a version of a claim. */
  protected MvcResult decision(String number, JsonNode claim, boolean grant) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/decision",
        "{\"version\": %d, \"grant\": %s}".formatted(claim.get("version").intValue(), grant),
        number));
  }

  /** What is sent to put a value in the place of another on a claim that was looked at. */
  protected static MockHttpServletRequestBuilder answer(
      String number, JsonNode claim, String pointer, String value, String reason) {
    return post(
        "/api/claims/{number}/answers",
        "{\"version\": %d, \"pointer\": \"%s\", \"value\": %s, \"reason\": \"%s\"}"
            .formatted(claim.get("version").intValue(), pointer, value, reason),
        number);
  }

  /** The words of the letters of the kind about a number, one letter after the other. */
  protected String letters(String kind, String about) throws Exception {
    var words = new StringBuilder();
    for (var id : database
        .sql("select id from letter where kind = ? and about = ?")
        .params(kind, about)
        .query(String.class)
        .list()) {
      words.append(
          words(asIkenna(get("/api/letters/{id}", id)).getResponse().getContentAsByteArray()));
    }
    return words.toString();
  }

  /** The words of a PDF. */
  protected static String words(byte[] pdf) throws IOException {
    try (var document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  /** The values that stand in a form. */
  protected static List<String> values(byte[] pdf) throws IOException {
    try (var document = Loader.loadPDF(pdf)) {
      var fields = document.getDocumentCatalog().getAcroForm().getFieldTree();
      return StreamSupport.stream(fields.spliterator(), false)
          .map(PDField::getValueAsString)
          .toList();
    }
  }

  /** What comes of several tries that are made at the same time. */
  protected static <T> List<T> atOnce(int tries, IntFunction<Callable<T>> trying) throws Exception {
    var threads = Executors.newFixedThreadPool(tries);
    try {
      var results = new ArrayList<T>();
      for (var result :
          threads.invokeAll(IntStream.range(0, tries).mapToObj(trying).toList())) {
        results.add(result.get());
      }
      return results;
    } finally {
      threads.shutdownNow();
    }
  }

  /** Awaits that something holds, as what is done later may move claims between one look and the next. */
  protected static void holds(ThrowingRunnable what) {
    Awaitility.await().atMost(PATIENCE).untilAsserted(what);
  }

  /** What stands on somebody's Desk, page after page; in one round, or in none where that is empty. */
  protected List<JsonNode> onDesk(String login, String role, String round) throws Exception {
    var rows = new ArrayList<JsonNode>();
    var page = body(as(login, role, desk(round)));
    page.get("rows").forEach(rows::add);
    while (page.path("after").isObject()) {
      var after = page.get("after");
      page = body(as(
          login,
          role,
          desk(round)
              .param("afterUrgent", after.get("urgent").asString())
              .param("afterDay", after.get("pressingOn").stringValue())
              .param("afterNumber", after.get("number").stringValue())));
      page.get("rows").forEach(rows::add);
    }
    return rows;
  }

  protected List<JsonNode> onDesk() throws Exception {
    return onDesk("ikenna", "CASEWORKER", "");
  }

  private MockHttpServletRequestBuilder desk(String round) {
    return round.isEmpty() ? get("/api/desk") : get("/api/desk").param("round", round);
  }

  protected long count(String from) {
    return database.sql("select count(*) from " + from).query(Long.class).single();
  }

  /** What the application says when a draft is lodged as it was in a version. */
  protected MvcResult lodging(JsonNode application, int version) throws Exception {
    return asIkenna(
        post("/api/applications/{id}/lodge", "", application.get("id").stringValue())
            .header("If-Match", "\"" + version + "\""));
  }

  /** Brings a paper of the applicant to a claim that one has, and accepts it. */
  protected void accepted(String number, String kind, String name) throws Exception {
    var request = MockMvcRequestBuilders.post("/api/claims/{number}/papers", number)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(MadePapers.png(300, 300, kind));
    Map.of("Kind", kind, "Person", "p1")
        .forEach((head, value) -> request.header("X-Paper-" + head, value));
    var id = body(asIkenna(request)).get("id").stringValue();
    var read = asIkenna(
        post("/api/claims/{number}/papers/{id}/read", """
        {"version": 0, "kind": "%s", "person": "p1", "nameOnPaper": "%s", "faults": [],
         "nameAccepted": true, "because": "seen"}""".formatted(kind, name), number, id));
    assertEquals(read.getResponse().getStatus(), 200, read.getResponse().getContentAsString());
  }
}
