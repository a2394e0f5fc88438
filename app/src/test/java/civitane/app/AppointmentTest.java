package civitane.app;

import civitane.core.time.WorkingDays;
import java.time.LocalDate;
import java.util.Map;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Appointments are made on open days, never two at once, checked in at the counter, and over once. */
public class AppointmentTest extends OnDatabase {
  private static final int DAYS = 6;

  private LocalDate day() {
    return WorkingDays.add(LocalDate.now(clock), DAYS);
  }

  private MvcResult made(String number, Map<String, String> otherwise) throws Exception {
    var body = new java.util.TreeMap<>(Map.of(
        "on", "\"" + day() + "\"",
        "at", "\"10:00\"",
        "minutes", "30",
        "with", "\"ikenna\"",
        "place", "\"COUNTER\"",
        "interpreter", "\"Arabic\"",
        "about", "\"the lease, page by page\"",
        "hearing", "false"));
    body.putAll(otherwise);
    var said = body.entrySet().stream()
        .map(one -> "\"" + one.getKey() + "\": " + one.getValue())
        .collect(java.util.stream.Collectors.joining(", ", "{", "}"));
    return asIkenna(post("/api/claims/{number}/appointments", said, number));
  }

  private JsonNode on(LocalDate day, String who, String role) throws Exception {
    return body(as(who, role, get("/api/appointments?on=" + day)));
  }

  private static JsonNode of(JsonNode appointments, String number) {
    return appointments
        .valueStream()
        .filter(one -> one.get("claim").stringValue().equals(number))
        .findFirst()
        .orElseThrow(() -> new AssertionError(number + " is not in " + appointments));
  }

  @Test
  public void oneIsMadeCheckedInAndKept() throws Exception {
    var number = claimOf(Packets.meals(2));
    var first = made(number, Map.of("at", "\"08:30\""));
    assertEquals(first.getResponse().getStatus(), 200, first.getResponse().getContentAsString());
    assertTrue(claim(number).get("events").toString().contains("at 08:30 with Ikenna Okonjo"));

    var seen = of(on(day(), "pia", "FRONT_DESK"), number);
    assertEquals(seen.get("interpreter").stringValue(), "Arabic");
    assertEquals(seen.get("until").stringValue(), "09:00");
    assertEquals(seen.get("about").stringValue(), "", "what for is not the front desk's");
    assertEquals(
        of(on(day(), "ikenna", "CASEWORKER"), number).get("about").stringValue(),
        "the lease, page by page");

    var id = seen.get("id").stringValue();
    assertEquals(here(id), 200);
    assertEquals(here(id), 412, "once");
    assertTrue(of(on(day(), "ikenna", "CASEWORKER"), number).get("hereSince").isString());
    assertEquals(over(id, "CAME", ""), 200);
    assertEquals(over(id, "MISSED", "nobody there"), 412, "once");
    assertTrue(claim(number).get("events").toString().contains("They came to the appointment"));
  }

  private int here(String id) throws Exception {
    return as("pia", "FRONT_DESK", post("/api/appointments/{id}/here", "", id))
        .getResponse()
        .getStatus();
  }

  private int over(String id, String over, String note) throws Exception {
    return asIkenna(post("/api/appointments/{id}/over", """
            {"over": "%s", "note": "%s"}""".formatted(over, note), id))
        .getResponse()
        .getStatus();
  }

  @Test
  public void nobodyHasTwoAtOnceHoweverTheyAreMade() throws Exception {
    var number = claimOf(Packets.meals(2));
    var tries = atOnce(
        4,
        i -> () -> made(number, Map.of("at", "\"14:%d0\"".formatted(i % 3)))
            .getResponse()
            .getStatus());
    assertEquals(tries.stream().filter(status -> status == 200).count(), 1, tries.toString());
    var after = made(number, Map.of("at", "\"15:00\""));
    assertEquals(after.getResponse().getStatus(), 200, "one after the other");
    var maud = made(number, Map.of("at", "\"14:10\"", "with", "\"maud\""));
    assertEquals(maud.getResponse().getStatus(), 200, "somebody else has time");
  }

  @Test
  public void whatStandsAgainstOneIsSaidAllAtOnce() throws Exception {
    var number = claimOf(Packets.meals(2));
    var sunday = day().plusDays(7 - day().getDayOfWeek().getValue());
    var wrong = made(
        number,
        Map.of("on", "\"" + sunday + "\"", "at", "\"19:00\"", "minutes", "30", "about", "\" \""));
    assertEquals(wrong.getResponse().getStatus(), 422);
    var said = body(wrong).get("detail").stringValue();
    assertTrue(said.contains("closed on that day"), said);
    assertTrue(said.contains("open from 08:00 to 18:00"), said);
    assertTrue(said.contains("what it is about"), said);
    assertEquals(
        made(number, Map.of("on", "\"" + LocalDate.now(clock).minusDays(1) + "\""))
            .getResponse()
            .getStatus(),
        422);
    assertEquals(made(number, Map.of("with", "\"pia\"")).getResponse().getStatus(), 422);
    assertEquals(made(number, Map.of("minutes", "5")).getResponse().getStatus(), 422);
    assertFalse(claim(number).get("events").toString().contains("Appointment on"));
  }

  @Test
  public void whoDidNotComeIsNotedWithWhatIsKnown() throws Exception {
    var number = claimOf(Packets.meals(2));
    made(number, Map.of("at", "\"11:30\""));
    var id = of(on(day(), "ikenna", "CASEWORKER"), number).get("id").stringValue();
    assertEquals(over(id, "MISSED", " "), 422);
    assertEquals(over(id, "MISSED", "called: ill"), 200);
    assertTrue(claim(number).get("items").toString().contains("missed:"), "it is asked after");
    assertTrue(claim(number).get("events").toString().contains("did not come"));
    var again = made(number, Map.of("at", "\"11:30\""));
    assertEquals(again.getResponse().getStatus(), 200, "the time is free again");
  }
}
