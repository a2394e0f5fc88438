package civitane.app.signing;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;

/** A file outside the database in which keys of this office are kept, for nobody but who runs it: lines of ASCII. */
public final class KeyFile {
  private static final String OWNERS_ALONE = "rw-------";

  private final Path path;

  public KeyFile(String name) {
    path = Path.of(name).toAbsolutePath();
  }

  public boolean isThere() {
    return Files.exists(path);
  }

  public List<String> lines() throws IOException {
    return Files.readAllLines(path, StandardCharsets.US_ASCII);
  }

  /** Makes the file. Throws an {@link IOException} where there is one already. */
  public void make(List<String> lines) throws IOException {
    write(path, lines);
  }

  /** Puts other lines into the file: whoever reads it meanwhile finds those before or these, whole. */
  public void replace(List<String> lines) throws IOException {
    var beside = path.resolveSibling(path.getFileName() + ".new");
    Files.deleteIfExists(beside);
    write(beside, lines);
    Files.move(beside, path, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  private static void write(Path file, List<String> lines) throws IOException {
    // For nobody but who runs the office, from the moment that it is there.
    Files.createFile(
        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString(OWNERS_ALONE)));
    Files.write(file, lines, StandardCharsets.US_ASCII);
  }
}
