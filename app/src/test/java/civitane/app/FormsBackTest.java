package civitane.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.awaitility.Awaitility;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A form that went out to somebody comes back, filed by its code and read: as a file, or photographed from paper. */
public class FormsBackTest extends WithForms {

  /** As it is when it was printed, put under a lamp, and its fields are gone. */
  private static byte[] photographed(byte[] form) throws IOException {
    try (var document = Loader.loadPDF(form);
        var out = new ByteArrayOutputStream()) {
      ImageIO.write(
          new PDFRenderer(document).renderImageWithDPI(0, 300, ImageType.GRAY), "png", out);
      return out.toByteArray();
    }
  }

  /** Brings a form by post and waits until it is filed and read. */
  private JsonNode paper(String claim, byte[] file) throws Exception {
    var brought = as(
        "pia",
        "FRONT_DESK",
        MockMvcRequestBuilders.post("/api/tray")
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header("X-Paper-Name", "reply.pdf")
            .content(file));
    assertEquals(brought.getResponse().getStatus(), 200);
    Awaitility.await().atMost(PATIENCE).until(() -> {
      var papers = papers(claim);
      return !papers.isEmpty() && papers.at("/0/picture/read").booleanValue();
    });
    return papers(claim).get(0);
  }

  private static final Map<String, String> EMPLOYERS = Map.of(
      "lastDayWorked", "28 October 2026",
      "absentFrom", "29 October 2026",
      "noticeReceivedOn", "2.11.2026",
      "hoursPerWeek", "37,5",
      "grossPay", "2340");

  @Test
  public void whatAnEmployerTypedIsReadFromTheFields() throws Exception {
    var out = sent(1151, LEAVE, "employer", "Delta Cannery Co-op");
    taken(out.claim());
    var paper = paper(out.claim(), filled(out.form(), EMPLOYERS));
    assertEquals(paper.get("kind").stringValue(), "employmentConfirmation");
    assertEquals(paper.get("person").stringValue(), "p1");
    assertEquals(paper.at("/picture/sender").stringValue(), "Delta Cannery Co-op");
    assertEquals(proposed(paper, "LAST_DAY"), "2026-10-28");
    assertEquals(proposed(paper, "ABSENT_FROM"), "2026-10-29");
    assertEquals(proposed(paper, "NOTICE_ON"), "2026-11-02");
    assertEquals(proposed(paper, "HOURS"), "37.5");
    assertEquals(proposed(paper, "GROSS"), "2340.00");
    var sent =
        body(asIkenna(get("/api/claims/{number}/forms-out", out.claim()))).get("out");
    assertEquals(sent.size(), 1);
    assertFalse(sent.at("/0/returnedAt").isNull(), sent.toString());
  }

  /** Who applied at the door has allowed it, and nobody of the office took the application. */
  @Test
  public void aFormIsMadeFromTheClaimAboutWhoAllowsIt() throws Exception {
    var claim = lodged(drafted(1158, LEAVE, "employer"));
    var asked = "{\"kind\": \"%s\", \"person\": \"p1\", \"to\": \"Delta Cannery Co-op\"}";
    var employer = post("/api/claims/{number}/forms-out", asked.formatted("employer"), claim);
    assertEquals(asIkenna(employer).getResponse().getStatus(), 422, "nobody has the claim");
    taken(claim);
    var possible = body(asIkenna(get("/api/claims/{number}/forms-out", claim))).get("possible");
    assertEquals(possible.at("/0/kind").stringValue(), "employer");
    assertEquals(possible.at("/0/people/0/id").stringValue(), "p1");
    assertEquals(possible.at("/0/named/0").stringValue(), "Delta Cannery Co-op");
    assertEquals(possible.at("/1/kind").stringValue(), "doctor");
    assertEquals(possible.at("/1/people").size(), 0, "nobody allows that the doctor is asked");
    var doctor = post("/api/claims/{number}/forms-out", asked.formatted("doctor"), claim);
    assertEquals(asIkenna(doctor).getResponse().getStatus(), 422);
    assertEquals(allowing(claim, "lender", "by phone, herself"), 422, "no lender is asked for it");
    assertEquals(allowing(claim, "doctor", " "), 422, "it is noted with how");
    assertEquals(allowing(claim, "doctor", "by phone, herself"), 200);
    assertEquals(allowing(claim, "doctor", "by phone, herself"), 422, "she allows it already");
    assertEquals(asIkenna(doctor).getResponse().getStatus(), 200);
    assertTrue(claim(claim).get("events").toString().contains("the doctor may be asked (by phone"));

    var made = body(asIkenna(employer));
    assertEquals(body(asIkenna(employer)).get("id"), made.get("id"), "once");
    var form = asIkenna(get("/api/forms-out/{id}", made.get("id").stringValue()))
        .getResponse()
        .getContentAsByteArray();
    var record = claim(claim).get("events").toString();
    assertEquals(record.split("to fill in", -1).length, 3, record);
    var paper = paper(claim, filled(form, EMPLOYERS));
    assertEquals(paper.get("person").stringValue(), "p1");
    assertEquals(proposed(paper, "LAST_DAY"), "2026-10-28");
    var sent = body(asIkenna(get("/api/claims/{number}/forms-out", claim))).get("out");
    assertTrue(
        sent.findValues("returnedAt").stream().anyMatch(one -> !one.isNull()), sent.toString());
  }

