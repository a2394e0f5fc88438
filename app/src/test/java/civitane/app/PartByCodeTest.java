package civitane.app;

import civitane.packet.PlainWords;
import civitane.words.Language;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Somebody outside gives their part by the code on the form that went to them, and sees nothing else. */
public class PartByCodeTest extends WithForms {
  private static final String CANNERY = "Delta Cannery Co-op";

  private static final Map<String, String> EMPLOYERS = Map.of(
      "lastDayWorked", "2026-10-28",
      "absentFrom", "29.10.2026",
      "hoursPerWeek", "37,5",
      "grossPay", "2,340");

  private MvcResult opened(String code, String language) throws Exception {
    return perform(post("/api/door/part", written(Map.of("code", code, "language", language))));
  }

  private JsonNode open(String code) throws Exception {
    var opened = opened(code, "en");
    assertEquals(status(opened), 200);
    return body(opened);
  }

  private JsonNode answer(String code, String name, Map<String, String> typed, String language)
      throws Exception {
    var answered = perform(post(
        "/api/door/part/answers",
        written(Map.of("code", code, "name", name, "typed", typed, "language", language))));
    assertEquals(status(answered), 200, answered.getResponse().getContentAsString());
    return body(answered);
  }

  private MvcResult file(String code, byte[] file) throws Exception {
    return perform(MockMvcRequestBuilders.post("/api/door/part/file")
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header("X-Part-Code", code)
        .header("X-Part-Name", "Oksana%00%20%E2%80%AEMarchetti")
        .content(file));
  }

  /** The paper that came, read. */
  private JsonNode came(String claim) throws Exception {
    Awaitility.await().atMost(PATIENCE).until(() -> {
      var papers = papers(claim);
      return !papers.isEmpty() && papers.at("/0/picture/read").booleanValue();
    });
    assertEquals(papers(claim).size(), 1);
    return papers(claim).get(0);
  }

  @Test
  public void anEmployerAnswersOnAScreenOnce() throws Exception {
    var out = sent(1261, LEAVE, "employer", CANNERY);
    var code = code(out.form());
    var part = open(code.toLowerCase(java.util.Locale.ROOT).replace("-", " "));
    assertEquals(part.get("title").stringValue(), "Employer’s statement");
    assertEquals(part.get("standing").stringValue(), "open");
    assertTrue(part.get("says").stringValue().contains(CANNERY));
    assertEquals(part.get("asks").size(), 8, "its own questions and nothing else");
    assertEquals(
        answer(code, "Oksana Marchetti", EMPLOYERS, "en").at("/standing").stringValue(), "kept");
    var paper = came(out.claim());
    assertEquals(paper.get("kind").stringValue(), "employmentConfirmation");
    assertEquals(paper.get("person").stringValue(), "p1");
    assertEquals(paper.at("/picture/sender").stringValue(), CANNERY);
    assertEquals(
        paper.at("/picture/remark").stringValue(), "Filled in by Oksana Marchetti, sent by code");
    assertEquals(proposed(paper, "LAST_DAY"), "2026-10-28");
    assertEquals(proposed(paper, "ABSENT_FROM"), "2026-10-29");
    assertEquals(proposed(paper, "HOURS"), "37.5");
    assertEquals(proposed(paper, "GROSS"), "2340.00");
    assertEquals(open(code).get("standing").stringValue(), "came");
    var late = answer(code, "Somebody Else", Map.of("grossPay", "9999"), "en");
    assertEquals(late.get("standing").stringValue(), "came", "nobody is told that it was kept");
    assertEquals(status(file(code, MadePapers.png(300, 300, "again"))), 200);
    assertEquals(papers(out.claim()).size(), 1, "a form comes once");
    var row = body(asIkenna(get("/api/claims/{number}/forms-out", out.claim()))).at("/out/0");
    assertFalse(row.get("returnedAt").isNull());
  }

