package civitane.app;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who moves into another home is of it from that day on, with all that is theirs; nothing of it is copied. */
public class MovingInTest extends OnDatabase {
  private static int couples;

  /** A household of its own name: an applicant, a spouse who earns a hundred a week, a child. */
  private String claimOfThree() throws Exception {
    couples++;
    var name = "Movenham" + (char) ('a' + couples);
    return claimOf(Packets.meals(3)
        .replace(
            "\"benefits\": []",
            "\"benefits\": [], \"expenses\": [{\"kind\": \"rent\", \"amount\": 640, \"frequency\": \"monthly\"}]")
        .replace("{\"id\": \"p2\"", """
            {"id": "p3", "role": "spouse", "givenName": "Orsolya", "familyName": "%s", "birthDate": "%s",
             "residentNumber": null, "residentNumberMissing": "declined"}, {"id": "p2"
            """.formatted(
            name, LocalDate.parse("1969-05-01").plusDays(couples * 83L)).strip())
        .replace("\"frequency\": \"weekly\"}]", """
            "frequency": "weekly"},
              {"id": "i2", "person": "p3", "kind": "wages", "amount": 100, "frequency": "weekly"}]
            """.strip()));
  }

  /** Somebody alone, who asked for nothing that is not over. */
  private String alone() throws Exception {
    var three = household(claimOfThree());
    var parted = asIkenna(post(
        "/api/households/{household}/parting",
        """
        {"people": ["%s"], "on": "%s", "line1": "9 Sluice Row", "postcode": "BK32", "town": "Reedholm",
         "isHidden": false, "told": "by her"}""".formatted(person(three, "spouse"), LocalDate.now(clock).minusDays(200)),
        three));
    assertEquals(parted.getResponse().getStatus(), 200, parted.getResponse().getContentAsString());
    return body(parted).get("household").stringValue();
  }

  private String household(String number) throws Exception {
    return claim(number).get("household").stringValue();
  }

  private JsonNode view(String household) throws Exception {
    return body(asIkenna(get("/api/households/{household}", household)));
  }

  private JsonNode living(String household) throws Exception {
    return body(asIkenna(get("/api/households/{household}/deaths", household))).get("living");
  }

  private String person(String household, String role) throws Exception {
    return living(household)
        .valueStream()
        .filter(one -> one.get("role").stringValue().equals(role))
        .findFirst()
        .orElseThrow()
        .get("person")
        .stringValue();
  }

  private MvcResult moveIn(String household, String from, LocalDate on, String... peopleAs)
      throws Exception {
    return asIkenna(movingIn(household, from, on, "by both, at the counter", peopleAs));
  }

  private MockHttpServletRequestBuilder movingIn(
      String household, String from, LocalDate on, String told, String... peopleAs) {
    var people = new StringBuilder();
    for (var i = 0; i < peopleAs.length; i += 2) {
      people.append(people.isEmpty() ? "" : ", ");
      people.append("{\"person\": \"%s\", \"as\": \"%s\"}".formatted(peopleAs[i], peopleAs[i + 1]));
    }
    return post(
        "/api/households/{household}/moving-in",
        "{\"from\": \"%s\", \"people\": [%s], \"on\": \"%s\", \"told\": \"%s\"}"
            .formatted(from, people, on, told),
        household);
  }

  private static List<String> names(JsonNode view) {
    return view.get("people")
        .valueStream()
        .map(one -> one.get("name").stringValue().split(" ")[0])
        .toList();
  }

  private List<String> roles(String household) throws Exception {
    return living(household)
        .valueStream()
        .map(one -> one.get("role").stringValue())
        .sorted()
        .toList();
  }

  @Test
  public void whoMovesInBringsWhatIsTheirsAndTheOldHomeIsWithoutIt() throws Exception {
    var old = claimOfThree();
    var from = household(old);
    var number = claimOfThree();
    var home = household(number);
    var today = LocalDate.now(clock);
    var leaving = person(from, "spouse");
    var entries = count("entry where field = 'membership'");
    var done = moveIn(home, from, today.minusDays(3), leaving, "sibling");
    assertEquals(done.getResponse().getStatus(), 200, done.getResponse().getContentAsString());
    assertEquals(
        count("entry where field = 'membership'") - entries,
        1,
        "that they live there, and nothing else, is recorded");

    var here = view(home);
    assertEquals(here.get("people").size(), 4);
    assertEquals(roles(home), List.of("applicant", "child", "sibling", "spouse"));
    assertEquals(here.get("facts").toString().split("€100.00 a week", -1).length - 1, 2);
    var there = view(from);
    assertEquals(there.get("people").size(), 2);
    assertFalse(there.get("facts").toString().contains("€100.00 a week"), there.toString());
    assertTrue(there.get("facts").toString().contains("640.00"), "the rent is the old home's");
    assertEquals(there.at("/moved/0/household").stringValue(), home);
    assertTrue(there.at("/moved/0/name").stringValue().startsWith("Orsolya Movenham"));
    assertEquals(there.at("/moved/0/since").stringValue(), today.minusDays(3).toString());
    assertEquals(here.get("moved").size(), 0);
    assertTrue(claim(number).get("events").toString().contains("Lives here since"));
    assertTrue(claim(old).get("events").toString().contains("Lives elsewhere since"));

    var once = body(asIkenna(get("/api/households/{household}", home)
        .param("holdsOn", today.minusDays(10).toString())));
    assertEquals(once.get("people").size(), 3, "nobody had moved in then");
  }

