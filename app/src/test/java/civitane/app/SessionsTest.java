package civitane.app;

import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

/** Signing in with a name and a password, staying so from one request to the next, and signing out. */
public class SessionsTest extends OnDatabase {
  private static final String SESSION = "SESSION";

  @Autowired
  private Staff staff;

  private MockHttpServletResponse signIn(String name, String password) throws Exception {
    return http.perform(MockMvcRequestBuilders.post("/api/sign-in")
            .contentType(MediaType.APPLICATION_FORM_URLENCODED)
            .param("username", name)
            .param("password", password)
            .with(SecurityMockMvcRequestPostProcessors.csrf()))
        .andReturn()
        .getResponse();
  }

  private MockHttpServletResponse with(Cookie session, String path) throws Exception {
    return http.perform(MockMvcRequestBuilders.get(path).cookie(session))
        .andReturn()
        .getResponse();
  }

  @Test
  public void whoSignsInIsKnownInTheNextRequestAndUnknownAfterSigningOut() throws Exception {
    var signedIn = signIn("maud", "maud-maud");
    assertEquals(signedIn.getStatus(), 204);
    var session = signedIn.getCookie(SESSION);
    assertNotNull(session);
    var me = json.readTree(with(session, "/api/session").getContentAsString());
    assertEquals(me.get("name").stringValue(), "Maud Verhallen");
    assertEquals(me.get("role").stringValue(), "caseworker");
    assertEquals(with(session, "/api/desk").getStatus(), 200);
    var out = http.perform(MockMvcRequestBuilders.post("/api/sign-out")
            .cookie(session)
            .with(SecurityMockMvcRequestPostProcessors.csrf()))
        .andReturn()
        .getResponse();
    assertEquals(out.getStatus(), 204);
    assertEquals(with(session, "/api/desk").getStatus(), 401);
  }

  /** A page asks for several things as soon as somebody has signed in. */
  @Test
  public void theFirstQuestionsOfASessionMayComeSideBySide() throws Exception {
    for (var time = 0; time < 3; time++) {
      var session = signIn("maud", "maud-maud").getCookie(SESSION);
      assertEquals(
          Set.copyOf(atOnce(8, i -> () -> with(session, "/api/desk").getStatus())), Set.of(200));
    }
  }

  @DataProvider
  public static Object[][] wrong() {
    return new Object[][] {
      {"maud", "maud"}, {"maud", ""}, {"", ""}, {"nobody", "nobody-nobody"}, {"MAUD", "maud-maud "}
    };
  }

  @Test(dataProvider = "wrong")
  public void aWrongNameAndAWrongPasswordAreToldTheSame(String name, String password)
      throws Exception {
    var refused = signIn(name, password);
    assertEquals(refused.getStatus(), 401);
    assertEquals(refused.getContentAsString(), "");
  }

  @Test
  public void aStrangerLearnsNothingButTheDay() throws Exception {
    var session = body(http.perform(get("/api/session")).andReturn());
    assertTrue(session.get("login").isNull());
    assertTrue(session.get("name").isNull());
    assertFalse(session.get("today").isNull());
  }

  @Test
  public void noPasswordIsKeptAsItWasTyped() {
    assertEquals(count("staff where password_hash like '%maud-maud%'"), 0);
    assertEquals(count("staff where password_hash not like '{argon2}%'"), 0);
  }

  @Test
  public void whatABrowserIsToldToRefuseIsToldOnEveryAnswer() throws Exception {
    for (var path : new String[] {"/", "/sign-in", "/api/session", "/verify", "/api/desk"}) {
      var answer = http.perform(get(path)).andReturn().getResponse();
      assertTrue(
          answer.getHeader("Content-Security-Policy").contains("frame-ancestors 'self'"), path);
      assertEquals(answer.getHeader("X-Content-Type-Options"), "nosniff", path);
      assertEquals(answer.getHeader("Referrer-Policy"), "no-referrer", path);
    }
  }

  @Test
  public void whatIsToldOfAHouseholdIsNotLeftInTheBrowsersStore() throws Exception {
    var number = claimOf(Packets.meals(2));
    for (var path : new String[] {"/api/desk", "/api/claims/" + number, "/api/applications"}) {
      var caching = asIkenna(get(path)).getResponse().getHeader("Cache-Control");
      assertTrue(caching.contains("no-store"), path + " " + caching);
    }
  }

  private int choosing(String name, String value) throws Exception {
    var body = "{\"name\": \"%s\", \"value\": \"%s\"}".formatted(name, value);
    return as("salome", "POLICY", post("/api/choices", body)).getResponse().getStatus();
  }

