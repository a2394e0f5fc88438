package civitane.app;

import java.time.Duration;
import java.util.Collections;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Who guesses passwords is slowed, then locked out; who was there learns nothing from it, and all of it is in the log. */
public class SignInTest extends OnDatabase {
  private static final String SESSION = "SESSION";

  @AfterMethod
  public void backToNow() {
    clock.ahead(Duration.ZERO);
  }

  private MockHttpServletResponse signIn(String name, String password, String from)
      throws Exception {
    return http.perform(MockMvcRequestBuilders.post("/api/sign-in")
            .contentType(MediaType.APPLICATION_FORM_URLENCODED)
            .param("username", name)
            .param("password", password)
            .with(request -> {
              request.setRemoteAddr(from);
              return request;
            })
            .with(SecurityMockMvcRequestPostProcessors.csrf()))
        .andReturn()
        .getResponse();
  }

  @Test
  public void aKnownAndAnUnknownLoginAreSlowedTheSame() throws Exception {
    for (var name : new String[] {"teun", "nobody-at-all"}) {
      for (var i = 0; i < 5; i++) {
        assertEquals(signIn(name, "wrong", "10.0.0.1").getStatus(), 401, name + " " + i);
      }
      var slowed = signIn(name, "teun-teun", "10.0.0.1");
      assertEquals(slowed.getStatus(), 429, "the right one has to wait, too");
      assertEquals(slowed.getHeader("Retry-After"), "2");
      assertTrue(slowed.getContentAsString().contains("Too many tries"));
    }
    assertEquals(signIn("teun", "teun-teun", "10.0.0.2").getStatus(), 204, "from elsewhere");
  }

  @Test
  public void fromTheTenthOnTheDoorIsLockedForAQuarterOfAnHour() throws Exception {
    var ahead = Duration.ZERO;
    for (var i = 0; i < 10; i++) {
      assertEquals(signIn("teun", "wrong", "10.0.0.3").getStatus(), 401, "try " + i);
      ahead = ahead.plusMinutes(2);
      clock.ahead(ahead);
    }
    assertEquals(signIn("teun", "teun-teun", "10.0.0.3").getStatus(), 429);
    clock.ahead(ahead.plusMinutes(14));
    assertEquals(signIn("teun", "teun-teun", "10.0.0.3").getStatus(), 204);
    assertEquals(signIn("teun", "wrong", "10.0.0.3").getStatus(), 401, "counted anew");
  }

  @Test
  public void manyAtOnceAreCountedAsWell() throws Exception {
    var answers = atOnce(40, i -> () -> signIn("teun", "guess " + i, "10.0.0.4").getStatus());
    assertTrue(Collections.frequency(answers, 401) <= 5, answers.toString());
  }

  @Test
  public void everyTryIsInTheLogAndNoWordThatWasTyped() throws Exception {
    signIn("my secret", "wrong", "10.0.0.5");
    signIn("pia", "wrong", "10.0.0.5");
    signIn("pia", "pia-pia", "10.0.0.5");
    var log = database
        .sql("select actor || ' ' || action from audit_log where detail = '10.0.0.5' order by nr")
        .query(String.class)
        .list()
        .toString();
    assertTrue(log.contains("nobody sign-in failed"), log);
    assertTrue(log.contains("pia sign-in failed"), log);
    assertTrue(log.contains("pia signed in"), log);
    assertFalse(log.contains("secret"), log);
  }

  @Test
  public void whoLeavesTheDeskIsSignedOutThoughThePageAsksByItself() throws Exception {
    var session = signIn("maud", "maud-maud", "10.0.0.6").getCookie(SESSION);
    for (var minutes = 0; minutes <= 18; minutes += 6) {
      clock.ahead(Duration.ofMinutes(minutes));
      assertEquals(desk(session, true), 200, "after " + minutes);
    }
    clock.ahead(Duration.ofMinutes(21));
    assertEquals(desk(session, true), 401);
  }

  @Test
  public void whoWorksOnStaysButNeverLongerThanTenHours() throws Exception {
    var session = signIn("maud", "maud-maud", "10.0.0.7").getCookie(SESSION);
    for (var minutes = 0; minutes < 600; minutes += 15) {
      clock.ahead(Duration.ofMinutes(minutes));
      assertEquals(desk(session, false), 200, "after " + minutes);
    }
    clock.ahead(Duration.ofMinutes(601));
    assertEquals(desk(session, false), 401);
  }

  private int desk(jakarta.servlet.http.Cookie session, boolean untouched) throws Exception {
    var request = MockMvcRequestBuilders.get("/api/desk").cookie(session);
    if (untouched) {
      request.header("X-Untouched", "yes");
    }
    return http.perform(request).andReturn().getResponse().getStatus();
  }
}
