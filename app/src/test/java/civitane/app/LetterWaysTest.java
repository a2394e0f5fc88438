package civitane.app;

import civitane.app.messages.Messages;
import civitane.app.post.LetterNews;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.awaitility.Awaitility;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A letter goes as its household said is safe; where it may not be posted, it is read at the door or handed over. */
public class LetterWaysTest extends AtTheDoor {
  private static int phones;

  private static final String LATE = "00000000-0000-4000-8000-00000000aaaa";

  @Autowired
  private LetterNews news;

  @Autowired
  private Messages messages;

  /** A phone of its own, as what comes to it is counted. */
  private static String phone() {
    phones++;
    return "0555 027 %03d".formatted(100 + phones);
  }

  /** A claim whose household said what is safe. */
  private String claim(String phone, boolean mayText, boolean mayWrite) throws Exception {
    return claimOf(withPhone(Packets.meals(2), phone, mayText)
        .replace("\"mayText\"", "\"mayWrite\": %s, \"mayText\"".formatted(mayWrite)));
  }

  private JsonNode listed(String list, String number) throws Exception {
    return body(asIkenna(get("/api/post")))
        .get(list)
        .valueStream()
        .filter(letter -> number.equals(letter.get("claim").asString("")))
        .findFirst()
        .orElseThrow(() -> new AssertionError(number + " is not among " + list));
  }

  private boolean isAmong(String list, String number) throws Exception {
    return body(asIkenna(get("/api/post")))
        .get(list)
        .valueStream()
        .anyMatch(letter -> number.equals(letter.get("claim").asString("")));
  }

  private MvcResult send(JsonNode letter) throws Exception {
    return asIkenna(post("/api/post/runs", "{\"letters\": [%s]}".formatted(letter.get("id"))));
  }

  /** The only letter of a claim, its receipt, goes out first, as nothing else waits before it that could be cut off. */
  private JsonNode sent(String number) throws Exception {
    database
        .sql("update letter set written_on = '2020-01-01' where about = replace(?, 'BW-', 'R-')")
        .param(number)
        .update();
    var letter = listed("waiting", number);
    var sent = send(letter);
    assertEquals(status(sent), 200, sent.getResponse().getContentAsString());
    return body(sent);
  }

  private static List<String> textsTo(String phone) {
    return REGISTERS.messages().stream()
        .filter(message -> phone.equals(message.get("to")))
        .map(message -> message.get("text"))
        .toList();
  }

  private static void awaitTexts(String phone, int count) {
    Awaitility.await().atMost(PATIENCE).until(() -> textsTo(phone).size() == count);
  }

  private String letterId(String number) {
    return database
        .sql("select id::text from letter where about = replace(?, 'BW-', 'R-')")
        .param(number)
        .query(String.class)
        .single();
  }

  @Test
  public void whatGoesIntoThePostIsToldOfWhereThatIsSafe() throws Exception {
    var phone = phone();
    var number = claim(phone, true, true);
    var sent = sent(number);
    assertEquals(sent.at("/gone/posted").intValue(), 1);
    assertEquals(sent.at("/gone/atDoor").intValue(), 0);
    assertTrue(sent.at("/gone/run").isString());
    awaitTexts(phone, 1);
    assertTrue(textsTo(phone).get(0).contains(number), textsTo(phone).toString());
    assertFalse(textsTo(phone).get(0).contains("meals"), "nothing of what it says");

    var silent = phone();
    var other = claim(silent, false, true);
    sent(other);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(
            () -> count("letter where id = '%s' and told_at is not null".formatted(letterId(other)))
                == 1);
    assertEquals(textsTo(silent), List.of(), "no message is safe");
    assertFalse(claim(other).get("items").toString().contains("unreached:"), "the post brings it");
  }

  @Test
  public void whatMayNotBePostedIsReadAtTheDoor() throws Exception {
    var phone = phone();
    var number = claim(phone, true, false);
    var sent = sent(number);
    assertEquals(sent.at("/gone/posted").intValue(), 0);
    assertEquals(sent.at("/gone/atDoor").intValue(), 1);
    assertTrue(sent.at("/gone/run").isNull(), sent.toString());
    awaitTexts(phone, 1);
    assertEquals(listed("unread", number).get("way").stringValue(), "DOOR");

    var visit = through(number, phone);
    var id = letterId(number);
    assertEquals(status(perform(get("/api/door/letters/{id}", id), visit)), 200);
    assertFalse(isAmong("unread", number));
    assertEquals(count("letter where id = '%s' and read_at is not null".formatted(id)), 1);
  }

