package civitane.app;

import jakarta.servlet.http.Cookie;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** What the household is asked about is put right in the place of what it told, and looked at by somebody. */
public class CorrectingTest extends AtTheDoor {
  private static final String AMOUNT = "/household/incomes/0/amount";
  private static final String TOTAL = "/requests/0/answers/householdTotal";
  private static int phones = 600;

  /** A claim in which two facts are doubted, and whoever made it at the door. */
  private record Doubted(String number, Cookie visit, int amount, int total) {}

  private Doubted doubted() throws Exception {
    var phone = "0555 046 " + ++phones;
    var number = claimOf(withPhone(Packets.meals(2), phone, true));
    taken(number);
    doubt(number, AMOUNT, "PAPERS");
    doubt(number, TOTAL, "CONTRADICTION");
    return new Doubted(number, through(number, phone), item(number, AMOUNT), item(number, TOTAL));
  }

  private void doubt(String number, String pointer, String finding) throws Exception {
    assertEquals(
        status(desk(
            number,
            "found-wrong",
            "\"pointer\": \"%s\", \"finding\": \"%s\"".formatted(pointer, finding))),
        200);
  }

  private MvcResult desk(String number, String path, String body) throws Exception {
    return asIkenna(post(
        "/api/claims/{number}/" + path,
        "{\"version\": %d, %s}".formatted(claim(number).get("version").intValue(), body),
        number));
  }

  private JsonNode wanted(String number, String pointer) throws Exception {
    return claim(number)
        .get("items")
        .valueStream()
        .filter(one -> one.get("subject").stringValue().equals(pointer))
        .findFirst()
        .orElse(null);
  }

  private int item(String number, String pointer) throws Exception {
    return wanted(number, pointer).get("id").intValue();
  }

  private static String answers(Map<Integer, String> typed) {
    return new TreeMap<>(typed)
        .entrySet().stream()
            .map(one -> "{\"item\": %d, \"text\": \"%s\"}".formatted(one.getKey(), one.getValue()))
            .collect(Collectors.joining(", ", "[", "]"));
  }

  private MvcResult looked(Doubted claim, Map<Integer, String> typed, String language)
      throws Exception {
    return perform(
        post(
            "/api/door/claims/{number}/corrections/look",
            "{\"answers\": %s, \"language\": \"%s\"}".formatted(answers(typed), language),
            claim.number()),
        claim.visit());
  }

  private MvcResult sent(Doubted claim, Map<Integer, String> typed, String name) throws Exception {
    return perform(
        post(
            "/api/door/claims/{number}/corrections",
            "{\"answers\": %s, \"name\": \"%s\", \"language\": \"en\"}"
                .formatted(answers(typed), name),
            claim.number()),
        claim.visit());
  }

