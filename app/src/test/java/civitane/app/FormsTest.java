package civitane.app;

import civitane.core.services.Services;
import civitane.packet.form.WrittenForm;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Forms go out blank or filled in, and come back as applications or with every fault; lists come back row by row. */
public class FormsTest extends OnDatabase {
  private static final String COLUMNS =
      "person1.givenName,person1.familyName,person1.birthDate,person1.residentNumberMissing,"
          + "person3.givenName,person3.familyName,person3.birthDate,person3.role,address.line1,"
          + "address.postcode,income1.person,income1.kind,income1.amount,income1.frequency,"
          + "children1.person,children1.school,children1.grade,householdTotal,signature1.name\n";

  /** A mother and child of a household of their own, told apart by the day of the mother's birth. */
  private static String row(String given, String family, String born, String amount) {
    var day = born.substring(0, born.indexOf(' '));
    return String.join(
            ",",
            given,
            family,
            born,
            "declined",
            "Tor" + given.toLowerCase(Locale.ROOT),
            family,
            day + " 2 2016",
            "child",
            day + "0 Ropewalk",
            "BK33",
            "1",
            "wages",
            amount,
            "monthly",
            "3",
            "Marsh Road School",
            "4",
            "2",
            given + " " + family)
        + "\n";
  }

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

  @Test
  public void aListsGoodRowsAreLodgedAndTheOthersComeBackWithTheirReasons() throws Exception {
    var list = COLUMNS
        + row("Asta", "Brekkhus", "3 3 1984", "1200")
        + row("Bodil", "Brekkhus-Lie", "31 2 1984", "1200")
        + row("Cato", "Dyrnes", "5 3 1984", "lots");
    var batch = body(sent("/api/batches/schoolMeals", list.getBytes(StandardCharsets.UTF_8)));
    assertEquals(batch.get("taken").size(), 1, batch.toString());
    assertEquals(batch.get("returned").intValue(), 2);
    var number = batch.at("/taken/0/claims/0").stringValue();
    assertEquals(claim(number).get("state").stringValue(), "lodged");
    assertTrue(
        letters("receipt", batch.at("/taken/0/receipt").stringValue()).contains("Asta Brekkhus"));
    var back = batch.get("csv").stringValue();
    assertEquals(back.lines().count(), 3, back);
    assertTrue(back.lines().findFirst().orElse("").contains("reasons"), back);
    assertTrue(!back.contains("Asta"), back);
  }

  @Test
  public void theSameListAgainIsKnownAndLodgedNoSecondTime() throws Exception {
    var list = COLUMNS + row("Dagrun", "Eikeland", "7 3 1984", "1300");
    var first = body(sent("/api/batches/schoolMeals", list.getBytes(StandardCharsets.UTF_8)));
    assertEquals(first.get("taken").size(), 1, first.toString());
    var claims = count("claim");
    var drafts = count("application where state = 'drafting'");
    var again = body(sent("/api/batches/schoolMeals", list.getBytes(StandardCharsets.UTF_8)));
    assertEquals(again.get("taken").size(), 0);
    assertTrue(again.get("csv").stringValue().contains("known already"), again.toString());
    assertEquals(count("claim"), claims);
    assertEquals(count("application where state = 'drafting'"), drafts, "no draft is left behind");
  }

  @Test
  public void theRowsThatCameBackCanBePutRightAndSentAgain() throws Exception {
    var list = COLUMNS + row("Eira", "Fossheim", "9 3 1984", "lots");
    var back = body(sent("/api/batches/schoolMeals", list.getBytes(StandardCharsets.UTF_8)))
        .get("csv")
        .stringValue();
    var right = body(sent(
        "/api/batches/schoolMeals", back.replace("lots", "1250").getBytes(StandardCharsets.UTF_8)));
    assertEquals(right.get("taken").size(), 1, right.toString());
  }

  @Test
  public void aListOfWrongColumnsIsRefusedWhole() throws Exception {
    var list = "given name,wage\nAsta,1200\n";
    var batch = body(sent("/api/batches/schoolMeals", list.getBytes(StandardCharsets.UTF_8)));
    assertEquals(batch.get("taken").size(), 0);
    assertTrue(batch.get("faults").size() > 0, batch.toString());
  }

  @Test
  public void theTemplateHasAColumnForEverythingARowMayHold() throws Exception {
    var template =
        asIkenna(get("/api/batches/{service}/template", "schoolMeals")).getResponse();
    assertTrue(template.getContentType().startsWith("text/csv"));
    var columns = template.getContentAsString().strip().split(",");
    for (var column : COLUMNS.strip().split(",")) {
      assertTrue(List.of(columns).contains(column), column);
    }
  }
}
