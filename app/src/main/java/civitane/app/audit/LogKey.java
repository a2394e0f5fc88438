package civitane.app.audit;

import civitane.app.problems.Problem;
import civitane.app.signing.KeyFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What links of the log's chain are made with: HMAC-SHA-256 (RFC 2104) by a key of 256 bits in a file outside the database,
 * so that who can write the database can't make a chain anew. The file is made where there is none yet. Where the key was
 * changed, a line each follows with the last entry that those before linked, and the key, the latest first.
 */
@Component
public class LogKey {
  private static final String ALGORITHM = "HmacSHA256";
  private static final int BYTES = 32;

  private final String file;
  private final @Nullable SecretKeySpec key;
  private final List<Earlier> earlier;

  /** A key that linked the log up to an entry, and links nothing any more. */
  private record Earlier(long until, SecretKeySpec key) {
    static Earlier of(String line) {
      var parts = line.split(" ");
      return new Earlier(Long.parseLong(parts[0]), LogKey.of(parts[1]));
    }
  }

  /** @param file where the key is kept; empty where links are made without one, and only show what nobody meant to hide */
  LogKey(@Value("${civitane.audit-key:}") String file) throws IOException {
    this.file = file;
    if (file.isBlank()) {
      key = null;
      earlier = List.of();
      return;
    }
    var kept = new KeyFile(file);
    if (!kept.isThere()) {
      kept.make(List.of(fresh()));
    }
    var lines = kept.lines();
    key = of(lines.get(0));
    earlier = lines.stream().skip(1).map(Earlier::of).toList();
  }

  private static SecretKeySpec of(String line) {
    return new SecretKeySpec(Base64.getDecoder().decode(line.strip()), ALGORITHM);
  }

  private static String fresh() {
    var bytes = new byte[BYTES];
    new SecureRandom().nextBytes(bytes);
    return Base64.getEncoder().encodeToString(bytes);
  }

  /**
   * Puts another key into the file, for whoever serves once started again; this one stays in it for what it linked.
   *
   * @param until the last entry that this one linked
   */
  void change(long until) throws IOException {
    if (key == null) {
      throw Problem.wrong("This office has no key of the log to change.");
    }
    var kept = new KeyFile(file);
    var lines = new ArrayList<>(kept.lines());
    lines.set(0, until + " " + lines.get(0).strip());
    lines.add(0, fresh());
    kept.replace(lines);
  }

  /** The link over some values, each on a line of its own, in hexadecimal digits. What it is for is the first of them. */
  public String link(Object... parts) {
    return link(key, parts);
  }

  /** The link of an entry of the log, by the key of its time; its number in the chain is the first of the values. */
  String linkOf(long entry, Object... parts) {
    // The latest stands first: the last that reaches so far is the one of the time.
    var then = earlier.stream().filter(one -> entry <= one.until()).map(Earlier::key);
    return link(then.reduce((one, next) -> next).orElse(key), parts);
  }

  private static String link(@Nullable SecretKeySpec key, Object... parts) {
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
