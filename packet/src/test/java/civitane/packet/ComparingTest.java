package civitane.packet;

import civitane.core.checking.Comparing;
import civitane.core.checking.Comparison;
import civitane.core.checking.Findings;
import civitane.core.checking.Inquiries;
import civitane.core.checking.Inquiry;
import civitane.core.checking.Matter;
import civitane.core.checking.Verdict;
import civitane.core.facts.Packet;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterRow;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** What was said stands beside what registers answer; who did not consent is not asked about. */
public class ComparingTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-26");
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());
  private static final JsonMapper JSON = new JsonMapper();

  private static final String COUPLE = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-20", "asOf": "2026-11-26",
       "household": {
         "address": {"line1": "4 Capstan Lane", "town": "Ferry Hythe", "postcode": "BK22"},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Rui", "familyName": "Valdeira",
            "birthDate": "1979-11-02", "residentNumber": "6485889106"},
           {"id": "p2", "role": "spouse", "givenName": "Inês", "familyName": "Valdeira",
            "birthDate": "1982-06-19", "residentNumber": "6899900572"}],
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 2350, "frequency": "monthly",
                      "employer": "Hythe Ferry Works"}],
         "payment": {"method": "transfer", "iban": "QV33BWSL71890763040103"},
         "consents": [{"to": "registers", "person": "p1", "on": "2026-11-01", "until": "2026-12-01"}]},
       "requests": [{"service": "schoolMeals", "answers": {}}],
       "papers": [{"kind": "passport", "person": "p1", "accepted": true, "nameOnPaper": "Rui Valdeira",
                   "mrz": ["P<UTOVALDEIRA<<RUI<<<<<<<<<<<<<<<<<<<<<<<<<<",
                           "L898902C36UTO7411022M1204159ZE184226B<<<<<10"]}],
       "signatures": [{"person": "p1", "name": "Rui Valdeira", "on": "2026-11-20", "method": "screen",
                       "statements": []}]}""";

  private Map<RegisterName, List<Map<String, String>>> registers;
  private ObjectNode facts;

  @BeforeMethod
  public void everyRegisterAgrees() {
    facts = (ObjectNode) JSON.readTree(COUPLE);
    registers = new HashMap<>(Map.of(
        RegisterName.POPULATION,
            List.of(Map.of(
                "residentNumber",
                "6485889106",
                "givenName",
                "RUI",
                "familyName",
                "Valdeira",
                "birthDate",
                "1979-11-02",
                "sex",
                "M",
                "line1",
                "4, Capstan Lane",
                "postcode",
                "BK22",
                "town",
                "Ferry Hythe")),
        RegisterName.WAGES,
            List.of(Map.of(
                "residentNumber",
                "6485889106",
                "employer",
                "Hythe Ferry Works",
                "monthly",
                "2400.00")),
        RegisterName.ACCOUNTS,
            List.of(Map.of("iban", "QV33BWSL71890763040103", "holder", "Rui Valdeira"))));
  }

  private Packet packet() {
    var reading = READER.read(facts.toString().getBytes(StandardCharsets.UTF_8));
    assertEquals(reading.faults().toString(), "[]");
    return reading.packet();
  }

  private List<Comparison> compared() {
    return Comparing.of(
        packet(),
        question -> Optional.ofNullable(registers.get(question.register()))
            .map(rows -> rows.stream().map(RegisterRow::of).toList()),
        TODAY);
  }

  private Map<Matter, Verdict> verdicts() {
    return compared().stream()
        .collect(Collectors.toMap(Comparison::matter, Comparison::verdict, (one, other) -> other));
  }

  private String why() {
    return compared().stream()
        .map(Comparison::differs)
        .filter(reason -> reason != null)
        .map(reason -> reason.code().key())
        .collect(Collectors.joining(", "));
  }

  private void row(RegisterName register, String column, String value) {
    var row = new HashMap<>(registers.get(register).get(0));
    row.put(column, value);
    registers.put(register, List.of(row));
  }

  @Test
  public void whatIsWrittenOtherwiseAndMeansTheSameAgrees() {
    assertEquals(why(), "");
    assertEquals(
        verdicts(),
        Map.of(
            Matter.NAME, Verdict.AGREES,
            Matter.BIRTH_DATE, Verdict.AGREES,
            Matter.ADDRESS, Verdict.AGREES,
            Matter.ACCOUNT_HOLDER, Verdict.AGREES,
            Matter.SIGNED_NAME, Verdict.AGREES));
  }

  @Test
  public void onlyThoseWhoConsentAreAskedAbout() {
    var asked = Inquiries.of(packet(), TODAY).stream().map(Inquiry::about).toList();
    assertTrue(asked.stream().allMatch(who -> who.id().equals("p1")), asked.toString());
    assertEquals(Inquiries.of(packet(), LocalDate.parse("2026-12-01")).size(), 3);
    assertEquals(Inquiries.of(packet(), LocalDate.parse("2026-12-02")), List.of());
    assertEquals(Inquiries.of(packet(), LocalDate.parse("2026-10-31")), List.of());
  }

  @Test
  public void aRegisterThatHasNotAnsweredLeavesItOpen() {
    registers.clear();
    assertEquals(verdicts().get(Matter.NAME), Verdict.NOT_ANSWERED);
    assertEquals(verdicts().get(Matter.WAGE), Verdict.NOT_ANSWERED);
    assertEquals(verdicts().get(Matter.ACCOUNT_HOLDER), Verdict.NOT_ANSWERED);
    assertEquals(why(), "");
  }

  @Test
  public void namesNearEnoughAreShownAndOthersAskedAbout() {
    row(RegisterName.POPULATION, "givenName", "R");
    assertEquals(verdicts().get(Matter.NAME), Verdict.NEAR);
    assertEquals(why(), "");
    row(RegisterName.POPULATION, "givenName", "Ansel");
    row(RegisterName.POPULATION, "familyName", "Sauvageot");
    assertEquals(why(), "nameDiffers");
  }

  @Test
  public void anotherBirthDateAndAnotherAddress() {
    row(RegisterName.POPULATION, "birthDate", "1979-02-11");
    row(RegisterName.POPULATION, "line1", "14 Capstan Lane");
    assertEquals(why(), "birthDateDiffers, addressDiffers");
    facts.withObject("/household/address").put("hidden", true);
    assertEquals(why(), "birthDateDiffers");
  }

  @Test
  public void aNumberNobodyHas() {
    registers.put(RegisterName.POPULATION, List.of());
    assertEquals(why(), "numberUnknown");
  }

  @Test
  public void aWageThatNobodyNamed() {
    var known = registers.get(RegisterName.WAGES).get(0);
    registers.put(
        RegisterName.WAGES,
        List.of(
            known,
            Map.of(
                "residentNumber", "6485889106", "employer", "Anchor Bakery", "monthly", "310.00")));
    var unnamed = compared().stream().filter(one -> one.matter() == Matter.WAGE).toList();
    assertEquals(unnamed.size(), 1);
    assertEquals(unnamed.get(0).part(), "anchor bakery");
    assertEquals(why(), "wageNotNamed");
  }

  @Test
  public void whoseAccountItIs() {
    row(RegisterName.ACCOUNTS, "holder", "Inês Valdeira");
    assertEquals(verdicts().get(Matter.ACCOUNT_HOLDER), Verdict.AGREES);
    row(RegisterName.ACCOUNTS, "holder", "Marguerite Sauvageot");
    assertEquals(why(), "accountOfAnother");
    registers.put(RegisterName.ACCOUNTS, List.of());
    assertEquals(why(), "accountUnknown");
  }

  @Test
  public void whoSignsWithAnotherName() {
    ((ObjectNode) facts.at("/signatures/0")).put("name", "Rui Mendonça");
    assertEquals(why(), "signedOtherwise");
    ((ObjectNode) facts.at("/household/people/0"))
        .putArray("otherNames")
        .addObject()
        .put("name", "Rui Mendonça")
        .put("kind", "former");
    assertEquals(why(), "");
  }

  @Test
  public void anAnswerTellsFactsOfTheSubjectsItIsAbout() {
    var packet = packet();
    var wages = Inquiries.of(packet, TODAY).stream()
        .filter(one -> one.question().register() == RegisterName.WAGES)
        .findFirst()
        .orElseThrow();
    var rows = registers.get(RegisterName.WAGES).stream().map(RegisterRow::of).toList();
    assertEquals(
        Findings.of(packet, wages, rows),
        Map.of("/household/incomes/0/registerMonthly", Amount.of("2400.00")));
    var person = Inquiries.of(packet, TODAY).get(0);
    assertEquals(
        Findings.of(
            packet,
            person,
            registers.get(RegisterName.POPULATION).stream().map(RegisterRow::of).toList()),
        Map.of("/household/people/0/birthDate", LocalDate.parse("1979-11-02")));
  }

  @Test
  public void aPaperThatIsLostOrSomebodyElses() {
    facts
        .withArray("/papers")
        .forEach(paper -> ((ObjectNode) paper)
            .putArray("mrz")
            .add("P<UTOERIKSSON<<ANNA<MARIA<<<<<<<<<<<<<<<<<<<")
            .add("L898902C36UTO7408122F1204159ZE184226B<<<<<10"));
    var inquiry = Inquiries.of(packet(), TODAY).stream()
        .filter(one -> one.question().register() == RegisterName.IDENTITY_PAPERS)
        .findFirst()
        .orElseThrow();
    assertEquals(inquiry.question().about(), Map.of("number", "L898902C3"));
    var issued = new HashMap<>(Map.of(
        "number",
        "L898902C3",
        "givenName",
        "Rui",
        "familyName",
        "Valdeira",
        "birthDate",
        "1979-11-02",
        "expiresOn",
        "2032-04-15",
        "lostOn",
        "2025-01-03"));
    registers.put(RegisterName.IDENTITY_PAPERS, List.of(issued));
    assertEquals(why(), "paperLost");
    assertEquals(
        Findings.of(packet(), inquiry, List.of(RegisterRow.of(issued))),
        Map.of("/papers/0/reportedLost", true));
    row(RegisterName.IDENTITY_PAPERS, "lostOn", "");
    assertEquals(why(), "");
    row(RegisterName.IDENTITY_PAPERS, "givenName", "Marguerite");
    row(RegisterName.IDENTITY_PAPERS, "familyName", "Sauvageot");
    assertEquals(why(), "paperOfAnother");
    registers.put(RegisterName.IDENTITY_PAPERS, List.of());
    assertEquals(why(), "paperNotIssued");
  }
}
