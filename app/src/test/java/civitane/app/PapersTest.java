package civitane.app;

import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.awaitility.Awaitility;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Papers are taken in with distrust, and read by a person before they count. */
public class PapersTest extends OnDatabase {

  private MvcResult bring(String number, byte[] file, Map<String, String> filing) throws Exception {
    var request = MockMvcRequestBuilders.post("/api/claims/{number}/papers", number)
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .content(file);
    filing.forEach((name, value) -> request.header("X-Paper-" + name, value));
    return asIkenna(request);
  }

  private JsonNode papers(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/papers", number)));
  }

  private static JsonNode wanted(JsonNode papers, String subject) {
    return papers
        .get("wanted")
        .valueStream()
        .filter(one -> one.get("subject").stringValue().startsWith(subject))
        .findFirst()
        .orElseThrow(() -> new AssertionError(subject + " is not among " + papers.get("wanted")));
  }

  private static JsonNode paper(JsonNode papers, String id) {
    return papers
        .get("papers")
        .valueStream()
        .filter(one -> one.get("id").stringValue().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private MvcResult read(String number, String id, int version, String rest) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/papers/{id}/read",
        "{\"version\": " + version + ", " + rest + "}",
        number,
        id));
  }

  @DataProvider
  public static Object[][] refused() throws IOException {
    return new Object[][] {
      {"an empty file", new byte[0], "empty"},
      {"a file that is too large", MadePapers.tooLarge(), "larger than 15 MB"},
      {"a renamed program", MadePapers.text("MZ\u0090\0\3"), "a program"},
      {"an archive", MadePapers.text("PK\3\4 and more"), "an archive"},
      {"a page of markup", MadePapers.text("<html><script>1</script>"), "PDF, PNG and JPEG"},
      {"the trial pattern", MadePapers.trialPattern(), "harmful"},
      {
        "the trial pattern behind a picture",
        MadePapers.joined(MadePapers.png(20, 20, ""), MadePapers.trialPattern()),
        "harmful"
      },
      {"an encrypted PDF", MadePapers.encrypted(), "encrypted"},
      {"a PDF that runs something", MadePapers.running(), "runs something"},
      {"a PDF without a page", MadePapers.pdf(0), "no page"},
      {"a PDF of 301 pages", MadePapers.pdf(301), "301 pages"},
      {"a PDF that unpacks without end", MadePapers.bomb(), "unpacks"},
      {"half a PDF", MadePapers.text("%PDF-1.7\n1 0 obj\n<< /Type /Cat"), "damaged"},
      {"half a picture", MadePapers.half(MadePapers.png(900, 900, "cut")), "damaged"},
      {"a picture as large as a wall", MadePapers.wall(), "60 million"},
      {
        "markup with a PDF in it",
        MadePapers.joined(MadePapers.text("<html>"), MadePapers.pdf(1)),
        "PDF, PNG and JPEG"
      }
    };
  }

  private String claimForAll = "";

  /** One claim does for all that is refused: none of it leaves a trace there. */
  private String claimForAll() throws Exception {
    if (claimForAll.isEmpty()) {
      claimForAll = claimOf(Packets.rent(1101));
    }
    return claimForAll;
  }

  @Test(dataProvider = "refused")
  public void whatIsNoPaperIsRefusedInItsOwnWords(String what, byte[] file, String words)
      throws Exception {
    var number = claimForAll();
    var before = count("paper_file");
    var answer = bring(number, file, Map.of("Kind", "lease"));
    assertEquals(answer.getResponse().getStatus(), 422, what);
    assertTrue(
        body(answer).get("detail").stringValue().contains(words), body(answer).toString());
    assertEquals(count("paper_file"), before, "nothing is kept of " + what);
  }

  @Test
  public void whatTheMachineReadIsProposedAndChangesNothing() throws Exception {
    var number = claimOf(Packets.rent(1110));
    var id =
        body(bring(number, MadePapers.payslip(), Map.of("Kind", "payslip"))).get("id");
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> paper(papers(number), id.stringValue()).at("/picture/read").booleanValue());
    var paper = paper(papers(number), id.stringValue());
    var read = paper
        .at("/picture/proposals")
        .valueStream()
        .collect(java.util.stream.Collectors.toMap(
            one -> one.get("field").stringValue(), one -> one.get("value").stringValue()));
    assertEquals(read.get("GROSS"), "1863.33");
    assertEquals(read.get("PERIOD_END"), "2026-10-31");
    assertEquals(read.get("NAME"), "Oluchi Tamsett");
    assertTrue(paper.get("nameOnPaper") == null || paper.get("nameOnPaper").isNull());
  }

  @Test
  public void aPaperThatComesIsDrawnReadAndAcceptedAndTheClaimWantsItNoMore() throws Exception {
    var number = claimOf(Packets.rent(1102));
    taken(number);
    var item = wanted(papers(number), "lease").get("item").intValue();
    var taken = body(bring(
        number,
        MadePapers.pdf(2),
        Map.of("Kind", "lease", "Item", String.valueOf(item), "Name", "the%20lease.pdf")));
    var id = taken.get("id").stringValue();
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> paper(papers(number), id).at("/picture/drawn").booleanValue());
    var came = papers(number);
    assertTrue(wanted(came, "lease").get("came").booleanValue());
    assertEquals(paper(came, id).at("/picture/pages").intValue(), 2);
    assertEquals(paper(came, id).at("/picture/name").stringValue(), "the lease.pdf");
    assertEquals(claim(number).at("/next/words").stringValue(), "Look at what came");
    var page = asIkenna(get("/api/papers/{id}/pages/1", id)).getResponse();
    assertEquals(page.getContentType(), "image/jpeg");
    assertEquals(page.getHeader("X-Content-Type-Options"), "nosniff");
    assertTrue(page.getContentAsByteArray().length > 500);
    assertEquals(asIkenna(get("/api/papers/{id}/pages/7", id)).getResponse().getStatus(), 404);

    var accepted = read(
        number,
        id,
        0,
        "\"kind\": \"lease\", \"faults\": [], \"nameAccepted\": false, \"because\": \"\"");
    assertEquals(
        accepted.getResponse().getStatus(), 200, accepted.getResponse().getContentAsString());
    assertFalse(
        body(accepted).get("wanted").toString().contains("\"lease\""), "no lease is wanted");
    assertTrue(paper(body(accepted), id).get("accepted").booleanValue());
    assertEquals(
        count("entry where subject_id = '" + id + "' and field = 'accepted' and kind = 'SHOWN'"),
        1);
    assertTrue(claim(number).get("events").toString().contains("The paper was accepted: lease"));
    var again = read(
        number,
        id,
        0,
        "\"kind\": \"lease\", \"faults\": [], \"nameAccepted\": false, \"because\": \"\"");
    assertEquals(again.getResponse().getStatus(), 412, "read by somebody else meanwhile");
  }

  @Test
  public void aPaperThatIsGivenBackIsAskedForAgainWithWhatIsWrong() throws Exception {
    var number = claimOf(Packets.rent(1103));
    taken(number);
    var item = wanted(papers(number), "lease").get("item").intValue();
    var id = body(bring(
            number, MadePapers.jpeg(), Map.of("Kind", "lease", "Item", String.valueOf(item))))
        .get("id")
        .stringValue();
    var back = read(
        number,
        id,
        0,
        "\"kind\": \"lease\", \"faults\": [\"cutOff\", \"notLegible\"], \"nameAccepted\": false,"
            + " \"because\": \"the second page, please\"");
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    var view = paper(body(back), id);
    assertFalse(view.get("accepted").booleanValue());
    assertTrue(view.get("because").stringValue().contains("cut off"), view.toString());
    var again = wanted(body(back), "lease");
    assertEquals(again.get("item").intValue(), item, "the same item, returned");
    assertFalse(again.get("came").booleanValue());
    assertTrue(claim(number).get("events").toString().contains("the second page, please"));
  }

  @Test
  public void whatComesForAnItemAgainStandsInPlaceOfWhatWasGivenBack() throws Exception {
    var number = claimOf(Packets.rent(1181));
    taken(number);
    var item = String.valueOf(wanted(papers(number), "lease").get("item").intValue());
    var lease = Map.of("Kind", "lease", "Item", item);
    var first = body(bring(number, MadePapers.jpeg(), lease)).get("id").stringValue();
    var verdict = "\"kind\": \"lease\", \"nameAccepted\": false, \"because\": \"\", \"faults\": ";
    read(number, first, 0, verdict + "[\"cutOff\"]");
    var again =
        body(bring(number, MadePapers.png(300, 200, "whole"), lease)).get("id").stringValue();
    assertEquals(paper(papers(number), again).get("replaces").stringValue(), first);
    assertTrue(paper(papers(number), first).get("replaces").isNull());

    var later = read(number, first, 1, verdict + "[\"cutOff\"], \"replaces\": \"" + again + "\"");
    assertEquals(later.getResponse().getStatus(), 422, "what came later is not replaced");
    var kept = read(number, again, 0, verdict + "[], \"replaces\": \"" + first + "\"");
    assertEquals(paper(body(kept), again).get("replaces").stringValue(), first);
    assertEquals(
        claim(number).get("packet").at("/papers/1/replaces").stringValue(), first, "a fact of it");
  }

  @Test
  public void aNameThatDiffersIsAcceptedWithAReasonOnly() throws Exception {
    var number = claimOf(Packets.rent(1104));
    taken(number);
    var id = body(bring(
            number, MadePapers.png(400, 300, "id"), Map.of("Kind", "passport", "Person", "p1")))
        .get("id")
        .stringValue();
    var shown = "\"kind\": \"passport\", \"person\": \"p1\", \"nameOnPaper\": \"Somebody Else\","
        + " \"faults\": [], ";
    var plain = read(number, id, 0, shown + "\"nameAccepted\": false, \"because\": \"\"");
    assertEquals(plain.getResponse().getStatus(), 422);
    assertTrue(body(plain).get("detail").stringValue().contains("another name"));
    var silent = read(number, id, 0, shown + "\"nameAccepted\": true, \"because\": \" \"");
    assertEquals(silent.getResponse().getStatus(), 422);
    var reasoned =
        read(number, id, 0, shown + "\"nameAccepted\": true, \"because\": \"maiden name\"");
    assertEquals(reasoned.getResponse().getStatus(), 200);
    assertEquals(paper(body(reasoned), id).get("because").stringValue(), "maiden name");
  }

  @Test
  public void payslipsAreReadAsRowsOfTheIncome() throws Exception {
    var number = claimOf(Packets.rent(1105));
    taken(number);
    for (var slip : new String[][] {{"2026-11-06", "520"}, {"2026-10-30", "410.50"}}) {
      var id = body(bring(
              number,
              MadePapers.pdf(Integer.parseInt(slip[0].substring(8)) % 5 + 1),
              Map.of("Kind", "payslip", "Person", "p1", "Income", "i1")))
          .get("id")
          .stringValue();
      var accepted = read(
          number,
          id,
          0,
          "\"kind\": \"payslip\", \"person\": \"p1\", \"income\": \"i1\", \"periodEnd\": \""
              + slip[0]
              + "\", \"gross\": " + slip[1]
              + ", \"faults\": [], \"nameAccepted\": false, \"because\": \"\"");
      assertEquals(accepted.getResponse().getStatus(), 200);
    }
    var slips = claim(number).get("packet").at("/household/incomes/0/payslips");
    assertEquals(slips.size(), 2, slips.toString());
    assertEquals(slips.at("/0/periodEnd").stringValue(), "2026-11-06");
    assertEquals(slips.at("/1/gross").decimalValue().toPlainString(), "410.5");
  }

  /** A household that pays rent weekly, by its word, and has an account. */
  private static String renting(int number) {
    return Packets.rent(number)
        .replace(
            "\"expenses\": []",
            "\"expenses\": [{\"kind\": \"rent\", \"amount\": 160, \"frequency\": \"weekly\"}],"
                + " \"payment\": {\"method\": \"transfer\", \"iban\": \"QV33BWSL71890763040103\"}");
  }

  private JsonNode row(String number, String place) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/ledger", number)))
        .get("rows")
        .valueStream()
        .filter(one -> one.get("place").stringValue().equals(place))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void whatALeaseShowsStandsBesideWhatWasSaid() throws Exception {
    var number = claimOf(renting(1141));
    taken(number);
    var id = body(bring(
            number, MadePapers.png(400, 300, "lease"), Map.of("Kind", "lease", "Person", "p1")))
        .get("id")
        .stringValue();
    var speaks = body(
        asIkenna(get("/api/claims/{number}/papers/{id}/facts?kind=lease&person=p1", number, id)));
    assertEquals(speaks.at("/0/said").stringValue(), "€160.00 a week");
    assertEquals(speaks.at("/0/every").stringValue(), "/household/expenses/0/frequency");
    assertEquals(speaks.at("/1/said").stringValue(), "Nobody Yet");
    var shown = "\"kind\": \"lease\", \"person\": \"p1\", \"faults\": [], \"nameAccepted\": false,"
        + " \"because\": \"\", \"shown\": [%s]";
    var value = "{\"place\": \"%s\", \"value\": %s}";
    var alien = read(
        number, id, 0, shown.formatted(value.formatted("/household/payment/iban", "\"QV00\"")));
    assertEquals(alien.getResponse().getStatus(), 422);
    var unlikely =
        read(number, id, 0, shown.formatted(value.formatted("/household/expenses/0/amount", "-3")));
    assertEquals(unlikely.getResponse().getStatus(), 422);
    assertEquals(
        body(unlikely).at("/faults/0/pointer").stringValue(), "/household/expenses/0/amount");
    var accepted = read(
        number,
        id,
        0,
        shown.formatted(String.join(
            ", ",
            value.formatted("/household/expenses/0/amount", "715"),
            value.formatted("/household/expenses/0/frequency", "\"monthly\""),
            value.formatted(
                "/requests/0/answers/leaseNames", "[\"Ada Tamsett\", \"Somebody Strange\"]"))));
    assertEquals(accepted.getResponse().getStatus(), 200);
    var names = row(number, "/requests/0/answers/leaseNames");
    assertEquals(names.at("/said/value").stringValue(), "Nobody Yet");
    assertEquals(names.at("/shown/value").stringValue(), "Ada Tamsett; Somebody Strange");
    assertTrue(names.get("disagrees").booleanValue());
    var packet = claim(number).get("packet");
    assertEquals(packet.at("/household/expenses/0/amount").intValue(), 715);
    assertEquals(packet.at("/household/expenses/0/frequency").stringValue(), "monthly");
    var again = body(
        asIkenna(get("/api/claims/{number}/papers/{id}/facts?kind=lease&person=p1", number, id)));
    assertEquals(again.at("/0/shown").stringValue(), "€715.00 a month");
    assertEquals(again.at("/0/said").stringValue(), "€160.00 a week");
  }

  @Test
  public void aPaperThatIsGivenBackShowsNothing() throws Exception {
    var number = claimOf(renting(1142));
    taken(number);
    var id = body(bring(
            number, MadePapers.png(300, 300, "cut"), Map.of("Kind", "lease", "Person", "p1")))
        .get("id")
        .stringValue();
    read(
        number,
        id,
        0,
        "\"kind\": \"lease\", \"person\": \"p1\", \"faults\": [\"cutOff\"], \"nameAccepted\": false,"
            + " \"because\": \"\", \"shown\": [{\"place\": \"/household/expenses/0/amount\", \"value\": 9}]");
    assertEquals(claim(number).get("packet").at("/household/expenses/0/amount").intValue(), 160);
  }

  private int sent(String number, String id, String path, String fields) throws Exception {
    var version = paper(papers(number), id).at("/picture/version").intValue();
    return asIkenna(post(
            "/api/claims/{number}/papers/{id}/" + path,
            "{\"version\": " + version + ", " + fields + "}",
            number,
            id))
        .getResponse()
        .getStatus();
  }

  private List<Integer> turns(String number, String id) throws Exception {
    return paper(papers(number), id)
        .at("/picture/turns")
        .valueStream()
        .map(JsonNode::intValue)
        .toList();
  }

  @Test
  public void nineScannedPagesAreOrderedTurnedAndFiledInPieces() throws Exception {
    var number = claimOf(Packets.rent(1121));
    taken(number);
    var id = body(bring(number, MadePapers.pdf(9), Map.of("Kind", "other")))
        .get("id")
        .stringValue();
    assertEquals(turns(number, id), Collections.nCopies(9, 0));
    var out = "\"pages\": [1, 2, 8], \"kind\": \"lease\"";
    assertEquals(sent(number, id, "taken-out", out), 200);
    assertEquals(paper(papers(number), id).at("/picture/pages").intValue(), 6);
    assertTrue(
        wanted(papers(number), "lease").get("came").booleanValue(), "it came for what is wanted");
    var lease = papers(number)
        .get("papers")
        .valueStream()
        .filter(one -> one.get("kind").stringValue().equals("lease") && one.hasNonNull("picture"))
        .findFirst()
        .orElseThrow()
        .get("id")
        .stringValue();
    assertEquals(
        database
            .sql("select page from sheet where of = ?::uuid order by position")
            .param(lease)
            .query(Integer.class)
            .list(),
        List.of(1, 2, 8));
    var order =
        "\"pages\": [{\"page\": 2, \"turn\": 90}, {\"page\": 0, \"turn\": 0}, {\"page\": 1, \"turn\": 270}]";
    assertEquals(sent(number, lease, "pages", order), 200);
    assertEquals(turns(number, lease), List.of(90, 0, 270));
    assertEquals(
        database
            .sql("select page from sheet where of = ?::uuid order by position")
            .param(lease)
            .query(Integer.class)
            .list(),
        List.of(8, 1, 2));
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> paper(papers(number), lease).at("/picture/drawn").booleanValue());
    assertEquals(asIkenna(get("/api/papers/{id}/pages/2", lease)).getResponse().getStatus(), 200);
    assertEquals(asIkenna(get("/api/papers/{id}/pages/3", lease)).getResponse().getStatus(), 404);
  }

  @Test
  public void theBackOfACardIsJoinedToItsFront() throws Exception {
    var number = claimOf(Packets.rent(1122));
    taken(number);
    var front = body(bring(number, MadePapers.png(600, 400, "front"), Map.of("Kind", "nationalId")))
        .get("id")
        .stringValue();
    var back = body(bring(number, MadePapers.png(600, 400, "back"), Map.of("Kind", "nationalId")))
        .get("id")
        .stringValue();
    assertEquals(
        sent(number, front, "joined", "\"other\": \"%s\", \"otherVersion\": 0".formatted(front)),
        422);
    assertEquals(
        sent(number, front, "joined", "\"other\": \"%s\", \"otherVersion\": 7".formatted(back)),
        412);
    assertEquals(
        sent(number, front, "joined", "\"other\": \"%s\", \"otherVersion\": 0".formatted(back)),
        200);
    assertEquals(paper(papers(number), front).at("/picture/pages").intValue(), 2);
    assertTrue(
        papers(number)
            .get("papers")
            .valueStream()
            .noneMatch(one -> one.get("id").stringValue().equals(back)),
        "one paper");
  }

  @Test
  public void noPageIsLostTakenTwiceOrMovedOnceItWasRead() throws Exception {
    var number = claimOf(Packets.rent(1123));
    taken(number);
    var id = body(bring(number, MadePapers.pdf(2), Map.of("Kind", "lease")))
        .get("id")
        .stringValue();
    for (var wrong : new String[] {
      "[{\"page\": 0, \"turn\": 0}]",
      "[{\"page\": 0, \"turn\": 0}, {\"page\": 0, \"turn\": 0}]",
      "[{\"page\": 0, \"turn\": 0}, {\"page\": 2, \"turn\": 0}]"
    }) {
      assertEquals(sent(number, id, "pages", "\"pages\": " + wrong), 422, wrong);
    }
    for (var wrong : new String[] {"[]", "[0, 1]", "[5]", "[-1]"}) {
      assertEquals(
          sent(number, id, "taken-out", "\"pages\": " + wrong + ", \"kind\": \"lease\""),
          422,
          wrong);
    }
    assertEquals(paper(papers(number), id).at("/picture/pages").intValue(), 2);
    assertEquals(
        sent(
            number,
            id,
            "read",
            "\"kind\": \"lease\", \"faults\": [], \"nameAccepted\": false, \"because\": \"\""),
        200);
    var both = "\"pages\": [{\"page\": 1, \"turn\": 0}, {\"page\": 0, \"turn\": 0}]";
    assertEquals(sent(number, id, "pages", both), 422, "it has been read");
  }

  @Test
  public void theSameFileIsKeptOnceAndComesBackByteForByte() throws Exception {
    var number = claimOf(Packets.rent(1106));
    taken(number);
    var file = MadePapers.joined(MadePapers.png(800, 600, "twice"), new byte[400_000]);
    var first = body(bring(number, file, Map.of("Kind", "other"))).get("id").stringValue();
    var second = body(bring(number, file, Map.of("Kind", "other"))).get("id").stringValue();
    var hash = database
        .sql("select distinct hash from sheet where of in (?::uuid, ?::uuid)")
        .params(first, second)
        .query(String.class)
        .single();
    assertTrue(count("paper_piece where hash = '" + hash + "'") > 1, "in pieces");
    var started = asIkenna(get("/api/papers/{id}/file", second));
    var answer =
        http.perform(MockMvcRequestBuilders.asyncDispatch(started)).andReturn().getResponse();
    assertEquals(answer.getContentAsByteArray(), file);
    assertTrue(answer.getHeader("Content-Disposition").startsWith("attachment"));
  }

  @Test
  public void anotherPaperThatIsAcceptedLeavesWhatCameForAnItemToBeRead() throws Exception {
    var number = claimOf(Packets.rent(1109));
    taken(number);
    var item = wanted(papers(number), "lease").get("item").intValue();
    bring(number, MadePapers.jpeg(), Map.of("Kind", "lease", "Item", String.valueOf(item)));
    var other = body(bring(number, MadePapers.png(300, 200, "other"), Map.of("Kind", "other")))
        .get("id")
        .stringValue();
    var accepted = read(
        number,
        other,
        0,
        "\"kind\": \"other\", \"faults\": [], \"nameAccepted\": false, \"because\": \"\"");
    assertEquals(accepted.getResponse().getStatus(), 200);
    var lease = wanted(body(accepted), "lease");
    assertEquals(lease.get("item").intValue(), item);
    assertTrue(lease.get("came").booleanValue(), "the lease itself is still to be read");
    assertEquals(
        bring(number, MadePapers.jpeg(), Map.of("Kind", "lease", "Name", "%zz"))
            .getResponse()
            .getStatus(),
        422);
  }

  @Test
  public void aPaperOfAnotherHouseholdIsNotThere() throws Exception {
    var number = claimOf(Packets.rent(1107));
    var other = claimOf(Packets.rent(1108));
    taken(other);
    var id = body(bring(number, MadePapers.jpeg(), Map.of("Kind", "lease")))
        .get("id")
        .stringValue();
    var answer = read(
        other,
        id,
        0,
        "\"kind\": \"lease\", \"faults\": [], \"nameAccepted\": false, \"because\": \"\"");
    assertEquals(answer.getResponse().getStatus(), 404);
    ObjectNode nobody = json.createObjectNode();
    assertEquals(
        asIkenna(post("/api/claims/{number}/papers/{id}/read", nobody.toString(), number, id))
                .getResponse()
                .getStatus()
            / 100,
        4,
        "nobody has the claim, and nothing is said");
  }

  /** The specimen of ICAO Doc 9303, part 4. */
  private static final String SPECIMEN =
      "\"P<UTOERIKSSON<<ANNA<MARIA<<<<<<<<<<<<<<<<<<<\", \"L898902C36UTO7408122F1204159ZE184226B<<<<<10\"";

  private JsonNode zone(String lines) throws Exception {
    return body(asIkenna(post("/api/zones", "{\"lines\": [" + lines + "]}")));
  }

  @Test
  public void aZoneIsLookedAtDigitByDigit() throws Exception {
    var right = zone(SPECIMEN);
    assertTrue(right.get("shaped").booleanValue());
    assertEquals(right.get("wrong").size(), 0, right.toString());
    assertEquals(right.get("name").stringValue(), "ANNA MARIA ERIKSSON");
    assertEquals(right.get("birthDate").stringValue(), "1974-08-12");
    assertEquals(right.get("expiresOn").stringValue(), "2012-04-15");
    var wrong = zone(SPECIMEN.replace("7408122F", "7408123F")).get("wrong");
    assertEquals(wrong.get(0).get("part").stringValue(), "birthDate");
    assertEquals(wrong.get(0).get("digit").stringValue(), "3");
    assertEquals(wrong.get(0).get("right").intValue(), 2);
    assertTrue(!zone("\"P<UTO\"").get("shaped").booleanValue());
  }
}