  @Test
  public void aQuestionThatSeveralWordsAnswerIsTicked() throws Exception {
    var hardship = "/requests/0/answers/hardship";
    var phone = "0555 046 " + ++phones;
    var packet = Packets.meals(2)
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", """
            "requests": [{"service": "rentRelief", "answers": {
              "landlord": {"name": "Marsh Lane Homes"}, "monthlyRent": 640}}],""")
        .replace("\"benefits\": [],", "\"benefits\": [], \"assets\": [], \"expenses\": [],");
    var number = claimOf(withPhone(packet, phone, true));
    var claim = new Doubted(number, through(number, phone), item(number, hardship), 0);
    var asks = standing(claim.visit(), "fr")
        .at("/0/wanted")
        .valueStream()
        .filter(one -> one.get("item").intValue() == claim.amount())
        .findFirst()
        .orElseThrow()
        .get("asks");
    assertEquals(asks.get("kind").stringValue(), "list");
    assertEquals(asks.get("choices").size(), 7, asks.toString());
    assertEquals(asks.at("/choices/0/said").stringValue(), "maladie", "without its question");

    var unread = body(looked(claim, Map.of(claim.amount(), "lostWork,weather"), "fr"));
    assertEquals(unread.at("/unread/0/item").intValue(), claim.amount());
    var typed = Map.of(claim.amount(), "lostWork,illness");
    var after = body(looked(claim, typed, "en")).at("/changes/0/after").stringValue();
    assertEquals(after, "lost work and illness");
    assertEquals(status(sent(claim, typed, applicant(number))), 200);
    assertEquals(claim(number).at("/packet" + hardship).toString(), "[\"lostWork\",\"illness\"]");
    assertNull(wanted(number, hardship), "it is told");
  }

  private String applicant(String number) throws Exception {
    var applicant = claim(number).at("/packet/household/people/0");
    return applicant.get("givenName").stringValue() + " Tamsett";
  }

  private double used(String number) throws Exception {
    return claim(number).at("/packet" + AMOUNT).doubleValue();
  }

  @Test
  public void whatIsAskedIsLookedOverThenSignedAndSentUnderTheSameNumber() throws Exception {
    var claim = doubted();
    var asked = standing(claim.visit(), "fr").at("/0/wanted");
    assertEquals(asked.size(), 2);
    assertEquals(asked.at("/0/asks/kind").stringValue(), "money", asked.toString());

    var unread = body(looked(claim, Map.of(claim.amount(), "much", claim.total(), "3"), "pt"));
    assertEquals(unread.at("/unread/0/item").intValue(), claim.amount());
    assertFalse(unread.at("/unread/0/wrong").stringValue().isEmpty());
    assertEquals(unread.get("changes").size(), 1, "all others are read all the same");

    var typed = Map.of(claim.amount(), "512,50", claim.total(), "2");
    var looked = body(looked(claim, typed, "fr"));
    assertEquals(looked.get("unread").size(), 0);
    var amount = looked.at("/changes/0");
    assertTrue(amount.get("before").stringValue().contains("430"), amount.toString());
    assertTrue(amount.get("after").stringValue().contains("512,50"), amount.toString());
    assertFalse(amount.get("same").booleanValue());
    assertTrue(looked.at("/changes/1/same").booleanValue());
    assertFalse(looked.get("stated").isEmpty());
    assertEquals(used(claim.number()), 430.0, "nothing is kept by looking it over");

    var other = body(sent(claim, typed, "Somebody Else"));
    assertTrue(other.get("otherName").stringValue().contains("Somebody Else"));
    assertEquals(used(claim.number()), 430.0, "nothing is kept without the right name");
    assertEquals(
        body(sent(claim, typed, applicant(claim.number()))).get("otherName").stringValue(), "");
    assertEquals(used(claim.number()), 512.5);
    var events = claim(claim.number()).get("events").toString();
    assertTrue(events.contains("puts right") && events.contains("512.50"), events);
    assertTrue(standing(claim.visit(), "en").at("/0/wanted/0/came").booleanValue());
    var signatures = claim(claim.number()).at("/packet/signatures");
    assertEquals(signatures.size(), 2, "what was stated is signed anew: " + signatures);
    var twice = sent(claim, typed, applicant(claim.number()));
    assertEquals(status(twice), 422, "it came already");
  }

  @Test
  public void itIsLookedAtAsBeforeAndAfterAndMayBeAskedAgain() throws Exception {
    var claim = doubted();
    var name = applicant(claim.number());
    assertEquals(status(sent(claim, Map.of(claim.amount(), "512.50"), name)), 200);
    var came = wanted(claim.number(), AMOUNT);
    assertTrue(came.get("putRight").stringValue().contains("430"), came.toString());
    assertTrue(came.get("putRight").stringValue().contains("512.50"), came.toString());
    assertTrue(wanted(claim.number(), TOTAL).get("putRight").isNull());
    var path = "items/" + claim.amount() + "/looked-at";
    assertEquals(status(desk(claim.number(), path, "\"again\": \"PERIOD\"")), 200);
    var again = wanted(claim.number(), AMOUNT);
    assertEquals(again.get("returned").intValue(), 1);
    assertEquals(again.get("owner").stringValue(), "household");
    assertEquals(status(desk(claim.number(), path, "\"again\": null")), 422, "nothing came");
    assertEquals(status(sent(claim, Map.of(claim.amount(), "520"), name)), 200);
    assertEquals(status(desk(claim.number(), path, "\"again\": null")), 200);
    assertNull(wanted(claim.number(), AMOUNT));
    assertEquals(used(claim.number()), 520.0);
    assertEquals(ledgerSaid(claim.number(), AMOUNT), List.of("€520.00", "€512.50", "€430.00"));
  }

  /** What was said of a fact so far, the last first. */
  private List<String> ledgerSaid(String number, String place) throws Exception {
    var said = new ArrayList<String>();
    body(asIkenna(get("/api/claims/{number}/ledger", number))).findParents("place").stream()
        .filter(row -> place.equals(row.path("place").asString("")))
        .flatMap(row -> row.get("history").valueStream())
        .filter(cell -> "said".equals(cell.get("kind").stringValue()))
        .forEach(cell -> said.add(cell.get("value").stringValue()));
    return said;
  }

  @Test
  public void whatIsToldToTheOfficeIsNotedWithHow() throws Exception {
    var claim = doubted();
    var path = "items/" + claim.total() + "/put-right";
    assertEquals(
        status(desk(claim.number(), path, "\"value\": \"three\", \"told\": \"by phone\"")), 422);
    assertEquals(status(desk(claim.number(), path, "\"value\": \"3\", \"told\": \" \"")), 422);
    var stale = asIkenna(post(
        "/api/claims/{number}/" + path,
        "{\"version\": 0, \"value\": \"3\", \"told\": \"by phone\"}",
        claim.number()));
    assertEquals(status(stale), 412);
    var others = as(
        "maud",
        "CASEWORKER",
        post(
            "/api/claims/{number}/" + path,
            "{\"version\": %d, \"value\": \"3\", \"told\": \"by phone\"}"
                .formatted(claim(claim.number()).get("version").intValue()),
            claim.number()));
    assertEquals(status(others), 412, "Ikenna has it");
    assertEquals(
        status(desk(claim.number(), path, "\"value\": \"3\", \"told\": \"by phone\"")), 200);
    assertEquals(claim(claim.number()).at("/packet" + TOTAL).intValue(), 3);
    assertTrue(claim(claim.number()).get("events").toString().contains("(by phone)"));
    assertEquals(
        count("audit_log where action = 'put right' and actor = 'ikenna' and subject = '"
            + claim.number() + "'"),
        1);
  }

  @Test
  public void onlyWhatIsAskedAboutCanBePutRight() throws Exception {
    var claim = doubted();
    var name = applicant(claim.number());
    assertEquals(status(sent(claim, Map.of(77, "1"), name)), 422);
    assertEquals(status(looked(claim, Map.of(77, "1"), "en")), 422);
    assertEquals(status(sent(claim, Map.of(), name)), 422, "nothing is answered");
    assertEquals(status(sent(claim, Map.of(claim.amount(), "x"), name)), 422);
    var another = doubted();
    var elsewhere = new Doubted(another.number(), claim.visit(), another.amount(), another.total());
    assertEquals(status(sent(elsewhere, Map.of(another.amount(), "1"), name)), 404);
  }

  @Test
  public void ofTwoWhoAnswerAtOnceOneIsHeard() throws Exception {
    var claim = doubted();
    var name = applicant(claim.number());
    var answered = atOnce(
        4, i -> () -> status(sent(claim, Map.of(claim.amount(), String.valueOf(500 + i)), name)));
    assertEquals(answered.stream().filter(one -> one == 200).count(), 1, answered.toString());
    assertEquals(answered.stream().filter(one -> one == 422).count(), 3, answered.toString());
  }
}
