package civitane.app;

import java.util.List;
import org.apache.pdfbox.Loader;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Letters go out once, can be printed again as they went, and are known when they come back. */
public class PostTest extends OnDatabase {
  /** A list shows so many: what waits of others would stand before what is looked for, and what is left here before theirs. */
  @BeforeMethod
  @AfterMethod
  public void nothingElseWaits() {
    database
        .sql(
            "update letter set taken_back_at = now() where left_at is null and taken_back_at is null")
        .update();
  }

  private JsonNode post() throws Exception {
    return body(asIkenna(get("/api/post")));
  }

  private static List<JsonNode> of(JsonNode post, String number) {
    return post.get("waiting")
        .valueStream()
        .filter(letter -> number.equals(letter.get("claim").asString("")))
        .toList();
  }

  private static String id(JsonNode letter) {
    return letter.get("id").stringValue();
  }

  private MvcResult send(String... letters) throws Exception {
    return asIkenna(
        post("/api/post/runs", "{\"letters\": [\"" + String.join("\", \"", letters) + "\"]}"));
  }

  private String code(String letter) {
    return database
        .sql("select code from letter where id = ?::uuid")
        .param(letter)
        .query(String.class)
        .single();
  }

  private MvcResult cameBack(String code) throws Exception {
    return asIkenna(post("/api/post/came-back", "{\"code\": \"%s\"}".formatted(code)));
  }

  private String refused() throws Exception {
    var number = claimOf(Packets.meals(2).replace("\"amount\": 430.00", "\"amount\": 2430.00"));
    assertEquals(decision(number, taken(number), false).getResponse().getStatus(), 200);
    return number;
  }

  @Test
  public void aRunTakesEachLetterOnceAndIsPrintedAgainAsItWas() throws Exception {
    var number = refused();
    var waiting = of(post(), number);
    assertEquals(waiting.size(), 2, "the receipt and the decision");
    var first = id(waiting.get(0));
    var second = id(waiting.get(1));
    var ran = atOnce(4, i -> () -> send(first, second).getResponse().getStatus());
    assertEquals(ran.stream().filter(status -> status == 200).count(), 1, ran.toString());
    assertTrue(ran.stream().allMatch(status -> status == 200 || status == 412), ran.toString());
    assertTrue(of(post(), number).isEmpty());
    var run = post()
        .get("runs")
        .valueStream()
        .filter(one -> one.get("letters").intValue() == 2)
        .findFirst()
        .orElseThrow();
    var address = "/api/post/runs/" + run.get("id").stringValue();
    var pages = asIkenna(get(address)).getResponse().getContentAsByteArray();
    try (var pdf = Loader.loadPDF(pages)) {
      assertTrue(pdf.getNumberOfPages() >= 2, "both letters");
    }
    assertTrue(words(pages).contains("School meals: our decision"));
    assertTrue(words(asIkenna(get(address)).getResponse().getContentAsByteArray())
        .contains("School meals: our decision"));
  }

  @Test
  public void whatIsHandedOverDoesNotGoIntoThePost() throws Exception {
    var number = claimOf(Packets.meals(2));
    var receipt = id(of(post(), number).get(0));
    var handed = asIkenna(post("/api/post/letters/{id}/handed-over", "", receipt));
    assertEquals(handed.getResponse().getStatus(), 200);
    assertTrue(of(post(), number).isEmpty());
    assertEquals(send(receipt).getResponse().getStatus(), 412);
  }

  @Test
  public void whatWaitsBehindMoreThanAListShowsIsHandedOver() throws Exception {
    var number = claimOf(Packets.meals(2));
    var receipt = id(of(post(), number).get(0));
    database
        .sql("insert into letter (id, kind, about, code, says, written_on, occasion)"
            + " select gen_random_uuid(), 'reminder', about, 'WAIT-' || lpad(n::text, 4, '0') || '-AAAA',"
            + " says, written_on - 1, n from letter, generate_series(1, 200) n where id = ?::uuid")
        .param(receipt)
        .update();
    assertTrue(
        of(post(), number).stream().noneMatch(one -> id(one).equals(receipt)), "not in the list");
    var address = "/api/post/letters/{id}/handed-over";
    assertEquals(asIkenna(post(address, "", receipt)).getResponse().getStatus(), 200);
    assertEquals(asIkenna(post(address, "", receipt)).getResponse().getStatus(), 412, "once");
  }

