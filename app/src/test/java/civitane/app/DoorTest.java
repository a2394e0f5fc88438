package civitane.app;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.awaitility.Awaitility;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** The household's door: a code to its own contact, and behind it nothing but its own. */
public class DoorTest extends AtTheDoor {
  private static int phones = 100;

  private record Lodged(String number, String phone) {}

  /** A claim for school meals whose applicant can be texted. */
  private Lodged reachable(String language) throws Exception {
    var phone = "0555 020 " + ++phones;
    var packet =
        Packets.meals(2).replace("\"language\": \"en\"", "\"language\": \"" + language + "\"");
    return new Lodged(claimOf(withPhone(packet, phone, true)), phone);
  }

  private MvcResult ask(String number) throws Exception {
    return perform(post("/api/door/code", "{\"number\": \"%s\"}".formatted(number)));
  }

  private MvcResult enter(String number, String code) throws Exception {
    return perform(
        post("/api/door/entry", "{\"number\": \"%s\", \"code\": \"%s\"}".formatted(number, code)));
  }

  private Map<String, String> lastTo(String phone) {
    return Awaitility.await()
        .atMost(PATIENCE)
        .until(
            () -> REGISTERS.messages().stream()
                .filter(message -> phone.equals(message.get("to")))
                .findFirst(),
            Optional::isPresent)
        .orElseThrow();
  }

  private String codeFor(Lodged claim) throws Exception {
    assertEquals(status(ask(claim.number())), 202);
    var found = SIX_DIGITS.matcher(lastTo(claim.phone()).get("text"));
    assertTrue(found.find());
    return found.group();
  }

  private Cookie through(Lodged claim) throws Exception {
    return through(claim.number(), claim.phone());
  }

  @Test
  public void aCodeToTheirOwnPhoneOpensIt() throws Exception {
    var claim = reachable("fr");
    var code = codeFor(claim);
    assertTrue(lastTo(claim.phone()).get("text").startsWith("Votre code"));
    assertNull(
        database
            .sql("select text from message where to_way = ?")
            .param(claim.phone())
            .query(String.class)
            .optional()
            .orElse(null),
        "what was sent is forgotten");
    var entered = enter(claim.number(), code);
    var visit = entered.getResponse().getCookie("civitane-door");
    assertTrue(visit.isHttpOnly());
    assertEquals(visit.getAttribute("SameSite"), "Strict");
    var own = standing(visit, "fr").get(0);
    assertEquals(own.get("number").stringValue(), claim.number());
    assertTrue(own.get("line").stringValue().startsWith("Nous l’avons"), own.toString());
    assertEquals(status(enter(claim.number(), code)), 422, "a code opens once");
    perform(post("/api/door/exit", ""), visit);
    assertEquals(status(perform(get("/api/door/standing"), visit)), 401);
  }

  /** All there are, each as anybody would try it who has the database and not the key that lies outside. */
  @Test
  public void aCodeCanNotBeTriedOutFromTheDatabase() throws Exception {
    var claim = reachable("en");
    codeFor(claim);
    var kept = database
        .sql("select code_hash from door_code where key = ?")
        .param(claim.number())
        .query(String.class)
        .single();
    var digest = MessageDigest.getInstance("SHA-256");
    for (var code = 0; code < 1_000_000; code++) {
      var typed = String.format(Locale.ROOT, "%06d", code);
      for (var tried : new String[] {typed, "door code\n" + claim.number() + "\n" + typed}) {
        var hash = digest.digest(tried.getBytes(StandardCharsets.UTF_8));
        assertFalse(HexFormat.of().formatHex(hash).equals(kept), tried);
      }
    }
  }

