package civitane.app;

import civitane.app.demo.OfficeClock;
import java.nio.charset.StandardCharsets;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
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
@SpringBootTest(properties = "civitane.demo=yes")
@AutoConfigureMockMvc
public abstract class OnDatabase extends AbstractTestNGSpringContextTests {
  private static final String DATABASE = "civitane_app_test";

  @Autowired
  protected MockMvc http;

  @Autowired
  protected JsonMapper json;

  @Autowired
  protected OfficeClock clock;

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry properties) {
    properties.add("spring.datasource.url", OnDatabase::freshDatabase);
  }

  /** A database of its own, made anew for the run, in the cluster the launcher started. */
  private static synchronized String freshDatabase() {
    var cluster = System.getenv("CIVITANE_TEST_DB_URL");
    if (cluster == null) {
      throw new IllegalStateException("CIVITANE_TEST_DB_URL is not set; run ./civitane test");
    }
    try (var connection = DriverManager.getConnection(cluster, "civitane", "");
        var statement = connection.createStatement()) {
      statement.execute("drop database if exists " + DATABASE + " with (force)");
      statement.execute("create database " + DATABASE);
    } catch (SQLException e) {
      throw new IllegalStateException("the test database can't be made", e);
    }
    return cluster.substring(0, cluster.lastIndexOf('/') + 1) + DATABASE;
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

  /** What the application says when a draft is lodged as it was in a version. */
  protected MvcResult lodging(JsonNode application, int version) throws Exception {
    return asIkenna(
        post("/api/applications/{id}/lodge", "", application.get("id").stringValue())
            .header("If-Match", "\"" + version + "\""));
  }
}
