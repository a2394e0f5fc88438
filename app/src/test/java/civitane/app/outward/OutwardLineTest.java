package civitane.app.outward;

import com.sun.net.httpserver.HttpsConfigurator;
import com.sun.net.httpserver.HttpsParameters;
import com.sun.net.httpserver.HttpsServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.ssl.SslBundle;
import org.springframework.boot.ssl.pem.PemSslStoreBundle;
import org.springframework.boot.ssl.pem.PemSslStoreDetails;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

/** A register that answers only whom it knows by a certificate, and that is itself known by one. */
public class OutwardLineTest {
  private Path folder = Path.of("");
  private HttpsServer register;

  @BeforeClass
  public void aRegisterThatLooksWhoAsks() throws Exception {
    folder = Files.createTempDirectory("civitane-outward");
    certificate("register");
    certificate("office");
    certificate("stranger");
    register = HttpsServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    var own =
        PemSslStoreDetails.forCertificate(pem("register.pem")).withPrivateKey(pem("register.key"));
    var known = PemSslStoreDetails.forCertificate(pem("office.pem"));
    var context = SslBundle.of(new PemSslStoreBundle(own, known)).createSslContext();
    register.setHttpsConfigurator(new HttpsConfigurator(context) {
      @Override
      public void configure(HttpsParameters parameters) {
        var wants = getSSLContext().getDefaultSSLParameters();
        wants.setNeedClientAuth(true);
        parameters.setSSLParameters(wants);
      }
    });
    register.createContext("/", exchange -> {
      exchange.sendResponseHeaders(204, -1);
      exchange.close();
    });
    register.start();
  }

  @AfterClass
  public void closes() {
    register.stop(0);
  }

  private String pem(String name) {
    return "file:" + path(name);
  }

  private String path(String name) {
    return folder.resolve(name).toString();
  }

  private void certificate(String who) throws Exception {
    var made = new ProcessBuilder(
            "openssl",
            "req",
            "-x509",
            "-newkey",
            "ed25519",
            "-nodes",
            "-days",
            "2",
            "-subj",
            "/CN=" + who,
            "-addext",
            "subjectAltName=IP:127.0.0.1",
            "-keyout",
            path(who + ".key"),
            "-out",
            path(who + ".pem"))
        .redirectErrorStream(true)
        .start();
    made.getInputStream().readAllBytes();
    assertEquals(made.waitFor(), 0);
  }

  private int asks(OutwardLine line) throws IOException, InterruptedException {
    var at = URI.create("https://127.0.0.1:" + register.getAddress().getPort() + "/");
    return line.client()
        .send(HttpRequest.newBuilder(at).build(), HttpResponse.BodyHandlers.discarding())
        .statusCode();
  }

  @Test
  public void theOfficeShowsWhoItIs() throws Exception {
    var line = new OutwardLine(path("office.pem"), path("office.key"), path("register.pem"));
    assertEquals(asks(line), 204);
  }

  @Test
  public void whoShowsNothingOrSomethingElseIsNotAnswered() {
    var nothing = new OutwardLine("", "", path("register.pem"));
    expectThrows(IOException.class, () -> asks(nothing));
    var stranger =
        new OutwardLine(path("stranger.pem"), path("stranger.key"), path("register.pem"));
    expectThrows(IOException.class, () -> asks(stranger));
  }

  @Test
  public void anOtherEndThatNobodyVouchesForIsNotAsked() {
    var unknown = new OutwardLine(path("office.pem"), path("office.key"), "");
    expectThrows(IOException.class, () -> asks(unknown));
  }
}
