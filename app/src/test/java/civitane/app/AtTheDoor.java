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
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;

/** What is asked for at the household's door, by whoever shows a cookie of it or none. */
abstract class AtTheDoor extends OnDatabase {
  protected static final Pattern SIX_DIGITS = Pattern.compile("\\b\\d{6}\\b");

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

  /** A packet whose applicant has a phone. */
  protected static String withPhone(String packet, String phone, boolean mayText) {
    return packet.replaceFirst(
        "\"role\": \"applicant\"",
        "\"role\": \"applicant\", \"contact\": {\"phone\": \"%s\", \"mayText\": %s}"
            .formatted(phone, mayText));
  }

  /** The visit of whoever has the phone that a claim's codes go to. */
  protected Cookie through(String number, String phone) throws Exception {
    var code = codeTo(phone, post("/api/door/code", "{\"number\": \"%s\"}".formatted(number)));
    return visit(perform(
        post("/api/door/entry", "{\"number\": \"%s\", \"code\": \"%s\"}".formatted(number, code))));
  }

  /** The claims that are seen on a visit. */
  protected JsonNode standing(Cookie visit, String language) throws Exception {
    var seen = perform(get("/api/door/standing").param("language", language), visit);
    assertEquals(status(seen), 200);
    return body(seen).get("claims");
  }
}
