package civitane.app;

import civitane.standins.Behaviour;
import jakarta.servlet.http.Cookie;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.test.web.servlet.MvcResult;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** A household that is known asks for something more from behind its door, and tells nothing twice. */
public class AskingAgainTest extends AtTheDoor {
  private static final String NUMBER = "5260181598";

  private static int phones = 200;

  private record Known(String number, String phone, Cookie visit) {}

  /** A household with a claim, through its door. */
  private Known known(String packet) throws Exception {
    var phone = "0555 031 " + ++phones;
    var number = claimOf(withPhone(packet, phone, true));
    return new Known(number, phone, through(number, phone));
  }

  private MvcResult ask(Cookie visit, String service) throws Exception {
    return perform(post("/api/door/again", written(Map.of("service", service))), visit);
  }

  private Cookie asking(Known known, String service) throws Exception {
    assertEquals(status(ask(known.visit(), service)), 204);
    return known.visit();
  }

  private String applicant(Known known) throws Exception {
    var person = claim(known.number()).at("/packet/household/people/0");
    return person.get("givenName").stringValue() + " "
        + person.get("familyName").stringValue();
  }

  private static String said(JsonNode form, String name) {
    return asked(form, name).get("known").stringValue();
  }

  /** Every answer of every page as the browser sends it when nothing was touched. */
  private static Map<String, String> asItStands(JsonNode form) {
    return form.get("pages")
        .valueStream()
        .flatMap(page -> page.get("asks").valueStream())
        .collect(Collectors.toMap(
            ask -> ask.get("name").stringValue(),
            ask -> ask.get("value").stringValue(),
            (one, same) -> one));
  }

  /** What stands in the application that a household has begun. */
  private JsonNode draft(Known known) {
    return json.readTree(
            database.sql("""
                select a.draft from application a join claim c on c.household_id = a.household_id
                where a.state = 'drafting' and c.number = ?""").param(known.number()).query(String.class).single())
        .get("packet");
  }

  @Test
  public void whatWasToldStandsInItAndIsSignedAndLodged() throws Exception {
    var known = known(Packets.meals(2));
    var name = applicant(known);
    var visit = asking(known, "rentRelief");
    var form = form(visit);
    assertTrue(form.get("known").booleanValue());
    assertEquals(answer(form, "/household/people/0/givenName"), name.split(" ")[0]);
    assertEquals(answer(form, "/household/incomes/0/kind"), "wages");
    for (var page = 0; page < 2; page++) {
      typed(visit, asItStands(form));
    }
    var lodged = signed(visit, name);
    assertTrue(lodged.get("lodged").booleanValue(), lodged.toString());
    var claims = standing(visit, "en");
    assertEquals(claims.size(), 2, "both stand side by side: it is one household");
    assertEquals(
        count("claim where household_id = (select household_id from claim where number = '"
            + known.number() + "')"),
        2);
  }

  @Test
  public void whereTheyLiveAndWholeNumbersAreNotShownAndStay() throws Exception {
    var known = known(Packets.meals(1));
    var visit = asking(known, "householdAllowance");
    var form = form(visit);
    for (var place :
        new String[] {"/household/address/line1", "/household/people/0/contact/phone"}) {
      assertEquals(answer(form, place), "", place);
      assertTrue(said(form, place).startsWith("We know this"), said(form, place));
    }
    assertFalse(form.toString().contains(known.phone()));
    var paper = perform(get("/api/door/application/forms/householdAllowance"), visit);
    assertEquals(status(paper), 200);
    var printed = values(paper.getResponse().getContentAsByteArray());
    assertTrue(printed.contains("Tamsett"), printed.toString());
    assertFalse(
        printed.toString().contains(known.phone()) || printed.toString().contains("Tide Row"),
        printed.toString());
    var before = draft(known);
    typed(visit, asItStands(form));
    var after = draft(known);
    assertEquals(after.at("/household/address"), before.at("/household/address"));
    assertEquals(after.at("/household/people"), before.at("/household/people"));
    assertEquals(after.at("/household/people/0/contact/phone").stringValue(), known.phone());
    assertTrue(after.at("/household/people/0/contact/mayText").booleanValue());

    typed(visit, Map.of("/household/people/0/contact/phone", "0555 031 999"));
    var moved = draft(known).at("/household/people/0/contact");
    assertEquals(moved.get("phone").stringValue(), "0555 031 999");
    assertFalse(moved.path("mayText").asBoolean(), "nothing was said of another phone: " + moved);
    typed(visit, Map.of("/household/address/line1", "9 Other Quay"));
    assertEquals(draft(known).at("/household/address/line1").stringValue(), "9 Other Quay");
  }

