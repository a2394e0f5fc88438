package civitane.app;

import java.time.LocalDate;
import java.util.List;
import java.util.ListIterator;
import java.util.stream.Stream;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who lives by themselves is a household of their own, with all that is theirs; what was asked for stays with whoever asked. */
public class PartingTest extends OnDatabase {
  /** Each couple's own: whoever is taken for somebody else has to be looked at. */
  private static final ListIterator<String> NAMES =
      List.of("Braemar", "Quennel", "Thorsby", "Umberto").listIterator();

  /** A couple with a child, of whom both earn; school meals are granted. */
  private String granted() throws Exception {
    var packet = Packets.meals(3)
        .replace(
            "\"benefits\": []",
            "\"benefits\": [], \"expenses\": [{\"kind\": \"rent\", \"amount\": 640, \"frequency\": \"monthly\"}]")
        .replace("{\"id\": \"p2\"", """
            {"id": "p3", "role": "spouse", "givenName": "Orsolya", "familyName": "%s", "birthDate": "%s",
             "residentNumber": null, "residentNumberMissing": "declined"}, {"id": "p2"
            """.formatted(
            NAMES.next(), LocalDate.parse("1979-05-01").plusDays(NAMES.nextIndex() * 97L)).strip())
        .replace("\"frequency\": \"weekly\"}]", """
            "frequency": "weekly"},
              {"id": "i2", "person": "p3", "kind": "wages", "amount": 100, "frequency": "weekly"}]
            """.strip());
    var number = claimOf(packet);
    var decided = decision(number, taken(number), true);
    assertEquals(
        decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    return number;
  }

  private String household(String number) throws Exception {
    return claim(number).get("household").stringValue();
  }

  private JsonNode view(String household) throws Exception {
    return body(asIkenna(get("/api/households/{household}", household)));
  }

  private String person(String household, String role) throws Exception {
    var living =
        body(asIkenna(get("/api/households/{household}/deaths", household))).get("living");
    for (var one : living) {
      if (one.get("role").stringValue().equals(role)) {
        return one.get("person").stringValue();
      }
    }
    throw new AssertionError(living.toString());
  }

  private MvcResult part(String household, LocalDate on, String told, String... people)
      throws Exception {
    return asIkenna(post(
        "/api/households/{household}/parting",
        """
        {"people": %s, "on": "%s", "line1": "9 Sluice Row", "postcode": "BK32", "town": "Reedholm",
         "isHidden": false, "told": "%s"}""".formatted(Stream.of(people).map(one -> "\"" + one + "\"").toList(), on, told),
        household));
  }

  private static List<String> names(JsonNode view) {
    return view.get("people")
        .valueStream()
        .map(one ->
            one.get("name").stringValue().split(" ")[0] + " " + one.get("role").stringValue())
        .toList();
  }

  @Test
  public void theyAreAHouseholdWithWhatIsTheirsAndTheOthersWithout() throws Exception {
    var number = granted();
    var household = household(number);
    var before = view(household);
    assertEquals(before.get("people").size(), 3);
    var today = LocalDate.now(clock);
    var parted =
        part(household, today.minusDays(3), "by her, at the counter", person(household, "spouse"));
    assertEquals(parted.getResponse().getStatus(), 200, parted.getResponse().getContentAsString());
    var theirs = body(parted).get("household").stringValue();

    var own = view(theirs);
    assertEquals(names(own), List.of("Orsolya applicant"));
    assertEquals(own.get("town").stringValue(), "Reedholm");
    assertTrue(own.get("facts").toString().contains("€100.00 a week"), own.toString());
    assertTrue(own.get("facts").toString().contains("9 Sluice Row"), own.toString());
    assertFalse(own.get("facts").toString().contains("640.00"), "the rent is the old home's");
    assertEquals(own.get("claims").size(), 0);

    var after = view(household);
    assertEquals(after.get("people").size(), 2);
    assertFalse(after.get("facts").toString().contains("€100.00 a week"), after.toString());
    assertTrue(after.get("facts").toString().contains("640.00"), after.toString());
    var once = body(asIkenna(get("/api/households/{household}", household)
        .param("holdsOn", today.minusDays(10).toString())));
    assertEquals(once.get("people").size(), 3, "she lived there then");
    assertTrue(once.get("facts").toString().contains("€100.00 a week"));

    // 530 a week for three was another price than 430 for two.
    var claim = claim(number);
    assertTrue(claim.get("events").toString().contains("orked out again from"), claim.toString());
    assertEquals(claim.at("/packet/household/people").size(), 2);
  }

  @Test
  public void anOpenClaimTellsIt() throws Exception {
    var packet = Packets.meals(3).replace("{\"id\": \"p2\"", """
        {"id": "p3", "role": "relative", "givenName": "Dorit", "familyName": "Vale", "birthDate": "1960-05-01",
         "residentNumber": null, "residentNumberMissing": "declined"}, {"id": "p2\"""".strip());
    var number = claimOf(packet);
    var household = household(number);
    var parted = part(household, LocalDate.now(clock), "by phone", person(household, "relative"));
    assertEquals(parted.getResponse().getStatus(), 200, parted.getResponse().getContentAsString());
    assertTrue(claim(number).get("events").toString().contains("Lives elsewhere since"));
  }

  @Test
  public void everythingThatIsWrongIsToldAtOnceAndNothingIsRecorded() throws Exception {
    var household = household(granted());
    var entries = count("entry");
    var today = LocalDate.now(clock);
    for (var who : new String[] {"applicant", "child"}) {
      var refused = part(household, today.plusYears(1), " ", person(household, who));
      assertEquals(refused.getResponse().getStatus(), 422);
      assertEquals(body(refused).get("faults").size(), 3, body(refused).toString());
    }
    assertEquals(
        part(household, today, "so", java.util.UUID.randomUUID().toString())
            .getResponse()
            .getStatus(),
        422);
    assertEquals(count("entry"), entries);
  }

  @Test
  public void whoIsRestrictedStaysSo() throws Exception {
    var household = household(granted());
    var spouse = person(household, "spouse");
    var restricted = as(
        "edda",
        "SENIOR",
        post(
            "/api/households/{household}/restriction",
            "{\"because\": \"kin of a colleague\", \"named\": [\"ikenna\"]}",
            household));
    assertEquals(
        restricted.getResponse().getStatus(), 204, restricted.getResponse().getContentAsString());
    var theirs = body(part(household, LocalDate.now(clock), "by phone", spouse))
        .get("household")
        .stringValue();
    assertEquals(view(theirs).at("/restricted/because").stringValue(), "kin of a colleague");
    assertEquals(
        as("maud", "CASEWORKER", get("/api/households/{household}", theirs))
            .getResponse()
            .getStatus(),
        404);
  }
}