  @Test
  public void whatWasGrantedIsWorkedOutAgainAtBothHomes() throws Exception {
    var old = claimOfThree();
    var number = claimOfThree();
    for (var one : List.of(old, number)) {
      var decided = decision(one, taken(one), true);
      assertEquals(
          decided.getResponse().getStatus(), 200, decided.getResponse().getContentAsString());
    }
    var from = household(old);
    var done =
        moveIn(household(number), from, LocalDate.now(clock), person(from, "spouse"), "relative");
    assertEquals(done.getResponse().getStatus(), 200, done.getResponse().getContentAsString());
    for (var one : List.of(old, number)) {
      assertTrue(
          claim(one).get("events").toString().contains("orked out"),
          claim(one).get("events").toString());
    }
    assertEquals(claim(number).at("/packet/household/people").size(), 4);
  }

  @Test
  public void allOfThemMoveAndTheirOldHomeIsShownAsItWas() throws Exception {
    var from = alone();
    var home = household(claimOfThree());
    var today = LocalDate.now(clock);
    var done = moveIn(home, from, today.minusDays(5), person(from, "applicant"), "parent");
    assertEquals(done.getResponse().getStatus(), 200, done.getResponse().getContentAsString());
    assertEquals(roles(home), List.of("applicant", "child", "parent", "spouse"));
    var there = view(from);
    assertEquals(there.get("people").size(), 0);
    assertEquals(there.at("/moved/0/household").stringValue(), home);
    var once = body(asIkenna(get("/api/households/{household}", from)
        .param("holdsOn", today.minusDays(6).toString())));
    assertEquals(names(once), List.of("Orsolya"));
    assertEquals(once.get("moved").size(), 0);
    // Nothing is begun for a household of nobody, and nobody moves in there.
    for (var nothing : List.of(
        post("/api/households/{household}/changes", "", from),
        movingIn(from, home, today, "by her", person(home, "spouse"), "spouse"))) {
      var refused = asIkenna(nothing);
      assertTrue(
          refused.getResponse().getStatus() == 404 || refused.getResponse().getStatus() == 422,
          refused.getResponse().getStatus() + refused.getResponse().getContentAsString());
    }
  }

  @Test
  public void whatTheyAskedForIsOverFirstWhereAllOfThemMove() throws Exception {
    var number = claimOfThree();
    var from = household(number);
    var home = household(claimOfThree());
    var all = living(from)
        .valueStream()
        .flatMap(one -> Stream.of(one.get("person").stringValue(), "relative"))
        .toArray(String[]::new);
    var refused = moveIn(home, from, LocalDate.now(clock), all);
    assertEquals(refused.getResponse().getStatus(), 422);
    assertTrue(body(refused).toString().contains(number), body(refused).toString());
  }

  @Test
  public void everythingThatIsWrongIsToldAtOnceAndNothingIsRecorded() throws Exception {
    var from = household(claimOfThree());
    var home = household(claimOfThree());
    var entries = count("entry where field = 'membership'");
    var refused = asIkenna(movingIn(
        home, from, LocalDate.now(clock).plusYears(1), " ", person(from, "applicant"), "spouse"));
    assertEquals(refused.getResponse().getStatus(), 422);
    assertEquals(body(refused).get("faults").size(), 4, body(refused).toString());
    for (var wrong : List.of(
        movingIn(home, from, LocalDate.now(clock), "so", person(home, "child"), "child"),
        movingIn(home, from, LocalDate.now(clock), "so"),
        movingIn(home, home, LocalDate.now(clock), "so", person(home, "spouse"), "sibling"),
        movingIn(home, from, LocalDate.now(clock), "so", person(from, "spouse"), "applicant"))) {
      assertEquals(asIkenna(wrong).getResponse().getStatus(), 422);
    }
    assertEquals(count("entry where field = 'membership'"), entries);
  }

  @Test
  public void whoMayNotSeeTheOldHomeMovesNobodyAndTheNewOneIsRestrictedLikeIt() throws Exception {
    var from = household(claimOfThree());
    var home = household(claimOfThree());
    var who = person(from, "spouse");
    var restricted = as(
        "edda",
        "SENIOR",
        post(
            "/api/households/{household}/restriction",
            "{\"because\": \"kin of a colleague\", \"named\": [\"maud\"]}",
            from));
    assertEquals(restricted.getResponse().getStatus(), 204);
    assertEquals(
        moveIn(home, from, LocalDate.now(clock), who, "sibling").getResponse().getStatus(), 404);
    var done = as(
        "maud", "CASEWORKER", movingIn(home, from, LocalDate.now(clock), "by her", who, "sibling"));
    assertEquals(done.getResponse().getStatus(), 200, done.getResponse().getContentAsString());
    assertEquals(
        asIkenna(get("/api/households/{household}", home)).getResponse().getStatus(), 404);
  }

  @Test
  public void twoWhoMoveEachOthersPeopleAtOneMomentDoNotWaitForEachOther() throws Exception {
    var one = household(claimOfThree());
    var other = household(claimOfThree());
    var ofOne = person(one, "spouse");
    var ofOther = person(other, "spouse");
    var today = LocalDate.now(clock);
    var answers = atOnce(
        2,
        i -> () -> (i == 0
                ? moveIn(one, other, today, ofOther, "sibling")
                : moveIn(other, one, today, ofOne, "sibling"))
            .getResponse()
            .getStatus());
    assertEquals(answers, List.of(200, 200));
    assertEquals(living(one).size(), 3);
    assertEquals(living(other).size(), 3);
  }
}