  @Test
  public void whatWasAllowedAndSinceWhenAnIncomeComesInStay() throws Exception {
    var known = known(Packets.meals(2)
        .replace(
            "\"frequency\": \"weekly\"",
            "\"frequency\": \"weekly\", \"startsOn\": \"2025-03-01\", \"registerMonthly\": 1900")
        .replace("\"benefits\": [],", """
            "benefits": [], "consents": [{"person": "p1", "to": "registers", "on": "2026-11-23", "until": "2099-12-31"}],"""));
    var name = applicant(known);
    var visit = asking(known, "rentRelief");
    for (var page = 0; page < 2; page++) {
      typed(visit, asItStands(form(visit)));
    }
    assertFalse(draft(known).at("/household/incomes/0").has("registerMonthly"), "it is asked anew");
    var lodged = signed(visit, name);
    assertTrue(lodged.get("lodged").booleanValue(), lodged.toString());
    var household = claim(known.number()).at("/packet/household");
    assertEquals(household.get("consents").size(), 1, household.get("consents").toString());
    assertEquals(household.at("/consents/0/until").stringValue(), "2099-12-31");
    assertEquals(household.at("/incomes/0/startsOn").stringValue(), "2025-03-01");
  }

  /** A packet of somebody whom the population register knows. */
  private static String registered(String given, String family, String born, String number) {
    return Packets.meals(2)
        .replaceFirst(
            "\"givenName\": \"[^\"]+\", \"familyName\": \"[^\"]+\", \"birthDate\": \"[^\"]+\",\\s+"
                + "\"residentNumber\": null, \"residentNumberMissing\": \"declined\"",
            "\"givenName\": \"%s\", \"familyName\": \"%s\", \"birthDate\": \"%s\", \"residentNumber\": \"%s\""
                .formatted(given, family, born, number))
        .replaceFirst(
            "\"name\": \"[^\"]+ Tamsett\"", "\"name\": \"%s %s\"".formatted(given, family));
  }

  /** Whose papers the office has accepted, on a claim that somebody has. */
  private void seen(Known known) throws Exception {
    taken(known.number());
    accepted(known.number(), "passport", applicant(known));
    accepted(known.number(), "workCard", applicant(known));
  }

  /** What one earns is not told to whoever types their number. */
  @Test
  public void noRegisterIsAskedAboutNumberThatIsTypedOrOfAnother() throws Exception {
    var known = known(registered("Runa", "Holt", "1990-04-04", "1545762096"));
    seen(known);
    var visit = asking(known, "paidLeave");
    var found = body(lookUp(visit)).get("says").stringValue();
    assertTrue(found.startsWith("The registers know nothing more"), "the number is of another");

    var other = known(registered("Yann", "Umland", "1982-02-16", "0027362201"));
    seen(other);
    var through = asking(other, "paidLeave");
    typed(through, Map.of("/household/people/0/residentNumber", "0029189875"));
    found = body(lookUp(through)).get("says").stringValue();
    assertTrue(found.startsWith("The registers know nothing more"), found);
    for (var one : List.of(known, other)) {
      assertEquals(asked(one), Set.of("population"));
      assertFalse(draft(one).toString().contains("registerMonthly"));
    }
  }

