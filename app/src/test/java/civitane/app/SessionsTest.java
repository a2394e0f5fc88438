package civitane.app;

import jakarta.servlet.http.Cookie;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

/** Signing in with a name and a password, staying so from one request to the next, and signing out. */
public class SessionsTest extends OnDatabase {
  private static final String SESSION = "SESSION";

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
}
