package civitane.app.signing;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.Signature;
import java.security.spec.PKCS8EncodedKeySpec;
import java.security.spec.X509EncodedKeySpec;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * An Ed25519 key (RFC 8032) in a file outside the database, made when there is none yet: the private half in PKCS #8, the
 * public one in X.509, each in Base64 on a line of its own. Where it was changed, a line each follows with the last day
 * and the public half of those before, the latest first: what they signed can be checked for ever.
 */
@Component
public class OfficeKey {
  private static final String ALGORITHM = "Ed25519";

  private static final int OF_THE_KEY = 2;

  private final String file;
  private final @Nullable KeyPair keys;
  private final List<Earlier> earlier;

  /**
   * A key that signs nothing any more.
   *
   * @param until the last day of what it signed
   * @param told its public half, in X.509 in Base64
   */
  public record Earlier(LocalDate until, String told) {}

  /** @param file where the key is kept; empty where this office signs nothing */
  OfficeKey(@Value("${civitane.signing-key:}") String file)
      throws IOException, GeneralSecurityException {
    this.file = file;
    if (file.isBlank()) {
      keys = null;
      earlier = List.of();
      return;
    }
    var kept = new KeyFile(file);
    if (!kept.isThere()) {
      kept.make(fresh());
    }
    var lines = kept.lines();
    keys = read(lines);
    earlier = lines.stream().skip(OF_THE_KEY).map(OfficeKey::earlier).toList();
  }

  private static Earlier earlier(String line) {
    var parts = line.split(" ");
    return new Earlier(LocalDate.parse(parts[0]), parts[1]);
  }

  /** The lines of a key that was never there before. */
  private static List<String> fresh() throws GeneralSecurityException {
    var pair = KeyPairGenerator.getInstance(ALGORITHM).generateKeyPair();
    var base64 = Base64.getEncoder();
    return List.of(
        base64.encodeToString(pair.getPrivate().getEncoded()),
        base64.encodeToString(pair.getPublic().getEncoded()));
  }

  /**
   * Puts another key into the file; whoever serves signs with it once started again. The private half of the one before is
   * gone, its public half stays told.
   *
   * @param today the last day of what the one before signed
   */
  public void change(LocalDate today) throws IOException, GeneralSecurityException {
    var before = told().orElseThrow(() -> Problem.wrong("This office has no key to change."));
    var lines = new ArrayList<>(fresh());
    lines.add(today + " " + before);
    earlier.forEach(one -> lines.add(one.until() + " " + one.told()));
    new KeyFile(file).replace(lines);
  }

  /** Those that signed before this one, the latest first. */
  public List<Earlier> earlier() {
    return earlier;
  }

  private static KeyPair read(List<String> lines) throws GeneralSecurityException {
    var base64 = Base64.getDecoder();
    var keys = KeyFactory.getInstance(ALGORITHM);
    return new KeyPair(
        keys.generatePublic(new X509EncodedKeySpec(base64.decode(lines.get(1)))),
        keys.generatePrivate(new PKCS8EncodedKeySpec(base64.decode(lines.get(0)))));
  }

  /** The public half in X.509, in Base64; empty where this office signs nothing. */
  public Optional<String> told() {
    return Optional.ofNullable(keys)
        .map(pair -> Base64.getEncoder().encodeToString(pair.getPublic().getEncoded()));
  }

  /** The signature of some bytes, in Base64. Throws a {@link Problem} where there is no key. */
  public String sign(byte[] bytes) {
    if (keys == null) {
      throw Problem.wrong(
          "This office has no key to sign with: start it with --civitane.signing-key and a file.");
    }
    try {
      var signature = Signature.getInstance(ALGORITHM);
      signature.initSign(keys.getPrivate());
      signature.update(bytes);
      return Base64.getEncoder().encodeToString(signature.sign());
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("every Java from 15 on has Ed25519", e);
    }
  }
}