  @Test
  public void everyFaultIsSaidAtItsQuestionAndNothingIsKept() throws Exception {
    var out = sent(1262, RENT, "landlord", "Heron Row Homes");
    var code = code(out.form());
    var wrong = answer(
        code,
        " ",
        Map.of(
            "monthlyRent", "a lot",
            "iban", "LT00 0000 0000 0000 0000",
            "agreesToBePaid", "perhaps",
            "owedInAll", "-3"),
        "en");
    assertEquals(wrong.get("standing").stringValue(), "open");
    assertEquals(
        wrong
            .get("wrong")
            .valueStream()
            .map(one -> one.get("name").stringValue())
            .toList(),
        List.of("monthlyRent", "owedInAll", "agreesToBePaid", "iban", "name"));
    assertEquals(answer(code, "Oksana", Map.of(), "en").at("/wrong/0/name").stringValue(), "");
    assertEquals(open(code).get("standing").stringValue(), "open");
  }

  @Test
  public void inEveryLanguageWhatALandlordAgreesToIsRead() throws Exception {
    var household = 1263;
    for (var language : Language.values()) {
      var out = sent(household++, RENT, "landlord", "Heron Row Homes");
      var code = code(out.form());
      var part = body(opened(code, language.word()));
      part.get("asks")
          .forEach(ask -> assertEquals(
              PlainWords.wrongIn(ask.get("label").stringValue(), language), List.of()));
      answer(
          code,
          "Oksana",
          Map.of("agreesToBePaid", "yes", "iban", "LT10 3982 5979 1907 4833", "tenants", "Ada"),
          language.word());
      var paper = came(out.claim());
      assertEquals(proposed(paper, "AGREES"), "yes", language.word());
      assertEquals(proposed(paper, "ACCOUNT"), "LT103982597919074833", language.word());
    }
  }

  @Test
  public void theFormItselfMayBeSentAndIsFiledByTheCodeThatWasTyped() throws Exception {
    var out = sent(1268, LEAVE, "employer", CANNERY);
    var code = code(out.form());
    assertEquals(status(file(code, "<html>no form</html>".getBytes())), 422);
    assertEquals(open(code).get("standing").stringValue(), "open");
    // A photograph on which nobody could find a code.
    assertEquals(status(file(code, MadePapers.png(600, 800, "by hand"))), 200);
    var paper = came(out.claim());
    assertEquals(paper.get("kind").stringValue(), "employmentConfirmation");
    assertEquals(paper.at("/picture/sender").stringValue(), CANNERY);
    var remark = paper.at("/picture/remark").stringValue();
    assertTrue(remark.matches("Filled in by Oksana +Marchetti, sent by code"), remark);
  }

  @Test
  public void whatComesBeforeItIsLodgedIsFiledOnceItIs() throws Exception {
    var draft = drafted(1269, LEAVE, "employer");
    var code = code(formFor(draft, "employer", CANNERY));
    assertEquals(
        answer(code, "Oksana Marchetti", EMPLOYERS, "en").get("standing").stringValue(), "kept");
    var paper = came(lodged(draft));
    assertEquals(proposed(paper, "LAST_DAY"), "2026-10-28");
  }

  @Test
  public void ofManyAtOnceOneComes() throws Exception {
    var out = sent(1270, LEAVE, "employer", CANNERY);
    var code = code(out.form());
    var became = atOnce(
        4,
        n -> () -> answer(code, "Oksana", Map.of("grossPay", "200" + n), "en")
            .get("standing")
            .stringValue());
    assertEquals(became.stream().sorted().toList(), List.of("came", "came", "came", "kept"));
    came(out.claim());
    assertEquals(papers(out.claim()).size(), 1);
  }

  @Test
  public void withoutTheHouseholdsConsentNothingIsTaken() throws Exception {
    var out = sent(1271, LEAVE, "employer", CANNERY);
    var code = code(out.form());
    clock.ahead(java.time.Duration.ofDays(400));
    assertEquals(open(code).get("standing").stringValue(), "ended");
    assertEquals(answer(code, "Oksana", EMPLOYERS, "en").get("standing").stringValue(), "ended");
    clock.ahead(java.time.Duration.ZERO);
    assertTrue(papers(out.claim()).isEmpty());
  }

  @Test
  public void codesThatAreNoneAreToldApartByNothingAndSlowed() throws Exception {
    var sent = new HashMap<Integer, Integer>();
    for (var i = 0; i < 80; i++) {
      sent.merge(status(opened("2222-2222-22" + (10 + i), "en")), 1, Integer::sum);
    }
    assertEquals(sent.keySet(), java.util.Set.of(422, 429));
    assertTrue(sent.get(422) <= 60, sent.toString());
    assertEquals(status(file("2222-2222-2222", new byte[] {1})), 429);
  }
}
