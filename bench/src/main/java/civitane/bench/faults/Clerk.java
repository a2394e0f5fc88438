package civitane.bench.faults;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Somebody at work: takes applications, lodges them, and looks at the desk and at claims. What can't be done now is tried
 * again under its key, at the other node, as the pages and a proxy do.
 */
final class Clerk implements Runnable {
  private static final JsonMapper JSON = new JsonMapper();
  private static final Duration PATIENCE = Duration.ofSeconds(30);
  private static final Duration BETWEEN = Duration.ofSeconds(2);
  private static final Duration AGAIN = Duration.ofMillis(500);
  private static final int LOOKS = 8;
  private static final String TOKEN = "XSRF-TOKEN";

  private final String login;
  private final List<Node> nodes;
  private final Answers answers;
  private final Queue<String> lodged;
  private final long until;
  private final Random chance;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder()
      .cookieHandler(cookies)
      .connectTimeout(Duration.ofSeconds(2))
      .version(HttpClient.Version.HTTP_1_1)
      .build();
  private int at;

  /**
   * @param lodged where the numbers go of what was said to be lodged
   * @param until when nothing new is begun, in nanoseconds
   */
  Clerk(String login, int nr, List<Node> nodes, Answers answers, Queue<String> lodged, long until) {
    this.login = login;
    this.nodes = List.copyOf(nodes);
    this.answers = answers;
    this.lodged = lodged;
    this.until = until;
    this.chance = new Random(nr);
    this.at = nr;
  }

  @Override
  public void run() {
    try {
      signIn();
      while (System.nanoTime() < until) {
        takeOne();
        for (var i = 0; i < LOOKS && System.nanoTime() < until; i++) {
          Thread.sleep(BETWEEN.toMillis());
          get(i % 2 == 0 ? "/api/desk" : "/api/desk?round=takeUp");
        }
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void takeOne() throws InterruptedException {
    var begun = change("/api/packets", Families.next(chance), Map.of());
    if (begun == null) {
      return;
    }
    var id = begun.get("id").stringValue();
    Thread.sleep(BETWEEN.toMillis());
    var version = Map.of("If-Match", "\"" + begun.get("version").intValue() + "\"");
    var application = change("/api/applications/" + id + "/lodge", "", version);
    if (application != null) {
      lodged.add(id);
      var claims = application.path("claims");
      if (!claims.isEmpty()) {
        get("/api/claims/" + claims.get(0).stringValue());
      }
    }
  }

  /** Changes something, once: asked again under the same key until there is an answer; null where it was refused. */
  private @Nullable JsonNode change(String path, String body, Map<String, String> heads)
      throws InterruptedException {
    var key = UUID.randomUUID().toString();
    while (true) {
      var asking = asking(path)
          .header("Idempotency-Key", key)
          .header("X-" + TOKEN, token())
          .header("Content-Type", "application/json")
          .POST(HttpRequest.BodyPublishers.ofString(body));
      heads.forEach(asking::header);
      var answer = send(true, path, asking.build());
      if (answer != null && answer.statusCode() == 200) {
        return JSON.readTree(answer.body());
      }
      if (answer != null && answer.statusCode() == 401) {
        signIn();
      } else if (answer != null && answer.statusCode() != 503 && answer.statusCode() < 500) {
        return null;
      }
      another();
    }
  }

  private void get(String path) throws InterruptedException {
    var answer = send(false, path, asking(path).GET().build());
    if (answer == null || answer.statusCode() >= 500) {
      another();
    } else if (answer.statusCode() == 401) {
      signIn();
    }
  }

  private void signIn() throws InterruptedException {
    while (true) {
      var session = send(false, "/api/session", asking("/api/session").GET().build());
      if (session != null && session.statusCode() == 200) {
        var signedIn = send(
            false,
            "/api/sign-in",
            asking("/api/sign-in")
                .header("X-" + TOKEN, token())
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(
                    "username=" + login + "&password=" + login + "-" + login))
                .build());
        if (signedIn != null && signedIn.statusCode() == 204) {
          send(false, "/api/session", asking("/api/session").GET().build());
          return;
        }
      }
      another();
    }
  }

  private void another() throws InterruptedException {
    at++;
    Thread.sleep(AGAIN.toMillis());
  }

  private HttpRequest.Builder asking(String path) {
    return HttpRequest.newBuilder(URI.create(nodes.get(at % nodes.size()).address() + path))
        .timeout(PATIENCE);
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(TOKEN))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  private @Nullable HttpResponse<String> send(boolean writes, String path, HttpRequest request)
      throws InterruptedException {
    var from = System.nanoTime();
    HttpResponse<String> answer = null;
    try {
      answer = http.send(request, BodyHandlers.ofString());
    } catch (IOException e) {
      // The node is gone, or went while it answered.
    }
    answers.add(new Answers.Answer(
        writes, outcome(answer), from, System.nanoTime() - from, said(path, answer)));
    return answer;
  }

  private static Answers.Outcome outcome(@Nullable HttpResponse<String> answer) {
    if (answer == null) {
      return Answers.Outcome.LOST;
    }
    if (answer.statusCode() == 503 && answer.headers().firstValue("Retry-After").isPresent()) {
      return Answers.Outcome.LATER;
    }
    return answer.statusCode() < 300 || answer.statusCode() == 429
        ? Answers.Outcome.DONE
        : Answers.Outcome.WRONG;
  }

  private static String said(String path, @Nullable HttpResponse<String> answer) {
    return answer == null || answer.statusCode() < 300
        ? ""
        : path.replaceAll("[0-9a-f-]{36}", "…") + " " + answer.statusCode() + " "
            + answer.body().substring(0, Math.min(300, answer.body().length()));
  }
}
