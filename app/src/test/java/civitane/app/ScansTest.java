package civitane.app;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

/** Scans are pictures made here of what came in; nothing else of the file is kept or sent on. */
public class ScansTest extends OnDatabase {
  private static final int WIDEST = 1_600;

  private static byte[] picture(int width, int height, String kind) throws IOException {
    var out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), kind, out);
    return out.toByteArray();
  }

  private static byte[] pdf(int pages, String password) throws IOException {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      for (var i = 0; i < pages; i++) {
        document.addPage(new PDPage());
      }
      if (!password.isEmpty()) {
        document.protect(new StandardProtectionPolicy("owner", password, new AccessPermission()));
      }
      document.save(out);
      return out.toByteArray();
    }
  }

  private String application() throws Exception {
    return begin(Packets.meals(2)).get("id").stringValue();
  }

  private MvcResult scan(String application, byte[] file) throws Exception {
    return asIkenna(
        MockMvcRequestBuilders.post("/api/applications/{id}/scans", UUID.fromString(application))
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(file));
  }

  private void refused(String application, byte[] file, String because) throws Exception {
    var answer = scan(application, file);
    assertEquals(answer.getResponse().getStatus(), 422, answer.getResponse().getContentAsString());
    var said = body(answer).get("detail").stringValue();
    assertTrue(said.contains(because), said);
    assertEquals(count("scan where application_id = '" + application + "'"), 0);
  }

  @Test
  public void aPictureIsAPage() throws Exception {
    var application = application();
    for (var kind : new String[] {"png", "jpg"}) {
      assertEquals(scan(application, picture(300, 400, kind)).getResponse().getStatus(), 200, kind);
    }
    var pages = body(asIkenna(get("/api/applications/{id}/scans", application)));
    assertEquals(pages.size(), 2);
    assertEquals(pages.at("/1/page").intValue(), 2);
    var page = asIkenna(get("/api/scans/{id}", pages.at("/0/id").stringValue())).getResponse();
    assertEquals(page.getContentType(), "image/png");
    assertTrue(page.getHeader("Cache-Control").contains("no-store"));
    assertEquals(
        ImageIO.read(new ByteArrayInputStream(page.getContentAsByteArray())).getHeight(), 400);
  }

  @Test
  public void whatIsKeptIsNotTheFileThatCame() throws Exception {
    var application = application();
    var came = picture(300, 400, "png");
    var hidden = new ByteArrayOutputStream();
    hidden.write(came);
    hidden.writeBytes(
        "<script>alert(1)</script>".getBytes(java.nio.charset.StandardCharsets.UTF_8));
    var page = body(scan(application, hidden.toByteArray())).at("/0/id").stringValue();
    var kept = asIkenna(get("/api/scans/{id}", page)).getResponse().getContentAsByteArray();
    assertNotEquals(kept.length, hidden.size());
    assertTrue(!new String(kept, java.nio.charset.StandardCharsets.ISO_8859_1).contains("script"));
  }

  @Test
  public void aWidePictureIsMadeNarrower() throws Exception {
    var page =
        body(scan(application(), picture(WIDEST * 2, 800, "png"))).at("/0/id").stringValue();
    var kept = ImageIO.read(new ByteArrayInputStream(
        asIkenna(get("/api/scans/{id}", page)).getResponse().getContentAsByteArray()));
    assertEquals(kept.getWidth(), WIDEST);
    assertEquals(kept.getHeight(), 400);
  }

  @Test
  public void aPdfIsAsManyPagesAsItHas() throws Exception {
    var application = application();
    assertEquals(body(scan(application, pdf(3, ""))).size(), 3);
    assertEquals(body(scan(application, pdf(1, ""))).size(), 4);
  }

  @Test
  public void whatCanNotBeTakenIsSaidWithoutKeepingAnyOfIt() throws Exception {
    var application = application();
    refused(application, pdf(21, ""), "more than 20 pages");
    refused(application, pdf(1, "secret"), "scan");
    refused(application, picture(10_000, 6_001, "png"), "too large");
    refused(application, new byte[15_000_001], "larger than 15 MB");
    refused(application, "GIF89a".getBytes(java.nio.charset.StandardCharsets.US_ASCII), "no scan");
  }
}