  /** The registers that were asked for a household. */
  private Set<String> asked(Known known) {
    return database.sql("""
            select register from register_answer r join application a on a.id = r.application_id
            join claim c on c.household_id = a.household_id where c.number = ?""").param(known.number()).query(String.class).set();
  }

  /** An application that was begun before neither brings back what was taken back since nor ends what was allowed since. */
  @Test
  public void itIsSignedWithWhatIsAllowedThen() throws Exception {
    var known = known(Packets.meals(2).replace("\"benefits\": [],", """
            "benefits": [], "consents": [{"person": "p1", "to": "registers", "on": "2026-11-23", "until": "2099-12-31"}],"""));
    var name = applicant(known);
    var visit = asking(known, "rentRelief");
    for (var page = 0; page < 2; page++) {
      typed(visit, asItStands(form(visit)));
    }
    taken(known.number());
    consent(known.number(), "consents/taken-back", "registers");
    consent(known.number(), "consents", "employer");
    var lodged = signed(visit, name);
    assertTrue(lodged.get("lodged").booleanValue(), lodged.toString());
    var consents = claim(known.number()).at("/packet/household/consents");
    assertEquals(consents.findValuesAsString("to"), List.of("employer"), consents.toString());
  }

  /** Each takes back what they allow themselves, behind their door, and sees nothing of what another allows. */
  @Test
  public void whatOneAllowsIsTakenBackBehindTheDoor() throws Exception {
    var known = known(Packets.meals(2).replace("\"benefits\": [],", """
            "benefits": [], "consents": [
              {"person": "p1", "to": "registers", "on": "2026-11-20", "until": "2099-12-31"},
              {"person": "p1", "to": "registers", "on": "2026-11-21", "until": "2098-12-31"},
              {"person": "p1", "to": "employer", "on": "2026-11-20", "until": "2026-11-21"},
              {"person": "p2", "to": "registers", "on": "2026-11-20", "until": "2099-12-31"}],"""));
    var visit = known.visit();
    var allowed = allowed(visit);
    assertEquals(allowed.size(), 1, "not what is over, nor another’s: " + allowed);
    assertEquals(allowed.at("/0/to").stringValue(), "registers");
    assertEquals(allowed.at("/0/until").stringValue(), "until 31 December 2099");

    assertEquals(status(takenBack(visit, "registers")), 204);
    assertEquals(allowed(visit).size(), 0);
    var left = claim(known.number()).at("/packet/household/consents");
    assertEquals(left.findValuesAsString("to"), List.of("employer", "registers"), left.toString());
    assertEquals(left.findValuesAsString("person"), List.of("p1", "p2"), left.toString());
    for (var nothing : List.of("registers", "employer", "the neighbour")) {
      assertEquals(status(takenBack(visit, nothing)), 422, nothing);
    }
  }

  private JsonNode allowed(Cookie visit) throws Exception {
    return body(perform(get("/api/door/standing"), visit)).get("allowed");
  }

  private MvcResult takenBack(Cookie visit, String to) throws Exception {
    return perform(post("/api/door/allowed/taken-back", written(Map.of("to", to))), visit);
  }

  /** Notes at the desk that the applicant allows something, or no more. */
  private void consent(String number, String path, String to) throws Exception {
    var noted = asIkenna(post(
        "/api/claims/{number}/" + path,
        "{\"version\": %d, \"person\": \"p1\", \"to\": \"%s\", \"told\": \"by phone, herself\"}"
            .formatted(claim(number).get("version").intValue(), to),
        number));
    assertEquals(status(noted), 200, noted.getResponse().getContentAsString());
  }

  private MvcResult lookUp(Cookie visit) throws Exception {
    var version = form(visit).get("version").intValue();
    return perform(
        post("/api/door/application/registers", written(Map.of("version", version))), visit);
  }

