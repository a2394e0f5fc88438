package civitane.app.audit;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What links of the log's chain are made with: HMAC-SHA-256 (RFC 2104) by a key of 256 bits in a file outside the database,
 * so that who can write the database can't make a chain anew. The file is made where there is none yet.
 */
@Component
public class LogKey {
  private static final String ALGORITHM = "HmacSHA256";
  private static final int BYTES = 32;

  private final @Nullable SecretKeySpec key;

  /** @param file where the key is kept; empty where links are made without one, and only show what nobody meant to hide */
  LogKey(@Value("${civitane.audit-key:}") String file) throws IOException {
    this.key = file.isBlank() ? null : new SecretKeySpec(in(Path.of(file)), ALGORITHM);
  }

  private static byte[] in(Path file) throws IOException {
    if (!Files.exists(file)) {
      var fresh = new byte[BYTES];
      new SecureRandom().nextBytes(fresh);
      Files.createFile(
          file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
      Files.writeString(file, Base64.getEncoder().encodeToString(fresh));
    }
    return Base64.getDecoder().decode(Files.readString(file).strip());
  }

  /** The link over some values, each on a line of its own, in hexadecimal digits. What it is for is the first of them. */
  public String link(Object... parts) {
    if (key == null) {
      return Hash.of(parts);
    }
    try {
      var mac = Mac.getInstance(ALGORITHM);
      mac.init(key);
      return HexFormat.of()
          .formatHex(mac.doFinal(Hash.lines(parts).getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("every Java has HMAC-SHA-256", e);
    }
  }
}
