package civitane.app.signing;

import civitane.app.problems.Problem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.Signature;
import java.security.spec.PKCS8EncodedKeySpec;
import java.security.spec.X509EncodedKeySpec;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * An Ed25519 key (RFC 8032) in a file outside the database, made when there is none yet: the private half in PKCS #8, the
 * public one in X.509, each in Base64 on a line of its own.
 */
@Component
public class OfficeKey {
  private static final String ALGORITHM = "Ed25519";

  private final @Nullable KeyPair keys;

  /** @param file where the key is kept; empty where this office signs nothing */
  OfficeKey(@Value("${civitane.signing-key:}") String file)
      throws IOException, GeneralSecurityException {
    this.keys = file.isBlank() ? null : in(Path.of(file));
  }

  private static KeyPair in(Path file) throws IOException, GeneralSecurityException {
    if (Files.exists(file)) {
      return read(Files.readAllLines(file, StandardCharsets.US_ASCII));
    }
    var fresh = KeyPairGenerator.getInstance(ALGORITHM).generateKeyPair();
    var base64 = Base64.getEncoder();
    // For nobody but who runs the office, from the moment that it is there.
    Files.createFile(
        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
    Files.write(
        file,
        List.of(
            base64.encodeToString(fresh.getPrivate().getEncoded()),
            base64.encodeToString(fresh.getPublic().getEncoded())),
        StandardCharsets.US_ASCII);
    return fresh;
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
