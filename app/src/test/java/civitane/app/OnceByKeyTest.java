package civitane.app;

import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Who did not hear the answer asks again, and nothing is done twice. */
public class OnceByKeyTest extends AtTheDoor {
  private static final String SAID = "{\"text\": \"%s\"}";

  private MockHttpServletResponse keyed(String key, MockHttpServletRequestBuilder request)
      throws Exception {
    return asIkenna(request.header("Idempotency-Key", key)).getResponse();
  }

  private static String key() {
    return UUID.randomUUID().toString();
  }

  private MockHttpServletRequestBuilder message(String number, String text) {
    return post("/api/claims/{number}/messages", SAID.formatted(text), number);
  }

  private String mine() throws Exception {
    var number = claimOf(Packets.meals(1));
    taken(number);
    return number;
  }

  private long messages(String number, String text) {
    return count("claim_event e join claim c on c.id = e.claim_id where c.number = '" + number
        + "' and e.reasons like '%" + text + "%'");
  }

  private static MockHttpServletRequestBuilder deciding(String number, JsonNode claim) {
    return post(
        "/api/claims/{number}/decision",
        "{\"version\": %d, \"grant\": true}".formatted(claim.get("version").intValue()),
        number);
  }

  @Test
  public void whatIsSentAgainUnderItsKeyIsAnsweredAndNotDone() throws Exception {
    var number = mine();
    var key = key();
    var first = keyed(key, message(number, "We saw it."));
    var again = keyed(key, message(number, "We saw it."));
    assertEquals(first.getStatus(), 200);
    assertEquals(again.getStatus(), first.getStatus());
    assertEquals(again.getContentAsString(), first.getContentAsString());
    assertEquals(messages(number, "We saw it."), 1);
    assertEquals(keyed(key(), message(number, "We saw it.")).getStatus(), 200);
    assertEquals(messages(number, "We saw it."), 2, "another key is another message");
  }

  @Test
  public void ofManyAtOnceUnderOneKeyOneIsDone() throws Exception {
    var number = mine();
    var key = key();
    var answers = atOnce(6, n -> () -> keyed(key, message(number, "Once.")).getStatus());
    assertEquals(answers, IntStream.range(0, 6).mapToObj(n -> 200).toList());
    assertEquals(messages(number, "Once."), 1);
  }

  @Test
  public void aDecisionIsAnsweredAgainWithoutItsVersion() throws Exception {
    var number = claimOf(Packets.meals(2));
    var claim = taken(number);
    var key = key();
    var first = keyed(key, deciding(number, claim));
    var again = keyed(key, deciding(number, claim));
    assertEquals(first.getStatus(), 200);
    assertEquals(again.getStatus(), 200);
    assertEquals(again.getContentAsString(), first.getContentAsString());
    assertEquals(
        asIkenna(deciding(number, claim)).getResponse().getStatus(),
        412,
        "without the key it comes too late");
    assertEquals(count("letter where kind = 'decision' and about = '" + number + "'"), 1);
  }

  @Test
  public void aKeyStandsForOneThingOfOnePerson() throws Exception {
    var number = mine();
    var key = key();
    assertEquals(keyed(key, message(number, "First.")).getStatus(), 200);
    var other = keyed(key, message(number, "Second."));
    assertEquals(other.getStatus(), 422);
    assertTrue(other.getContentAsString().contains("stood for something else"));
    var maud = as("maud", "CASEWORKER", message(number, "First.").header("Idempotency-Key", key));
    assertEquals(maud.getResponse().getStatus(), 422);
    assertEquals(keyed("short", message(number, "Third.")).getStatus(), 422);
    assertEquals(messages(number, "First."), 1);
    assertEquals(messages(number, "Second."), 0);
  }

  /** What was refused was not done: put right, it may be asked for under the same key. */
  @Test
  public void whatWasRefusedHoldsNoKey() throws Exception {
    var number = mine();
    var key = key();
    assertEquals(keyed(key, message(number, " ")).getStatus(), 422);
    assertEquals(keyed(key, message(number, "Now with words.")).getStatus(), 200);
  }

  @Test
  public void aKeyOpensNothing() throws Exception {
    var number = mine();
    var key = key();
    assertEquals(keyed(key, message(number, "Mine.")).getStatus(), 200);
    var auditor = as("jun", "AUDITOR", message(number, "Mine.").header("Idempotency-Key", key));
    assertEquals(auditor.getResponse().getStatus(), 403);
  }

  /** Whoever is at the door has no login, and is somebody all the same. */
  @Test
  public void atTheDoorItIsNoOtherwise() throws Exception {
    var phone = "0555 032 101";
    var number = claimOf(withPhone(Packets.meals(1), phone, true));
    var visit = through(number, phone);
    var key = key();
    for (var again = 0; again < 2; again++) {
      var said = perform(
          post("/api/door/claims/{number}/messages", SAID.formatted("We moved."), number)
              .header("Idempotency-Key", key),
          visit);
      assertEquals(status(said), 204, said.getResponse().getContentAsString());
    }
    assertEquals(messages(number, "We moved."), 1);
  }
}
