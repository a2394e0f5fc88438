package civitane.app;

import civitane.standins.Behaviour;
import java.math.BigDecimal;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** What registers know is filled in where nothing was said, marked, and never more than was allowed. */
public class RegistersTest extends OnDatabase {
  private static final String MOTHER = "7041461851";
  private static final String WIFE = "6899900572";
  private static final String FERRYMAN = "6485889106";

  @AfterMethod
  public void everyRegisterAnswersAgain() {
    REGISTERS.behave();
  }

  /** An application begun at the desk, with no more than a number and what is allowed until a day. */
  private JsonNode applicant(String number, String until, String more) throws Exception {
    var begun = body(asIkenna(post("/api/applications", "")));
    var draft = (ObjectNode) begun.get("draft").deepCopy();
    var household = (ObjectNode) draft.at("/packet/household");
    ((ObjectNode) household.at("/people/0")).put("residentNumber", number);
    household
        .putArray("consents")
        .addObject()
        .put("to", "registers")
        .put("person", "p1")
        .put("on", "2026-11-01")
        .put("until", until);
    household.setAll((ObjectNode) json.readTree(more));
    return saved(begun, draft);
  }

  private JsonNode saved(JsonNode application, JsonNode draft) throws Exception {
    var answer = asIkenna(
        put("/api/applications/{id}", draft.toString(), application.get("id").stringValue())
            .header("If-Match", "\"" + application.get("version").intValue() + "\""));
    assertEquals(answer.getResponse().getStatus(), 200, answer.getResponse().getContentAsString());
    return body(answer);
  }

  private JsonNode asked(JsonNode application) throws Exception {
    return body(asIkenna(
        post("/api/applications/{id}/registers", "", application.get("id").stringValue())));
  }

  private static String words(JsonNode asked, String register) {
    return asked
        .get("answers")
        .valueStream()
        .filter(answer -> register.equals(answer.get("register").stringValue()))
        .map(answer ->
            answer.get("state").stringValue() + ": " + answer.get("words").stringValue())
        .findFirst()
        .orElse("");
  }

  @Test
  public void thePopulationRegisterKnowsWhoLivesThereAndWhoIsAChild() throws Exception {
    var asked = asked(applicant(MOTHER, "2027-11-01", "{}"));
    var people = asked.at("/view/draft/packet/household/people");
    assertEquals(people.size(), 5, people.toString());
    assertEquals(people.at("/0/givenName").stringValue(), "Camille");
    var roles = people
        .valueStream()
        .map(person ->
            person.get("givenName").stringValue() + " " + person.get("role").stringValue())
        .sorted()
        .toList();
    assertEquals(
        roles.toString(),
        "[Bruno child, Camille applicant, Dagny relative, Goran child, Jonas child]");
    var address = asked.at("/view/draft/packet/household/address");
    assertEquals(address.get("line1").stringValue(), "4 Weighhouse Lane");
    var marks = asked.at("/view/draft/taking/marks");
    assertEquals(
        marks.get("/household/address/line1").get("from").stringValue(), "population register");
    assertFalse(marks.get("/household/people/1/role").get("confirmed").booleanValue());
  }

  @Test
  public void askingAgainFillsInNothingTwice() throws Exception {
    var first = asked(applicant(MOTHER, "2027-11-01", "{}"));
    var again = asked(first.get("view"));
    assertEquals(
        again.at("/view/draft/packet/household"), first.at("/view/draft/packet/household"));
    assertTrue(words(again, "population").contains("nothing more"), again.toString());
  }

  @Test
  public void whatWasSaidIsNeverWrittenOver() throws Exception {
    var said = """
        {"address": {"line1": "9 Elsewhere Road", "postcode": "BK31"},
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 300, "frequency": "weekly",
                      "employer": "Hythe Ferry Works"}]}""";
    var household =
        asked(applicant(FERRYMAN, "2027-11-01", said)).at("/view/draft/packet/household");
    assertEquals(household.at("/address/line1").stringValue(), "9 Elsewhere Road");
    assertEquals(household.get("incomes").size(), 1);
    var income = household.at("/incomes/0");
    assertEquals(income.get("amount").decimalValue().compareTo(new BigDecimal("300")), 0);
    assertEquals(income.get("registerMonthly").decimalValue().compareTo(new BigDecimal("2400")), 0);
  }

