package civitane.app.audit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where the chain of the log was at some times, in a file outside the database that is only added to: a log that was cut
 * off, or a copy of an earlier day that was put in its place, does not have what is marked there.
 */
@Component
class AuditAnchor {
  private final String file;

  /** @param file where marks are kept; empty where none are */
  AuditAnchor(@Value("${civitane.audit-anchor:}") String file) {
    this.file = file;
  }

  /** A link that was there. */
  record Mark(long seq, String hash) {
    static Mark of(String line) {
      var parts = line.split(" ");
      return new Mark(Long.parseLong(parts[0]), parts[1]);
    }
  }

  /** All marks, the first first. */
  List<Mark> marks() {
    if (file.isBlank() || !Files.exists(Path.of(file))) {
      return List.of();
    }
    try {
      return Files.readAllLines(Path.of(file), StandardCharsets.US_ASCII).stream()
          .filter(line -> !line.isBlank())
          .map(Mark::of)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Marks a link, on the disk when this returns. */
  void mark(Mark mark, Instant at) {
    if (file.isBlank()) {
      return;
    }
    try {
      Files.writeString(
          Path.of(file),
          mark.seq() + " " + mark.hash() + " " + at + "\n",
          StandardCharsets.US_ASCII,
          StandardOpenOption.CREATE,
          StandardOpenOption.APPEND,
          StandardOpenOption.SYNC);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
