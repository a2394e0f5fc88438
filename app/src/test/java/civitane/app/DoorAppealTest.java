package civitane.app;

import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Collections;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

/** An appeal from the door: against what was decided and told, once, with all that is known already. */
public class DoorAppealTest extends AtTheDoor {
  private static int phones = 700;

  private record Refused(String number, String phone, Cookie visit, String name) {}

  /** A claim that was refused, with the letter still to go out. */
  private Refused refused() throws Exception {
    var phone = "0555 047 " + ++phones;
    var packet = Packets.meals(2).replace("\"amount\": 430.00", "\"amount\": 2430.00");
    var number = claimOf(withPhone(packet, phone, true));
    assertEquals(decision(number, taken(number), false).getResponse().getStatus(), 200);
    var applicant = claim(number).at("/packet/household/people/0/givenName").stringValue();
    return new Refused(number, phone, through(number, phone), applicant + " Tamsett");
  }

  private void letterLeaves(String number) {
    database
        .sql(
            "update letter set left_at = now(), left_by = 'ikenna' where about = ? and kind = 'decision'")
        .param(number)
        .update();
  }

  private JsonNode appeal(Refused claim, String language) throws Exception {
    return standing(claim.visit(), language).get(0).get("appeal");
  }

  private MvcResult appealed(Refused claim, String grounds, String whyLate, String name)
      throws Exception {
    return perform(
        post(
            "/api/door/claims/{number}/appeal",
            """
            {"grounds": "%s", "keepPaying": false, "whyLate": "%s", "name": "%s", "language": "en"}""".formatted(grounds, whyLate, name),
            claim.number()),
        claim.visit());
  }

  private String appealOf(Refused claim) throws Exception {
    var seen = standing(claim.visit(), "en");
    assertEquals(seen.size(), 2, seen.toString());
    return seen.valueStream()
        .map(one -> one.get("number").stringValue())
        .filter(number -> !number.equals(claim.number()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void itIsLodgedOnceTheLetterHasGoneOut() throws Exception {
    var claim = refused();
    assertTrue(appeal(claim, "en").isNull(), "nobody was told yet");
    assertEquals(status(appealed(claim, "No.", "", claim.name())), 422);
    letterLeaves(claim.number());
    assertTrue(appeal(claim, "pt").get("until").stringValue().startsWith("Pode recorrer"));
    assertFalse(appeal(claim, "en").get("late").booleanValue());
    assertFalse(appeal(claim, "en").get("keeps").booleanValue(), "nothing was granted before");
    assertEquals(status(appealed(claim, " ", "", claim.name())), 422, "some words why");
    var other = body(appealed(claim, "I do not agree.", "", "Somebody Else"));
    assertTrue(other.get("otherName").stringValue().contains("Somebody Else"));
    assertEquals(
        body(appealed(claim, "I do not agree.", "", claim.name()))
            .get("otherName")
            .stringValue(),
        "");
    var appeal = claim(appealOf(claim));
    assertEquals(appeal.get("service").stringValue(), "decisionAppeal");
    var answers = appeal.at("/packet/requests/0/answers");
    assertEquals(answers.get("decision").stringValue(), claim.number());
    assertEquals(answers.get("kind").stringValue(), "refusal");
    assertEquals(answers.get("grounds").stringValue(), "I do not agree.");
    assertEquals(appeal.at("/packet/household"), claim(claim.number()).at("/packet/household"));
    assertEquals(appeal.at("/packet/signatures/0/name").stringValue(), claim.name(), "signed anew");
    assertFalse(
        appeal.get("items").toString().contains("alike"), "who is known already is no other");
    assertTrue(appeal(claim, "en").isNull(), "it is heard");
    assertEquals(status(appealed(claim, "Once more.", "", claim.name())), 422);
  }

  @Test
  public void whoComesLateSaysWhy() throws Exception {
    var claim = refused();
    letterLeaves(claim.number());
    clock.ahead(Duration.ofDays(60));
    var later = new Refused(
        claim.number(), claim.phone(), through(claim.number(), claim.phone()), claim.name());
    assertTrue(appeal(later, "en").get("late").booleanValue());
    assertEquals(
        status(appealed(later, "I do not agree.", "I was in hospital.", claim.name())), 200);
    assertEquals(
        claim(appealOf(later)).at("/packet/requests/0/answers/lateReason").stringValue(),
        "I was in hospital.");
  }

  @Test
  public void ofManyAtOnceOneIsLodgedAndOnlyOfOwnClaims() throws Exception {
    var claim = refused();
    letterLeaves(claim.number());
    var answers =
        atOnce(4, i -> () -> status(appealed(claim, "I do not agree.", "", claim.name())));
    assertEquals(Collections.frequency(answers, 200), 1, answers.toString());
    assertEquals(Collections.frequency(answers, 422), 3, answers.toString());
    assertNotEquals(appealOf(claim), claim.number());
    var another = refused();
    letterLeaves(another.number());
    var elsewhere = new Refused(another.number(), another.phone(), claim.visit(), another.name());
    assertEquals(status(appealed(elsewhere, "No.", "", another.name())), 404);
  }
}
