package civitane.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.interactive.form.PDField;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;

/** Forms that go out to somebody outside, and come back. */
abstract class WithForms extends AtTheDoor {

  protected static final String LEAVE = """
      {"service": "paidLeave", "answers": {"person": "p1", "reason": "ownIllness", "pattern": "continuous",
        "lastWorkedOn": "2026-10-30", "absentFrom": "2026-11-02", "benefitFrom": "2026-11-02",
        "returnOn": "2026-12-07", "hoursPerWeek": 37.5, "unforeseen": true, "noticeOn": "2026-11-02",
        "writtenNoticeOn": "2026-11-05",
        "employers": [{"name": "Delta Cannery Co-op", "quarters": {"2026Q1": 9000, "2026Q2": 9000}}]}}""";

  protected static final String RENT = """
      {"service": "rentRelief", "answers": {"arrears": [{"month": "2026-10", "owed": 500}],
        "hardship": ["lostWork"], "landlord": {"name": "Heron Row Homes"}, "leaseNames": ["Ada"]}}""";

  /** An application, the claim it became, and the form that went out before. */
  protected record Sent(String application, String claim, byte[] form) {}

  /** An application that asks for something, with the consent that somebody is asked. */
  protected JsonNode drafted(int household, String request, String kind) throws Exception {
    return begin(Packets.meals(household, 2, "en")
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", "\"requests\": [" + request + "],")
        .replace(
            "\"benefits\": [],",
            "\"benefits\": [], \"assets\": [], \"expenses\": [], \"consents\": [{\"to\": \"" + kind
                + "\", \"person\": \"p1\", \"on\": \"2026-11-01\", \"until\": \"2027-11-01\"}],"));
  }

  /** The form that goes out for an application. */
  protected byte[] formFor(JsonNode draft, String kind, String to) throws Exception {
    var made = body(asIkenna(post(
        "/api/applications/{id}/forms-out",
        "{\"kind\": \"" + kind + "\", \"person\": \"p1\", \"to\": \"" + to + "\"}",
        draft.get("id").stringValue())));
    return asIkenna(get("/api/forms-out/{id}", made.get("id").stringValue()))
        .getResponse()
        .getContentAsByteArray();
  }

  /** The claim that an application becomes. */
  protected String lodged(JsonNode draft) throws Exception {
    var lodged = lodging(draft, 0);
    assertEquals(lodged.getResponse().getStatus(), 200, lodged.getResponse().getContentAsString());
    return body(lodged).get("claims").get(0).stringValue();
  }

  protected Sent sent(int household, String request, String kind, String to) throws Exception {
    var draft = drafted(household, request, kind);
    var form = formFor(draft, kind, to);
    return new Sent(draft.get("id").stringValue(), lodged(draft), form);
  }

  /** The code that is written on a form. */
  protected static String code(byte[] form) throws IOException {
    try (var document = Loader.loadPDF(form)) {
      return document.getDocumentCatalog().getAcroForm().getField("/about/code").getValueAsString();
    }
  }

  protected static byte[] filled(byte[] form, Map<String, String> answers) throws IOException {
    try (var document = Loader.loadPDF(form);
        var out = new ByteArrayOutputStream()) {
      for (PDField field : document.getDocumentCatalog().getAcroForm().getFieldTree()) {
        var name = field.getFullyQualifiedName();
        var answer = answers.get(name.substring(name.lastIndexOf('/') + 1));
        if (answer != null) {
          field.setValue(answer);
        }
      }
      document.save(out);
      return out.toByteArray();
    }
  }

  protected JsonNode papers(String claim) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/papers", claim))).get("papers");
  }

  protected static String proposed(JsonNode paper, String field) {
    return paper
        .at("/picture/proposals")
        .valueStream()
        .filter(one -> one.get("field").stringValue().equals(field))
        .map(one -> one.get("value").stringValue())
        .findFirst()
        .orElse("nothing");
  }
}
