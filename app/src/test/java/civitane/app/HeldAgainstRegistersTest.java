package civitane.app;

import civitane.standins.Behaviour;
import java.util.Iterator;
import java.util.stream.Stream;
import org.awaitility.Awaitility;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Registers are asked about whoever lodged and allows it; what disagrees is put to somebody, and nothing waits for it. */
public class HeldAgainstRegistersTest extends OnDatabase {

  private static final String HOUSEHOLD = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-20",
       "household": {
         "address": {"line1": "%s", "town": "%s", "postcode": "%s"},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "%s", "familyName": "%s",
            "birthDate": "%s", "residentNumber": "%s", "contact": {"phone": "555 0101"}},
           {"id": "p2", "role": "child", "givenName": "Little %4$s", "familyName": "%5$s",
            "birthDate": "2017-03-09"}],
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": %s, "frequency": "monthly",
                      "employer": "%s"}],
         "payment": {"method": "transfer", "iban": "%s"},
         "consents": [{"to": "registers", "person": "p1", "on": "2026-11-01", "until": "2027-11-01"}]},
       "requests": [{"service": "schoolMeals", "answers": {
         "children": [{"person": "p2", "school": "Marsh Road School", "grade": "4"}]}}],
       "signatures": [{"person": "p1", "name": "%4$s %5$s", "on": "2026-11-20", "method": "screen",
                       "statements": ["true", "changes"]}]}""";

  private static final String OLUCHIS_ACCOUNT = "QV17BWSL05326470818454";

  /**
   * Somebody the registers know.
   *
   * @param home line, town and postcode
   * @param name given and family name
   */
  private record Known(
      String[] home,
      String[] name,
      String born,
      String number,
      String iban,
      String employer,
      String monthly) {
    static Known of(String all) {
      var part = all.split(" \\| ");
      return new Known(
          part[0].split(", "), part[1].split(" "), part[2], part[3], part[4], part[5], part[6]);
    }
  }

  /** Each is lodged for once: a household that is known already is looked at side by side first. */
  private static final Iterator<Known> RESIDENTS = Stream.of(
          "43 Weighhouse Lane, Upper Sluice, BK10 | Leonor Garrow | 1994-12-10 | 8469030723 | QV82BWSL83615726689073 | Delta Cannery Co-op | 980.00",
          "43 Weighhouse Lane, Upper Sluice, BK10 | Solveig Garrow | 1971-02-24 | 5728011221 | QV54BWSL39680511541724 | Hythe Net Loft | 980.25",
          "39 Gull Street, Gullhaven, BK31 | Eluned Lindqvory | 2000-02-14 | 0763012176 | QV80BWSL13075507025951 | Delta Cannery Co-op | 1790.25",
          "29 Sedge Walk, Reedholm, BK42 | Greta Marrable | 2001-12-14 | 7148334654 | QV86BWSL75088050464156 | Hythe Ferry Works | 1790.50",
          "29 Sedge Walk, Reedholm, BK42 | Dilara Marrable | 1959-04-06 | 7313899275 | QV83BWSL46599362125291 | Reedholm Glass Gardens | 1250.50",
          "35 Paddle Street, Upper Sluice, BK11 | Camille Kowalik | 1969-10-23 | 2288261080 | QV94BWSL19241809443639 | Sluice & Lock Board | 2450.50",
          "16 Furrow Road, Reedholm, BK49 | Bruno Vantongeren | 1977-07-26 | 7318797375 | QV71BWSL79822092230071 | Marsh Road School | 1640.50",
          "16 Furrow Road, Reedholm, BK49 | Rafael Vantongeren | 1961-10-27 | 8036755927 | QV25BWSL56934163861577 | Hythe Net Loft | 3300.50",
          "25 Polder Lane, Reedholm, BK45 | Ewa Marrable | 2002-01-28 | 7089764281 | QV39BWSL85332351596392 | Marsh Road School | 1250.00",
          "47 Reed Bank, Reedholm, BK47 | Goran Rasmundsen | 1991-10-03 | 4778406050 | QV26BWSL94273776969178 | Delta Cannery Co-op | 2450.25",
          "59 Weighhouse Lane, Upper Sluice, BK10 | Iris Pellworm | 1980-03-27 | 9270688436 | QV69BWSL12709640748534 | Reedholm Glass Gardens | 1790.50",
          "44 Hythe Street, Ferry Hythe, BK26 | Iris Pellworm | 1984-04-27 | 8800845961 | QV69BWSL12709640748534 | Tidewater Care | 1250.25")
      .map(Known::of)
      .iterator();

  @AfterMethod
  public void everyRegisterAnswersAgain() {
    REGISTERS.behave();
  }

  private String lodged(Known who, String line1, String iban) throws Exception {
    return claimOf(HOUSEHOLD.formatted(
        line1,
        who.home()[1],
        who.home()[2],
        who.name()[0],
        who.name()[1],
        who.born(),
        who.number(),
        who.monthly(),
        who.employer(),
        iban));
  }

  private String lodged() throws Exception {
    var who = RESIDENTS.next();
    return lodged(who, who.home()[0], who.iban());
  }

  private String lodgedElsewhere() throws Exception {
    var who = RESIDENTS.next();
    return lodged(who, "9 Elsewhere " + who.name()[0], who.iban());
  }

  private String lodgedForOluchisAccount() throws Exception {
    var who = RESIDENTS.next();
    return lodged(who, who.home()[0], OLUCHIS_ACCOUNT);
  }

  private JsonNode checking(String number) throws Exception {
    return body(asIkenna(get("/api/claims/{number}/comparisons", number)));
  }

  private JsonNode answered(String number) throws Exception {
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> checking(number)
            .get("registers")
            .valueStream()
            .allMatch(one -> !one.get("answeredAt").isNull()));
    return checking(number);
  }

  private static JsonNode compared(JsonNode checking, String what) {
    return checking
        .get("comparisons")
        .valueStream()
        .filter(one -> one.get("what").stringValue().equals(what))
        .findFirst()
        .orElseThrow();
  }

  private String next(String number) throws Exception {
    return claim(number).at("/next/words").stringValue();
  }

  private int settle(String number, JsonNode compared, boolean ask, String because)
      throws Exception {
    var content = json.createObjectNode()
        .put("version", claim(number).get("version").intValue())
        .put("key", compared.get("key").stringValue())
        .put("seen", compared.get("seen").stringValue())
        .put("askThem", ask)
        .put("because", because);
    return asIkenna(post("/api/claims/{number}/comparisons", content.toString(), number))
        .getResponse()
        .getStatus();
  }

  @Test
  public void whatAgreesIsShownAndWantsNothing() throws Exception {
    var number = lodged();
    var checking = answered(number);
    for (var what : new String[] {"Name", "Date of birth", "Address", "Account holder"}) {
      assertEquals(compared(checking, what).get("verdict").stringValue(), "agrees", what);
    }
    assertEquals(checking.get("registers").size(), 3, checking.toString());
    assertFalse(claim(number).get("items").toString().contains("compare:"));
    var ledger = body(asIkenna(get("/api/claims/{number}/ledger", number)));
    assertTrue(ledger.at("/wages/0").hasNonNull("checked"), ledger.toString());
  }

  @Test
  public void anAccountOfSomebodyElseIsLookedAtAndLeftWithAReason() throws Exception {
    var number = lodgedForOluchisAccount();
    var account = compared(answered(number), "Account holder");
    assertEquals(account.get("found").stringValue(), "Oluchi Tamsett");
    assertEquals(account.get("source").stringValue(), "bank");
    taken(number);
    assertEquals(next(number), "Compare answers");
    assertEquals(settle(number, account, false, " "), 422);
    assertEquals(settle(number, account, false, "She is his sister and keeps his money."), 200);
    assertFalse(next(number).equals("Compare answers"), next(number));
    var after = compared(checking(number), "Account holder");
    assertEquals(after.at("/settled/how").stringValue(), "accepted");
    assertTrue(
        claim(number).get("events").toString().contains("keeps his money"),
        claim(number).get("events").toString());
  }

  @Test
  public void aWageThatNobodyNamedIsLookedAt() throws Exception {
    var number = database.sql("""
            select number from claim where household_id in
              (select id from household where name = 'Tomasz Sesay')
            """).query(String.class).single();
    var wage = compared(answered(number), "Wages");
    assertEquals(wage.get("said").stringValue(), "");
    assertTrue(
        wage.get("why").stringValue().contains("Reedholm Glass Gardens reports a wage of €410.00"),
        wage.toString());
    assertEquals(next(number), "Compare answers");
    assertEquals(settle(number, wage, false, "It ended in September; their letter."), 200);
    assertFalse(next(number).equals("Compare answers"), next(number));
  }

  @Test
  public void theHouseholdCanBeAskedInstead() throws Exception {
    var number = lodgedElsewhere();
    var address = compared(answered(number), "Address");
    taken(number);
    assertEquals(settle(number, address, true, "where they live since when"), 200);
    var item = claim(number)
        .get("items")
        .valueStream()
        .filter(one -> one.get("subject").stringValue().startsWith("compare:address"))
        .findFirst()
        .orElseThrow();
    assertEquals(item.get("owner").stringValue(), "household");
    assertEquals(settle(number, address, false, "They moved on Monday."), 200);
    assertFalse(claim(number).get("items").toString().contains("compare:address"));
  }

  @Test
  public void whatWasSettledIsLookedAtAnewWhenASideSaysSomethingElse() throws Exception {
    var number = lodgedElsewhere();
    var address = compared(answered(number), "Address");
    taken(number);
    assertEquals(settle(number, address, false, "They moved on Monday."), 200);
    var changed = asIkenna(answer(
        number, claim(number), "/household/address/line1", "\"11 Elsewhere Road\"", "they wrote"));
    assertEquals(changed.getResponse().getStatus(), 200);
    assertEquals(settle(number, address, false, "They moved on Monday."), 412);
    assertEquals(next(number), "Compare answers");
  }

  @Test
  public void aRegisterThatIsDownIsAskedUntilItAnswers() throws Exception {
    REGISTERS.behave("wages", Behaviour.DOWN);
    var number = lodged();
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() ->
            compared(checking(number), "Name").get("verdict").stringValue().equals("agrees"));
    var open = compared(checking(number), "Wages");
    assertEquals(open.get("verdictWords").stringValue(), "not answered yet");
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> !checking(number).get("againAt").isNull());
    taken(number);
    assertFalse(next(number).equals("Compare answers"), "it goes on without the answer");
    REGISTERS.behave("wages", Behaviour.RIGHT);
    var ledger = answered(number);
    assertTrue(ledger.get("againAt").isNull());
    var answers = count("register_inquiry where answer like '%employer%'");
    assertTrue(answers > 0, "the answer is kept whole");
  }

  @Test
  public void aLateAnswerLandsWithTheHouseholdItIsAbout() throws Exception {
    REGISTERS.behave("accounts", Behaviour.SLOW);
    var number = lodgedForOluchisAccount();
    taken(number);
    answered(number);
    assertEquals(next(number), "Compare answers");
  }

  @Test
  public void anAnswerAboutSomebodyElseIsNone() throws Exception {
    REGISTERS.behave("population", Behaviour.WRONG);
    var number = lodged();
    Awaitility.await()
        .atMost(PATIENCE)
        .until(() -> checking(number).get("registers").get(0).hasNonNull("triedAt"));
    assertEquals(compared(checking(number), "Name").get("verdict").stringValue(), "notAnswered");
  }

  @Test
  public void itIsAskedAgainByHand() throws Exception {
    var number = lodged();
    answered(number);
    taken(number);
    var asked = count("register_inquiry");
    var again = asIkenna(post("/api/claims/{number}/registers", "", number));
    assertEquals(again.getResponse().getStatus(), 200);
    assertEquals(count("register_inquiry"), asked + 3);
    assertEquals(compared(checking(number), "Name").get("verdict").stringValue(), "agrees");
    answered(number);
  }

  @Test
  public void aKilledAskingIsDoneByWhoeverComesNext() throws Exception {
    REGISTERS.behave("population", Behaviour.DOWN);
    REGISTERS.behave("wages", Behaviour.DOWN);
    REGISTERS.behave("accounts", Behaviour.DOWN);
    var number = lodged();
    assertEquals(
        checking(number)
            .get("registers")
            .valueStream()
            .filter(one -> one.get("answeredAt").isNull())
            .count(),
        3L);
    // The order is in the database with what ordered it: nobody's memory is needed for it.
    assertTrue(count("scheduled_tasks where task_name = 'ask registers'") > 0);
    REGISTERS.behave();
    answered(number);
  }

  @Test
  public void whoeverDoesNotHaveTheClaimDoesNotSettle() throws Exception {
    var number = lodgedElsewhere();
    var address = compared(answered(number), "Address");
    as("teun", "SENIOR", post("/api/claims/{number}/take", "", number));
    assertEquals(settle(number, address, false, "They moved."), 412);
  }

  /** A household that asks for relief and allows somebody to be asked. */
  private static String allowing(int household, String whom, String request) {
    return Packets.meals(household, 2, "en")
        .replaceFirst("(?s)\"requests\": \\[.*?\\}\\}\\],", "\"requests\": [" + request + "],")
        .replace(
            "\"benefits\": [],",
            "\"benefits\": [], \"assets\": [], \"expenses\": [], \"consents\": [{\"to\": \"" + whom
                + "\", \"person\": \"p1\", \"on\": \"2026-11-01\", \"until\": \"2027-11-01\"}],");
  }

  @Test
  public void aLenderSaysWhatIsDueAndWhetherItTakesPart() throws Exception {
    var number = claimOf(allowing(1131, "lender", """
        {"service": "homePaymentRelief", "answers": {
          "lender": {"name": "Brackwater Building Society"}, "loanNumber": "HL-005127",
          "amountDue": 9600}}"""));
    var checking = answered(number);
    var figure = compared(checking, "Amount due");
    assertEquals(figure.get("said").stringValue(), "€9,600.00");
    assertEquals(figure.get("found").stringValue(), "€10,480.40");
    assertEquals(figure.get("verdict").stringValue(), "differs");
    var answers = claim(number).get("packet").at("/requests/0/answers");
    assertEquals(answers.at("/lenderFigure/amount").decimalValue().toPlainString(), "10480.4");
    assertTrue(answers.at("/lender/participates").booleanValue(), answers.toString());
  }

  @Test
  public void aLandlordsAgreementIsTheLandlordsWord() throws Exception {
    var asks = """
        {"service": "rentRelief", "answers": {"arrears": [{"month": "2026-10", "owed": 500}],
          "hardship": ["lostWork"], "landlord": {"name": "Ropewalk Homes"}, "leaseNames": ["Ada"]}}""";
    var number = claimOf(allowing(1132, "landlord", asks));
    answered(number);
    var agrees = claim(number).get("packet").at("/requests/0/answers/landlord/agrees");
    assertFalse(agrees.booleanValue());
    assertTrue(agrees.isBoolean(), "it has answered");
  }

  @Test
  public void aParcelBelongsToWhomTheRegisterSays() throws Exception {
    var number = claimOf(allowing(1133, "registers", """
        {"service": "valueReview", "answers": {"parcel": "BK-0417", "currentValue": 242500,
          "standing": "owner"}}"""));
    var checking = answered(number);
    assertEquals(
        compared(checking, "Owner of the parcel").get("found").stringValue(), "Kalle Castanho");
    assertEquals(compared(checking, "Owner of the parcel").get("verdict").stringValue(), "differs");
    assertEquals(compared(checking, "Assessed value").get("verdict").stringValue(), "agrees");
  }
}
