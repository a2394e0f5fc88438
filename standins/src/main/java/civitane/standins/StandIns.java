package civitane.standins;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The registers, each at a path of its own: what is asked is posted as an object of columns, what fits comes back as a
 * list of rows. How one behaves is put at {@code /behaviour/} and its name. Texts and mails are posted to {@code /gateway}.
 */
public final class StandIns implements AutoCloseable {
  private static final String BEHAVIOUR = "/behaviour/";
  private static final String GATEWAY = "/gateway";
  private static final int OK = 200;
  private static final int NOT_UNDERSTOOD = 400;
  private static final int NOT_THERE = 404;
  private static final int MOST_BYTES = 10_000;
  private static final JsonMapper JSON = new JsonMapper();

  private final Map<String, Register> registers = Map.of(
      "population", Table.named("population"),
      "wages", new Wages(),
      "tax", Table.named("tax"),
      "childBenefit", Table.named("childBenefit"),
      "accounts", Table.named("accounts"),
      "identityPapers", Table.named("identityPapers"),
      "lenders", Table.named("lenders"),
      "landlords", Table.named("landlords"),
      "parcels", new Parcels(),
      "sales", new Sales());

  private final Gateway gateway = new Gateway();
  private final Map<String, Behaviour> behaviours = new ConcurrentHashMap<>();
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final HttpServer server;
  private final Duration slowness;

  private StandIns(HttpServer server, Duration slowness) {
    this.server = server;
    this.slowness = slowness;
  }

  /**
   * Serves on a port of the loopback address; 0 for whichever is free.
   *
   * @param slowness how long one takes that is slow
   */
  public static StandIns at(int port, Duration slowness) throws IOException {
    var address = new InetSocketAddress(InetAddress.getLoopbackAddress(), port);
    var standIns = new StandIns(HttpServer.create(address, 0), slowness);
    standIns.server.createContext("/", standIns::handle);
    standIns.server.setExecutor(standIns.threads);
    standIns.server.start();
    return standIns;
  }

  /** Serves until it is stopped. */
  public static void main(String[] arguments) throws IOException {
    at(Integer.parseInt(arguments[0]), Duration.ofSeconds(20));
  }

  public String address() {
    return "http://127.0.0.1:" + server.getAddress().getPort();
  }

  public void behave(String register, Behaviour behaviour) {
    behaviours.put(register, behaviour);
  }

  /** All of them answer again as they should. */
  public void behave() {
    behaviours.clear();
  }

  @Override
  public void close() {
    server.stop(0);
    threads.shutdownNow();
  }

  private void handle(HttpExchange exchange) throws IOException {
    try (exchange) {
      handled(exchange);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void handled(HttpExchange exchange) throws IOException, InterruptedException {
    try {
      var path = exchange.getRequestURI().getPath();
      if (path.startsWith(BEHAVIOUR)) {
        behaviour(exchange, path.substring(BEHAVIOUR.length()));
      } else if (path.equals(GATEWAY)) {
        bring(exchange);
      } else {
        var name = path.substring(1);
        var register = registers.get(name);
        if (register == null) {
          send(exchange, NOT_THERE, Map.of("error", "no such register"));
        } else {
          answer(exchange, register, behaviours.getOrDefault(name, Behaviour.RIGHT));
        }
      }
    } catch (JacksonException | IllegalArgumentException e) {
      send(exchange, NOT_UNDERSTOOD, Map.of("error", "not understood"));
    }
  }

  private void behaviour(HttpExchange exchange, String register) throws IOException {
    if (exchange.getRequestMethod().equals("PUT")) {
      var wanted =
          new String(exchange.getRequestBody().readNBytes(MOST_BYTES), StandardCharsets.UTF_8);
      behave(register, Behaviour.valueOf(wanted.toUpperCase(Locale.ROOT)));
    }
    var now = behaviours.getOrDefault(register, Behaviour.RIGHT);
    send(exchange, OK, Map.of("behaviour", now.name().toLowerCase(Locale.ROOT)));
  }

  /** A message is posted; what was brought last is to be read. */
  private void bring(HttpExchange exchange) throws IOException, InterruptedException {
    if (exchange.getRequestMethod().equals("GET")) {
      send(exchange, OK, gateway.last());
      return;
    }
    var message = JSON.readValue(
        exchange.getRequestBody().readNBytes(MOST_BYTES),
        new TypeReference<Map<String, String>>() {});
    switch (behaviours.getOrDefault(GATEWAY.substring(1), Behaviour.RIGHT)) {
      case DOWN -> {
        // The exchange is closed without a word.
      }
      case SLOW -> {
        Thread.sleep(slowness.toMillis());
        send(exchange, OK, gateway.send(message));
      }
      default -> send(exchange, OK, gateway.send(message));
    }
  }

  /** The messages that were brought last, the newest first. */
  public List<Map<String, String>> messages() {
    return gateway.last();
  }

  private void answer(HttpExchange exchange, Register register, Behaviour behaviour)
      throws IOException, InterruptedException {
    var question = JSON.readValue(
        exchange.getRequestBody().readNBytes(MOST_BYTES),
        new TypeReference<Map<String, String>>() {});
    switch (behaviour) {
      case DOWN -> {
        // The exchange is closed without a word.
      }
      case SLOW -> {
        Thread.sleep(slowness.toMillis());
        send(exchange, OK, register.answer(question));
      }
      case WRONG -> send(exchange, OK, ofSomebodyElse(register, question));
      case RIGHT -> send(exchange, OK, register.answer(question));
    }
  }

  /** The answer to another question, as a register gives whose numbers got mixed up. */
  private static List<Map<String, String>> ofSomebodyElse(
      Register register, Map<String, String> question) {
    return register.rows().stream()
        .filter(row -> question.entrySet().stream()
            .noneMatch(asked -> asked.getValue().equals(row.get(asked.getKey()))))
        .limit(1)
        .toList();
  }

  private static void send(HttpExchange exchange, int status, Object body) throws IOException {
    var bytes = JSON.writeValueAsBytes(body);
    exchange.getResponseHeaders().add("Content-Type", "application/json");
    exchange.sendResponseHeaders(status, bytes.length);
    exchange.getResponseBody().write(bytes);
  }
}
