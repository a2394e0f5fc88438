package civitane.app;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A death stops post, messages and what is given to that person; who goes on is said by a person, never by the clock. */
public class DeathTest extends OnDatabase {
  private static final String[] SPOUSES = {
    "Aurel Lindqvist-Moss",
    "Benedikt Orre",
    "Corvin Hale-Ash",
    "Dagny Pell",
    "Eskil Wrayburn",
    "Frode Utne"
  };
  private static int homes;

  /** A parent with a spouse and a child who ask for school meals. */
  private static String couple(int home, String phone) {
    return Packets.meals(3)
        .replace(
            "\"incomes\":",
            "\"noIncome\": [{\"person\": \"p3\", \"livesOn\": \"savings\"}], \"incomes\":")
        .replaceFirst(
            "\"role\": \"applicant\"",
            "\"role\": \"applicant\", \"contact\": {\"phone\": \"" + phone
                + "\", \"mayText\": true}")
        .replaceFirst(
            "\"birthDate\": \"(\\d{4}-\\d\\d-\\d\\d)\"\\}\\],",
            "\"birthDate\": \"$1\"}, {\"id\": \"p3\", \"role\": \"spouse\", \"givenName\": \""
                + SPOUSES[home].split(" ")[0] + "\", \"familyName\": \""
                + SPOUSES[home].split(" ")[1]
                + "\", \"birthDate\": \"" + (1951 + 7 * home) + "-04-04\"}],");
  }

  private record Home(String number, UUID household, String phone, String spouse) {}

  private Home home() throws Exception {
    var home = homes++;
    var phone = "0555 040 70" + home;
    var number = claimOf(couple(home, phone));
    return new Home(number, household(number), phone, SPOUSES[home]);
  }

  private void granted(Home home) throws Exception {
    var decided = decision(home.number(), taken(home.number()), true).getResponse();
    assertEquals(decided.getStatus(), 200, decided.getContentAsString());
  }

  private UUID household(String number) {
    return database
        .sql("select household_id from claim where number = ?")
        .param(number)
        .query(UUID.class)
        .single();
  }

  private JsonNode deaths(UUID household) throws Exception {
    return body(asIkenna(get("/api/households/{household}/deaths", household)));
  }

  private static JsonNode living(JsonNode deaths, String role) {
    return deaths
        .get("living")
        .valueStream()
        .filter(one -> role.equals(one.get("role").stringValue()))
        .findFirst()
        .orElseThrow();
  }

  private int report(UUID household, JsonNode person, String on, String told) throws Exception {
    return asIkenna(post(
            "/api/households/{household}/deaths",
            "{\"person\": %s, \"on\": %s, \"told\": \"%s\"}"
                .formatted(person.get("person"), on, told),
            household))
        .getResponse()
        .getStatus();
  }

  private int goesOn(UUID household, JsonNode dead, String other) throws Exception {
    return asIkenna(post(
            "/api/households/{household}/deaths/goes-on",
            "{\"person\": %s, \"goesOn\": %s, \"because\": \"said at the counter\"}"
                .formatted(dead.get("person"), other),
            household))
        .getResponse()
        .getStatus();
  }

  private static boolean wants(JsonNode claim, String subject) {
    return claim.toString().contains("\"" + subject);
  }

  /** What others wrote goes out, so that what is written now is among what is listed. */
  private void postAll() throws Exception {
    var waiting = body(asIkenna(get("/api/post"))).get("waiting");
    while (waiting.valueStream().anyMatch(letter -> !letter.get("held").booleanValue())) {
      var chosen = waiting
          .valueStream()
          .filter(letter -> !letter.get("held").booleanValue())
          .map(letter -> letter.get("id").toString())
          .toList();
      assertEquals(
          asIkenna(post("/api/post/runs", "{\"letters\": " + chosen + "}"))
              .getResponse()
              .getStatus(),
          200);
      waiting = body(asIkenna(get("/api/post"))).get("waiting");
    }
  }

  private JsonNode waiting(String to) throws Exception {
    var all = body(asIkenna(get("/api/post"))).get("waiting");
    return all.valueStream()
        .filter(letter -> to.equals(letter.get("to").stringValue()))
        .findFirst()
        .orElseThrow(() -> new AssertionError(to + " in " + all));
  }

