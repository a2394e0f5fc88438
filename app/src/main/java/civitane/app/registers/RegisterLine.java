package civitane.app.registers;

import civitane.app.outward.OutwardLine;
import civitane.core.registers.RegisterQuestion;
import civitane.core.registers.RegisterRow;
import civitane.packet.text.CleanText;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The line to the registers. What is asked travels in the body: a number in an address is kept in logs. */
@Component
class RegisterLine {
  private static final int OK = 200;

  private final HttpClient client;
  private final JsonMapper json;
  private final String at;

  /** @param at where the registers are; empty where there are none */
  RegisterLine(OutwardLine line, JsonMapper json, @Value("${civitane.registers.at:}") String at) {
    this.client = line.client();
    this.json = json;
    this.at = at;
  }

  /** What comes back within a time. Throws {@link IOException} when nothing does, or nothing that can be read. */
  List<RegisterRow> ask(RegisterQuestion question, Duration within)
      throws IOException, InterruptedException {
    if (at.isEmpty()) {
      throw new IOException("there are no registers here");
    }
    var request = HttpRequest.newBuilder(
            URI.create(at + "/" + question.register().word()))
        .header("Content-Type", "application/json")
        .POST(HttpRequest.BodyPublishers.ofByteArray(json.writeValueAsBytes(question.about())))
        .build();
    var coming = client.sendAsync(request, HttpResponse.BodyHandlers.ofByteArray());
    var answer = arrived(coming, within);
    if (answer.statusCode() != OK) {
      throw new IOException("the register answers with " + answer.statusCode());
    }
    var rows = json.readValue(answer.body(), new TypeReference<List<Map<String, String>>>() {});
    if (rows.stream().flatMap(row -> row.values().stream()).anyMatch(RegisterLine::isUnfit)) {
      throw new IOException("the register answers with signs that nobody sees");
    }
    return rows.stream().map(RegisterRow::of).toList();
  }

  private static boolean isUnfit(String text) {
    return CleanText.fault(text) != null;
  }

  /** The whole answer: one that begins in time and never ends is none. */
  private static HttpResponse<byte[]> arrived(
      CompletableFuture<HttpResponse<byte[]>> coming, Duration within)
      throws IOException, InterruptedException {
    try {
      return coming.get(within.toMillis(), TimeUnit.MILLISECONDS);
    } catch (ExecutionException | TimeoutException e) {
      throw new IOException(e);
    } finally {
      coming.cancel(true);
    }
  }
}