  /** Whoever holds the phone of somebody whom nobody has seen learns nothing of what a register knows. */
  @Test
  public void registersAreAskedFirstAboutWhomTheOfficeHasSeen() throws Exception {
    var known = known(registered("Jonas", "Rasmundsen", "1988-09-22", "1316750668"));
    var name = applicant(known);
    var visit = asking(known, "paidLeave");
    assertEquals(form(visit).get("lookUp").stringValue(), "");
    assertEquals(status(lookUp(visit)), 422, "nobody has seen her");
    taken(known.number());
    accepted(known.number(), "passport", name);
    assertEquals(status(lookUp(visit)), 422, "one paper is not enough");
    accepted(known.number(), "workCard", name);
    assertTrue(form(visit).get("lookUp").stringValue().startsWith("You allow it until"));
    var stale = post("/api/door/application/registers", written(Map.of("version", 99)));
    assertEquals(status(perform(stale, visit)), 412);

    var found = body(lookUp(visit)).get("says").stringValue();
    assertTrue(found.contains("filled in"), found);
    var form = form(visit);
    var employer = form.get("pages")
        .valueStream()
        .flatMap(page -> page.get("asks").valueStream())
        .filter(ask -> "Reedholm Glass Gardens".equals(ask.get("value").stringValue()))
        .findFirst()
        .orElseThrow(() -> new AssertionError(form.toString()))
        .get("name")
        .stringValue();
    assertTrue(said(form, employer).startsWith("This is from a register"), said(form, employer));
    assertEquals(said(form, "/household/people/0/givenName"), "", "she told it herself");
    assertEquals(form.get("lookUp").stringValue(), "");
    assertEquals(status(lookUp(visit)), 422, "once");
    assertEquals(
        asked(known),
        Set.of("population", "wage", "tax", "child benefit"),
        "nobody else is asked about");
    var household = draft(known).at("/household");
    assertEquals(household.get("people").size(), 2);
    assertEquals(household.at("/consents/0/to").stringValue(), "registers");

    typed(visit, asItStands(form));
    assertEquals(said(form(visit), employer), "", "it was looked over");
    assertEquals(draft(known).at("/household/incomes"), household.get("incomes"));
    assertEquals(draft(known).at("/household/consents").size(), 1);
  }

  @Test
  public void registersThatAreSilentAreSaidToBe() throws Exception {
    var known = known(registered("Greta", "Brandão", "1989-10-21", "1400946727"));
    seen(known);
    var visit = asking(known, "paidLeave");
    REGISTERS.behave("wages", Behaviour.DOWN);
    try {
      var found = body(lookUp(visit)).get("says").stringValue();
      assertTrue(found.contains("Not all of them answer now"), found);
      assertFalse(form(visit).get("lookUp").stringValue().isEmpty(), "it may be tried again");
    } finally {
      REGISTERS.behave("wages", Behaviour.RIGHT);
    }
  }

  /** What is known goes with the person, not with the place in the list. */
  @Test
  public void whoMovesUpInTheListKeepsWhatIsTheirs() throws Exception {
    var known = known(Packets.meals(3).replaceFirst("}],\\s+\"benefits\"", """
        },
        {"id": "p3", "role": "child", "givenName": "Lark", "familyName": "Tamsett", "birthDate": "2016-05-02",
         "residentNumber": "%s", "nameInScript": "آن"}],
        "benefits\"""".formatted(NUMBER)));
    var visit = asking(known, "schoolMeals");
    var people = draft(known).at("/household/people");
    var form = form(visit);
    var typed = new HashMap<String, String>();
    for (var entry : asItStands(form).entrySet()) {
      var name = entry.getKey();
      if (name.startsWith("/household/people/1/")) {
        typed.put(name, answer(form, name.replace("/1/", "/2/")));
      } else if (name.startsWith("/household/people/2/")) {
        typed.put(name, "");
      }
    }
    typed(visit, typed);
    var after = draft(known).at("/household/people");
    assertEquals(after.size(), people.size() - 1);
    assertEquals(after.get(1).get("givenName"), people.get(2).get("givenName"));
    assertEquals(after.get(1).get("residentNumber").stringValue(), NUMBER);
    assertEquals(after.get(1).path("nameInScript").asString(""), "آن");
    assertEquals(
        said(form, "/household/people/2/residentNumber"),
        "We know it: •••• " + NUMBER.substring(6) + ". Type it only if it is different now.");
  }

