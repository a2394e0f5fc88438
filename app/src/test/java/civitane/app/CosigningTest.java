package civitane.app;

import jakarta.servlet.http.Cookie;
import java.time.LocalDate;
import java.util.List;
import java.util.ListIterator;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A second grown-up signs what another lodged, from a contact of their own, after having read it; nobody signs for them. */
public class CosigningTest extends AtTheDoor {
  private static int phones = 500;

  /** Each household's own: whoever is taken for somebody else has to be looked at. */
  private static final ListIterator<String> NAMES = List.of(
          "Wilhelmina Oakeshott",
          "Ragnhild Sternmoor",
          "Perpetua Lockyer",
          "Ottoline Vasey",
          "Isaura Brennholt",
          "Cordula Wennerby",
          "Hedda Marrowfield")
      .listIterator();

  /** What a household lodged, and how its two grown-ups are reached. */
  private record Lodged(String number, String phone, String hers, String born, String name) {}

  /** Relief for a home that two own; the applicant has signed. */
  private Lodged lodged() throws Exception {
    var phone = "0555 040 " + ++phones;
    var name = NAMES.next();
    var born =
        LocalDate.parse("1960-05-11").plusDays(NAMES.nextIndex() * 1_117L).toString();
    var packet = Packets.meals(2)
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", """
            "requests": [{"service": "homePaymentRelief", "answers": {
              "lender": {"name": "Brackwater Building Society"}, "loanNumber": "HL-005127", "amountDue": 9600}}],""")
        .replace("\"benefits\": [],", "\"benefits\": [], \"assets\": [], \"expenses\": [],")
        .replace("{\"id\": \"p2\"", """
            {"id": "p3", "role": "spouse", "givenName": "%s", "familyName": "%s", "birthDate": "%s",
             "residentNumber": null, "residentNumberMissing": "declined"}, {"id": "p2\"""".formatted(name.split(" ")[0], name.split(" ")[1], born)
            .strip());
    return new Lodged(
        claimOf(withPhone(packet, phone, true)), phone, "0555 041 " + phones, born, name);
  }

  private Cookie through(Lodged claim) throws Exception {
    return through(claim.number(), claim.phone());
  }

  private JsonNode signature(Cookie visit) throws Exception {
    var wanted = body(perform(get("/api/door/standing"), visit)).at("/claims/0/wanted");
    return wanted
        .valueStream()
        .filter(one -> one.get("signer").booleanValue())
        .findFirst()
        .orElse(null);
  }

  private String asked(Cookie visit, Lodged claim, int item, String contact) throws Exception {
    return body(perform(
            post(
                "/api/door/claims/{number}/items/{item}/signer",
                "{\"contact\": \"%s\"}".formatted(contact),
                claim.number(),
                item),
            visit))
        .get("became")
        .stringValue();
  }

  private MvcResult enter(String contact, String code, String born) throws Exception {
    return perform(post(
        "/api/door/signing/entry",
        "{\"contact\": \"%s\", \"code\": \"%s\", \"born\": \"%s\"}"
            .formatted(contact, code, born)));
  }

  private String codeTo(String contact) throws Exception {
    return codeTo(
        contact, post("/api/door/beginning/code", "{\"contact\": \"%s\"}".formatted(contact)));
  }

  private Cookie asked(Lodged claim) throws Exception {
    var visit = through(claim);
    var item = signature(visit).get("item").intValue();
    assertEquals(asked(visit, claim, item, claim.hers()), "asked");
    return visit(enter(claim.hers(), codeTo(claim.hers()), claim.born()));
  }

  private JsonNode cosigned(Cookie signer, String name) throws Exception {
    var answered = perform(
        post(
            "/api/door/signing",
            "{\"name\": \"%s\", \"language\": \"fr\", \"allows\": []}".formatted(name)),
        signer);
    assertEquals(status(answered), 200, answered.getResponse().getContentAsString());
    return body(answered);
  }