  @Test
  public void whereItIsEncryptedOnlyACookieOfSuchALineIsTaken() throws Exception {
    var claim = reachable("en");
    var code = codeFor(claim);
    var entered = perform(post(
            "/api/door/entry",
            "{\"number\": \"%s\", \"code\": \"%s\"}".formatted(claim.number(), code))
        .secure(true));
    assertNull(entered.getResponse().getCookie("civitane-door"));
    var visit = entered.getResponse().getCookie("__Secure-civitane-door");
    assertTrue(visit.getSecure() && visit.isHttpOnly());
    var standing = get("/api/door/standing").secure(true);
    assertEquals(status(perform(standing, visit)), 200);
    var planted = new Cookie("civitane-door", visit.getValue());
    assertEquals(status(perform(get("/api/door/standing").secure(true), planted)), 401);
  }

  @Test
  public void whatIsAnsweredDoesNotTellWhetherThereIsSuchAClaim() throws Exception {
    var silent = claimOf(withPhone(Packets.meals(2), "0555 020 998", false));
    for (var number :
        new String[] {silent, "BW-26-999999-9", "nothing", reachable("en").number()}) {
      var asked = ask(number);
      assertEquals(status(asked), 202, number);
      assertEquals(asked.getResponse().getContentAsString(), "", number);
      assertEquals(status(enter(number, "000000")), 422, number);
    }
    assertTrue(
        REGISTERS.messages().stream().noneMatch(one -> "0555 020 998".equals(one.get("to"))),
        "who may not be texted is not");
  }

  @Test
  public void aCodeThatIsGuessedAtIsSlowedThenLockedAndOpensNothing() throws Exception {
    var claim = reachable("en");
    var code = codeFor(claim);
    var wrong = code.equals("123456") ? "654321" : "123456";
    var answers = new ArrayList<Integer>();
    for (var i = 0; i < 8; i++) {
      answers.add(status(enter(claim.number(), wrong)));
    }
    assertEquals(answers, List.of(422, 422, 422, 422, 422, 429, 429, 429));
    clock.ahead(Duration.ofSeconds(30));
    assertEquals(status(enter(claim.number(), code)), 422, "it was guessed at too often");
  }

  @Test
  public void tenThousandCodesOpenNothing() throws Exception {
    var claim = reachable("en");
    assertNotEquals(codeFor(claim), "");
    var answers = new TreeMap<Integer, Integer>();
    for (var code = 0; code < 10_000; code++) {
      answers.merge(status(enter(claim.number(), "%06d".formatted(code * 97))), 1, Integer::sum);
    }
    assertFalse(answers.containsKey(204), answers.toString());
    assertTrue(answers.get(422) <= 10, "nearly all are not even looked at: " + answers);
  }

  @Test
  public void aStaffSessionIsWorthNothingHereAndTheOtherWayRound() throws Exception {
    var claim = reachable("en");
    assertEquals(status(asIkenna(get("/api/door/standing"))), 401);
    var visit = through(claim);
    assertEquals(status(perform(get("/api/claims/{number}", claim.number()), visit)), 401);
    var stranger = reachable("en");
    assertEquals(
        status(perform(
            post("/api/door/claims/{number}/messages", "{\"text\": \"x\"}", stranger.number()),
            visit)),
        404);
    var letter = database
        .sql("select id from letter where about = ?")
        .param(claim(stranger.number()).get("number").stringValue())
        .query(String.class)
        .list();
    for (var id : letter) {
      assertEquals(status(perform(get("/api/door/letters/{id}", id), visit)), 404);
    }
  }

