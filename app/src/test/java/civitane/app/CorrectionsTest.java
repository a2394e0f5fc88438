package civitane.app;

import civitane.app.corrections.Corrections;
import java.time.Duration;
import java.time.LocalDate;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A household is asked in one letter for what it is to bring, reminded of it, and answers what was named and nothing else. */
public class CorrectionsTest extends OnDatabase {
  @Autowired
  private Corrections corrections;

  @AfterMethod
  public void today() {
    clock.ahead(Duration.ZERO);
  }

  private String wanting() throws Exception {
    var number = claimOf(Packets.meals(3));
    taken(number);
    return number;
  }

  private long written(String number, String kind) {
    return count("letter where about = '" + number + "' and kind = '" + kind + "'");
  }

  private JsonNode item(String number, String subject) throws Exception {
    return claim(number)
        .get("items")
        .valueStream()
        .filter(item -> item.get("subject").stringValue().equals(subject))
        .findFirst()
        .orElseThrow();
  }

  private int sent(String number, String path, String fields) throws Exception {
    var content = "{\"version\": " + claim(number).get("version").intValue() + ", " + fields + "}";
    return asIkenna(post("/api/claims/" + number + "/" + path, content))
        .getResponse()
        .getStatus();
  }

  @Test
  public void allThatIsWantedIsAskedForInOneLetter() throws Exception {
    var number = wanting();
    var asking = new Asking(this, number);
    var wanted = asking.view().get("items");
    assertTrue(wanted.size() > 0 && wanted.get(0).get("askedOn").isNull(), wanted.toString());
    assertEquals(asking.ask("a paper of last month").getResponse().getStatus(), 200);
    var letter = letters("request", number);
    assertTrue(letter.contains("we need something from you"), letter);
    assertTrue(letter.contains("What would settle it: a paper of last month"), letter);
    assertTrue(letter.contains("The time we wait for you does not count against you"), letter);
    var after = asking.view();
    assertFalse(after.get("items").get(0).get("askedOn").isNull(), after.toString());
    assertEquals(after.get("sent").size(), 1);
    assertTrue(claim(number).get("events").toString().contains("The household is asked for"));
    assertEquals(written(number, "request"), 1);
  }

  @Test
  public void theLetterIsSeenAsItWouldGoOutAndNothingIsKeptOfIt() throws Exception {
    var number = wanting();
    var asked = new Asking(this, number).everything("a copy");
    var seen = asIkenna(post("/api/claims/{number}/correction-preview", asked.toString(), number));
    assertEquals(seen.getResponse().getStatus(), 200);
    assertTrue(words(seen.getResponse().getContentAsByteArray()).contains("a copy"));
    assertEquals(written(number, "request"), 0);
  }

  @Test
  public void whatIsNotTheHouseholdsOrHasNoTimeIsNotAsked() throws Exception {
    var number = wanting();
    var asking = new Asking(this, number);
    var past = asking.everything("").put("until", LocalDate.now(clock).toString());
    assertEquals(asking.ask(past).getResponse().getStatus(), 422);
    var nothing = asking.everything("");
    nothing.putArray("items");
    assertEquals(asking.ask(nothing).getResponse().getStatus(), 422);
    var another = asking.everything("");
    another.withArray("items").addObject().put("item", 99).put("settles", "");
    assertEquals(asking.ask(another).getResponse().getStatus(), 422);
    var stale = asking.everything("").put("version", 0);
    assertEquals(asking.ask(stale).getResponse().getStatus(), 412);
    assertEquals(written(number, "request"), 0);
  }

  @Test
  public void itIsRemindedOfBeforeAndOnTheDayAndNotWhenItCame() throws Exception {
    var number = wanting();
    var asking = new Asking(this, number);
    asking.ask("");
    var due = asking.due();
    noonOf(due.minusDays(6));
    corrections.remindOfWhatIsDue();
    assertEquals(written(number, "reminder"), 0, "six days are left");
    noonOf(due.minusDays(3));
    corrections.remindOfWhatIsDue();
    corrections.remindOfWhatIsDue();
    assertEquals(written(number, "reminder"), 1, "once, however often one looks");
    noonOf(due);
    corrections.remindOfWhatIsDue();
    corrections.remindOfWhatIsDue();
    assertEquals(written(number, "reminder"), 2);
    assertEquals(claim(number).get("state").stringValue(), "open", "no clock ends anything");

    clock.ahead(Duration.ZERO);
    var answered = wanting();
    new Asking(this, answered).ask("");
    var total = "/requests/0/answers/householdTotal";
    asIkenna(answer(answered, claim(answered), total, "2", "by phone"));
    assertEquals(
        claim(answered).get("items").size(), 0, claim(answered).get("items").toString());
    noonOf(due);
    corrections.remindOfWhatIsDue();
    assertEquals(written(answered, "reminder"), 0);
  }

  @Test
  public void moreTimeIsToldInALetterAndRemindedOfAnew() throws Exception {
    var number = wanting();
    var asking = new Asking(this, number);
    asking.ask("");
    var due = asking.due();
    assertEquals(asking.moreTime(10).getResponse().getStatus(), 200);
    assertTrue(letters("moreTime", number).contains("you have more time"));
    noonOf(due.minusDays(3));
    corrections.remindOfWhatIsDue();
    assertEquals(written(number, "reminder"), 0);
    noonOf(asking.due().minusDays(3));
    corrections.remindOfWhatIsDue();
    assertEquals(written(number, "reminder"), 1);
  }

  @Test
  public void aFactInDoubtIsAskedAboutAndMayBeRightAsItIs() throws Exception {
    var number = claimOf(Packets.meals(2));
    taken(number);
    var pointer = "/requests/0/answers/householdTotal";
    var wrong = "\"pointer\": \"%s\", \"finding\": \"CONTRADICTION\"".formatted(pointer);
    assertEquals(sent(number, "found-wrong", wrong), 200);
    assertEquals(sent(number, "found-wrong", wrong), 200);
    var doubted = item(number, pointer);
    assertEquals(doubted.get("owner").stringValue(), "household");
    assertTrue(doubted.get("inDoubt").booleanValue());
    assertEquals(claim(number).get("items").size(), 1, "asked about once");
    var path = "items/" + doubted.get("id").intValue() + "/right-as-it-is";
    assertEquals(sent(number, path, "\"because\": \" \""), 422);
    assertEquals(sent(number, path, "\"because\": \"the mother, by phone\""), 200);
    assertEquals(claim(number).get("items").size(), 0);
    assertEquals(sent(number, "found-wrong", wrong.replace("householdTotal", "nothing")), 422);
  }

  @Test
  public void whatIsAnsweredOtherwiseIsSettledByTheAnswer() throws Exception {
    var number = claimOf(Packets.meals(2));
    taken(number);
    var pointer = "/requests/0/answers/householdTotal";
    sent(
        number,
        "found-wrong",
        "\"pointer\": \"%s\", \"finding\": \"CONTRADICTION\"".formatted(pointer));
    var answered = asIkenna(answer(number, claim(number), pointer, "2", "they wrote"));
    assertEquals(answered.getResponse().getStatus(), 200);
    assertEquals(
        claim(number).get("items").size(), 0, claim(number).get("items").toString());
  }

  @Test
  public void whatIsDecidedAgainIsToldAgain() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    assertEquals(sent(number, "opened-again", "\"because\": \"they came\""), 200);
    assertEquals(decision(number, claim(number), true).getResponse().getStatus(), 200);
    assertEquals(written(number, "decision"), 2);
  }
}
