package civitane.app.papers;

import civitane.app.problems.Problem;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The scanner of the office for harmful programs, where it has one: it is shown each file that comes in, before anything
 * else reads it. It is spoken to as ClamAV's daemon wants it: the word {@code INSTREAM}, pieces with their length in four
 * bytes, a piece of none; one line comes back.
 */
@Component
class Scanner {
  private static final Logger LOG = LoggerFactory.getLogger(Scanner.class);
  private static final Duration LIMIT = Duration.ofSeconds(10);
  private static final int PIECE = 64 * 1024;
  private static final byte[] BEGIN = "zINSTREAM\0".getBytes(StandardCharsets.US_ASCII);
  private static final int LONGEST_ANSWER = 1000;

  private final String host;
  private final int port;

  /** @param at its host and port, as in {@code 127.0.0.1:3310}; empty where there is none */
  Scanner(@Value("${civitane.scanner-at:}") String at) {
    var colon = at.lastIndexOf(':');
    this.host = at.isEmpty() ? "" : at.substring(0, colon);
    this.port = at.isEmpty() ? 0 : Integer.parseInt(at.substring(colon + 1));
  }

  /** @throws Problem where it finds something in a file, or does not answer: what was not looked at is not taken in */
  void look(Path file) {
    if (host.isEmpty()) {
      return;
    }
    var said = ask(file);
    if (said.endsWith("FOUND")) {
      // Which it was is of use to whoever runs the office, and to nobody who tries files out.
      LOG.warn("the scanner refuses a file: {}", said);
      throw Problem.wrong("The file carries a pattern of harmful programs; it was not kept.");
    }
    if (!said.endsWith("OK")) {
      throw unanswered();
    }
  }

  private String ask(Path file) {
    try (var socket = new Socket();
        var from = Files.newInputStream(file)) {
      socket.connect(new InetSocketAddress(host, port), (int) LIMIT.toMillis());
      socket.setSoTimeout((int) LIMIT.toMillis());
      show(from, new DataOutputStream(socket.getOutputStream()));
      return new String(
              socket.getInputStream().readNBytes(LONGEST_ANSWER), StandardCharsets.US_ASCII)
          .replace("\0", "")
          .strip();
    } catch (IOException e) {
      LOG.warn("the scanner does not answer: {}", e.getMessage());
      throw unanswered();
    }
  }

  private static void show(InputStream from, DataOutputStream to) throws IOException {
    to.write(BEGIN);
    var piece = new byte[PIECE];
    for (var read = from.read(piece); read >= 0; read = from.read(piece)) {
      to.writeInt(read);
      to.write(piece, 0, read);
    }
    to.writeInt(0);
    to.flush();
  }

  private static Problem unanswered() {
    return Problem.unavailable("The file can’t be looked through for harmful programs now."
        + " It was not kept; send it again in a minute.");
  }
}