  /** What was allowed can be taken back at any time, and nobody is asked by it from then on. */
  @Test
  public void whatIsTakenBackIsAllowedNoMore() throws Exception {
    var claim = lodged(drafted(1160, LEAVE, "employer"));
    assertEquals(takingBack(claim, "employer", "by phone, herself"), 422, "nobody has the claim");
    taken(claim);
    var held = body(asIkenna(get("/api/claims/{number}/comparisons", claim))).get("allowed");
    assertEquals(held.findValuesAsString("to"), List.of("employer"), held.toString());
    assertEquals(takingBack(claim, "employer", " "), 422, "it is noted with how");
    assertEquals(takingBack(claim, "doctor", "by phone, herself"), 422, "she does not allow that");
    assertEquals(takingBack(claim, "employer", "by phone, herself"), 200);
    assertEquals(takingBack(claim, "employer", "by phone, herself"), 422, "once");
    var employer = post(
        "/api/claims/{number}/forms-out",
        "{\"kind\": \"employer\", \"person\": \"p1\", \"to\": \"Delta Cannery Co-op\"}",
        claim);
    assertEquals(asIkenna(employer).getResponse().getStatus(), 422);
    var record = claim(claim).get("events").toString();
    assertTrue(record.contains("takes back that the employer may be asked (by phone"), record);
    assertEquals(allowing(claim, "employer", "at the counter, herself"), 200);
    assertEquals(asIkenna(employer).getResponse().getStatus(), 200);
    clock.ahead(Duration.ofDays(3));
    assertEquals(takingBack(claim, "employer", "by phone, herself"), 200, "what was noted, too");
    held = body(asIkenna(get("/api/claims/{number}/comparisons", claim))).get("allowed");
    assertEquals(held.size(), 0, held.toString());
  }

  private int takingBack(String claim, String to, String told) throws Exception {
    return noted("/api/claims/{number}/consents/taken-back", claim, to, told);
  }

  @Test
  public void onlyAGrownUpAllowsThatOthersAreAsked() throws Exception {
    var claim = claimOf(Packets.meals(1159, 2, "en"));
    taken(claim);
    var may = body(asIkenna(get("/api/claims/{number}/comparisons", claim))).get("mayAllow");
    assertEquals(Set.copyOf(may.findValuesAsString("person")), Set.of("p1"), may.toString());
    var child = post(
        "/api/claims/{number}/consents",
        "{\"version\": %d, \"person\": \"p2\", \"to\": \"registers\", \"told\": \"by phone\"}"
            .formatted(claim(claim).get("version").intValue()),
        claim);
    assertEquals(asIkenna(child).getResponse().getStatus(), 422);
  }

  /** What comes of noting at a claim that its applicant allows somebody to be asked. */
  private int allowing(String claim, String to, String told) throws Exception {
    return noted("/api/claims/{number}/consents", claim, to, told);
  }

  private int noted(String path, String claim, String to, String told) throws Exception {
    return asIkenna(post(
            path,
            "{\"version\": %d, \"person\": \"p1\", \"to\": \"%s\", \"told\": \"%s\"}"
                .formatted(claim(claim).get("version").intValue(), to, told),
            claim))
        .getResponse()
        .getStatus();
  }

  @Test
  public void aPhotographOfTheFormIsReadTheSame() throws Exception {
    var out = sent(1152, LEAVE, "employer", "Delta Cannery Co-op");
    var paper = paper(out.claim(), photographed(filled(out.form(), EMPLOYERS)));
    assertEquals(paper.get("kind").stringValue(), "employmentConfirmation");
    assertEquals(proposed(paper, "LAST_DAY"), "2026-10-28");
    assertEquals(proposed(paper, "ABSENT_FROM"), "2026-10-29");
    assertEquals(proposed(paper, "HOURS"), "37.5");
  }

