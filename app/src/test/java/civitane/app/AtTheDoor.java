package civitane.app;

import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.List;
import java.util.Map;
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
  /** A code: the digits of a claim’s number, of which news are told as well, are none. */
  protected static final Pattern SIX_DIGITS = Pattern.compile("(?<![-\\d])\\d{6}(?![-\\d])");

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

  protected String written(Map<String, ?> body) {
    return json.writeValueAsString(body);
  }

  /** The application that a visit is to. */
  protected JsonNode form(Cookie visit) throws Exception {
    return form(visit, "en");
  }

  protected JsonNode form(Cookie visit, String language) throws Exception {
    var seen = perform(get("/api/door/application").param("language", language), visit);
    assertEquals(status(seen), 200);
    return body(seen);
  }

  /** A question of an application by its name. */
  protected static JsonNode asked(JsonNode form, String name) {
    return form.get("pages")
        .valueStream()
        .flatMap(page -> page.get("asks").valueStream())
        .filter(ask -> name.equals(ask.get("name").stringValue()))
        .findFirst()
        .orElseThrow();
  }

  /** What stands to a question of an application. */
  protected static String answer(JsonNode form, String name) {
    return asked(form, name).get("value").stringValue();
  }

  protected MvcResult type(Cookie visit, int version, Map<String, String> values) throws Exception {
    return perform(
        put("/api/door/application", written(Map.of("version", version, "values", values))), visit);
  }

  /** What became of typing on a page. */
  protected JsonNode typed(Cookie visit, Map<String, String> values) throws Exception {
    var saved = type(visit, form(visit).get("version").intValue(), values);
    assertEquals(status(saved), 200, saved.getResponse().getContentAsString());
    return body(saved);
  }

  /** What became of signing. */
  protected JsonNode signed(Cookie visit, String name) throws Exception {
    return body(allowing(visit, name, List.of(), 200));
  }

  /** The answer to signing, and to allowing others to be asked. */
  protected MvcResult allowing(Cookie visit, String name, List<String> whom, int status)
      throws Exception {
    var version = form(visit).get("version").intValue();
    var answered = perform(
        post(
            "/api/door/application/lodge",
            written(Map.of("version", version, "name", name, "allows", whom))),
        visit);
    assertEquals(status(answered), status, answered.getResponse().getContentAsString());
    return answered;
  }
}
