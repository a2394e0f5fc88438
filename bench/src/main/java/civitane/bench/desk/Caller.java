package civitane.bench.desk;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;

/** One caseworker at a browser: signed in, with a connection of their own. */
final class Caller {
  private static final Duration PATIENCE = Duration.ofSeconds(30);
  private static final String TOKEN = "XSRF-TOKEN";

  private final String at;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder()
      .cookieHandler(cookies)
      .version(HttpClient.Version.HTTP_1_1)
      .build();

  /** @param at the address of the desk, as in {@code http://127.0.0.1:8480} */
  Caller(String at, String login, String password) throws IOException, InterruptedException {
    this.at = at;
    get("/api/session");
    var signedIn = http.send(
        asking("/api/sign-in")
            .header("X-" + TOKEN, token())
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(
                HttpRequest.BodyPublishers.ofString("username=" + login + "&password=" + password))
            .build(),
        BodyHandlers.ofString());
    if (signedIn.statusCode() != 204) {
      throw new IOException("signing in as " + login + " answered " + signedIn.statusCode());
    }
    get("/api/session");
  }

  private HttpRequest.Builder asking(String path) {
    return HttpRequest.newBuilder(URI.create(at + path)).timeout(PATIENCE);
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(TOKEN))
        .map(java.net.HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  String get(String path) throws IOException, InterruptedException {
    return answered(path, asking(path).build());
  }

  String post(String path, String json) throws IOException, InterruptedException {
    return answered(
        path,
        asking(path)
            .header("X-" + TOKEN, token())
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(json))
            .build());
  }

  private String answered(String path, HttpRequest request)
      throws IOException, InterruptedException {
    var answer = http.send(request, BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IOException(path + " answered " + answer.statusCode());
    }
    return answer.body();
  }
}
