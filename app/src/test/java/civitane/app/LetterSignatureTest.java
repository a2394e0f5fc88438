package civitane.app;

import civitane.packet.form.CodePicture;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What a letter comes to is signed in its picture, and is checked by a tool that is not ours. */
public class LetterSignatureTest extends OnDatabase {
  private static final Pattern KEY = Pattern.compile("<code[^>]*>([A-Za-z0-9+/=]+)</code>");
  private static final float AS_SCANNED = 200;

  /** The text of the picture on a letter, read off its page as a scan would show it. */
  private String picture(String number) throws Exception {
    var id = database
        .sql("select id from letter where kind = 'decision' and about = ?")
        .param(number)
        .query(String.class)
        .single();
    var pdf = asIkenna(get("/api/letters/{id}", id)).getResponse().getContentAsByteArray();
    try (var document = Loader.loadPDF(pdf)) {
      for (var page = document.getNumberOfPages() - 1; page >= 0; page--) {
        var text =
            CodePicture.textOn(new PDFRenderer(document).renderImageWithDPI(page, AS_SCANNED));
        if (text.isPresent()) {
          return text.get();
        }
      }
    }
    throw new AssertionError("no picture can be read on the letter");
  }

  private boolean holds(byte[] core, byte[] signature) throws IOException, InterruptedException {
    var page = body("/verify");
    var key = KEY.matcher(page);
    assertTrue(key.find(), page);
    var folder = Files.createTempDirectory("civitane-letter");
    Files.writeString(
        folder.resolve("key.pem"),
        "-----BEGIN PUBLIC KEY-----\n" + key.group(1) + "\n-----END PUBLIC KEY-----\n");
    Files.write(folder.resolve("core"), core);
    Files.write(folder.resolve("signature"), signature);
    var openssl = new ProcessBuilder(
            "openssl",
            "pkeyutl",
            "-verify",
            "-pubin",
            "-inkey",
            "key.pem",
            "-rawin",
            "-in",
            "core",
            "-sigfile",
            "signature")
        .directory(folder.toFile())
        .redirectErrorStream(true)
        .start();
    assertTrue(openssl.waitFor(20, TimeUnit.SECONDS));
    return openssl.exitValue() == 0;
  }

  private String body(String path) {
    try {
      return http.perform(get(path)).andReturn().getResponse().getContentAsString();
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  @Test
  public void theCoreIsProvedByTheOfficesKeyAndNoOtherCoreIs() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var parts = picture(number).split("[#.]");
    var base64 = Base64.getUrlDecoder();
    var core = base64.decode(parts[parts.length - 2]);
    var signature = base64.decode(parts[parts.length - 1]);
    var lines = List.of(new String(core, StandardCharsets.UTF_8).split("\n"));
    assertEquals(lines.subList(0, 3), List.of("1", "decision", number));
    assertTrue(lines.get(5).contains("reduced price"), lines.toString());
    assertTrue(holds(core, signature));
    var other = new String(core, StandardCharsets.UTF_8)
        .replace("reduced price", "no price")
        .getBytes(StandardCharsets.UTF_8);
    assertFalse(holds(other, signature));
  }
}
