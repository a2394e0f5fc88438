package civitane.packet.cli;

import civitane.packet.json.JsonBytes;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import org.jspecify.annotations.Nullable;

/**
 * The packets of one file: a packet a line, or one packet over many lines.
 *
 * <p>Never holds more than a line, and of a line never more than a packet may be long.
 */
final class PacketSource {
  /** One byte more than allowed, so that too long a packet is still seen to be too long. */
  private static final int MOST_KEPT = JsonBytes.MOST + 1;

  private static final int BUFFER = 1 << 16;

  private final InputStream in;
  private final byte[] buffer = new byte[BUFFER];
  private final Deque<byte[]> ready = new ArrayDeque<>(2);
  private int at;
  private int filled;
  private long bytesRead;
  private boolean begun;

  PacketSource(InputStream in) {
    this.in = in;
  }

  /** The next packet as it was written; null at the end. */
  byte @Nullable [] next() throws IOException {
    if (!begun) {
      begun = true;
      begin();
    }
    var next = ready.isEmpty() ? line() : ready.poll();
    while (next != null && isBlank(next)) {
      next = line();
    }
    return next;
  }

  long bytesRead() {
    return bytesRead;
  }

  /** Looks at the first lines: when the first is no whole object and the second does not begin one, the file is one packet. */
  private void begin() throws IOException {
    var first = withoutMark(nextWritten());
    if (first == null) {
      return;
    }
    if (isBalanced(first)) {
      ready.add(first);
      return;
    }
    var second = nextWritten();
    if (second == null || startsPacket(second)) {
      ready.add(first);
      if (second != null) {
        ready.add(second);
      }
      return;
    }
    ready.add(joined(first, second));
  }

  private byte @Nullable [] nextWritten() throws IOException {
    var line = line();
    while (line != null && isBlank(line)) {
      line = line();
    }
    return line;
  }

  /** The whole rest of the file behind two lines; past the largest packet it is only skipped. */
  private byte[] joined(byte[] first, byte[] second) throws IOException {
    var whole = new ByteArrayOutputStream();
    whole.writeBytes(first);
    whole.write('\n');
    whole.writeBytes(second);
    for (var line = line(); line != null; line = line()) {
      if (whole.size() <= MOST_KEPT) {
        whole.write('\n');
        whole.writeBytes(line);
      }
    }
    return whole.toByteArray();
  }

  private static byte @Nullable [] withoutMark(byte @Nullable [] line) {
    if (line == null || line.length < 3) {
      return line;
    }
    var marked = (line[0] & 0xFF) == 0xEF && (line[1] & 0xFF) == 0xBB && (line[2] & 0xFF) == 0xBF;
    return marked ? Arrays.copyOfRange(line, 3, line.length) : line;
  }

  /** Whether every brace and bracket that opens also closes; those in texts do not matter. */
  private static boolean isBalanced(byte[] line) {
    var depth = 0;
    var inText = false;
    for (var i = 0; i < line.length; i++) {
      var character = line[i];
      if (inText) {
        if (character == '\\') {
          i++;
        } else if (character == '"') {
          inText = false;
        }
      } else if (character == '"') {
        inText = true;
      } else if (character == '{' || character == '[') {
        depth++;
      } else if (character == '}' || character == ']') {
        depth--;
      }
    }
    return depth <= 0 && !inText;
  }

  private static boolean startsPacket(byte[] line) {
    return new String(line, 0, Math.min(line.length, 2), StandardCharsets.US_ASCII).startsWith("{")
        && isBalanced(line);
  }

  private static boolean isBlank(byte[] line) {
    for (var character : line) {
      if (character != ' ' && character != '\t' && character != '\r') {
        return false;
      }
    }
    return true;
  }

  /** The next line where it lies whole in the buffer, as nearly all do; null where it does not. */
  private byte @Nullable [] wholeLine() {
    for (var end = at; end < filled; end++) {
      if (buffer[end] == '\n') {
        var line = Arrays.copyOfRange(buffer, at, end);
        at = end + 1;
        return line;
      }
    }
    return null;
  }

  private byte @Nullable [] line() throws IOException {
    var whole = wholeLine();
    if (whole != null) {
      return whole;
    }
    var line = new ByteArrayOutputStream(BUFFER / 16);
    var any = false;
    while (true) {
      if (at == filled) {
        filled = in.read(buffer);
        at = 0;
        if (filled < 0) {
          filled = 0;
          return any ? line.toByteArray() : null;
        }
        bytesRead += filled;
      }
      any = true;
      var end = at;
      while (end < filled && buffer[end] != '\n') {
        end++;
      }
      line.write(buffer, at, Math.min(end - at, Math.max(0, MOST_KEPT - line.size())));
      if (end < filled) {
        at = end + 1;
        return line.toByteArray();
      }
      at = end;
    }
  }
}
