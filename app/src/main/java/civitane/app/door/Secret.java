package civitane.app.door;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/** What only who it was given to knows; the database knows what it comes to. */
final class Secret {
  private static final SecureRandom RANDOM = new SecureRandom();
  private static final int CODES = 1_000_000;
  private static final int TOKEN_BYTES = 32;

  private Secret() {}

  /** Six digits, to be typed. */
  static String code() {
    return String.format(Locale.ROOT, "%06d", RANDOM.nextInt(CODES));
  }

  /** What a browser shows, of 256 bits. */
  static String token() {
    var bytes = new byte[TOKEN_BYTES];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  static String hash(String secret) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  /** Whether two hashes are the same; how long that takes says nothing. */
  static boolean isSame(String hash, String other) {
    return MessageDigest.isEqual(
        hash.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }
}
