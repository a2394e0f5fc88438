package civitane.app;

import civitane.packet.form.Heard;
import civitane.standins.Behaviour;
import civitane.words.Language;
import civitane.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What helps to take an application: registers, known households, later signatures, forms for others, scans, lists. */
public class TakingTest extends OnDatabase {
  private static final String CONSENT =
      ", \"consents\": [{\"to\": \"registers\", \"person\": \"p1\", \"on\": \"2026-11-01\", \"until\": \"2027-11-01\"},"
          + " {\"to\": \"employer\", \"person\": \"p1\", \"on\": \"2026-11-01\", \"until\": \"2027-11-01\"}]";

  /** Somebody the registers know, who has not said what they earn. */
  private JsonNode known(String consent) throws Exception {
    return begin(("{\"format\": \"civitane-packet\", \"version\": 1, \"lodgedOn\": \"2026-11-23\","
            + " \"household\": {\"address\": {\"postcode\": \"BK22\"}, \"people\": [{\"id\": \"p1\","
            + " \"role\": \"applicant\", \"givenName\": \"Rui\", \"familyName\": \"Valdeira\","
            + " \"birthDate\": \"1979-11-02\", \"residentNumber\": \"6485889106\"}]%s},"
            + " \"requests\": [{\"service\": \"schoolMeals\", \"answers\": {}}], \"signatures\": []}")
        .formatted(consent));
  }

  private String id(JsonNode application) {
    return application.get("id").stringValue();
  }

  private int status(String path, String content, String id) throws Exception {
    return asIkenna(post(path, content, id)).getResponse().getStatus();
  }

  @Test
  public void registersAreAskedOnlyWithConsentAndWhatTheyKnowIsMarked() throws Exception {
    var without = known("");
    var nothing = body(asIkenna(post("/api/applications/{id}/registers", "", id(without))));
    assertEquals(nothing.at("/answers/0/state").stringValue(), "noConsent");
    assertEquals(nothing.at("/view/draft/packet/household/incomes").size(), 0);
    var asked = body(asIkenna(post("/api/applications/{id}/registers", "", id(known(CONSENT)))));
    var draft = asked.get("view").get("draft");
    assertEquals(draft.at("/packet/household/incomes/0/amount").decimalValue().intValue(), 2400);
    assertEquals(
        draft.at("/packet/household/incomes/0/employer").stringValue(), "Hythe Ferry Works");
    assertTrue(draft.at("/taking/marks").size() > 0, draft.at("/taking").toString());
  }

  @Test
  public void aRegisterThatIsSilentChangesNothingElse() throws Exception {
    REGISTERS.behave("wages", Behaviour.DOWN);
    try {
      var asked = body(asIkenna(post("/api/applications/{id}/registers", "", id(known(CONSENT)))));
      var states = asked.get("answers").toString();
      assertTrue(states.contains("silent"), states);
      assertEquals(asked.get("view").at("/draft/packet/household/incomes").size(), 0, states);
      assertEquals(
          asked.get("view").at("/draft/packet/household/address/line1").stringValue(),
          "4 Capstan Lane");
    } finally {
      REGISTERS.behave();
    }
  }

  @Test
  public void aHouseholdThatMayBeKnownIsDecidedOnBeforeLodging() throws Exception {
    var first = begin(Packets.meals(900, 2, "en"));
    assertEquals(lodge(first, first.get("version").intValue()), 200);
    var second = begin(Packets.meals(900, 2, "en"));
    var found = body(asIkenna(get("/api/applications/{id}/duplicates", id(second))));
    assertEquals(found.size(), 1, found.toString());
    var household = found.get(0).get("household").stringValue();
    assertEquals(found.get(0).get("people").size(), 2);
    assertEquals(lodge(second, second.get("version").intValue()), 422);
    var before = count("household");
    var draft = (ObjectNode) second.get("draft").deepCopy();
    draft.putObject("taking").putObject("duplicates").put(household, "joined");
    var kept = asIkenna(put("/api/applications/{id}", draft.toString(), id(second))
        .header("If-Match", "\"" + second.get("version").intValue() + "\""));
    assertEquals(kept.getResponse().getStatus(), 200);
    var version =
        body(asIkenna(get("/api/applications/{id}", id(second)))).get("version").intValue();
    assertEquals(lodge(second, version), 200);
    assertEquals(count("household"), before, "joined, so no household more");
  }

  private int lodge(JsonNode application, int version) throws Exception {
    return lodging(application, version).getResponse().getStatus();
  }

