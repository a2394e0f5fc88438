package civitane.app;

import java.time.LocalDate;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A call stands in the record with how it went, and whoever wants to call again is reminded of it. */
public class CallsTest extends OnDatabase {
  private MvcResult called(String number, String who, String kind, String told, String backOn)
      throws Exception {
    return asIkenna(
        post("/api/claims/{number}/calls", """
        {"who": "%s", "kind": "%s", "told": "%s", "backOn": %s}
        """.formatted(who, kind, told, backOn), number));
  }

  private String events(String number) throws Exception {
    return claim(number).get("events").toString();
  }

  @Test
  public void howItWentStandsInTheRecord() throws Exception {
    var number = claimOf(Packets.meals(2));
    called(number, "Oluchi", "REACHED", "the lease comes on Monday", "null");
    called(number, "Oluchi", "NOT_REACHED", "rang ten times", "null");
    called(number, "her sister", "THEY_CALLED", "asks where it stands", "null");
    var events = events(number);
    assertTrue(events.contains("Called Oluchi: the lease comes on Monday"), events);
    assertTrue(events.contains("Called Oluchi, who was not reached: rang ten times"), events);
    assertTrue(events.contains("her sister called: asks where it stands"), events);
  }

  @Test
  public void whoWantsToCallAgainIsReminded() throws Exception {
    var number = claimOf(Packets.meals(2));
    var on = LocalDate.now(clock).plusDays(3);
    var called = called(number, "Oluchi", "NOT_REACHED", "after four o’clock", "\"" + on + "\"");
    assertEquals(called.getResponse().getStatus(), 200, called.getResponse().getContentAsString());
    var reminders = body(asIkenna(get("/api/claims/{number}/reminders", number)));
    assertEquals(reminders.at("/0/words").stringValue(), "after four o’clock");
    assertEquals(reminders.at("/0/on").stringValue(), on.toString());
  }

  @Test
  public void nothingIsNotedOfACallThatIsWrong() throws Exception {
    var number = claimOf(Packets.meals(2));
    var wrong = called(number, " ", "REACHED", " ", "null");
    assertEquals(wrong.getResponse().getStatus(), 422);
    var said = body(wrong).get("detail").stringValue();
    assertTrue(said.contains("with somebody") && said.contains("what was said"), said);
    var past = called(number, "Oluchi", "REACHED", "no", "\"2026-01-01\"");
    assertEquals(past.getResponse().getStatus(), 422);
    assertFalse(events(number).contains("Called"), "nor half of it");
  }
}