  @Test
  public void sheAllowsForHerselfThatTheRegistersAreAsked() throws Exception {
    var claim = lodged();
    var signer = asked(claim);
    var offered = body(perform(get("/api/door/signing"), signer)).at("/mayAsk/whom");
    assertEquals(offered.get(0).get("word").stringValue(), "registers", offered.toString());
    var signs = "{\"name\": \"%s\", \"allows\": [\"%s\"]}";
    assertEquals(
        status(perform(post("/api/door/signing", signs.formatted(claim.name(), "doctor")), signer)),
        422);
    assertEquals(count("entry where value like '%doctor%'"), 0);
    assertEquals(
        status(
            perform(post("/api/door/signing", signs.formatted(claim.name(), "registers")), signer)),
        200);
    var household = claim(claim.number()).at("/packet/household");
    var consent = household.at("/consents/0");
    assertEquals(consent.get("to").stringValue(), "registers");
    assertEquals(
        consent.get("person").stringValue(), household.at("/people/1/id").stringValue());
    assertEquals(household.get("consents").size(), 1);
  }

  @Test
  public void sheReadsWhatWasToldAndSignsWithHerOwnName() throws Exception {
    var claim = lodged();
    var signer = asked(claim);
    var read = body(perform(get("/api/door/signing").param("language", "fr"), signer));
    assertEquals(read.get("name").stringValue(), claim.name());
    assertTrue(read.get("asks").stringValue().contains("vous demande de signer"), read.toString());
    assertTrue(read.get("sections").toString().contains("430"), read.toString());
    assertFalse(read.get("sections").toString().contains("Tide Row"), "where they live");
    assertTrue(read.get("statements").size() > 0);

    assertTrue(cosigned(signer, claim.name() + "-Brandt")
        .get("otherName")
        .stringValue()
        .contains(claim.name()));
    assertEquals(count("entry where value like '%-Brandt%'"), 0);
    assertEquals(cosigned(signer, claim.name()).get("otherName").stringValue(), "");
    assertEquals(signature(through(claim)), null, "nothing of it is wanted any more");
    var events = claim(claim.number()).get("events").toString();
    assertTrue(events.contains(claim.name() + " signed, as"), events);
    var signatures = claim(claim.number()).at("/packet/signatures");
    assertEquals(signatures.size(), 2, signatures.toString());
    assertEquals(signatures.get(1).get("language").stringValue(), "fr");
    assertTrue(signatures.get(1).get("wording").size() > 0);

    assertTrue(body(perform(get("/api/door/signing"), signer)).get("signed").booleanValue());
    var again = perform(
        post("/api/door/signing", "{\"name\": \"%s\", \"allows\": []}".formatted(claim.name())),
        signer);
    assertEquals(status(again), 422, "once");
    assertEquals(
        status(enter(claim.hers(), codeTo(claim.hers()), claim.born())), 422, "it is over");
  }

  @Test
  public void onlyWhoHasTheContactAndKnowsTheBirthDateComesIn() throws Exception {
    var claim = lodged();
    var visit = through(claim);
    var item = signature(visit).get("item").intValue();
    assertEquals(asked(visit, claim, item, claim.phone()), "yourOwn");
    assertEquals(asked(visit, claim, item, claim.phone().replace(" ", "-")), "yourOwn");
    assertEquals(asked(visit, claim, item, "somewhere"), "notAContact");
    assertEquals(signature(visit).get("asked").stringValue(), "");
    assertEquals(status(enter(claim.hers(), codeTo(claim.hers()), claim.born())), 422, "not asked");
    assertEquals(asked(visit, claim, item, claim.hers()), "asked");
    assertTrue(signature(visit).get("asked").stringValue().contains("Asked to sign on"));
    var code = codeTo(claim.hers());
    assertEquals(status(enter(claim.hers(), code, "1980-01-01")), 422);
    assertEquals(status(enter(claim.hers(), code, claim.born())), 422, "a code is tried once");
    assertEquals(status(enter(claim.hers(), "000000", claim.born())), 422);
    visit(enter(claim.hers(), codeTo(claim.hers()), claim.born()));
  }

