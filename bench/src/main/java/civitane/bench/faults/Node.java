package civitane.bench.faults;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The application as a process, that can be killed. */
final class Node {
  private static final Duration PATIENCE = Duration.ofMinutes(6);
  private static final int OK = 200;

  private final List<String> command;
  private final int port;
  private final File log;
  private Process process;

  Node(List<String> command, int port, File log) throws IOException {
    this.command = List.copyOf(command);
    this.port = port;
    this.log = log;
    this.process = begun();
  }

  private Process begun() throws IOException {
    return new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(ProcessBuilder.Redirect.appendTo(log))
        .start();
  }

  void start() throws IOException {
    process = begun();
  }

  /** Ends it at once: nothing that it does is finished. */
  void kill() {
    process.destroyForcibly().onExit().join();
  }

  /** Waits until it serves. */
  void awaitServing() throws IOException, InterruptedException {
    var http = HttpClient.newHttpClient();
    var asking =
        HttpRequest.newBuilder(URI.create(address() + "/actuator/health")).build();
    var until = System.nanoTime() + PATIENCE.toNanos();
    while (System.nanoTime() < until) {
      try {
        if (http.send(asking, BodyHandlers.discarding()).statusCode() == OK) {
          return;
        }
      } catch (IOException e) {
        // Nobody listens yet.
      }
      if (process.waitFor(200, TimeUnit.MILLISECONDS)) {
        throw new IOException("a node has ended; see " + log);
      }
    }
    throw new IOException("a node does not serve; see " + log);
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }
}
