package civitane.app.messages;

import civitane.app.outward.OutwardLine;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What brings texts and mails. A message carries its own id, so that one which is handed in again, as nobody knows
 * whether it was taken, is not brought twice.
 */
@Component
class Gateway {
  private static final Duration LIMIT = Duration.ofSeconds(10);
  private static final int OK = 200;

  private final HttpClient client;
  private final JsonMapper json;
  private final String at;
  private final boolean demo;

  /**
   * The gateway at an address.
   *
   * @param at where it is; empty where there is none
   * @param demo whether what it brought can be read, as in the demo
   */
  Gateway(
      OutwardLine line,
      JsonMapper json,
      @Value("${civitane.registers.at:}") String at,
      @Value("${civitane.demo:no}") String demo) {
    this.client = line.client();
    this.json = json;
    this.at = at;
    this.demo = demo.equals("yes") && !at.isEmpty();
  }

  /** Hands a message in; answers whether it reached anybody. Throws {@link IOException} where that is not known. */
  boolean bring(Message message) throws IOException {
    if (at.isEmpty()) {
      throw new IOException("there is nothing here that brings messages");
    }
    var body = json.writeValueAsBytes(Map.of(
        "id", message.id().toString(),
        "channel", message.channel().name().toLowerCase(Locale.ROOT),
        "to", message.to(),
        "text", message.text()));
    var answer = send(request()
        .header("Content-Type", "application/json")
        .POST(HttpRequest.BodyPublishers.ofByteArray(body))
        .build());
    return "delivered".equals(json.readValue(answer, Map.class).get("state"));
  }

  boolean isStandIn() {
    return demo;
  }

  /** What the stand-in of the demo brought last, the newest first. */
  List<BroughtMessage> brought() throws IOException {
    return json.readValue(send(request().GET().build()), new TypeReference<>() {});
  }

  private HttpRequest.Builder request() {
    return HttpRequest.newBuilder(URI.create(at + "/gateway")).timeout(LIMIT);
  }

  private byte[] send(HttpRequest request) throws IOException {
    try {
      var answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != OK) {
        throw new IOException("it answers with " + answer.statusCode());
      }
      return answer.body();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }
}
