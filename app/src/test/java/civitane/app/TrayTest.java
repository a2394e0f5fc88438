package civitane.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.awaitility.Awaitility;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A scanned stack is sorted by the codes of our letters in it; what has none lies in the tray until somebody places it. */
public class TrayTest extends OnDatabase {

  private MvcResult bring(byte[] file) throws Exception {
    return as(
        "pia",
        "FRONT_DESK",
        MockMvcRequestBuilders.post("/api/tray")
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header("X-Paper-Name", "post%20of%20Monday.pdf")
            .content(file));
  }

  private JsonNode tray() throws Exception {
    return body(asIkenna(get("/api/tray")));
  }

  private JsonNode piece(String id) throws Exception {
    return tray()
        .valueStream()
        .filter(one -> one.get("id").stringValue().equals(id))
        .findFirst()
        .orElse(json.missingNode());
  }

  private String brought(byte[] file) throws Exception {
    var result = bring(file);
    assertEquals(result.getResponse().getStatus(), 200, result.getResponse().getContentAsString());
    var id = body(result).get("id").stringValue();
    Awaitility.await().atMost(PATIENCE).until(() -> {
      var piece = piece(id);
      return piece.isMissingNode()
          || piece.get("sorted").booleanValue() && piece.get("drawn").booleanValue();
    });
    return id;
  }

  private int sent(String id, String path, String content) throws Exception {
    return asIkenna(post("/api/tray/{id}/" + path, content, id)).getResponse().getStatus();
  }

  private static byte[] stack(byte[]... files) throws IOException {
    try (var all = new PDDocument()) {
      var merger = new PDFMergerUtility();
      for (var file : files) {
        try (var one = Loader.loadPDF(file)) {
          merger.appendDocument(all, one);
        }
      }
      var bytes = new ByteArrayOutputStream();
      all.save(bytes);
      return bytes.toByteArray();
    }
  }

  /** The letter that asks a household for what its claim wants. */
  private byte[] letter(String number) throws Exception {
    taken(number);
    assertEquals(new Asking(this, number).ask("").getResponse().getStatus(), 200);
    var id = database
        .sql("select id from letter where about = ? and kind = 'request'")
        .param(number)
        .query(UUID.class)
        .single();
    return asIkenna(get("/api/letters/{id}", id)).getResponse().getContentAsByteArray();
  }

  private JsonNode papers(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/papers", number))).get("papers");
  }

  @Test
  public void aMixedStackIsFiledByItsCodesAndTheRestWaits() throws Exception {
    var one = claimOf(Packets.meals(3));
    var other = claimOf(Packets.meals(3));
    var id = brought(
        stack(MadePapers.pdf(1), letter(one), MadePapers.pdf(2), letter(other), MadePapers.pdf(1)));
    assertEquals(piece(id).get("pages").intValue(), 1, "what lay on top has no code");
    assertEquals(papers(one).at("/0/picture/pages").intValue(), 3);
    assertEquals(papers(other).at("/0/picture/pages").intValue(), 2);
    assertEquals(papers(one).at("/0/picture/name").stringValue(), "post of Monday.pdf");
    assertTrue(papers(one).at("/0/accepted").isNull(), "nobody has read it yet");
  }

  /** The sheet of a letter that is to be laid on top of what is asked for, the first being 0. */
  private static byte[] sheet(byte[] letter, int nr) throws IOException {
    try (var whole = Loader.loadPDF(letter);
        var one = new PDDocument();
        var bytes = new ByteArrayOutputStream()) {
      // The sheets are the last pages.
      one.importPage(whole.getPage(whole.getNumberOfPages() - 1 - nr));
      one.save(bytes);
      return bytes.toByteArray();
    }
  }

  private JsonNode wanted(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/papers", number))).get("wanted");
  }

  @Test
  public void envelopesThatCameBackAreKnownByTheirCodesAndFileNothing() throws Exception {
    var one = claimOf(Packets.meals(3));
    var other = claimOf(Packets.meals(3));
    var letters = List.of(letter(one), letter(other));
    var notOut = letter(claimOf(Packets.meals(3)));
    database
        .sql(
            "update letter set left_at = now(), left_by = 'maud' where kind = 'request' and about in (?, ?)")
        .param(one)
        .param(other)
        .update();
    var id = body(as(
            "pia",
            "FRONT_DESK",
            MockMvcRequestBuilders.post("/api/tray")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header("X-Paper-Name", "envelopes.pdf")
                .header("X-Paper-Envelopes", "yes")
                .content(stack(
                    first(letters.get(0)),
                    MadePapers.pdf(1),
                    first(letters.get(1)),
                    first(notOut)))))
        .get("id")
        .stringValue();
    Awaitility.await().atMost(PATIENCE).until(() -> piece(id).get("sorted").booleanValue());
    assertEquals(
        piece(id).get("pages").intValue(), 2, "one without a code, one of a letter that is here");
    assertTrue(piece(id).get("envelopes").booleanValue());
    for (var number : List.of(one, other)) {
      assertTrue(claim(number).get("items").toString().contains("\"post:"), number);
      assertEquals(papers(number).size(), 0, "it is no paper of theirs");
    }
    assertEquals(sent(id, "set-aside", "{\"version\": 0, \"because\": \"typed by hand\"}"), 200);
  }

