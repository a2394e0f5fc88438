package civitane.app.registers;

import civitane.app.outward.OutwardLine;
import civitane.app.problems.Problem;
import civitane.core.registers.RegisterName;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** How the stand-ins of the demo behave; real registers behave as they like. */
@Component
public class StandInSwitch {
  private static final Duration LIMIT = Duration.ofSeconds(1);
  private static final int OK = 200;

  private final HttpClient client;
  private final JsonMapper json;
  private final String at;

  /** @param demo whether there are stand-ins at all */
  StandInSwitch(
      OutwardLine line,
      JsonMapper json,
      @Value("${civitane.registers.at:}") String at,
      @Value("${civitane.demo:no}") String demo) {
    this.client = line.client();
    this.json = json;
    this.at = demo.equals("yes") ? at : "";
  }

  /** How a register behaves: {@code right}, {@code slow}, {@code wrong} or {@code down}; null where nobody can say. */
  public @Nullable String behaviour(RegisterName register) {
    if (at.isEmpty()) {
      return null;
    }
    try {
      return send(request(register).GET().build());
    } catch (IOException e) {
      return null;
    }
  }

  public void behave(RegisterName register, String behaviour) {
    if (at.isEmpty()) {
      throw Problem.notThere("A stand-in");
    }
    try {
      send(request(register).PUT(HttpRequest.BodyPublishers.ofString(behaviour)).build());
    } catch (IOException e) {
      throw Problem.wrong("The stand-in knows right, slow, wrong and down.");
    }
  }

  private HttpRequest.Builder request(RegisterName register) {
    return HttpRequest.newBuilder(URI.create(at + "/behaviour/" + register.word()))
        .timeout(LIMIT);
  }

  private String send(HttpRequest request) throws IOException {
    try {
      var answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != OK) {
        throw new IOException("refused");
      }
      return String.valueOf(json.readValue(answer.body(), Map.class).get("behaviour"));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }
}