  @Test
  public void aSecondJobIsAnIncomeOfItsOwn() throws Exception {
    var said = """
        {"incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 300, "frequency": "weekly",
                      "employer": "Sluice Bakery"}]}""";
    var incomes =
        asked(applicant(FERRYMAN, "2027-11-01", said)).at("/view/draft/packet/household/incomes");
    assertEquals(incomes.size(), 2, incomes.toString());
    assertTrue(incomes.at("/0/registerMonthly").isMissingNode());
    assertEquals(incomes.at("/1/employer").stringValue(), "Hythe Ferry Works");
    assertEquals(incomes.at("/1/id").stringValue(), "i2");
  }

  @Test
  public void aConsentThatHasEndedAllowsNothing() throws Exception {
    var asked = asked(applicant(FERRYMAN, "2026-11-02", "{}"));
    assertTrue(words(asked, "registers").startsWith("noConsent"), asked.toString());
    assertEquals(asked.at("/view/draft/packet/household/incomes").size(), 0);
  }

  @Test
  public void nobodyIsAskedForWithoutANumber() throws Exception {
    var asked = asked(applicant("", "2027-11-01", "{}"));
    assertTrue(words(asked, "wage").contains("nobody who allows it has a resident number"));
    assertEquals(asked.at("/view/draft/packet/household/people").size(), 1);
  }

  /** Rui and Inês Valdeira ask for a child's dental care; some of them allow that registers are asked. */
  private JsonNode couple(String... allow) throws Exception {
    var application = applicant(FERRYMAN, "2027-11-01", """
        {"people": [{"id": "p1", "role": "applicant", "residentNumber": "%s"},
                    {"id": "p2", "role": "spouse", "residentNumber": "%s"}],
         "payment": {"method": "transfer", "iban": "QV33BWSL71890763040103"}}""".formatted(FERRYMAN, WIFE));
    var draft = (ObjectNode) application.get("draft").deepCopy();
    ((ObjectNode) draft.get("packet"))
        .putArray("requests")
        .addObject()
        .put("service", "childDental")
        .putObject("answers");
    var consents = ((ObjectNode) draft.at("/packet/household")).putArray("consents");
    for (var person : allow) {
      consents
          .addObject()
          .put("to", "registers")
          .put("person", person)
          .put("on", "2026-11-01")
          .put("until", "2027-11-01");
    }
    return saved(application, draft);
  }

  @Test
  public void theTaxOfASpouseIsAskedOnlyWhereTheyAllowIt() throws Exception {
    var one = asked(couple("p1")).at("/view/draft/packet/requests/0/answers");
    assertTrue(one.path("taxFiled").has("p1"), one.toString());
    assertFalse(one.path("taxFiled").has("p2"), one.toString());
    assertTrue(one.path("assessedIncome").isMissingNode(), one.toString());
    var both = asked(couple("p1", "p2")).at("/view/draft/packet/requests/0/answers");
    assertTrue(both.path("taxFiled").has("p2"), both.toString());
    assertTrue(both.path("assessedIncome").isNumber(), both.toString());
  }

  @Test
  public void whatIsTheApplicantsIsNotAskedOnTheSpousesWord() throws Exception {
    var asked = asked(couple("p2"));
    assertEquals(words(asked, "bank"), "", asked.toString());
    assertEquals(words(asked, "child benefit"), "", asked.toString());
    assertTrue(words(asked, "tax").startsWith("answered"), asked.toString());
  }

  @Test
  public void slowRegistersKeepNobodyFromTypingOn() throws Exception {
    REGISTERS.behave("wages", Behaviour.SLOW);
    var application = applicant(FERRYMAN, "2027-11-01", "{}");
    var answers = atOnce(2, i -> () -> i == 0 ? asked(application) : savedWhileAsked(application));
    var saved = answers.get(1);
    assertEquals(saved.get("version").intValue(), application.get("version").intValue() + 1);
    var after = answers.get(0).get("view");
    assertEquals(after.at("/draft/packet/household/people/0/addressAs").stringValue(), "Captain");
    assertEquals(after.at("/draft/packet/household/people/0/givenName").stringValue(), "Rui");
  }

  /** Typed on while the registers are asked: kept at once, under the version that was shown. */
  private JsonNode savedWhileAsked(JsonNode application) throws Exception {
    var draft = (ObjectNode) application.get("draft").deepCopy();
    ((ObjectNode) draft.at("/packet/household/people/0")).put("addressAs", "Captain");
    return saved(application, draft);
  }

  @Test
  public void theBankSaysWhoseAccountItIs() throws Exception {
    var payment = "{\"payment\": {\"method\": \"transfer\", \"iban\": \"%s\"}}";
    assertTrue(words(
            asked(applicant("", "2027-11-01", payment.formatted("QV33BWSL71890763040103"))), "bank")
        .contains("The account belongs to Rui Valdeira."));
    assertTrue(words(
            asked(applicant("", "2027-11-01", payment.formatted("QV80BWSL13075507025952"))), "bank")
        .contains("knows no such account"));
  }