  /** The page of a letter that is seen through the window of its envelope. */
  private static byte[] first(byte[] letter) throws IOException {
    try (var whole = Loader.loadPDF(letter);
        var one = new PDDocument();
        var bytes = new ByteArrayOutputStream()) {
      one.importPage(whole.getPage(0));
      one.save(bytes);
      return bytes.toByteArray();
    }
  }

  @Test
  public void aSheetOnTopSaysWhatLiesBehindIt() throws Exception {
    var number = claimOf(Packets.meals(1161, 2, "en")
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", """
            "requests": [{"service": "rentRelief", "answers": {"leaseNames": ["Ada"],
              "arrears": [{"month": "2026-10", "owed": 500}], "hardship": ["lostWork"]}}],""")
        .replace("\"benefits\": [],", "\"benefits\": [], \"assets\": [], \"expenses\": [],"));
    var letter = letter(number);
    brought(stack(sheet(letter, 0), MadePapers.pdf(2)));
    var paper = papers(number).get(0);
    assertEquals(paper.at("/picture/pages").intValue(), 2, "the sheet is none of it");
    var came = wanted(number)
        .valueStream()
        .filter(one -> one.get("came").booleanValue())
        .map(one -> one.get("subject").stringValue())
        .toList();
    assertEquals(came.size(), 1, came.toString());
    assertEquals(came.get(0).split(":")[0], paper.get("kind").stringValue());
    var alone = brought(sheet(letter, 0));
    assertEquals(piece(alone).get("pages").intValue(), 1, "nothing lay behind it");
  }

  @Test
  public void whatHasNoCodeIsPlacedByAPersonPageByPage() throws Exception {
    var number = claimOf(Packets.meals(3));
    var id = brought(MadePapers.pdf(4));
    assertEquals(piece(id).get("pages").intValue(), 4);
    var wrong =
        "{\"version\": 0, \"claim\": \"BW-26-999999-9\", \"pages\": [0], \"kind\": \"lease\"}";
    assertEquals(sent(id, "filed", wrong), 422);
    assertEquals(
        sent(id, "filed", wrong.replace("BW-26-999999-9", number).replace("[0]", "[4]")), 422);
    assertEquals(
        sent(id, "filed", wrong.replace("BW-26-999999-9", number).replace("[0]", "[1, 2]")), 200);
    assertEquals(piece(id).get("pages").intValue(), 2);
    assertEquals(papers(number).at("/0/kind").stringValue(), "lease");
    assertEquals(papers(number).at("/0/picture/pages").intValue(), 2);
    assertEquals(
        sent(id, "filed", wrong.replace("BW-26-999999-9", number)), 412, "it was touched since");
    var rest = wrong
        .replace("BW-26-999999-9", number)
        .replace("\"version\": 0", "\"version\": 1")
        .replace("[0]", "[0, 1]");
    assertEquals(sent(id, "filed", rest), 200);
    assertTrue(piece(id).isMissingNode(), "nothing of it is left");
  }

  @Test
  public void whatIsNotForUsIsPutAsideWithAReason() throws Exception {
    var id = brought(MadePapers.pdf(1));
    assertEquals(sent(id, "set-aside", "{\"version\": 0, \"because\": \" \"}"), 422);
    assertEquals(sent(id, "set-aside", "{\"version\": 0, \"because\": \"advertising\"}"), 200);
    assertTrue(piece(id).isMissingNode());
    assertEquals(asIkenna(get("/api/tray/{id}/pages/0", id)).getResponse().getStatus(), 404);
  }

  @Test
  public void itsPagesAreSeenByWhoTakesPostAndByNobodyElse() throws Exception {
    var id = brought(MadePapers.pdf(1));
    var page = get("/api/tray/{id}/pages/0", id);
    assertEquals(as("pia", "FRONT_DESK", page).getResponse().getStatus(), 200);
    assertEquals(
        as("jun", "AUDITOR", get("/api/tray/{id}/pages/0", id)).getResponse().getStatus(), 403);
    assertEquals(as("jun", "AUDITOR", get("/api/tray")).getResponse().getStatus(), 403);
  }

  @Test
  public void whatIsNoPaperIsRefusedHereAsWell() throws Exception {
    var before = count("tray_piece");
    assertEquals(bring("not a paper".getBytes()).getResponse().getStatus(), 422);
    assertEquals(count("tray_piece"), before);
    assertFalse(tray().toString().contains("not a paper"));
  }
}
