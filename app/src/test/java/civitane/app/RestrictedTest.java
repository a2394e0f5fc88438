package civitane.app;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A restricted household is there for those who are named and for seniors; for all others it is not. */
public class RestrictedTest extends OnDatabase {
  private static final String NOWHERE = "BW-26-999999-2";

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping endpoints;

  @DataProvider
  public static Object[][] roles() {
    return new Object[][] {
      {"maud", "CASEWORKER"}, {"pia", "FRONT_DESK"}, {"salome", "POLICY"}, {"jun", "AUDITOR"}
    };
  }

  private MvcResult asTeun(String path, String content, Object... parts) throws Exception {
    return as("teun", "SENIOR", post(path, content, parts));
  }

  private String household(String number) throws Exception {
    return body(as("teun", "SENIOR", get("/api/claims/{number}", number)))
        .get("household")
        .stringValue();
  }

  /** A claim of a household that only Ikenna sees, beside the seniors. */
  private String restricted() throws Exception {
    var number = claimOf(Packets.meals(2));
    var set = asTeun(
        "/api/households/{household}/restriction",
        "{\"because\": \"kin of a colleague\", \"named\": [\"ikenna\"]}",
        household(number));
    assertEquals(set.getResponse().getStatus(), 204, set.getResponse().getContentAsString());
    return number;
  }

  private String one(String question, String of) {
    return database.sql(question).param(of).query(String.class).list().stream()
        .findFirst()
        .orElseThrow();
  }

  /** Every address that names something of a household answers the same about a restricted one and about none. */
  @Test(dataProvider = "roles")
  public void nothingTellsWhatIsRestrictedFromWhatIsNotThere(String login, String role)
      throws Exception {
    var number = restricted();
    var household = household(number);
    var application = one("select application_id::text from claim where number = ?", number);
    var letter = one(
        "select l.id::text from letter l join application a on a.receipt = l.about"
            + " where a.id = ?::uuid",
        application);
    var told = new ArrayList<String>();
    var walked = 0;
    for (var mapping : endpoints.getHandlerMethods().keySet()) {
      for (var pattern : mapping.getPatternValues()) {
        var kind = pattern.split("/").length > 2 ? pattern.split("/")[2] : "";
        var there = switch (kind) {
          case "claims" -> pattern.contains("{number}") ? number : "";
          case "households" -> pattern.contains("{household}") ? household : "";
          case "applications" -> pattern.contains("{id}") ? application : "";
          case "letters" -> letter;
          default -> "";
        };
        // To see it all the same is there for those who have to.
        if (there.isEmpty() || pattern.endsWith("/seen-all-the-same")) {
          continue;
        }
        var nowhere = "claims".equals(kind) ? NOWHERE : UUID.randomUUID().toString();
        var method = mapping.getMethodsCondition().getMethods().stream()
            .findFirst()
            .orElseThrow()
            .name();
        var real = ask(login, role, method, pattern, there);
        var unreal = ask(login, role, method, pattern, nowhere);
        if (!real.equals(unreal)) {
          told.add(method + " " + pattern + ": " + real + " | " + unreal);
        }
        walked++;
      }
    }
    assertEquals(String.join("\n", told), "");
    assertTrue(walked > 40, "walked " + walked);
  }

