package civitane.app;

import java.time.LocalDate;
import java.util.Collections;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A claim is one person's at a time, says at any moment where it stands, and never forgets what happened to it. */
public class ClaimsTest extends OnDatabase {

  @Test
  public void whoeverTakesItUpHasIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(claim(number).get("holder").isNull(), true);
    assertEquals(taken(number).get("holder").stringValue(), "Ikenna Okonjo");
    var other = as("maud", "CASEWORKER", post("/api/claims/{number}/take", "", number));
    assertEquals(other.getResponse().getStatus(), 412);
    assertTrue(
        body(other).get("detail").stringValue().contains("Ikenna Okonjo has this claim already"),
        body(other).toString());
    assertEquals(claim(number).get("holder").stringValue(), "Ikenna Okonjo");
  }

  @Test
  public void ofTwoWhoTakeItAtOnceOneHasIt() throws Exception {
    var number = claimOf(Packets.meals(2));
    var answers = atOnce(
        2,
        i -> () -> as(
                i == 0 ? "ikenna" : "maud",
                "CASEWORKER",
                post("/api/claims/{number}/take", "", number))
            .getResponse()
            .getStatus());
    assertEquals(Collections.frequency(answers, 200), 1, answers.toString());
    assertEquals(
        count("claim_event e join claim c on c.id = e.claim_id where c.number = '" + number
            + "' and e.move = 'TAKE_UP'"),
        1);
  }

  @Test
  public void answersThatComeAtOnceAreAllKept() throws Exception {
    var number = claimOf(Packets.meals(3));
    taken(number);
    var places = new String[] {
      "/household/people/0/givenName",
      "/household/people/1/givenName",
      "/household/address/line1",
      "/household/address/town"
    };
    var said = atOnce(places.length, i -> () -> {
      // Whoever is told that somebody else was faster looks again and says it again.
      for (var attempt = 0; attempt < 20; attempt++) {
        var status = asIkenna(
                answer(number, claim(number), places[i], "\"Said " + i + "\"", "on the phone"))
            .getResponse()
            .getStatus();
        if (status == 200) {
          return true;
        }
        assertEquals(status, 412);
      }
      return false;
    });
    assertFalse(said.contains(false), said.toString());
    var facts = claim(number).get("packet");
    for (var i = 0; i < places.length; i++) {
      assertEquals(facts.at(places[i]).stringValue(), "Said " + i, facts.toString());
    }
  }

  @DataProvider
  public static Object[][] numbersOfNoClaim() {
    return new Object[][] {{"BW-26-999999-0"}, {"nonsense"}, {"BW-26-000001"}, {"-"}};
  }

  @Test(dataProvider = "numbersOfNoClaim")
  public void aNumberThatIsNoneIsSaidToBeNone(String number) throws Exception {
    for (var request : new String[] {"", "/working"}) {
      var answer = asIkenna(get("/api/claims/{number}" + request, number));
      assertEquals(answer.getResponse().getStatus(), 404);
      assertTrue(
          body(answer).get("detail").stringValue().contains("A claim with this number"),
          body(answer).toString());
    }
  }

  @Test
  public void aMistypedDigitIsNeverAnotherHouseholdsClaim() throws Exception {
    var number = claimOf(Packets.meals(2));
    for (var place = 0; place < number.length(); place++) {
      var digit = number.charAt(place);
      if (!Character.isDigit(digit) || place < 6) {
        continue;
      }
      var mistyped = number.substring(0, place)
          + (char) ('0' + (digit - '0' + 1) % 10)
          + number.substring(place + 1);
      assertEquals(
          asIkenna(get("/api/claims/{number}", mistyped)).getResponse().getStatus(), 404, mistyped);
    }
  }

  @Test
  public void theTimeStandsStillWhileItIsTheHouseholdsTurn() throws Exception {
    var asked = taken(claimOf(Packets.meals(3)));
    var complete = taken(claimOf(Packets.meals(2)));
    assertEquals(asked.get("turn").stringValue(), "household");
    assertEquals(complete.get("turn").stringValue(), "ours");
    assertTrue(asked.get("items").size() > 0);
    for (var item : asked.get("items")) {
      assertEquals(item.get("owner").stringValue(), "household", item.toString());
      assertTrue(
          LocalDate.parse(item.get("dueOn").stringValue()).isAfter(LocalDate.now(clock)),
          item.toString());
    }
    assertEquals(complete.get("next").get("words").stringValue(), "Decide it");
  }

  @Test
  public void everythingThatHappenedIsTold() throws Exception {
    var number = claimOf(Packets.meals(2));
    var decided = body(decision(number, taken(number), true));
    var told = decided.get("events").toString();
    for (var words : new String[] {
      "Lodged, and the receipt given",
      "Ikenna Okonjo has picked it up",
      "Granted, and the letter written"
    }) {
      assertTrue(told.contains(words), told);
    }
    assertEquals(decided.get("turn").stringValue(), "over");
    assertEquals(decided.get("items").size(), 0);
    assertTrue(decided.get("next").isNull() || decided.get("next").isMissingNode());
  }

  @Test
  public void whatWasDecidedStaysAsItWasDecidedOn() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var facts = claim(number).get("packet").toString();
    var answered =
        asIkenna(answer(number, claim(number), "/household/incomes/0/amount", "9000", "a call"));
    assertEquals(answered.getResponse().getStatus(), 422);
    assertTrue(body(answered).get("detail").stringValue().contains("a claim that is decided"));
    assertEquals(
        asIkenna(post("/api/claims/{number}/take", "", number)).getResponse().getStatus(), 422);
    assertEquals(claim(number).get("packet").toString(), facts);
    assertEquals(claim(number).get("items").size(), 0);
  }

  @Test
  public void onlyWhoeverHasAClaimSetsWhatItStandsOn() throws Exception {
    var number = claimOf(Packets.meals(2));
    var place = "/household/incomes/0/amount";
    var early = asIkenna(answer(number, claim(number), place, "900", "a call"));
    assertEquals(early.getResponse().getStatus(), 422);
    assertTrue(body(early).toString().contains("Nobody has this claim yet"));
    var taken = taken(number);
    var other = as("maud", "CASEWORKER", answer(number, taken, place, "900", "a call"));
    assertEquals(other.getResponse().getStatus(), 412);
    assertTrue(body(other).toString().contains("Ikenna Okonjo has this claim already"));
    assertEquals(
        as("maud", "CASEWORKER", decisionOf(number, taken)).getResponse().getStatus(), 412);
    assertEquals(
        asIkenna(answer(number, taken, place, "431", "a call")).getResponse().getStatus(), 200);
    var late = asIkenna(answer(number, taken, place, "432", "another call"));
    assertEquals(late.getResponse().getStatus(), 412, "on a version that is not the last");
    assertEquals(claim(number).get("packet").at(place).intValue(), 431);
  }

  private static MockHttpServletRequestBuilder decisionOf(String number, JsonNode claim) {
    return post(
        "/api/claims/{number}/decision",
        "{\"version\": %d, \"grant\": true}".formatted(claim.get("version").intValue()),
        number);
  }

  @Test
  public void somebodyWhoDoesNotWorkHereIsNobody() throws Exception {
    var number = claimOf(Packets.meals(2));
    var taken = as("mallory", "CASEWORKER", post("/api/claims/{number}/take", "", number));
    assertEquals(taken.getResponse().getStatus(), 403);
    assertTrue(claim(number).get("holder").isNull());
    assertEquals(
        as("mallory", "SENIOR", post("/api/applications", "")).getResponse().getStatus(), 403);
  }

  @Test
  public void theFrontDeskMayLookButNotDecide() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(
        as("pia", "FRONT_DESK", get("/api/claims/{number}", number))
            .getResponse()
            .getStatus(),
        200);
    for (var work : new String[][] {
      {"take", ""},
      {"decision", "{\"version\": 0, \"grant\": true}"},
      {
        "answers",
        "{\"version\": 0, \"pointer\": \"/household\", \"value\": 1, \"reason\": \"a call\"}"
      }
    }) {
      assertEquals(
          as("pia", "FRONT_DESK", post("/api/claims/{number}/" + work[0], work[1], number))
              .getResponse()
              .getStatus(),
          403,
          work[0]);
    }
    assertFalse(claim(number).get("events").toString().contains("picked it up"));
  }

  @Test
  public void theFrontDeskSeesWhereItStandsAndNotWhatIsKnown() throws Exception {
    var number = claimOf(Packets.meals(2));
    var seen = body(as("pia", "FRONT_DESK", get("/api/claims/{number}", number)));
    assertEquals(seen.at("/packet/household/people/0/familyName").stringValue(), "Tamsett");
    assertTrue(seen.at("/packet/household/incomes").isEmpty(), seen.toString());
    assertTrue(seen.at("/packet/requests").isMissingNode(), seen.toString());
    assertTrue(seen.get("items").isArray());
    for (var known : new String[] {"working", "ledger", "papers"}) {
      assertEquals(
          as("pia", "FRONT_DESK", get("/api/claims/{number}/" + known, number))
              .getResponse()
              .getStatus(),
          403,
          known);
    }
    assertEquals(
        as("jun", "AUDITOR", get("/api/claims/{number}/working", number))
            .getResponse()
            .getStatus(),
        200);
  }

  @Test
  public void numbersAreMaskedAndShowingOneIsInTheLog() throws Exception {
    var number = claimOf(Packets.meals(2)
        .replace(
            "\"residentNumber\": null, \"residentNumberMissing\": \"declined\"",
            "\"residentNumber\": \"4821907369\""));
    var packet = claim(number).get("packet");
    assertEquals(packet.at("/household/people/0/residentNumber").stringValue(), "•••• 7369");
    var place = "{\"place\": \"/household/people/0/residentNumber\"}";
    assertEquals(
        as("jun", "AUDITOR", post("/api/claims/{number}/number", place, number))
            .getResponse()
            .getStatus(),
        403);
    var shown = body(asIkenna(post("/api/claims/{number}/number", place, number)));
    assertEquals(shown.get("number").stringValue(), "4821907369");
    assertEquals(
        count("audit_log where action = 'number shown' and subject = '" + number + "'"), 1);
    assertEquals(
        asIkenna(post(
                "/api/claims/{number}/number",
                "{\"place\": \"/household/people/0/givenName\"}",
                number))
            .getResponse()
            .getStatus(),
        404);
  }

  @Test
  public void theRecordOfANumberThatIsSetTellsItsLastDigitsOnly() throws Exception {
    var number = claimOf(Packets.meals(2));
    var version = taken(number).get("version").intValue();
    var set = asIkenna(post("/api/claims/{number}/answers", """
            {"version": %d, "pointer": "/household/people/0/residentNumber", "value": "7319048265",
             "reason": "seen on the card"}
            """.formatted(version), number));
    assertEquals(set.getResponse().getStatus(), 200, set.getResponse().getContentAsString());
    var events = claim(number).get("events").toString();
    assertTrue(events.contains("•••• 8265"), events);
    assertFalse(events.contains("7319048265"), events);
  }
}
