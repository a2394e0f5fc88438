package civitane.app;

import civitane.packet.form.CodePicture;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.interactive.form.PDField;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A form that was printed, filled in and scanned is known by its codes, read by machine, and waits to be confirmed. */
public class PrintedFormsTest extends OnDatabase {
  private static final Map<String, String> FILLED_IN = Map.ofEntries(
      Map.entry("/household/people/0/givenName", "Marisol"),
      Map.entry("/household/people/0/familyName", "Vantongeren"),
      Map.entry("/household/people/0/birthDate", "14 3 1988"),
      Map.entry("/household/address/line1", "12 Tide Row"),
      Map.entry("/household/address/postcode", "BK31"),
      Map.entry("/household/people/1/givenName", "Leonor"),
      Map.entry("/household/people/1/familyName", "Vantongeren"),
      Map.entry("/household/people/1/birthDate", "2.5.2017"),
      Map.entry("/household/people/1/role", "child"),
      Map.entry("/household/incomes/0/amount", "1720.50"),
      Map.entry("/household/incomes/0/employer", "Anchor Bakery"));

  private byte[] scanned(String language, int pages) throws Exception {
    var blank = asIkenna(get("/api/forms/schoolMeals?language=" + language))
        .getResponse()
        .getContentAsByteArray();
    try (var form = Loader.loadPDF(blank);
        var scan = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      for (PDField field : form.getDocumentCatalog().getAcroForm().getFieldTree()) {
        var answer = FILLED_IN.get(field.getFullyQualifiedName());
        if (answer != null) {
          field.setValue(answer);
        }
      }
      var renderer = new PDFRenderer(form);
      for (var i = 0; i < Math.min(pages, form.getNumberOfPages()); i++) {
        add(scan, renderer, i);
      }
      scan.save(out);
      return out.toByteArray();
    }
  }

  private static void add(PDDocument scan, PDFRenderer renderer, int number) throws IOException {
    var page = new PDPage();
    page.setMediaBox(PDRectangle.A4);
    scan.addPage(page);
    var picture = LosslessFactory.createFromImage(
        scan, renderer.renderImageWithDPI(number, 300, ImageType.GRAY));
    try (var content = new PDPageContentStream(scan, page)) {
      content.drawImage(
          picture, 0, 0, page.getMediaBox().getWidth(), page.getMediaBox().getHeight());
    }
  }

  private MvcResult bring(byte[] file) throws Exception {
    return asIkenna(MockMvcRequestBuilders.post("/api/forms")
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(file));
  }

  @Test
  public void aScannedFormBecomesADraftThatWaitsToBeConfirmed() throws Exception {
    var result = bring(scanned("en", 9));
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    var view = body(result);
    var people = view.at("/draft/packet/household/people");
    assertEquals(people.at("/0/givenName").stringValue(), "Marisol");
    assertEquals(people.at("/0/familyName").stringValue(), "Vantongeren");
    assertEquals(people.at("/0/birthDate").stringValue(), "1988-03-14");
    assertEquals(people.at("/1/givenName").stringValue(), "Leonor");
    assertEquals(people.at("/1/role").stringValue(), "child");
    assertEquals(
        view.at("/draft/packet/household/incomes/0/employer").stringValue(), "Anchor Bakery");
    assertEquals(view.at("/draft/packet/requests/0/service").stringValue(), "schoolMeals");
    var marks = view.at("/draft/taking/marks");
    assertEquals(
        marks.get("/household/people/0/givenName").get("from").stringValue(), "read by machine");
    assertFalse(
        marks.get("/household/people/0/givenName").get("confirmed").booleanValue(),
        "nobody has looked at it");
    var scans = body(asIkenna(get("/api/applications/{id}/scans", view.get("id").stringValue())));
    assertTrue(scans.size() >= 2, "its pages stand beside it");
  }

  @Test
  public void inAnotherLanguageItIsKnownTheSame() throws Exception {
    var view = body(bring(scanned("fr", 1)));
    assertEquals(view.at("/draft/packet/household/people/0/givenName").stringValue(), "Marisol");
    assertEquals(view.at("/draft/packet/language").stringValue(), "fr");
  }

  @Test
  public void aPageAsLargeAsAWallIsNotDrawn() throws Exception {
    try (var wall = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      wall.addPage(new PDPage(new PDRectangle(14_000, 14_000)));
      wall.save(out);
      var result = bring(out.toByteArray());
      assertEquals(result.getResponse().getStatus(), 422);
      assertTrue(body(result).get("detail").stringValue().contains("too large"));
    }
  }

  @Test
  public void aCodeOnATinyPictureReadsNothing() throws Exception {
    var code = CodePicture.png("civitane/schoolMeals/20261127/en/0");
    var result = bring(code);
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    assertEquals(body(result).at("/draft/taking/marks").size(), 0);
  }

  @Test
  public void aPictureOfSomethingElseIsNoForm() throws Exception {
    var result = bring(MadePapers.png(600, 800, "a photograph of a boat"));
    assertEquals(result.getResponse().getStatus(), 422);
    assertTrue(body(result).at("/faults/0/expected").stringValue().contains("form of this office"));
  }
}