  @Test
  public void theTaxRegisterAnswersTheQuestionsThatAreItsOwn() throws Exception {
    var application = applicant(FERRYMAN, "2027-11-01", "{}");
    var draft = (ObjectNode) application.get("draft").deepCopy();
    var requests = ((ObjectNode) draft.get("packet")).putArray("requests");
    for (var service :
        new String[] {"homePaymentRelief", "childDental", "rentRelief", "studyAdjustments"}) {
      requests.addObject().put("service", service).putObject("answers");
    }
    var asked = asked(saved(application, draft));
    assertTrue(words(asked, "tax").startsWith("answered"), asked.toString());
    for (var mark : asked.at("/view/draft/taking/marks").properties()) {
      if (mark.getValue().get("from").stringValue().equals("tax register")) {
        assertFalse(
            asked.at("/view/draft/packet").at(mark.getKey()).isMissingNode(), mark.getKey());
      }
    }
  }

  @Test
  public void aRegisterThatIsTooSlowIsSilentAndTheOthersAnswer() throws Exception {
    REGISTERS.behave("accounts", Behaviour.SLOW);
    var payment = "{\"payment\": {\"method\": \"transfer\", \"iban\": \"QV33BWSL71890763040103\"}}";
    var asked = asked(applicant(FERRYMAN, "2027-11-01", payment));
    assertTrue(words(asked, "bank").startsWith("silent"), asked.toString());
    assertTrue(words(asked, "population").startsWith("answered: Filled in"), asked.toString());
    assertEquals(asked.at("/view/draft/packet/household/people/0/givenName").stringValue(), "Rui");
    var kept = database
        .sql("select count(*) from register_answer where not answered and application_id = ?::uuid")
        .param(asked.at("/view/id").stringValue())
        .query(Long.class)
        .single();
    assertEquals(kept, 1L);
  }

  @Test
  public void whatARegisterSaysOfSomebodyElseIsNotBelieved() throws Exception {
    REGISTERS.behave("wages", Behaviour.WRONG);
    REGISTERS.behave("population", Behaviour.WRONG);
    var asked = asked(applicant(FERRYMAN, "2027-11-01", "{}"));
    assertTrue(words(asked, "wage").startsWith("silent"), asked.toString());
    assertTrue(words(asked, "population").startsWith("silent"), asked.toString());
    assertEquals(asked.at("/view/draft/packet/household/incomes").size(), 0, asked.toString());
  }

  @Test
  public void aParcelIsFoundByItsAddressOrItsNumber() throws Exception {
    var byStreet = body(asIkenna(post("/api/parcels/search", "{\"words\": \"39 mussel lane\"}")));
    assertEquals(byStreet.size(), 1, byStreet.toString());
    assertEquals(byStreet.at("/0/number").stringValue(), "P-100925");
    var byNumber = body(asIkenna(post("/api/parcels/search", "{\"words\": \"p-100925\"}")));
    assertEquals(byNumber, byStreet);
    assertEquals(
        body(asIkenna(post("/api/parcels/search", "{\"words\": \"q\"}"))).size(), 0);
    assertEquals(
        body(asIkenna(post("/api/parcels/search", "{\"words\": \"Nowhere Street\"}")))
            .size(),
        0);
  }

  @Test
  public void aParcelComesWithTheSalesNearIt() throws Exception {
    var record = body(asIkenna(get("/api/parcels/{number}", "P-100925")));
    assertEquals(record.at("/parcel/owner").stringValue(), "Rui Valdeira");
    assertTrue(record.get("sales").size() > 2, record.toString());
    var part = record.at("/parcel/postcode").stringValue().substring(0, 3);
    for (var sale : record.get("sales")) {
      assertTrue(sale.get("postcode").stringValue().startsWith(part), sale.toString());
      assertTrue(sale.get("price").decimalValue().signum() > 0, sale.toString());
    }
    assertEquals(
        asIkenna(get("/api/parcels/{number}", "P-000000")).getResponse().getStatus(), 404);
  }

  @Test
  public void aSilentPropertyRegisterIsSaidToBeSilent() throws Exception {
    REGISTERS.behave("parcels", Behaviour.DOWN);
    var answer = asIkenna(post("/api/parcels/search", "{\"words\": \"mussel lane\"}"));
    assertEquals(answer.getResponse().getStatus(), 503);
    assertTrue(
        body(answer).get("detail").stringValue().contains("Type what the household says"),
        body(answer).toString());
  }
}