  private String ask(String login, String role, String method, String pattern, String what)
      throws Exception {
    var path = pattern
        .replaceFirst("\\{[^}]+}", what)
        .replace("{item}", "1")
        .replace("{service}", "schoolMeals")
        .replaceAll("\\{[^}]+}", "00000000-0000-0000-0000-000000000009");
    var answer = as(
            login,
            role,
            MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path)
                .contentType(
                    pattern.endsWith("/papers")
                        ? MediaType.APPLICATION_OCTET_STREAM
                        : MediaType.APPLICATION_JSON)
                .header("If-Match", "\"0\"")
                .content("{}"))
        .getResponse();
    return answer.getStatus() + " "
        + answer.getContentAsString().replace(what, "it").replaceAll("\"instance\":\"[^\"]*\"", "");
  }

  @Test
  public void itIsInNoListOfOthersAndInNoCount() throws Exception {
    var before = rounds("maud", "CASEWORKER");
    var number = restricted();
    assertEquals(rounds("maud", "CASEWORKER"), before, "not counted");
    // Among many it would not be on the first page.
    database
        .sql("update claim set urgent = true where number = ?")
        .param(number)
        .update();
    assertTrue(desk("teun", "SENIOR").contains(number));
    assertTrue(desk("ikenna", "CASEWORKER").contains(number));
    assertFalse(desk("maud", "CASEWORKER").contains(number));
    var name =
        body(asIkenna(get("/api/claims/{number}", number))).get("householdName").stringValue();
    var found = found("maud", name);
    assertTrue(found.contains("\"restricted\":true"), found);
    assertFalse(found.contains(number), found);
    assertFalse(found.contains(name), found);
    assertTrue(found("ikenna", name).contains(number));
    var searched =
        as("maud", "CASEWORKER", post("/api/households/search", "{\"start\": \"" + name + "\"}"));
    assertEquals(body(searched).size(), 0);
  }

  private String desk(String login, String role) throws Exception {
    return onDesk(login, role, "").toString();
  }

  private long rounds(String login, String role) throws Exception {
    return body(as(login, role, get("/api/desk")))
        .get("rounds")
        .valueStream()
        .mapToLong(round -> round.get("claims").longValue())
        .sum();
  }

  private String found(String login, String words) throws Exception {
    return body(as(login, "CASEWORKER", post("/api/finder", "{\"words\": \"" + words + "\"}")))
        .toString();
  }

  private void isToldToASenior(String household) throws Exception {
    assertEquals(
        as("maud", "CASEWORKER", get("/api/glass-broken")).getResponse().getStatus(), 403);
    assertTrue(broken().contains(household), broken());
    var noted = post("/api/households/{household}/glass-noted", "{\"login\": \"maud\"}", household);
    assertEquals(as("teun", "SENIOR", noted).getResponse().getStatus(), 204);
    assertFalse(broken().contains(household), broken());
    assertEquals(as("edda", "SENIOR", noted).getResponse().getStatus(), 404, "once is enough");
  }

  private String broken() throws Exception {
    return body(as("teun", "SENIOR", get("/api/glass-broken"))).toString();
  }

  @Test
  public void whoHasToSeeItSaysWhyAndThenDoes() throws Exception {
    var number = restricted();
    var see = "/api/claims/{number}/seen-all-the-same";
    assertEquals(
        as("maud", "CASEWORKER", post(see, "{\"because\": \" \"}", number))
            .getResponse()
            .getStatus(),
        422);
    var broken =
        as("maud", "CASEWORKER", post(see, "{\"because\": \"she is at the counter\"}", number));
    assertEquals(broken.getResponse().getStatus(), 204);
    var seen = as("maud", "CASEWORKER", get("/api/claims/{number}", number));
    assertEquals(seen.getResponse().getStatus(), 200);
    var page = body(as("teun", "SENIOR", get("/api/households/{household}", household(number))));
    assertTrue(
        page.get("restricted").toString().contains("she is at the counter"), page.toString());
    assertEquals(
        count("audit_log where action = 'glass broken' and actor = 'maud' and detail = '" + number
            + "'"),
        1);
    isToldToASenior(household(number));
    assertEquals(
        as("maud", "CASEWORKER", post(see, "{\"because\": \"x\"}", NOWHERE))
            .getResponse()
            .getStatus(),
        404);
  }

  @Test
  public void onlyASeniorRestrictsAndLifts() throws Exception {
    var number = claimOf(Packets.meals(2));
    var path = "/api/households/{household}/restriction";
    var household = household(number);
    var restriction = "{\"because\": \"kin\", \"named\": []}";
    assertEquals(asIkenna(post(path, restriction, household)).getResponse().getStatus(), 403);
    assertEquals(
        asTeun(path, "{\"because\": \"\", \"named\": []}", household)
            .getResponse()
            .getStatus(),
        422);
    assertEquals(asTeun(path, restriction, household).getResponse().getStatus(), 204);
    assertEquals(asIkenna(get("/api/claims/{number}", number)).getResponse().getStatus(), 404);
    var lifted = as("teun", "SENIOR", MockMvcRequestBuilders.delete(path, household));
    assertEquals(lifted.getResponse().getStatus(), 204);
    assertEquals(asIkenna(get("/api/claims/{number}", number)).getResponse().getStatus(), 200);
  }

  /** The margin takes the application beside the draft, not in its address. */
  @Test
  public void whatTheBooksHoldOfItIsInNobodyElsesMargin() throws Exception {
    var number = restricted();
    var application = one("select application_id::text from claim where number = ?", number);
    var draft =
        body(asIkenna(get("/api/applications/{id}", application))).get("draft").toString();
    var mine = post("/api/margin", draft).param("application", application);
    assertEquals(asIkenna(mine).getResponse().getStatus(), 200);
    for (var what : List.of(application, UUID.randomUUID().toString())) {
      var theirs = post("/api/margin", draft).param("application", what);
      assertEquals(as("maud", "CASEWORKER", theirs).getResponse().getStatus(), 404, what);
    }
  }

  @Test
  public void aHiddenAddressRestrictsToWhoTookIt() throws Exception {
    var number = claimOf(Packets.meals(2).replace("\"line1\"", "\"hidden\": true, \"line1\""));
    assertEquals(asIkenna(get("/api/claims/{number}", number)).getResponse().getStatus(), 200);
    assertEquals(
        as("maud", "CASEWORKER", get("/api/claims/{number}", number))
            .getResponse()
            .getStatus(),
        404);
  }

  @Test
  public void aDecisionOfItNeedsASecondSignature() throws Exception {
    var number = restricted();
    assertEquals(decision(number, taken(number), true).getResponse().getStatus(), 200);
    assertEquals(claim(number).get("state").stringValue(), "open");
    assertEquals(count("letter where kind = 'decision' and about = '" + number + "'"), 0);
  }

  @Test
  public void aLookIsNotedOnceAndThatAPageAsksByItselfIsNone() throws Exception {
    var number = claimOf(Packets.meals(2));
    var mine = "access_log where login = 'edda' and what = 'claims' and household_id = '"
        + household(number) + "'";
    as("edda", "SENIOR", get("/api/claims/{number}", number).header("X-Untouched", "yes"));
    assertEquals(count(mine), 0);
    as("edda", "SENIOR", get("/api/claims/{number}", number));
    as("edda", "SENIOR", get("/api/claims/{number}/working", number));
    assertEquals(count(mine), 1);
    var looks = body(as("jun", "AUDITOR", get("/api/looks")));
    assertTrue(looks.get("looks").toString().contains("Edda"), looks.toString());
    assertEquals(asIkenna(get("/api/looks")).getResponse().getStatus(), 403);
  }

  @Test
  public void whoLooksAtSomebodyOfTheirOwnNameStandsOut() throws Exception {
    var number = claimOf(Packets.meals(2).replace("\"Tamsett\"", "\"VERHALLEN\""));
    as("maud", "CASEWORKER", get("/api/claims/{number}", number));
    asIkenna(get("/api/claims/{number}", number));
    var theirs = body(as("jun", "AUDITOR", get("/api/looks")))
        .get("theirOwn")
        .valueStream()
        .filter(one -> one.get("householdName").stringValue().contains("VERHALLEN"))
        .map(one -> one.get("who").stringValue())
        .toList();
    assertEquals(theirs, List.of("Maud Verhallen"));
  }

  @Test
  public void whoLooksAtTheirOwnStreetStandsOut() throws Exception {
    var number = claimOf(Packets.meals(2).replace(" Tide Row", " Zuidwester Quay"));
    as("maud", "CASEWORKER", get("/api/claims/{number}", number));
    asIkenna(get("/api/claims/{number}", number));
    var household = household(number);
    assertFalse(theirOwn().contains(household), "nobody lives there");
    database
        .sql("update staff set street = 'Zuidwester quay' where login = 'maud'")
        .update();
    assertTrue(theirOwn().contains(household));
    assertEquals(Collections.frequency(theirOwn(), household), 1, "Maud’s look, and not Ikenna’s");
    database.sql("update staff set street = null").update();
  }

  private List<String> theirOwn() throws Exception {
    return body(as("jun", "AUDITOR", get("/api/looks")))
        .get("theirOwn")
        .valueStream()
        .map(one -> one.get("household").stringValue())
        .toList();
  }

  @Test
  public void unusuallyManyLooksStandOut() throws Exception {
    for (var i = 0; i < 61; i++) {
      database
          .sql("insert into access_log (looked_at, login, what, household_id)"
              + " values ('2025-03-04T10:15:00Z', 'maud', 'claims', gen_random_uuid())")
          .update();
    }
    var looks = body(as("jun", "AUDITOR", get("/api/looks").param("month", "2025-03")));
    assertEquals(looks.at("/unusual/0/households").intValue(), 61, looks.toString());
    assertEquals(List.of(looks.at("/unusual/0/who").stringValue()), List.of("Maud Verhallen"));
  }
}