  @Test
  public void whatTheyWriteIsANextStepUntilItIsAnsweredInTheirLanguage() throws Exception {
    var claim = reachable("pt");
    taken(claim.number());
    var visit = through(claim);
    assertEquals(
        status(perform(
            post(
                "/api/door/claims/{number}/messages",
                "{\"text\": \"Mudámos de casa.\"}",
                claim.number()),
            visit)),
        204);
    var heard = claim(claim.number());
    assertEquals(heard.get("next").get("words").stringValue(), "Answer what they wrote");
    var said = heard.get("events").get(heard.get("events").size() - 1);
    assertEquals(said.get("actor").stringValue(), "the household");
    var over = decision(claim.number(), heard, true);
    assertEquals(status(over), 422);
    assertTrue(body(over).get("detail").stringValue().contains("nobody has answered"));
    assertEquals(
        status(asIkenna(
            post("/api/claims/{number}/messages", "{\"phrase\": \"weCall\"}", claim.number()))),
        200);
    assertNotEquals(
        claim(claim.number()).get("next").get("words").stringValue(), "Answer what they wrote");
    var messages = standing(visit, "pt").get(0).get("messages");
    assertEquals(messages.get(0).get("text").stringValue(), "Mudámos de casa.");
    assertFalse(messages.get(0).get("ours").booleanValue());
    assertEquals(messages.get(1).get("text").stringValue(), "Nós ligamos-lhe.");
    assertEquals(
        status(asIkenna(
            post("/api/claims/{number}/messages", "{\"text\": \"See you.\"}", claim.number()))),
        200);
    assertTrue(
        standing(visit, "pt").get(0).get("messages").get(2).get("asWritten").booleanValue());
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> lastTo(claim.phone()).get("text").startsWith("Há novidades"));
    assertFalse(lastTo(claim.phone()).get("text").contains("See you"), "no word of what it says");
  }

  @Test
  public void whatIsWrittenToAClaimThatIsOverComesToWhoHadIt() throws Exception {
    var claim = reachable("en");
    assertEquals(status(decision(claim.number(), taken(claim.number()), true)), 200);
    var visit = through(claim);
    var before = standing(visit, "en").get(0);
    assertTrue(before.get("line").stringValue().contains("on its way"), before.toString());
    assertEquals(before.get("granted").size(), 0, "the letter tells it first");
    assertEquals(
        status(perform(
            post("/api/door/claims/{number}/not-mine", "{\"text\": \"Not me.\"}", claim.number()),
            visit)),
        204);
    var reminded = body(asIkenna(get("/api/reminders"))).toString();
    assertTrue(reminded.contains("Not me.") && reminded.contains(claim.number()), reminded);
  }

  /** The first paper that is wanted of whoever is through. */
  private int wantedPaper(Cookie visit) throws Exception {
    return standing(visit, "en")
        .get(0)
        .get("wanted")
        .valueStream()
        .filter(one -> one.get("paper").booleanValue())
        .findFirst()
        .orElseThrow()
        .get("item")
        .intValue();
  }

  @Test
  public void aPaperForWhatIsWantedAnswersItAndMoreTimeIsAskedFor() throws Exception {
    var packet = Packets.rent(1201);
    var phone = "0555 020 " + ++phones;
    var claim = new Lodged(claimOf(withPhone(packet, phone, true)), phone);
    taken(claim.number());
    var visit = through(claim);
    var item = wantedPaper(visit);
    var time = perform(
        post(
            "/api/door/claims/{number}/items/{item}/time",
            "{\"text\": \"The employer is on leave until the 14th.\"}",
            claim.number(),
            item),
        visit);
    assertEquals(status(time), 204);
    assertTrue(claim(claim.number()).toString().contains("They ask for more time for"));
    var sent = perform(
        MockMvcRequestBuilders.post(
                "/api/door/claims/{number}/items/{item}/papers", claim.number(), item)
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .header("X-Paper-Name", "lohn%20okt.png")
            .header("X-Paper-Remark", "the%20second%20page%20follows")
            .content(MadePapers.png(900, 1200, "Payslip October")),
        visit);
    assertEquals(status(sent), 204, sent.getResponse().getContentAsString());
    var now = standing(visit, "en")
        .get(0)
        .get("wanted")
        .valueStream()
        .filter(one -> one.get("item").intValue() == item)
        .findFirst()
        .orElseThrow();
    assertTrue(now.get("came").booleanValue());
    var papers =
        body(asIkenna(get("/api/claims/{number}/papers", claim.number()))).toString();
    assertTrue(papers.contains("lohn okt.png") && papers.contains("the household"), papers);
    var bad = perform(
        MockMvcRequestBuilders.post(
                "/api/door/claims/{number}/items/{item}/papers", claim.number(), item)
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content("no picture".getBytes(StandardCharsets.UTF_8)),
        visit);
    assertEquals(status(bad), 422);
  }

  private MvcResult send(Cookie visit, String number, int item, String where, byte[] file)
      throws Exception {
    return perform(
        MockMvcRequestBuilders.post(
                "/api/door/claims/{number}/items/{item}/papers" + where, number, item)
            .contentType(MediaType.APPLICATION_OCTET_STREAM)
            .content(file),
        visit);
  }

  @Test
  public void whatNobodyPhotographsInADayIsNotTaken() throws Exception {
    var phone = "0555 020 " + ++phones;
    var claim = new Lodged(claimOf(withPhone(Packets.rent(1203), phone, true)), phone);
    var visit = through(claim);
    var item = wantedPaper(visit);
    assertEquals(
        status(send(visit, claim.number(), item, "", MadePapers.png(900, 1200, "First"))), 204);
    database.sql("""
            with many as (
              insert into paper_file (hash, media_type, size, pages, drawn, read)
              select 'much-' || :number || n, 'image/png', 1000, 1, true, true from generate_series(1, 79) n
              returning hash),
            theirs as (
              select p.id from paper p join claim c on c.household_id = p.household_id
              where c.number = :number limit 1)
            insert into sheet (of, position, hash, page, turn)
            select theirs.id, 100 + row_number() over (), many.hash, 0, 0 from many, theirs
            """).param("number", claim.number()).update();
    for (var where : new String[] {"", "/pages"}) {
      assertEquals(
          status(send(visit, claim.number(), item, where, MadePapers.png(900, 1200, "One more"))),
          429);
    }
    clock.ahead(Duration.ofHours(25));
    try {
      assertEquals(
          status(send(through(claim), claim.number(), item, "", MadePapers.png(900, 1200, "Next"))),
          204);
    } finally {
      clock.ahead(Duration.ZERO);
      database.sql("delete from sheet where hash like 'much-%'").update();
      database.sql("delete from paper_file where hash like 'much-%'").update();
    }
  }

  @Test
  public void thePagesOfAPaperComeOneAfterTheOtherEachOnce() throws Exception {
    var phone = "0555 020 " + ++phones;
    var claim = new Lodged(claimOf(withPhone(Packets.rent(1202), phone, true)), phone);
    var number = claim.number();
    var visit = through(claim);
    var item = wantedPaper(visit);
    var first = MadePapers.png(900, 1200, "Payslip October, page 1");
    var second = MadePapers.png(900, 1200, "Payslip October, page 2");
    assertEquals(status(send(visit, number, item, "/pages", second)), 412, "no paper yet");
    assertEquals(status(send(visit, number, item, "", first)), 204);
    for (var again = 0; again < 2; again++) {
      assertEquals(status(send(visit, number, item, "/pages", second)), 204);
    }
    assertEquals(
        status(send(visit, number, item, "/pages", "no picture".getBytes(StandardCharsets.UTF_8))),
        422);
    var now = standing(visit, "en")
        .get(0)
        .get("wanted")
        .valueStream()
        .filter(one -> one.get("item").intValue() == item)
        .findFirst()
        .orElseThrow();
    assertEquals(now.get("pages").stringValue(), "2 pages so far.");
    var papers = body(asIkenna(get("/api/claims/{number}/papers", number)));
    assertEquals(papers.toString().split("\"cameBy\"").length - 1, 1, papers.toString());
    var stranger = reachable("en");
    assertEquals(
        status(send(through(stranger), number, item, "/pages", second)), 404, "not theirs");
  }

  @Test
  public void whatTheyToldIsReadInAnyLanguageButNotWhereTheyLive() throws Exception {
    var claim = reachable("en");
    var visit = through(claim);
    var told = body(perform(
            get("/api/door/claims/{number}/told", claim.number()).param("language", "fr"), visit))
        .toString();
    assertTrue(told.contains("Marsh Road School") && told.contains("430,00"), told);
    assertFalse(told.contains("Tide Row") || told.contains("0555 020"), told);
    var other = reachable("en").number();
    assertEquals(status(perform(get("/api/door/claims/{number}/told", other), visit)), 404);
    for (var about : List.of("changed", "not-wanted")) {
      assertEquals(
          status(perform(
              post(
                  "/api/door/claims/{number}/{about}",
                  "{\"text\": \"" + about + " it is\"}",
                  claim.number(),
                  about),
              visit)),
          204);
    }
    var events = claim(claim.number()).get("events").toString();
    assertTrue(events.contains("They say that something has changed: changed it is"), events);
    assertTrue(events.contains("They do not want it any more: not-wanted it is"), events);
  }

  @Test
  public void manyAtOnceAreAllHeard() throws Exception {
    var claim = reachable("en");
    taken(claim.number());
    var visit = through(claim);
    var told = atOnce(
        6,
        i -> () -> status(perform(
            post(
                "/api/door/claims/{number}/messages",
                "{\"text\": \"message " + i + "\"}",
                claim.number()),
            visit)));
    assertEquals(told, Collections.nCopies(6, 204));
    assertEquals(standing(visit, "en").get(0).get("messages").size(), 6);
    assertEquals(
        claim(claim.number())
            .get("items")
            .valueStream()
            .filter(item -> item.get("subject").stringValue().startsWith("wrote:"))
            .count(),
        1,
        "one thing to answer");
  }

  @Test
  public void aMessageThatReachesNobodyIsANextStep() throws Exception {
    var number = claimOf(withPhone(Packets.meals(2), "0555 020 900", true));
    taken(number);
    assertEquals(status(ask(number)), 202);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> claim(number).toString().contains("Ask where they can be reached"));
    var view = claim(number);
    var item = view.get("items")
        .valueStream()
        .filter(one -> one.get("subject").stringValue().startsWith("unreached:"))
        .findFirst()
        .orElseThrow();
    var settled = asIkenna(post(
        "/api/claims/{number}/items/{item}/settled",
        "{\"version\": %d, \"because\": \"another number, by phone\"}"
            .formatted(view.get("version").intValue()),
        number,
        item.get("id").intValue()));
    assertEquals(status(settled), 200);
    assertFalse(claim(number).get("items").toString().contains("unreached:"));
  }

  @Test
  public void aVisitThatNobodyTouchesEnds() throws Exception {
    var visit = through(reachable("en"));
    clock.ahead(Duration.ofMinutes(16));
    assertEquals(status(perform(get("/api/door/standing"), visit)), 401);
  }

  @Test
  public void whoHasNoSafeWayIsGivenACodeAtTheCounter() throws Exception {
    var silent = claimOf(withPhone(Packets.meals(2), "0555 020 997", false));
    while (status(enter(silent, "000000")) != 429) {
      // Somebody guesses until the door is locked.
    }
    var nobody = asIkenna(post("/api/claims/{number}/door-code", "{\"seen\": \" \"}", silent));
    assertEquals(status(nobody), 422);
    var given =
        asIkenna(post("/api/claims/{number}/door-code", "{\"seen\": \"passport\"}", silent));
    var code = body(given).get("code").stringValue();
    var entered = enter(silent, code);
    assertEquals(status(entered), 204);
    var visit = entered.getResponse().getCookie("civitane-door");
    assertEquals(standing(visit, "en").get(0).get("number").stringValue(), silent);
    assertEquals(status(enter(silent, code)), 422, "it opens once");
    assertTrue(claim(silent).toString().contains("having seen who they are: passport"));
  }
}
