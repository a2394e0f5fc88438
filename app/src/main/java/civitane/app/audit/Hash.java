package civitane.app.audit;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;

/** SHA-256 over texts, in hexadecimal digits. */
public final class Hash {
  private Hash() {}

  /** Over several values, each on a line of its own. */
  static String of(Object... parts) {
    return of(lines(parts));
  }

  /** Values, each on a line of its own. */
  static String lines(Object... parts) {
    return String.join("\n", Arrays.stream(parts).map(String::valueOf).toList());
  }

  public static String of(String text) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
