package civitane.app;

import civitane.core.services.Services;
import civitane.packet.form.WrittenForm;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Forms go out blank or filled in, and come back as applications or with every fault. */
public class FormsTest extends OnDatabase {
  private MvcResult sent(String path, byte[] file) throws Exception {
    return asIkenna(MockMvcRequestBuilders.post(path)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(file));
  }

  private byte[] blank(String service) throws Exception {
    var form = asIkenna(get("/api/forms/{service}", service)).getResponse();
    assertEquals(form.getContentType(), "application/pdf", service);
    assertTrue(form.getHeader("Content-Disposition").contains(service + ".pdf"), service);
    return form.getContentAsByteArray();
  }

  private static Map<String, String> applicant() {
    return WrittenForm.by("Sigrun", "Halvorsrud", "4 5 79", "18 Ropewalk", "BK33");
  }

  @Test
  public void everyServicesFormComesBackAsADraftWithAnAcknowledgement() throws Exception {
    for (var service : Services.all()) {
      var answer = sent("/api/forms", WrittenForm.filled(blank(service.word()), applicant()));
      assertEquals(
          answer.getResponse().getStatus(), 200, answer.getResponse().getContentAsString());
      var view = body(answer);
      assertEquals(view.get("state").stringValue(), "drafting");
      assertEquals(view.at("/draft/packet/requests/0/service").stringValue(), service.word());
      var number = "A-" + view.get("id").stringValue().substring(0, 8).toUpperCase(Locale.ROOT);
      var letter = letters("acknowledgement", number);
      assertTrue(letter.contains("Sigrun Halvorsrud"), letter);
    }
  }

  @Test
  public void whatADraftHoldsIsInItsForm() throws Exception {
    var application = begin(Packets.meals(2));
    var person = application.at("/draft/packet/household/people/0");
    var form = asIkenna(get(
            "/api/applications/{id}/forms/schoolMeals", application.get("id").stringValue()))
        .getResponse()
        .getContentAsByteArray();
    try (var document = Loader.loadPDF(form)) {
      var fields = document.getDocumentCatalog().getAcroForm();
      assertEquals(
          fields.getField("/household/people/0/givenName").getValueAsString(),
          person.get("givenName").stringValue());
      assertEquals(
          fields.getField("/requests/0/answers/children/0/school").getValueAsString(),
          "Marsh Road School");
    }
  }

  @Test
  public void everyFaultOfAFormIsToldAndNothingIsKept() throws Exception {
    var written = applicant();
    written.put("/household/people/0/birthDate", "31 2 79");
    written.put("/household/people/0/residentNumber", "1234567890");
    written.put("/requests/0/answers/householdTotal", "some");
    var before = count("application");
    var answer = sent("/api/forms", WrittenForm.filled(blank("schoolMeals"), written));
    assertEquals(answer.getResponse().getStatus(), 422);
    assertEquals(body(answer).get("faults").size(), 3, body(answer).toString());
    for (var fault : body(answer).get("faults")) {
      for (var part : new String[] {"pointer", "message", "expected"}) {
        assertTrue(!fault.get(part).stringValue().isBlank(), fault.toString());
      }
    }
    assertEquals(count("application"), before);
  }

  @Test
  public void whatIsNoFormIsSaidToBeNone() throws Exception {
    for (var file : new String[] {"", "hello", "%PDF-1.7 not really", "{\"format\": 1}"}) {
      var answer = sent("/api/forms", file.getBytes(StandardCharsets.UTF_8));
      assertEquals(answer.getResponse().getStatus() / 100, 4, file);
    }
    assertEquals(asIkenna(get("/api/forms/{service}", "freeBeer")).getResponse().getStatus(), 404);
  }
}
