package civitane.app;

import java.util.List;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What comes out alike is decided together: each on its own version, with its own letter, and none carries another down. */
public class TogetherTest extends OnDatabase {
  private JsonNode row(String number) throws Exception {
    return body(asIkenna(get("/api/alike")))
        .valueStream()
        .flatMap(group -> group.get("claims").valueStream())
        .filter(one -> one.get("number").stringValue().equals(number))
        .findFirst()
        .orElse(null);
  }

  private MvcResult decided(boolean grant, List<JsonNode> rows) throws Exception {
    var chosen = rows.stream()
        .map(row -> "{\"number\": \"%s\", \"version\": %d}"
            .formatted(row.get("number").stringValue(), row.get("version").intValue()))
        .toList();
    return asIkenna(post(
        "/api/alike/decision",
        "{\"grant\": %s, \"claims\": [%s]}".formatted(grant, String.join(",", chosen))));
  }

  @Test
  public void eachIsDecidedAndOneThatSomebodyChangedMeanwhileIsNot() throws Exception {
    var one = claimOf(Packets.meals(2));
    var two = claimOf(Packets.meals(2));
    var three = claimOf(Packets.meals(2));
    for (var number : List.of(one, two, three)) {
      taken(number);
    }
    var rows = List.of(row(one), row(two), row(three));
    assertTrue(rows.get(0).get("awards").size() > 0, rows.toString());
    var answered =
        asIkenna(answer(two, claim(two), "/household/incomes/0/amount", "431", "payslips"));
    assertEquals(answered.getResponse().getStatus(), 200);
    var outcomes = body(decided(true, rows));
    assertTrue(outcomes.at("/0/refusal").isNull(), outcomes.toString());
    assertTrue(outcomes.at("/1/refusal").isString(), outcomes.toString());
    assertTrue(outcomes.at("/2/refusal").isNull(), outcomes.toString());
    assertEquals(claim(two).get("state").stringValue(), "open");
    for (var number : List.of(one, three)) {
      assertEquals(claim(number).get("state").stringValue(), "decided");
      assertEquals(count("letter where kind = 'decision' and about = '" + number + "'"), 1);
      assertEquals(row(number), null);
    }
    var again = body(decided(true, rows));
    assertTrue(
        again.valueStream().allMatch(each -> each.get("refusal").isString()), again.toString());
  }

  @Test
  public void whatIsComputedOtherwiseIsNotDecidedSo() throws Exception {
    var poor = claimOf(Packets.meals(2).replace("\"amount\": 430.00", "\"amount\": 2430.00"));
    taken(poor);
    assertEquals(row(poor).get("because").size(), 1);
    assertTrue(row(poor).get("apart").toString().contains("A refusal is read by itself."));
    var outcomes = body(decided(true, List.of(row(poor))));
    assertTrue(
        outcomes.at("/0/refusal").stringValue().contains("needs a reason"), outcomes.toString());
    assertTrue(body(decided(false, List.of(row(poor)))).at("/0/refusal").isNull());
    assertEquals(decided(true, List.of()).getResponse().getStatus(), 422);
  }

  @Test
  public void whatSomebodyElseHasIsNotThere() throws Exception {
    var number = claimOf(Packets.meals(2));
    taken(number);
    var others = body(as("maud", "CASEWORKER", get("/api/alike"))).toString();
    assertTrue(!others.contains(number), others);
    var tried = body(as(
        "maud",
        "CASEWORKER",
        post(
            "/api/alike/decision",
            "{\"grant\": true, \"claims\": [{\"number\": \"%s\", \"version\": %d}]}"
                .formatted(number, claim(number).get("version").intValue()))));
    assertTrue(tried.at("/0/refusal").isString(), tried.toString());
  }
}
