package civitane.app.outward;

import java.net.http.HttpClient;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ssl.SslBundle;
import org.springframework.boot.ssl.pem.PemSslStoreBundle;
import org.springframework.boot.ssl.pem.PemSslStoreDetails;
import org.springframework.stereotype.Component;

/**
 * How registers and the gateway of texts and mails are reached: encrypted where their address says so, and, where the
 * office has a certificate for it, shown who asks.
 */
@Component
public class OutwardLine {
  private final HttpClient client;

  /**
   * The line as it is set up, of PEM files.
   *
   * @param certificate what the office shows of itself, with {@code key}; empty where it shows nothing
   * @param ca who vouches for the other end; empty where it is one of those that Java knows
   */
  OutwardLine(
      @Value("${civitane.registers.certificate:}") String certificate,
      @Value("${civitane.registers.key:}") String key,
      @Value("${civitane.registers.ca:}") String ca) {
    var builder = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1);
    if (!certificate.isEmpty() || !ca.isEmpty()) {
      var own = certificate.isEmpty()
          ? null
          : PemSslStoreDetails.forCertificate("file:" + certificate).withPrivateKey("file:" + key);
      var others = ca.isEmpty() ? null : PemSslStoreDetails.forCertificate("file:" + ca);
      builder.sslContext(SslBundle.of(new PemSslStoreBundle(own, others)).createSslContext());
    }
    client = builder.build();
  }

  public HttpClient client() {
    return client;
  }
}
