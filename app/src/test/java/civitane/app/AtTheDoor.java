package civitane.app;

import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.awaitility.Awaitility;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.AfterMethod;

import static org.testng.Assert.assertEquals;

/** What is asked for at the household's door, by whoever shows a cookie of it or none. */
abstract class AtTheDoor extends OnDatabase {
  protected static final Pattern SIX_DIGITS = Pattern.compile("\\b\\d{6}\\b");
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  /** What was tried ahead of the clock would be waited for once it goes back. */
  @AfterMethod
  public void forgetTries() {
    clock.ahead(Duration.ZERO);
    database.sql("delete from sign_in_attempt").update();
  }

  protected MvcResult perform(MockHttpServletRequestBuilder request, Cookie... cookies)
      throws Exception {
    var from = cookies.length == 0 ? request : request.cookie(cookies);
    return http.perform(from.with(SecurityMockMvcRequestPostProcessors.csrf())).andReturn();
  }

  protected static int status(MvcResult result) {
    return result.getResponse().getStatus();
  }

  /** The visit that a way in has begun. */
  protected static Cookie visit(MvcResult entered) {
    assertEquals(status(entered), 204);
    return entered.getResponse().getCookie("civitane-door");
  }

  /** The codes that came to a contact, the newest first. */
  protected static List<String> codesTo(String contact) {
    return REGISTERS.messages().stream()
        .filter(message -> contact.equals(message.get("to")))
        .map(message -> SIX_DIGITS.matcher(message.get("text")))
        .filter(Matcher::find)
        .map(Matcher::group)
        .toList();
  }

  /** The code that comes to a contact by asking for one. */
  protected String codeTo(String contact, MockHttpServletRequestBuilder asking) throws Exception {
    var before = codesTo(contact).size();
    assertEquals(status(perform(asking)), 202);
    Awaitility.await().atMost(PATIENCE).until(() -> codesTo(contact).size() > before);
    return codesTo(contact).get(0);
  }
}