  @Test
  public void whatIsChosenIsThereOnEveryMachine() throws Exception {
    var chosen =
        as("jun", "AUDITOR", post("/api/choices", "{\"name\": \"look\", \"value\": \"night\"}"));
    assertEquals(chosen.getResponse().getStatus(), 204);
    var elsewhere = signIn("jun", "jun-jun").getCookie(SESSION);
    var me = json.readTree(with(elsewhere, "/api/session").getContentAsString());
    assertEquals(me.at("/choices/look").stringValue(), "night");
    var others = json.readTree(
        with(signIn("maud", "maud-maud").getCookie(SESSION), "/api/session").getContentAsString());
    assertTrue(others.at("/choices/look").isMissingNode(), others.toString());
    for (var kept : new String[][] {
      {"margin", "folded"}, {"size", "large"}, {"keys", "off"}, {"key Alt+T", "Alt+Y"}
    }) {
      assertEquals(choosing(kept[0], kept[1]), 204, kept[0]);
    }
    for (var refused : new String[][] {
      {"margin", "gone"}, {"key Alt+T", "T"}, {"key F1", "Alt+Y"}, {"colour", "pink"}
    }) {
      assertEquals(choosing(refused[0], refused[1]), 422, refused[0] + " " + refused[1]);
    }
    var wrong =
        as("jun", "AUDITOR", post("/api/choices", "{\"name\": \"look\", \"value\": \"dusk\"}"));
    assertEquals(wrong.getResponse().getStatus(), 422);
  }