  /** The one that the household named did not reach her; the office asks at another. */
  @Test
  public void theOfficeAsksHerAnew() throws Exception {
    var claim = lodged();
    var visit = through(claim);
    var item = signature(visit).get("item").intValue();
    var elsewhere = "0555 049 200";
    assertEquals(asked(visit, claim, item, elsewhere), "asked");
    assertEquals(status(atDesk(claim, item, 0, claim.hers())), 412, "nobody has it");
    taken(claim.number());
    assertEquals(status(atDesk(claim, item, claim.phone())), 422, "not the applicant's");
    assertEquals(status(atDesk(claim, item, "by pigeon")), 422);
    assertEquals(status(atDesk(claim, item + 90, claim.hers())), 422, "not wanted");
    var version = version(claim);
    assertEquals(status(atDesk(claim, item, claim.hers())), 200);
    assertEquals(status(atDesk(claim, item, version, claim.hers())), 412, "once");
    assertEquals(status(enter(elsewhere, codeTo(elsewhere), claim.born())), 422, "not there");
    var signer = visit(enter(claim.hers(), codeTo(claim.hers()), claim.born()));
    assertEquals(cosigned(signer, claim.name()).get("otherName").stringValue(), "");
    assertEquals(claim(claim.number()).at("/packet/signatures").size(), 2);
  }

  /** Looks at the claim again where something of the day's work has come to it meanwhile. */
  private MvcResult atDesk(Lodged claim, int item, String contact) throws Exception {
    var result = atDesk(claim, item, version(claim), contact);
    while (status(result) == 412) {
      result = atDesk(claim, item, version(claim), contact);
    }
    return result;
  }

  private int version(Lodged claim) throws Exception {
    return claim(claim.number()).get("version").intValue();
  }

  private MvcResult atDesk(Lodged claim, int item, int version, String contact) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/items/{item}/signer",
        "{\"version\": %d, \"contact\": \"%s\"}".formatted(version, contact),
        claim.number(),
        item));
  }

  @Test
  public void nobodyIsSentMessageAfterMessage() throws Exception {
    var claim = lodged();
    var visit = through(claim);
    var item = signature(visit).get("item").intValue();
    var became = "";
    for (var i = 0; i < 12 && !became.equals("tooOften"); i++) {
      became = asked(visit, claim, item, "0555 049 10" + i % 10);
    }
    assertEquals(became, "tooOften");
  }

  @Test
  public void whoSignsSeesNothingElseAndNobodyElseSigns() throws Exception {
    var claim = lodged();
    var signer = asked(claim);
    for (var path : new String[] {
      "/api/door/standing", "/api/door/application", "/api/door/claims/" + claim.number() + "/told"
    }) {
      assertEquals(status(perform(get(path), signer)), 403, path);
    }
    assertEquals(status(perform(get("/api/door/signing"), through(claim))), 403);
    assertEquals(status(perform(get("/api/door/signing"))), 401);
    assertEquals(status(asIkenna(get("/api/door/signing"))), 401, "who works here is nobody there");
  }

  @Test
  public void whatIsWrongIsToldToTheOfficeAndIsNoSignature() throws Exception {
    var claim = lodged();
    var signer = asked(claim);
    var said = perform(
        post("/api/door/signing/otherwise", "{\"text\": \"The house is mine alone.\"}"), signer);
    assertEquals(status(said), 204);
    var seen = claim(claim.number());
    assertTrue(seen.get("items").toString().contains("The house is mine alone."), seen.toString());
    assertEquals(seen.at("/packet/signatures").size(), 1);
    assertFalse(
        body(perform(get("/api/door/standing"), through(claim))).toString().contains("mine alone"),
        "what one says is not shown to the other");
    assertEquals(
        status(perform(post("/api/door/signing/otherwise", "{\"text\": \" \"}"), signer)), 422);
  }
}
