package civitane.app;

import jakarta.servlet.http.Cookie;
import java.util.ArrayList;
import java.util.List;
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
  private static final String INCOMES = "/household/incomes";
  private static final String ASSETS = "/household/assets";
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

  /** An answer to a question of something wanted. */
  private record Typed(int item, String name, String text) {
    String json() {
      return "{\"item\": %d, \"name\": \"%s\", \"text\": \"%s\"}".formatted(item, name, text);
    }
  }

  private static Typed amount(Doubted claim, String text) {
    return new Typed(claim.amount(), AMOUNT, text);
  }

  private static Typed total(Doubted claim, String text) {
    return new Typed(claim.total(), TOTAL, text);
  }

  private static String answers(List<Typed> typed) {
    return typed.stream().map(Typed::json).collect(Collectors.joining(", ", "[", "]"));
  }

  private MvcResult looked(Doubted claim, List<Typed> typed, String language) throws Exception {
    return perform(
        post(
            "/api/door/claims/{number}/corrections/look",
            "{\"answers\": %s, \"language\": \"%s\"}".formatted(answers(typed), language),
            claim.number()),
        claim.visit());
  }

  private MvcResult sent(Doubted claim, List<Typed> typed, String name) throws Exception {
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
        .at("/asks/0");
    assertEquals(asks.get("kind").stringValue(), "list");
    assertEquals(asks.get("choices").size(), 7, asks.toString());
    assertEquals(asks.at("/choices/0/said").stringValue(), "maladie", "without its question");

    var unread =
        body(looked(claim, List.of(new Typed(claim.amount(), hardship, "lostWork,weather")), "fr"));
    assertEquals(unread.at("/unread/0/item").intValue(), claim.amount());
    var typed = List.of(new Typed(claim.amount(), hardship, "lostWork,illness"));
    var after = body(looked(claim, typed, "en")).at("/changes/0/after").stringValue();
    assertEquals(after, "lost work and illness");
    assertEquals(status(sent(claim, typed, applicant(number))), 200);
    assertEquals(claim(number).at("/packet" + hardship).toString(), "[\"lostWork\",\"illness\"]");
    assertNull(wanted(number, hardship), "it is told");
  }

  /** Somebody who told nothing of what they live on, what goes out and what is owned; {@code amount} is no item. */
  private Doubted silent() throws Exception {
    var phone = "0555 046 " + ++phones;
    var packet = Packets.allowance(300)
        .replaceFirst("\"incomes\": \\[.*?\\]", "\"incomes\": []")
        .replace("\"expenses\": [], \"assets\": [],", "");
    var number = claimOf(withPhone(packet, phone, true));
    return new Doubted(number, through(number, phone), 0, 0);
  }

  private static JsonNode asks(JsonNode wanted, int item) {
    return wanted
        .valueStream()
        .filter(one -> one.get("item").intValue() == item)
        .findFirst()
        .orElseThrow()
        .get("asks");
  }

  @Test
  public void aWholeListAndWhatSomebodyLivesOnAreAnsweredFieldByField() throws Exception {
    var claim = silent();
    var number = claim.number();
    var income = item(number, "income:p1");
    var assets = item(number, ASSETS);
    var wanted = standing(claim.visit(), "en").at("/0/wanted");
    assertEquals(asks(wanted, income).at("/0/label").stringValue(), "No income at all");
    assertEquals(asks(wanted, income).at("/1/name").stringValue(), INCOMES + "/0/kind");
    assertEquals(asks(wanted, assets).at("/0/label").stringValue(), "What is owned: none?");

    var wrong = body(looked(
        claim,
        List.of(
            new Typed(income, INCOMES + "/0/amount", "much"),
            new Typed(assets, ASSETS + "#", "yes"),
            new Typed(assets, ASSETS + "/1/value", "60")),
        "en"));
    assertEquals(
        wrong
            .get("unread")
            .valueStream()
            .map(one -> one.get("name").stringValue())
            .toList(),
        List.of(INCOMES + "/0/amount", ASSETS + "#", ASSETS + "/1/kind"),
        "all of it at once: " + wrong);
    assertEquals(wrong.at("/unread/2/wrong").stringValue(), "Still missing: What");

    var typed = List.of(
        new Typed(income, INCOMES + "/0/kind", "wages"),
        new Typed(income, INCOMES + "/0/amount", "900"),
        new Typed(income, INCOMES + "/0/frequency", "monthly"),
        new Typed(income, INCOMES + "/2/kind", "familyHelp"),
        new Typed(income, INCOMES + "/2/amount", "50"),
        new Typed(income, INCOMES + "/2/frequency", "monthly"),
        new Typed(assets, ASSETS + "/0/person", "1"),
        new Typed(assets, ASSETS + "/0/kind", "savings"),
        new Typed(assets, ASSETS + "/0/value", "480"));
    var looked = body(looked(claim, typed, "en"));
    assertEquals(looked.get("unread").size(), 0, looked.toString());
    var lives = looked
        .at("/changes")
        .valueStream()
        .filter(one -> one.get("item").intValue() == income)
        .findFirst()
        .orElseThrow();
    assertEquals(lives.get("before").stringValue(), "—");
    assertEquals(
        lives.get("after").stringValue(),
        "wages, €900.00 a month, help from family and €50.00 a month");
    assertEquals(status(sent(claim, typed, applicant(number))), 200);
    var household = claim(number).at("/packet/household");
    assertEquals(household.get("incomes").size(), 2, household.toString());
    assertEquals(household.at("/assets/0/value").doubleValue(), 480.0);
    assertNull(wanted(number, "income:p1"), "it is told");
    assertNull(wanted(number, ASSETS), "it is told");
  }

  @Test
  public void twoTellWhatTheyLiveOnAtOnce() throws Exception {
    var phone = "0555 046 " + ++phones;
    var packet = Packets.allowance(300)
        .replaceFirst("\"incomes\": \\[.*?\\]", "\"incomes\": []")
        .replaceFirst("\\}\\],\\s+\"incomes\"", """
            }, {"id": "p2", "role": "spouse", "givenName": "Ailo", "familyName": "Tamsett", "birthDate": "1979-02-03",
             "residentNumber": null, "residentNumberMissing": "declined"}],
            "incomes\"""");
    var number = claimOf(withPhone(packet, phone, true));
    var claim = new Doubted(
        number, through(number, phone), item(number, "income:p1"), item(number, "income:p2"));
    var typed = new ArrayList<Typed>();
    for (var item : List.of(claim.amount(), claim.total())) {
      typed.add(new Typed(item, INCOMES + "/0/kind", "pension"));
      typed.add(new Typed(item, INCOMES + "/0/amount", "700"));
      typed.add(new Typed(item, INCOMES + "/0/frequency", "monthly"));
    }
    assertEquals(status(sent(claim, typed, applicant(number))), 200);
    var incomes = claim(number).at("/packet/household/incomes");
    assertEquals(
        incomes
            .valueStream()
            .map(one -> one.get("person").stringValue())
            .sorted()
            .toList(),
        List.of("p1", "p2"));
    assertNull(wanted(number, "income:p2"), "it is told");
  }

  @Test
  public void thatThereIsNoneOfSomethingIsToldByATick() throws Exception {
    var claim = silent();
    var number = claim.number();
    var income = new Typed(item(number, "income:p1"), "/household/noIncome#", "yes");
    var assets = new Typed(item(number, ASSETS), ASSETS + "#", "yes");
    var notNone = List.of(new Typed(assets.item(), ASSETS + "#", "no"));
    assertEquals(status(sent(claim, notNone, applicant(number))), 422, "that says nothing yet");
    var looked = body(looked(claim, List.of(income, assets), "fr"));
    assertEquals(
        looked
            .at("/changes")
            .valueStream()
            .map(one -> one.get("after").stringValue())
            .toList(),
        List.of("« Aucun revenu »", "rien"));
    assertEquals(status(sent(claim, List.of(income, assets), applicant(number))), 200);
    var household = claim(number).at("/packet/household");
    assertEquals(household.at("/noIncome/0/person").stringValue(), "p1");
    assertTrue(household.get("assets").isEmpty());
    assertNull(wanted(number, "income:p1"), "it is told");
  }

  @Test
  public void aListThatIsDoubtedIsToldAnew() throws Exception {
    var phone = "0555 046 " + ++phones;
    var number = claimOf(withPhone(Packets.meals(2), phone, true));
    taken(number);
    var children = "/requests/0/answers/children";
    doubt(number, children, "CONTRADICTION");
    var claim = new Doubted(number, through(number, phone), item(number, children), 0);
    var person =
        asks(standing(claim.visit(), "en").at("/0/wanted"), claim.amount()).get(0);
    assertEquals(person.get("choices").size(), 2, "who lives there: " + person);
    var typed = List.of(
        new Typed(claim.amount(), children + "/0/person", "2"),
        new Typed(claim.amount(), children + "/0/school", "Tide Row School"),
        new Typed(claim.amount(), children + "/0/grade", "5"));
    assertEquals(status(sent(claim, typed, applicant(number))), 200);
    var told = claim(number).at("/packet" + children);
    assertEquals(told.at("/0/school").stringValue(), "Tide Row School", told.toString());
    assertEquals(told.at("/0/person").stringValue(), "p2");
    assertTrue(wanted(number, children).get("putRight").stringValue().contains("Marsh Road"));
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
    assertEquals(asked.at("/0/asks/0/kind").stringValue(), "money", asked.toString());

    var unread = body(looked(claim, List.of(amount(claim, "much"), total(claim, "3")), "pt"));
    assertEquals(unread.at("/unread/0/item").intValue(), claim.amount());
    assertFalse(unread.at("/unread/0/wrong").stringValue().isEmpty());
    assertEquals(unread.get("changes").size(), 1, "all others are read all the same");

    var typed = List.of(amount(claim, "512,50"), total(claim, "2"));
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
    assertEquals(status(sent(claim, List.of(amount(claim, "512.50")), name)), 200);
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
    assertEquals(status(sent(claim, List.of(amount(claim, "520")), name)), 200);
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

  /** Somebody else may hold the phone. */
  @Test
  public void whereTheyLiveIsPutRightWithoutBeingShown() throws Exception {
    var phone = "0555 046 " + ++phones;
    var number = claimOf(withPhone(Packets.meals(2), phone, true));
    taken(number);
    var street = "/household/address/line1";
    doubt(number, street, "PAPERS");
    var claim = new Doubted(number, through(number, phone), item(number, street), 0);
    var before = claim(number).at("/packet" + street).stringValue();
    var wanted = standing(claim.visit(), "en").at("/0/wanted");
    assertEquals(asks(wanted, claim.amount()).size(), 1);
    var typed = List.of(new Typed(claim.amount(), street, "9 Other Quay"));
    var looked = body(looked(claim, typed, "en"));
    assertEquals(looked.at("/changes/0/before").stringValue(), "…");
    assertEquals(looked.at("/changes/0/after").stringValue(), "9 Other Quay");
    var guessed = body(looked(claim, List.of(new Typed(claim.amount(), street, before)), "en"));
    assertFalse(guessed.at("/changes/0/same").booleanValue(), "no guess is confirmed");
    assertFalse(wanted.toString().contains(before) || looked.toString().contains(before));
    assertEquals(status(sent(claim, typed, applicant(number))), 200);
    assertEquals(claim(number).at("/packet" + street).stringValue(), "9 Other Quay");
  }

  @Test
  public void onlyWhatIsAskedAboutCanBePutRight() throws Exception {
    var claim = doubted();
    var name = applicant(claim.number());
    assertEquals(status(sent(claim, List.of(new Typed(77, AMOUNT, "1")), name)), 422);
    assertEquals(status(looked(claim, List.of(new Typed(77, AMOUNT, "1")), "en")), 422);
    assertEquals(status(sent(claim, List.of(), name)), 422, "nothing is answered");
    assertEquals(status(sent(claim, List.of(amount(claim, "x")), name)), 422);
    var another = doubted();
    var elsewhere = new Doubted(another.number(), claim.visit(), another.amount(), another.total());
    assertEquals(status(sent(elsewhere, List.of(amount(another, "1")), name)), 404);
  }

  @Test
  public void ofTwoWhoAnswerAtOnceOneIsHeard() throws Exception {
    var claim = doubted();
    var name = applicant(claim.number());
    var answered = atOnce(
        4, i -> () -> status(sent(claim, List.of(amount(claim, String.valueOf(500 + i))), name)));
    assertEquals(answered.stream().filter(one -> one == 200).count(), 1, answered.toString());
    assertEquals(answered.stream().filter(one -> one == 422).count(), 3, answered.toString());
  }
}