  @Test
  public void whatLiesAtTheDoorForTooLongIsAskedFor() throws Exception {
    var phone = phone();
    var number = claim(phone, true, false);
    taken(number);
    sent(number);
    var id = UUID.fromString(letterId(number));
    assertFalse(news.lying().contains(id), "it went out a moment ago");
    clock.ahead(Duration.ofDays(9));
    assertTrue(news.lying().contains(id));
    news.ask(id);
    news.ask(id);
    var wanted = claim(number)
        .get("items")
        .valueStream()
        .filter(item -> item.get("subject").stringValue().startsWith("unreached:"))
        .toList();
    assertEquals(wanted.size(), 1, "once");
    assertTrue(wanted.toString().contains("lies at the door unread"), wanted.toString());
    assertFalse(news.lying().contains(id));
    assertTrue(listed("unread", number).get("missed").booleanValue());
    var handed = asIkenna(post("/api/post/letters/{id}/handed-over", "", id.toString()));
    assertEquals(status(handed), 200, handed.getResponse().getContentAsString());
    assertFalse(isAmong("unread", number));
    assertEquals(
        status(asIkenna(post("/api/post/letters/{id}/handed-over", "", id.toString()))), 412);
  }

  @Test
  public void aMessageThatReachesNobodyLeavesNobodyWithoutTheirLetter() throws Exception {
    var number = claim("0555 027 900", true, false);
    taken(number);
    sent(number);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> claim(number).toString().contains("Ask where they can be reached"));
    assertTrue(listed("unread", number).get("missed").booleanValue());
  }

  @Test
  public void whereNothingBringsTheMessageForDaysItIsAskedFor() throws Exception {
    var number = claim(phone(), true, false);
    taken(number);
    var id = letterId(number);
    // As if it had been ordered and nothing had answered since.
    sent(number);
    database.sql("""
            insert into message (id, household_id, channel, to_way, text, letter_id, not_after, ordered_at)
            select ?::uuid, c.household_id, 'TEXT', '0555 027 000', 'news', ?::uuid,
              now() - interval '1 hour', now() - interval '4 days'
            from claim c where c.number = ?
            """).params(LATE, id, number).update();
    messages.send(UUID.fromString(LATE));
    assertTrue(claim(number).toString().contains("Ask where they can be reached"));
    assertEquals(count("message where id = '%s' and state = 'TOO_LATE'".formatted(LATE)), 1);
  }

  @Test
  public void whereTheClaimIsOverWhoeverHadItIsReminded() throws Exception {
    var number = claim("0555 028 900", true, false);
    assertEquals(status(decision(number, taken(number), true)), 200);
    sent(number);
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> count("own_reminder where claim = '%s' and words like '%%did not arrive%%'"
                .formatted(number))
            == 1);
  }

  @Test
  public void whereNothingIsSafeItIsHandedOver() throws Exception {
    var number = claim(phone(), false, false);
    taken(number);
    var letter = listed("toHandOver", number);
    assertFalse(isAmong("waiting", number));
    assertEquals(status(send(letter)), 412);
    var id = UUID.fromString(letterId(number));
    assertFalse(news.lying().contains(id), "it was written today");
    clock.ahead(Duration.ofDays(1));
    assertTrue(news.lying().contains(id));
    news.ask(id);
    assertTrue(claim(number).toString().contains("may not be posted, and no message is safe"));
    var handed = Stream.of(1, 2, 3)
        .map(i -> handOver(letter))
        .filter(answer -> answer == 200)
        .count();
    assertEquals(handed, 1, "once");
    assertFalse(isAmong("toHandOver", number));
    assertEquals(
        count("letter where id = '%s' and way = 'HAND' and left_at is not null".formatted(id)), 1);
  }

  @Test
  public void atTheCounterALetterIsHandedOutOnceItWasSeenWhoTheyAre() throws Exception {
    var number = claim(phone(), true, false);
    var household = claim(number).get("household").stringValue();
    var here =
        body(as("pia", "FRONT_DESK", get("/api/households/{household}/letters-here", household)));
    assertEquals(here.size(), 1, here.toString());
    assertEquals(here.at("/0/kind").stringValue(), "receipt");
    assertEquals(status(handOut(household, here.at("/0/id").stringValue(), " ")), 422);
    var handed = handOut(household, here.at("/0/id").stringValue(), "passport");
    assertEquals(status(handed), 200, handed.getResponse().getContentAsString());
    assertEquals(body(handed).size(), 0);
    assertEquals(status(handOut(household, here.at("/0/id").stringValue(), "passport")), 412);
    assertTrue(
        claim(number).get("events").toString().contains("having seen who they are: passport"));
    var other = claim(claim(phone(), true, true)).get("household").stringValue();
    var theirs =
        body(as("pia", "FRONT_DESK", get("/api/households/{household}/letters-here", other)));
    assertEquals(
        status(handOut(household, theirs.at("/0/id").stringValue(), "passport")),
        412,
        "another household's");
  }

  private MvcResult handOut(String household, String letter, String seen) throws Exception {
    return as(
        "pia",
        "FRONT_DESK",
        post(
            "/api/households/{household}/letters-here/{letter}/handed-over",
            "{\"seen\": \"%s\"}".formatted(seen),
            household,
            letter));
  }

  private int handOver(JsonNode letter) {
    try {
      return status(asIkenna(
          post("/api/post/letters/{id}/handed-over", "", letter.get("id").stringValue())));
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }
}
