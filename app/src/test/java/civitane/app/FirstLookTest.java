package civitane.app;

import civitane.core.services.Services;
import civitane.packet.PlainWords;
import civitane.words.Language;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Before anybody begins, and without a number: whether it could be for them, why, and what it could come to. */
public class FirstLookTest extends AtTheDoor {
  private static final Map<String, String> FAMILY =
      Map.of("adults", "2", "from14", "0", "under14", "1", "postcode", "BK31", "owned", "100");

  private JsonNode look(String service, Map<String, String> typed, String language)
      throws Exception {
    var answer = perform(post(
        "/api/door/first-look/" + service, written(Map.of("typed", typed, "language", language))));
    assertEquals(status(answer), 200, answer.getResponse().getContentAsString());
    return body(answer);
  }

  private static Map<String, String> earning(String monthly) {
    var typed = new HashMap<>(FAMILY);
    typed.put("monthly", monthly);
    return typed;
  }

  @DataProvider
  public static Object[][] verdicts() {
    return new Object[][] {
      {"schoolMeals", "900", "worthwhile"},
      {"schoolMeals", "9 000,50", "not"},
      {"schoolMeals", "", "open"},
      {"householdAllowance", "0", "worthwhile"},
      {"householdAllowance", "9,000", "not"},
    };
  }

  @Test(dataProvider = "verdicts")
  public void theVerdictFollowsWhatIsTold(String service, String monthly, String verdict)
      throws Exception {
    var look = look(service, earning(monthly), "en");
    assertEquals(look.get("verdict").stringValue(), verdict, look.toString());
    assertTrue(look.get("reasons").size() > 0, "with every reason");
    assertEquals(look.get("sums").isEmpty(), !verdict.equals("worthwhile"), look.toString());
  }

  @Test
  public void whatCantBeReadIsSaidAtItsQuestionAllAtOnce() throws Exception {
    var typed = new HashMap<>(FAMILY);
    typed.put("monthly", "a little");
    typed.put("owned", "-5");
    typed.put("under14", "1.5");
    var look = look("householdAllowance", typed, "en");
    var wrong = new ArrayList<String>();
    look.get("wrong").forEach(one -> wrong.add(one.get("name").stringValue()));
    assertTrue(wrong.containsAll(List.of("monthly", "owned", "under14")), look.toString());
    assertEquals(look.get("reasons").size(), 0);
    for (var adults : new String[] {"0", "13", "99999999999"}) {
      var many = look("schoolMeals", Map.of("adults", adults), "en");
      assertEquals(many.at("/wrong/0/name").stringValue(), "adults", adults);
    }
    var long_ = perform(post(
        "/api/door/first-look/schoolMeals",
        written(Map.of("typed", Map.of("postcode", "B".repeat(5_000)), "language", "en"))));
    assertEquals(status(long_), 422);
    assertEquals(status(perform(get("/api/door/first-look/noSuchThing"))), 404);
  }

  @Test
  public void everyServiceIsSaidInEveryLanguageInPlainWords() throws Exception {
    var wrong = new ArrayList<String>();
    for (var language : Language.values()) {
      for (var service : Services.all()) {
        if (!service.offeredFrom().isAfter(LocalDate.now(clock))) {
          var asked = body(perform(
              get("/api/door/first-look/" + service.word() + "?language=" + language.word())));
          asked.get("limits").forEach(limit -> {
            plain(limit.get("label"), language, wrong);
            plain(limit.get("value"), language, wrong);
          });
          asked.get("groups").forEach(group -> {
            plain(group.get("title"), language, wrong);
            group.get("asks").forEach(ask -> plain(ask.get("label"), language, wrong));
          });
          for (var monthly : new String[] {"", "0", "2500", "90000"}) {
            var look = look(service.word(), earning(monthly), language.word());
            look.get("reasons").forEach(one -> plain(one.get("says"), language, wrong));
            look.get("comes").forEach(one -> plain(one, language, wrong));
            look.get("sums").forEach(one -> {
              plain(one.get("label"), language, wrong);
              plain(one.get("value"), language, wrong);
            });
          }
        }
      }
    }
    assertEquals(String.join("\n", wrong), "");
  }

  private static void plain(JsonNode said, Language language, List<String> wrong) {
    PlainWords.wrongIn(said.stringValue(), language)
        .forEach(one -> wrong.add(language + ": " + one));
  }

  @Test
  public void aFormToFillInOnPaperIsThereForAnybody() throws Exception {
    var form = perform(get("/api/door/blank-form/schoolMeals?language=fr"));
    assertEquals(status(form), 200);
    assertEquals(form.getResponse().getContentType(), "application/pdf");
    assertTrue(words(form.getResponse().getContentAsByteArray()).contains("formulaire"));
  }

  @Test
  public void whoAsksWithoutEndIsSlowed() throws Exception {
    var refused = 0;
    for (var i = 0; i < 700 && refused == 0; i++) {
      var asked = get("/api/door/blank-form/noSuchThing");
      asked.with(request -> {
        request.setRemoteAddr("192.0.2.77");
        return request;
      });
      refused = status(perform(asked)) == 429 ? i : 0;
    }
    assertTrue(refused > 100, "after " + refused);
    assertEquals(
        count("sign_in_attempt where key like '%192.0.2.77%'"),
        0,
        "kept by a hash, not by the address");
  }
}
