package civitane.app.copies;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A ZIP that is being written, with the hash of each file in it. */
final class Bundle implements AutoCloseable {
  private final ZipOutputStream zip;
  private final List<Hashed> hashes = new ArrayList<>();

  Bundle(OutputStream to) {
    this.zip = new ZipOutputStream(to);
  }

  /** @param sha256 in hexadecimal digits */
  record Hashed(String name, String sha256) {}

  /** Something that writes itself. */
  interface Writing {
    void to(OutputStream out) throws IOException;
  }

  void add(String name, byte[] bytes) throws IOException {
    add(name, out -> out.write(bytes));
  }

  void add(String name, Writing content) throws IOException {
    var digest = sha256();
    zip.putNextEntry(new ZipEntry(name));
    var out = new DigestOutputStream(open(), digest);
    content.to(out);
    out.flush();
    zip.closeEntry();
    hashes.add(new Hashed(name, HexFormat.of().formatHex(digest.digest())));
  }

  /** The ZIP, that whoever writes an entry can't close. */
  private OutputStream open() {
    return new FilterOutputStream(zip) {
      @Override
      public void write(byte[] bytes, int from, int length) throws IOException {
        out.write(bytes, from, length);
      }

      @Override
      public void close() throws IOException {
        flush();
      }
    };
  }

  /** The hashes of all that is in it so far. */
  List<Hashed> hashes() {
    return List.copyOf(hashes);
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
    zip.close();
  }
}
