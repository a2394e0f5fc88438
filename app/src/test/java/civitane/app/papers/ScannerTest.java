package civitane.app.papers;

import civitane.app.problems.Problem;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

/** The office's scanner is shown the whole of a file; what it refuses, or was not looked at, is not taken in. */
public class ScannerTest {
  private static final int SIZE = 200_000;

  private Path file = Path.of("");
  private byte[] bytes = {};

  @BeforeClass
  public void aFileOfSeveralPieces() throws IOException {
    bytes = new byte[SIZE];
    new Random(7).nextBytes(bytes);
    file = Files.createTempFile("civitane-scanner", ".in");
    Files.write(file, bytes);
  }

  @AfterClass
  public void leavesNothing() throws IOException {
    Files.deleteIfExists(file);
  }

  /** One that answers once with a line, whatever it is shown; answers what it was shown. */
  private static CompletableFuture<byte[]> answering(ServerSocket at, String line) {
    return CompletableFuture.supplyAsync(() -> {
      try (var one = at.accept()) {
        var from = new DataInputStream(one.getInputStream());
        assertEquals(new String(from.readNBytes(10), StandardCharsets.US_ASCII), "zINSTREAM\0");
        var shown = new ByteArrayOutputStream();
        for (var length = from.readInt(); length > 0; length = from.readInt()) {
          shown.write(from.readNBytes(length));
        }
        one.getOutputStream().write((line + "\0").getBytes(StandardCharsets.US_ASCII));
        return shown.toByteArray();
      } catch (IOException e) {
        throw new IllegalStateException(e);
      }
    });
  }

  private static ServerSocket here() throws IOException {
    return new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
  }

  @Test
  public void theWholeFileIsShown() throws Exception {
    try (var at = here()) {
      var shown = answering(at, "stream: OK");
      new Scanner("127.0.0.1:" + at.getLocalPort()).look(file);
      assertEquals(shown.get(), bytes);
    }
  }

  @Test
  public void whatItFindsIsNotTakenIn() throws Exception {
    try (var at = here()) {
      answering(at, "stream: Made.Up-1 FOUND");
      var scanner = new Scanner("127.0.0.1:" + at.getLocalPort());
      var refused = expectThrows(Problem.class, () -> scanner.look(file));
      assertEquals(refused.status().value(), 422);
      assertTrue(refused.getMessage().contains("harmful"), refused.getMessage());
    }
  }

  @Test
  public void whatWasNotLookedAtIsNotTakenInEither() throws Exception {
    var port = 0;
    try (var at = here()) {
      port = at.getLocalPort();
      answering(at, "INSTREAM size limit exceeded. ERROR");
      var scanner = new Scanner("127.0.0.1:" + port);
      assertEquals(
          expectThrows(Problem.class, () -> scanner.look(file)).status().value(), 503);
    }
    var gone = new Scanner("127.0.0.1:" + port);
    assertEquals(expectThrows(Problem.class, () -> gone.look(file)).status().value(), 503);
  }

  @Test
  public void whereThereIsNoneNothingIsAsked() {
    new Scanner("").look(Path.of("/nowhere"));
  }
}