  private MockHttpServletResponse sends(Cookie session, String path, String body) throws Exception {
    return http.perform(MockMvcRequestBuilders.post("/api/own-sign-in" + path)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body)
            .cookie(session)
            .with(SecurityMockMvcRequestPostProcessors.csrf()))
        .andReturn()
        .getResponse();
  }

  private static String another(String now, String password) {
    return "{\"now\": \"%s\", \"another\": \"%s\"}".formatted(now, password);
  }

  @AfterClass
  public void rutgerLeaves() {
    staff.disable("rutger");
  }

  /** Somebody for whom nobody else signs in. */
  private void addRutger() {
    if (count("staff where login = 'rutger'") == 0) {
      staff.add("rutger", "Rutger Zandvoort", Role.CASEWORKER, "eleven pale otters");
    }
  }

  @Test
  public void onesOwnPasswordIsChangedAndWhoeverElseIsSignedInWithItIsNotAnyMore()
      throws Exception {
    addRutger();
    var here = signIn("rutger", "eleven pale otters").getCookie(SESSION);
    var elsewhere = signIn("rutger", "eleven pale otters").getCookie(SESSION);
    for (var refused : new String[][] {
      {"eleven pale badgers", "a tall green kettle", "not right"},
      {"eleven pale otters", "short", "at least 12"},
      {"eleven pale otters", "Rutger is who I am", "log-in is not a part"},
      {"eleven pale otters", "eleven pale otters", "holds now"}
    }) {
      var answer = sends(here, "/password", another(refused[0], refused[1]));
      assertEquals(answer.getStatus(), 422, refused[1]);
      assertTrue(answer.getContentAsString().contains(refused[2]), answer.getContentAsString());
    }
    assertEquals(with(elsewhere, "/api/desk").getStatus(), 200, "nothing has changed yet");
    assertEquals(
        sends(here, "/password", another("eleven pale otters", "a tall green kettle"))
            .getStatus(),
        204);
    assertEquals(with(here, "/api/desk").getStatus(), 200);
    assertEquals(with(elsewhere, "/api/desk").getStatus(), 401);
    assertEquals(signIn("rutger", "eleven pale otters").getStatus(), 401);
    assertEquals(signIn("rutger", "a tall green kettle").getStatus(), 204);
    assertEquals(count("audit_log where actor = 'rutger' and action = 'own password changed'"), 1);
    assertEquals(count("audit_log where detail like '%kettle%'"), 0);
    var later = signIn("rutger", "a tall green kettle").getCookie(SESSION);
    assertTrue(me(here).get("passwordChangedAt").isNull(), "who has just done it knows");
    assertFalse(me(later).get("passwordChangedAt").isNull());
    assertEquals(sends(later, "/change-known", "").getStatus(), 204);
    assertTrue(me(later).get("passwordChangedAt").isNull());
    staff.takes("rutger", "eleven pale otters");
  }

  private JsonNode me(Cookie session) throws Exception {
    return json.readTree(with(session, "/api/session").getContentAsString());
  }

  @Test
  public void aPasswordThatSomebodyElseChoseOpensOnlyTheWayToOnesOwn() throws Exception {
    var chosen = "nine lost umbrellas";
    staff.add("wieland", "Wieland Osterkamp", Role.SENIOR, chosen);
    staff.isHanded("wieland", chosen);
    var first = signIn("wieland", chosen).getCookie(SESSION);
    assertTrue(me(first).get("newcomer").booleanValue());
    assertEquals(with(first, "/api/desk").getStatus(), 403);
    assertEquals(with(first, "/api/looks").getStatus(), 403);
    assertEquals(with(first, "/api/own-sign-in").getStatus(), 200);
    assertEquals(sends(first, "/password", another(chosen, chosen)).getStatus(), 422);
    assertEquals(
        sends(first, "/password", another(chosen, "a tall green kettle")).getStatus(), 204);
    assertEquals(with(first, "/api/own-sign-in").getStatus(), 401, "one signs in anew");
    var own = signIn("wieland", "a tall green kettle").getCookie(SESSION);
    assertFalse(me(own).get("newcomer").booleanValue());
    assertTrue(me(own).get("passwordChangedAt").isNull(), "who had to change it knows");
    assertEquals(with(own, "/api/desk").getStatus(), 200);

    staff.isHanded("wieland", chosen);
    clock.ahead(Duration.ofDays(8));
    assertEquals(signIn("wieland", chosen).getStatus(), 401, "it was left for too long");
    clock.ahead(Duration.ZERO);
    staff.disable("wieland");
  }

  @DataProvider
  public static Object[][] strengths() {
    return new Object[][] {
      {"jun", "WEAK", "at least 12"},
      {"password password", "WEAK", "tried first"},
      {"qwertyuiop12", "WEAK", "tried first"},
      {"brackwater2026", "WEAK", "tried first"},
      {"a tall green kettle", "STRONG", ""}
    };
  }

  @Test(dataProvider = "strengths")
  public void howStrongAPasswordWouldBeIsSaidWhileItIsTyped(
      String typed, String strength, String against) throws Exception {
    var session = signIn("jun", "jun-jun").getCookie(SESSION);
    var answer = sends(session, "/strength", json.writeValueAsString(Map.of("password", typed)));
    var said = json.readTree(answer.getContentAsString());
    assertEquals(said.get("strength").stringValue(), strength, said.toString());
    assertEquals(said.get("against").isNull(), against.isEmpty(), said.toString());
    assertTrue(said.get("against").asString("").contains(against), said.toString());
  }

  @Test(dependsOnMethods = "onesOwnPasswordIsChangedAndWhoeverElseIsSignedInWithItIsNotAnyMore")
  public void theOldPasswordIsNotFoundByTrying() throws Exception {
    var here = signIn("rutger", "eleven pale otters").getCookie(SESSION);
    for (var i = 0; i < 5; i++) {
      sends(here, "/password", another("eleven pale badgers " + i, "a tall green kettle"));
    }
    var answer = sends(here, "/password", another("eleven pale otters", "a tall green kettle"));
    assertEquals(answer.getStatus(), 422);
    assertTrue(answer.getContentAsString().contains("Too many tries"));
  }

  @Test
  public void whereOneIsSignedInIsSeenAndEnded() throws Exception {
    addRutger();
    var here = signIn("rutger", "eleven pale otters").getCookie(SESSION);
    var elsewhere = signIn("rutger", "eleven pale otters").getCookie(SESSION);
    var others = signIn("maud", "maud-maud").getCookie(SESSION);
    var seen = json.readTree(with(here, "/api/own-sign-in").getContentAsString());
    assertTrue(seen.get("byPassword").booleanValue());
    assertTrue(seen.at("/sessions/0/here").booleanValue());
    assertTrue(seen.get("sessions").size() >= 2, seen.toString());
    assertEquals(sends(here, "/end-others", "").getStatus(), 204);
    assertEquals(with(here, "/api/desk").getStatus(), 200);
    assertEquals(with(elsewhere, "/api/desk").getStatus(), 401);
    assertEquals(with(others, "/api/desk").getStatus(), 200, "nobody else's");
    assertEquals(
        json.readTree(with(here, "/api/own-sign-in").getContentAsString())
            .get("sessions")
            .size(),
        1);
  }

  @Test
  public void whatIsRefusedToARoleStandsInTheLog() throws Exception {
    var before = count("audit_log where actor = 'salome' and action = 'refused'");
    assertEquals(as("salome", "POLICY", get("/api/looks")).getResponse().getStatus(), 403);
    assertEquals(count("audit_log where actor = 'salome' and action = 'refused'"), before + 1);
    assertEquals(as("teun", "SENIOR", get("/api/looks")).getResponse().getStatus(), 200);
    assertEquals(count("audit_log where actor = 'salome' and action = 'refused'"), before + 1);
  }

  @Test
  public void thatItIsADemoIsSaidToEverybody() throws Exception {
    assertTrue(body(http.perform(get("/api/session")).andReturn()).get("demo").booleanValue());
    var door = body(http.perform(get("/api/door/start").param("language", "fr")).andReturn());
    assertTrue(door.get("demo").booleanValue());
    assertTrue(door.at("/labels/demo").stringValue().contains("démonstration"));
    var verify = http.perform(get("/verify")).andReturn().getResponse().getContentAsString();
    assertTrue(verify.contains("This is a demonstration."), verify);
  }
}