  @Test
  public void oneThatIsBroughtToTheClaimIsKnownWhateverItWasSaidToBe() throws Exception {
    var out = sent(1156, LEAVE, "employer", "Delta Cannery Co-op");
    var form = photographed(filled(out.form(), EMPLOYERS));
    bring(out.claim(), form);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> !papers(out.claim()).at("/0/picture/sender").isNull());
    var paper = papers(out.claim()).get(0);
    assertEquals(paper.get("kind").stringValue(), "employmentConfirmation");
    assertEquals(paper.get("person").stringValue(), "p1");
    assertEquals(paper.at("/picture/sender").stringValue(), "Delta Cannery Co-op");
    var sent =
        body(asIkenna(get("/api/claims/{number}/forms-out", out.claim()))).get("out");
    assertFalse(sent.at("/0/returnedAt").isNull(), sent.toString());
    // The same pages brought to somebody else's claim stay what they were said to be.
    var other = claimOf(Packets.meals(1157, 2, "en"));
    bring(other, form);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> papers(other).at("/0/picture/read").booleanValue());
    assertEquals(papers(other).at("/0/kind").stringValue(), "other");
    assertTrue(papers(other).at("/0/picture/sender").isNull());
  }

  private void bring(String claim, byte[] file) throws Exception {
    var brought = asIkenna(MockMvcRequestBuilders.post("/api/claims/{number}/papers", claim)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header("X-Paper-Kind", "other")
        .content(file));
    assertEquals(brought.getResponse().getStatus(), 200);
  }

  @Test
  public void aLandlordsFormTellsOfTheLandlordForAllWhoNameThem() throws Exception {
    var out = sent(1153, RENT, "landlord", "Heron Row Homes");
    var neighbour = claimOf(Packets.meals(1154, 2, "en")
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", "\"requests\": [" + RENT + "],")
        .replace("\"benefits\": [],", "\"benefits\": [], \"assets\": [], \"expenses\": [],"));
    taken(out.claim());
    var paper = paper(
        out.claim(),
        filled(
            out.form(),
            Map.of(
                "agreesToBePaid", "Yes, gladly",
                "iban", "LT10 3982 5979 1907 4833",
                "tenants", "Ada Tamsett and Bo Quintela")));
    assertEquals(proposed(paper, "AGREES"), "yes");
    assertEquals(proposed(paper, "TENANTS"), "Ada Tamsett, Bo Quintela");
    assertEquals(proposed(paper, "ACCOUNT"), "LT103982597919074833");
    var agrees = "/requests/0/answers/landlord/agrees";
    var read = asIkenna(post(
        "/api/claims/{number}/papers/{id}/read",
        """
        {"version": 0, "kind": "tenancyProof", "person": "p1", "faults": [], "nameAccepted": false, "because": "",
         "shown": [{"place": "%s", "value": true},
                   {"place": "/requests/0/answers/landlord/iban", "value": "LT103982597919074833"}]}""".formatted(agrees),
        out.claim(),
        paper.get("id").stringValue()));
    assertEquals(read.getResponse().getStatus(), 200, read.getResponse().getContentAsString());
    for (var claim : new String[] {out.claim(), neighbour}) {
      var landlord = claim(claim).get("packet").at("/requests/0/answers/landlord");
      assertTrue(landlord.get("agrees").booleanValue(), landlord.toString());
    }
  }

  @Test
  public void whatAHouseholdBringsDoesNotSpeakForTheLandlord() throws Exception {
    var claim = claimOf(Packets.meals(1155, 2, "en")
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", "\"requests\": [" + RENT + "],")
        .replace("\"benefits\": [],", "\"benefits\": [], \"assets\": [], \"expenses\": [],"));
    taken(claim);
    var id = body(asIkenna(MockMvcRequestBuilders.post("/api/claims/{number}/papers", claim)
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header("X-Paper-Kind", "tenancyProof")
            .content(MadePapers.png(300, 300, "note"))))
        .get("id")
        .stringValue();
    var facts =
        body(asIkenna(get("/api/claims/{number}/papers/{id}/facts?kind=tenancyProof", claim, id)));
    assertFalse(facts.toString().contains("agrees"), facts.toString());
    var read = asIkenna(post("/api/claims/{number}/papers/{id}/read", """
        {"version": 0, "kind": "tenancyProof", "faults": [], "nameAccepted": false, "because": "",
         "shown": [{"place": "/requests/0/answers/landlord/agrees", "value": true}]}""", claim, id));
    assertEquals(read.getResponse().getStatus(), 422);
  }
}
