package civitane.app;

import java.time.Duration;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who comes gets a number, is called once, and can be told where their claims stand in a line of their language. */
public class CounterTest extends OnDatabase {
  @AfterMethod
  public void backToToday() {
    clock.ahead(Duration.ZERO);
  }

  private MvcResult arrives(String name, String wish) throws Exception {
    return as(
        "pia",
        "FRONT_DESK",
        post(
            "/api/counter/arrivals", "{\"name\": \"%s\", \"wish\": \"%s\"}".formatted(name, wish)));
  }

  private List<JsonNode> here() throws Exception {
    return body(as("pia", "FRONT_DESK", get("/api/counter"))).valueStream().toList();
  }

  private JsonNode named(String name) throws Exception {
    return here().stream()
        .filter(one -> one.get("name").stringValue().equals(name))
        .findFirst()
        .orElse(null);
  }

  @Test
  public void whoArrivesAtOnceGetsNumbersOfTheirOwn() throws Exception {
    var numbers =
        atOnce(5, i -> () -> body(arrives("Somebody " + i, "other")).get("nr").intValue());
    assertEquals(new TreeSet<>(numbers).size(), 5, numbers.toString());
  }

  @Test
  public void theyAreCalledOnceAndGoneWhenSeenTo() throws Exception {
    arrives("Brisa Quental", "bringsPapers");
    var id = named("Brisa Quental").get("id").stringValue();
    assertTrue(named("Brisa Quental").get("calledBy").isNull());
    var called = "/api/counter/arrivals/{arrival}/called";
    assertEquals(as("pia", "FRONT_DESK", post(called, "", id)).getResponse().getStatus(), 200);
    assertEquals(named("Brisa Quental").get("calledBy").stringValue(), "Pia Sandoval-Reyes");
    assertEquals(asIkenna(post(called, "", id)).getResponse().getStatus(), 412);
    var ended = "/api/counter/arrivals/{arrival}/ended";
    assertEquals(as("pia", "FRONT_DESK", post(ended, "", id)).getResponse().getStatus(), 200);
    assertEquals(named("Brisa Quental"), null);
    assertEquals(asIkenna(post(ended, "", id)).getResponse().getStatus(), 412);
    assertEquals(
        asIkenna(post(called, "", UUID.randomUUID().toString())).getResponse().getStatus(), 412);
  }

  @Test
  public void eachDayBeginsWithOneAndAMonthLaterNobodyKnows() throws Exception {
    arrives("Ines Corvane", "applies");
    clock.ahead(Duration.ofDays(1));
    assertTrue(here().isEmpty());
    assertEquals(body(arrives("Dov Amsel", "applies")).get("nr").intValue(), 1);
    clock.ahead(Duration.ofDays(32));
    arrives("Last One", "applies");
    assertEquals(count("arrival where name in ('Ines Corvane', 'Dov Amsel')"), 0);
  }

  @Test
  public void aNameAndAWishAreWanted() throws Exception {
    assertEquals(arrives(" ", "applies").getResponse().getStatus(), 422);
    assertEquals(arrives("Somebody", "a chat").getResponse().getStatus(), 422);
  }

  private String line(String number, String language) throws Exception {
    var household = claim(number).get("household").stringValue();
    return body(as(
            "pia",
            "FRONT_DESK",
            get("/api/households/{household}/standing?language=" + language, household)))
        .valueStream()
        .filter(one -> one.get("number").stringValue().equals(number))
        .map(one -> one.get("line").stringValue())
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void whereAClaimStandsIsSaidInTheLanguageOfWhoAsks() throws Exception {
    var number = claimOf(Packets.meals(2));
    assertTrue(line(number, "en").contains("nobody has begun with it yet"), line(number, "en"));
    var claim = taken(number);
    assertTrue(line(number, "en").startsWith("It is with us."), line(number, "en"));
    assertTrue(line(number, "pt").startsWith("Está connosco."), line(number, "pt"));
    clock.ahead(Duration.ofDays(40));
    assertTrue(line(number, "en").contains("late: an answer was due"), line(number, "en"));
    clock.ahead(Duration.ZERO);
    assertEquals(decision(number, claim, true).getResponse().getStatus(), 200);
    assertTrue(line(number, "fr").startsWith("Accordé le"), line(number, "fr"));
  }

  @Test
  public void whatTheHouseholdIsToBringIsCounted() throws Exception {
    var number =
        claimOf(Packets.meals(2).replace("\"householdTotal\": 2", "\"householdTotal\": null"));
    taken(number);
    var line = line(number, "en");
    assertTrue(line.contains("We wait for you: one thing is wanted by"), line);
    assertFalse(line.contains("{"), line);
  }
}
