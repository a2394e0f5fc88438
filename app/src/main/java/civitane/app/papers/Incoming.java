package civitane.app.papers;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * A file as it comes in: on disk while it is looked at, gone afterwards.
 *
 * @param hash SHA-256 of what is in it, in hexadecimal digits
 * @param size in bytes
 */
record Incoming(Path path, String hash, long size) implements AutoCloseable {
  static final long MOST_BYTES = 15L * 1024 * 1024;
  private static final int PIECE = 64 * 1024;

  /** Reads a file as far as it may be large; a piece of it in memory at a time. */
  static Incoming of(InputStream from) throws IOException {
    var path = Files.createTempFile("civitane-paper", ".in");
    try {
      var digest = sha256();
      var size = 0L;
      try (var to = new DigestOutputStream(Files.newOutputStream(path), digest)) {
        var piece = new byte[PIECE];
        for (var read = from.read(piece); read >= 0; read = from.read(piece)) {
          size += read;
          if (size > MOST_BYTES) {
            throw Problem.wrong(
                "The file is larger than 15 MB. Scan it less finely, or in several files.");
          }
          to.write(piece, 0, read);
        }
      }
      if (size == 0) {
        throw Problem.wrong("The file is empty. Choose it again, or scan it again.");
      }
      return new Incoming(path, HexFormat.of().formatHex(digest.digest()), size);
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(path);
      throw e;
    }
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  @Override
  public void close() throws IOException {
    Files.deleteIfExists(path);
  }
}