  @Test
  public void nothingGoesToWhoDiedAndAnotherGoesOn() throws Exception {
    postAll();
    var home = home();
    granted(home);
    var dead = living(deaths(home.household()), "applicant");
    var name = dead.get("name").stringValue();
    assertFalse(waiting(name).get("held").booleanValue());

    assertEquals(report(home.household(), dead, "\"2026-11-20\"", "her brother, by phone"), 200);
    assertEquals(report(home.household(), dead, "\"2026-11-20\"", "again"), 412);
    var letter = waiting(name);
    assertTrue(letter.get("held").booleanValue());
    assertTrue(letter.get("died").booleanValue());
    var open = claim(home.number());
    assertEquals(open.get("state").stringValue(), "open");
    assertTrue(wants(open, "died:"), open.toString());
    var refused = decision(home.number(), taken(home.number()), true);
    assertEquals(refused.getResponse().getStatus(), 422);
    assertTrue(
        refused.getResponse().getContentAsString().contains("who goes on"),
        refused.getResponse().getContentAsString());
    var written = REGISTERS.messages().size();
    http.perform(post("/api/door/code", "{\"number\": \"" + home.number() + "\"}")
        .with(SecurityMockMvcRequestPostProcessors.csrf()));

    var said = deaths(home.household());
    assertEquals(said.get("open").get(0).get("name").stringValue(), name);
    assertEquals(
        said.get("open")
            .get(0)
            .get("mayGoOn")
            .valueStream()
            .map(one -> one.get("name").stringValue())
            .toList()
            .toString(),
        "[" + home.spouse() + "]",
        "grown-ups who live");
    var spouse = living(said, "spouse");
    assertEquals(goesOn(home.household(), dead, spouse.get("person").toString()), 200);
    assertEquals(goesOn(home.household(), dead, "null"), 412, "it is said already");

    var after = deaths(home.household());
    assertEquals(after.get("open").size(), 0);
    assertEquals(living(after, "applicant").get("name").stringValue(), home.spouse());
    var page = body(asIkenna(get("/api/households/{household}", home.household())));
    assertEquals(page.get("name").stringValue(), home.spouse());
    assertTrue(waiting(name).get("held").booleanValue(), "it is addressed to who died still");
    assertTrue(
        REGISTERS.messages().stream()
            .limit(REGISTERS.messages().size() - (long) written)
            .noneMatch(message -> home.phone().equals(message.get("to"))),
        "no code went to their phone");
  }

  @Test
  public void whereNobodyGoesOnItEndsAndWhatIsDueIsSaid() throws Exception {
    var home = home();
    granted(home);
    var dead = living(deaths(home.household()), "applicant");
    assertEquals(report(home.household(), dead, "\"2026-11-20\"", "record of death"), 200);
    assertEquals(goesOn(home.household(), dead, "null"), 200);
    var over = claim(home.number());
    assertEquals(over.get("state").stringValue(), "lapsed");
    assertTrue(over.toString().contains("Still due for the time before"), over.toString());
  }

  @Test
  public void whoLivedThereIsOneLessFromTheDayAfter() throws Exception {
    var home = home();
    var spouse = living(deaths(home.household()), "spouse");
    assertEquals(
        report(home.household(), spouse, "\"2026-11-20\"", "his wife, at the counter"), 200);
    var after = deaths(home.household());
    assertEquals(after.get("living").size(), 2);
    assertEquals(after.get("open").size(), 0, "nobody has to go on");
    assertTrue(claim(home.number()).toString().contains(home.spouse() + " died on"));
    var before = body(asIkenna(
        get("/api/households/{household}", home.household()).param("holdsOn", "2026-11-19")));
    assertEquals(before.get("people").size(), 3, "as it held before");
  }

  @Test
  public void whoDiedTodayIsGoneOnForToday() throws Exception {
    var home = home();
    taken(home.number());
    var dead = living(deaths(home.household()), "applicant");
    var today = "\"" + LocalDate.now(clock) + "\"";
    assertEquals(report(home.household(), dead, today, "the hospital, by phone"), 200);
    var spouse = living(deaths(home.household()), "spouse");
    assertEquals(goesOn(home.household(), dead, spouse.get("person").toString()), 200);
    assertEquals(deaths(home.household()).get("open").size(), 0);
    assertEquals(goesOn(home.household(), dead, "null"), 412);
  }

  @Test
  public void allThatIsWrongIsSaidAtOnce() throws Exception {
    var home = home();
    var dead = living(deaths(home.household()), "applicant");
    var wrong = asIkenna(post(
        "/api/households/{household}/deaths",
        "{\"person\": %s, \"on\": \"2999-01-01\", \"told\": \" \"}".formatted(dead.get("person")),
        home.household()));
    assertEquals(wrong.getResponse().getStatus(), 422);
    assertEquals(body(wrong).get("faults").size(), 2);
    assertEquals(deaths(home.household()).get("open").size(), 0);
  }

  @Test
  public void whatWasAskedForAChildWhoDiedIsAskedForNoMore() throws Exception {
    var home = home();
    var child = living(deaths(home.household()), "child");
    taken(home.number());
    assertEquals(report(home.household(), child, "\"2026-11-20\"", "the mother, by phone"), 200);
    var working = claim(home.number());
    assertEquals(working.get("state").stringValue(), "open");
    assertEquals(deaths(home.household()).get("living").size(), 2);
  }
}