  @Test
  public void aDecisionIsTakenBackUntilItsLetterHasGoneOut() throws Exception {
    var number = refused();
    var decided = body(asIkenna(get("/api/claims/{number}/working", number))).get("decision");
    assertTrue(decided.get("letterWaits").booleanValue());
    var version = claim(number).get("version").intValue();
    assertEquals(takenBack(number, version, " ").getResponse().getStatus(), 422, "with a reason");
    var letter = of(post(), number).stream()
        .filter(one -> one.get("kind").stringValue().equals("decision"))
        .findFirst()
        .orElseThrow();
    var back = takenBack(number, version, "the wage was typed for the wrong claim");
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    assertEquals(body(back).get("state").stringValue(), "open");
    assertTrue(of(post(), number).stream().noneMatch(one -> id(one).equals(id(letter))));
    assertEquals(send(id(letter)).getResponse().getStatus(), 412, "it never goes out");
    var asked = http.perform(MockMvcRequestBuilders.get("/verify").param("code", code(id(letter))))
        .andReturn();
    assertTrue(asked.getResponse().getContentAsString().contains("We know no letter"));

    var again = decision(number, body(back), false);
    assertEquals(again.getResponse().getStatus(), 200, again.getResponse().getContentAsString());
    send(of(post(), number).stream().map(PostTest::id).toArray(String[]::new));
    var late = takenBack(number, claim(number).get("version").intValue(), "too late");
    assertEquals(late.getResponse().getStatus(), 422);
    assertTrue(late.getResponse().getContentAsString().contains("has gone out"));
  }

  private MvcResult takenBack(String number, int version, String because) throws Exception {
    return asIkenna(
        post("/api/claims/{number}/decision-taken-back", """
        {"version": %d, "because": "%s"}""".formatted(version, because), number));
  }

  @Test
  public void whatComesBackHoldsPostAndIsANextStepUntilSomebodyHasAsked() throws Exception {
    var number = claimOf(Packets.meals(2));
    var receipt = id(of(post(), number).get(0));
    assertEquals(cameBack(code(receipt)).getResponse().getStatus(), 422, "it has not gone out");
    send(receipt);
    assertEquals(cameBack("AAAA-AAAA-AAAA").getResponse().getStatus(), 422);
    var back = cameBack(code(receipt).toLowerCase().replace("-", " "));
    assertEquals(back.getResponse().getStatus(), 200, back.getResponse().getContentAsString());
    cameBack(code(receipt));
    assertTrue(claim(number).get("items").toString().contains("came back"), "a next step");

    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    var held = of(post(), number).get(0);
    assertTrue(held.get("held").booleanValue());
    assertEquals(send(id(held)).getResponse().getStatus(), 412, "nothing goes there");

    var household = claim(number).get("household").stringValue();
    assertEquals(released(household, " ").getResponse().getStatus(), 422);
    assertEquals(released(household, "moved next door").getResponse().getStatus(), 200);
    assertFalse(of(post(), number).get(0).get("held").booleanValue());
    assertEquals(send(id(held)).getResponse().getStatus(), 200);
  }

  @Test
  public void theNextStepIsSettledWithTheReason() throws Exception {
    var number = claimOf(Packets.meals(2));
    taken(number);
    var receipt = id(of(post(), number).get(0));
    send(receipt);
    cameBack(code(receipt));
    assertTrue(claim(number).get("items").toString().contains("came back"));
    database
        .sql("insert into letter (id, kind, about, code, says, written_on, occasion, left_at)"
            + " select gen_random_uuid(), 'reminder', about, 'ZZZZ-' || substr(code, 6), says, written_on, 1, now()"
            + " from letter where id = ?::uuid")
        .param(receipt)
        .update();
    var second = cameBack("ZZZZ-" + code(receipt).substring(5));
    assertEquals(second.getResponse().getStatus(), 200, second.getResponse().getContentAsString());
    released(claim(number).get("household").stringValue(), "asked by phone");
    assertFalse(claim(number).get("items").toString().contains("came back"));
    assertTrue(
        claim(number).get("events").toString().contains("Post goes out again: asked by phone"));
  }

  private MvcResult released(String household, String because) throws Exception {
    return asIkenna(post(
        "/api/post/households/{household}/released",
        "{\"because\": \"%s\"}".formatted(because),
        household));
  }
}
