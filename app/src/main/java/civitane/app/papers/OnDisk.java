package civitane.app.papers;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A file that is kept, on disk for as long as its pages are looked at. */
record OnDisk(Path path) implements AutoCloseable {

  static OnDisk of(PaperRows rows, String hash) throws IOException {
    var path = Files.createTempFile("civitane-paper", ".page");
    try (var to = Files.newOutputStream(path)) {
      rows.write(hash, to);
      return new OnDisk(path);
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(path);
      throw e;
    }
  }

  @Override
  public void close() throws IOException {
    Files.deleteIfExists(path);
  }
}