  /** A name that is spelled otherwise now is the same person's: what may be sent to them, and where, is not lost. */
  @Test
  public void whoseNameIsAnotherNowIsReachedAsBefore() throws Exception {
    var known = known(Packets.meals(1));
    var visit = asking(known, "householdAllowance");
    var typed = new HashMap<>(asItStands(form(visit)));
    typed.put("/household/people/0/familyName", "Tamsett-Ayre");
    typed(visit, typed);
    var contact = draft(known).at("/household/people/0/contact");
    assertEquals(contact.get("phone").stringValue(), known.phone());
    assertTrue(contact.get("mayText").booleanValue());
    typed.put("/household/people/0/givenName", "Somebody");
    typed.put("/household/people/0/birthDate", "1990-02-03");
    typed(visit, typed);
    assertTrue(
        draft(known).at("/household/people/0").path("contact").isMissingNode(),
        "somebody else is not reached where they are");
  }

  @Test
  public void theyGoBackToWhereItStandsAndOnWithWhatTheyBegan() throws Exception {
    var known = known(Packets.meals(1));
    var visit = asking(known, "rentRelief");
    assertEquals(status(perform(get("/api/door/standing"), visit)), 403);
    assertEquals(status(perform(post("/api/door/application/back", "{}"), visit)), 204);
    assertEquals(standing(visit, "en").size(), 1);
    var again = body(perform(get("/api/door/again").param("language", "en"), visit));
    assertEquals(again.get("begun").stringValue(), "Rent relief");
    assertEquals(again.get("services").size(), 0);
    assertEquals(status(ask(visit, "childDental")), 204);
    assertEquals(form(visit).get("title").stringValue(), "Rent relief", "one at a time");
    assertEquals(status(perform(post("/api/door/application/aside", "{}"), visit)), 204);
    assertEquals(standing(visit, "en").size(), 1, "put aside, they are back by themselves");
    var free = body(perform(get("/api/door/again"), visit));
    assertTrue(free.get("begun").isNull() && free.get("services").size() > 5, free.toString());
  }

  /** From anywhere else they come back to it by their own contact, and see no more than there. */
  @Test
  public void itIsComeBackToByTheirOwnContact() throws Exception {
    var known = known(Packets.meals(1));
    asking(known, "rentRelief");
    var code = codeTo(
        known.phone(), post("/api/door/beginning/code", written(Map.of("contact", known.phone()))));
    var elsewhere = visit(perform(post(
        "/api/door/beginning/entry", written(Map.of("contact", known.phone(), "code", code)))));
    var form = form(elsewhere);
    assertEquals(form.get("title").stringValue(), "Rent relief");
    assertFalse(form.get("known").booleanValue(), "there is no claim to go back to");
    assertEquals(answer(form, "/household/address/line1"), "");
    assertEquals(status(perform(get("/api/door/standing"), elsewhere)), 403);
    assertEquals(status(perform(post("/api/door/application/back", "{}"), elsewhere)), 204);
    assertEquals(status(perform(get("/api/door/standing"), elsewhere)), 403);
  }

  @Test
  public void onlyWhatIsOfferedIsAskedFor() throws Exception {
    var known = known(Packets.meals(1));
    assertEquals(status(ask(known.visit(), "palace")), 422);
    assertEquals(status(ask(known.visit(), "decisionAppeal")), 422, "it begins from a decision");
    assertEquals(status(perform(post("/api/door/again", "{}"), known.visit())), 422);
    assertEquals(status(perform(post("/api/door/again", "{}"))), 401);
  }
}
