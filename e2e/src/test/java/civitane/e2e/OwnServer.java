package civitane.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The application in a process of its own, with a database of its own, that can be killed. */
final class OwnServer {
  private static final String DATABASE = "civitane_killed";
  private static final int OK = 200;
  private static final Duration PATIENCE = Duration.ofMinutes(5);

  private final Process process;
  private final int port;

  private OwnServer(Process process, int port) {
    this.process = process;
    this.port = port;
  }

  /** Starts it on a port, on the data that is there; it serves when this returns. */
  static OwnServer start(int port, String... settings)
      throws IOException, SQLException, InterruptedException {
    var cluster = System.getenv("CIVITANE_TEST_DB_URL");
    createDatabase(cluster);
    var classes =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    var arguments = Files.createTempFile("civitane", ".args");
    Files.writeString(arguments, "-cp \"" + classes + "\"");
    var command = new ArrayList<>(List.of(
        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
        "-XX:TieredStopAtLevel=1",
        "@" + arguments,
        "civitane.app.CivitaneApplication",
        "--server.port=" + port,
        "--civitane.demo=yes",
        "--civitane.drawn-every=0",
        "--spring.datasource.url=" + cluster.substring(0, cluster.lastIndexOf('/') + 1)
            + DATABASE));
    command.addAll(List.of(settings));
    var process = new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(Files.createTempFile("civitane-server", ".log").toFile())
        .start();
    var server = new OwnServer(process, port);
    server.awaitServing();
    return server;
  }

  /** How many rows of its database there are. */
  static long count(String from) {
    var cluster = System.getenv("CIVITANE_TEST_DB_URL");
    var there = cluster.substring(0, cluster.lastIndexOf('/') + 1) + DATABASE;
    try (var connection = DriverManager.getConnection(there, "civitane", "");
        var statement = connection.createStatement();
        var rows = statement.executeQuery("select count(*) from " + from)) {
      rows.next();
      return rows.getLong(1);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void createDatabase(String cluster) throws SQLException {
    try (var connection = DriverManager.getConnection(cluster, "civitane", "");
        var statement = connection.createStatement();
        var there = statement.executeQuery(
            "select 1 from pg_database where datname = '" + DATABASE + "'")) {
      if (!there.next()) {
        try (var creation = connection.createStatement()) {
          creation.execute("create database " + DATABASE);
        }
      }
    }
  }

  /** Asks until it is healthy: there is nothing else a process outside can be waited for by. */
  private void awaitServing() throws InterruptedException {
    var client = HttpClient.newHttpClient();
    var request =
        HttpRequest.newBuilder(URI.create(address() + "/actuator/health")).build();
    var until = System.nanoTime() + PATIENCE.toNanos();
    while (System.nanoTime() < until) {
      try {
        if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == OK) {
          return;
        }
      } catch (IOException e) {
        // Nobody listens yet.
      }
      if (process.waitFor(200, TimeUnit.MILLISECONDS)) {
        throw new IllegalStateException("the server ended with " + process.exitValue());
      }
    }
    throw new IllegalStateException("the server did not answer");
  }

  /** Ends it at once, as a power cut would. */
  void kill() {
    process.destroyForcibly().onExit().join();
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  int port() {
    return port;
  }
}