  @Test
  public void aFormForSomebodyElseWantsConsentAndIsListedAsOut() throws Exception {
    var other = "{\"kind\": \"employer\", \"person\": \"p1\", \"to\": \"Hythe Ferry Works\"}";
    assertEquals(status("/api/applications/{id}/forms-out", other, id(known(""))), 422);
    var application = id(known(CONSENT));
    var made = asIkenna(post("/api/applications/{id}/forms-out", other, application));
    assertEquals(made.getResponse().getStatus() / 100, 2, made.getResponse().getContentAsString());
    assertEquals(
        body(asIkenna(get("/api/applications/{id}/forms-out", application))).size(), 1);
    var pdf = asIkenna(get("/api/forms-out/{id}", body(made).get("id").stringValue()))
        .getResponse()
        .getContentAsByteArray();
    assertTrue(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
  }

  @Test
  public void aFormForSomebodyElseIsInTheLanguageTheyRead() throws Exception {
    var application = id(known(CONSENT));
    for (var language : Language.values()) {
      var made = body(asIkenna(post(
          "/api/applications/{id}/forms-out",
          "{\"kind\": \"employer\", \"person\": \"p1\", \"to\": \"Hythe Works " + language.word()
              + "\", \"language\": \"" + language.word() + "\"}",
          application)));
      var pdf = asIkenna(get("/api/forms-out/{id}", made.get("id").stringValue()))
          .getResponse()
          .getContentAsByteArray();
      try (var document = Loader.loadPDF(pdf)) {
        assertTrue(Heard.of(document)
            .contains("P " + Words.in(language).say("letter.other.lastDayWorked")));
      }
    }
  }

  @Test
  public void aScanIsWhatItLooksLikeFromInside() throws Exception {
    var application = id(begin(Packets.meals(2)));
    var png = new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10, 0, 0, 0, 0};
    for (var wrong : new byte[][] {
      "<svg onload='x'/>".getBytes(StandardCharsets.UTF_8),
      {},
      "MZ".getBytes(StandardCharsets.UTF_8)
    }) {
      assertEquals(scan(application, wrong) / 100, 4);
    }
    assertEquals(scan(application, png) / 100, 4, "no more than the first bytes of a picture");
    assertEquals(
        body(asIkenna(get("/api/applications/{id}/scans", application))).size(), 0);
  }

  private int scan(String application, byte[] bytes) throws Exception {
    return asIkenna(MockMvcRequestBuilders.post(
                "/api/applications/{id}/scans", UUID.fromString(application))
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(bytes))
        .getResponse()
        .getStatus();
  }

  @Test
  public void voluntaryAnswersAreOnlyCountedAndOnlyFromTenOn() throws Exception {
    var told = "{\"origin\": \"the delta\", \"heardFrom\": \"a neighbour\"}";
    for (var i = 0; i < 9; i++) {
      assertEquals(
          asIkenna(post("/api/voluntary-answers", told)).getResponse().getStatus() / 100, 2);
    }
    assertTrue(!counts().contains("the delta"), counts());
    asIkenna(post("/api/voluntary-answers", told));
    assertTrue(counts().contains("the delta"), counts());
  }

  private String counts() throws Exception {
    return as("petra", "POLICY", get("/api/voluntary-answers/counts"))
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }

  @Test
  public void anAddressNearlyRightFindsItsWrittenForm() throws Exception {
    var found = body(
        asIkenna(post("/api/addresses", "{\"line1\": \"12 Tied Row\", \"postcode\": \"BK31\"}")));
    assertEquals(found.get(0).get("line1").stringValue(), "12 Tide Row");
    var right = body(
        asIkenna(post("/api/addresses", "{\"line1\": \"12 Tide Row\", \"postcode\": \"BK31\"}")));
    assertTrue(right.get(0).get("exact").booleanValue(), right.toString());
  }

  @Test
  public void anUrgentMatterStandsOnTopOfTheDesk() throws Exception {
    var packet = json.readTree(Packets.meals(2));
    ((ObjectNode) packet.get("requests").get(0)).put("service", "legalAdvice");
    ((ObjectNode) packet.get("requests").get(0))
        .set(
            "answers",
            json.readTree("{\"area\": \"housing\", \"problem\": \"To be put out tomorrow\","
                + " \"urgent\": [{\"kind\": \"eviction\"}], \"otherParty\": \"none\"}"));
    assertEquals(lodge(begin(packet.toString()), 0), 200);
    var urgent = database
        .sql("select count(*) from claim where urgent and service = 'legalAdvice'")
        .query(Long.class)
        .single();
    assertTrue(urgent > 0);
  }
}
