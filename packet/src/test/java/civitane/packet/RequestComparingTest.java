package civitane.packet;

import civitane.core.checking.Comparing;
import civitane.core.checking.Comparison;
import civitane.core.checking.Findings;
import civitane.core.checking.Inquiries;
import civitane.core.checking.PaperFact;
import civitane.core.checking.PaperFacts;
import civitane.core.facts.Packet;
import civitane.core.facts.PaperKind;
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
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

/** What a request answers stands beside what others and papers say of it; papers show what they can, and no more. */
public class RequestComparingTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-26");
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());

  private static final String HOUSEHOLD = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-20", "asOf": "2026-11-26",
       "household": {
         "people": [{"id": "p1", "role": "applicant", "givenName": "Rui", "familyName": "Valdeira",
                     "birthDate": "1979-11-02"}],
         "incomes": [{"id": "i1", "person": "p1", "kind": "pension", "amount": 900, "frequency": "monthly"},
                     {"id": "i2", "person": "p1", "kind": "wages", "hourlyRate": 14, "hoursPerWeek": 20}],
         "expenses": [{"kind": "heating", "amount": 80, "frequency": "monthly"},
                      {"kind": "rent", "amount": 160, "frequency": "weekly"}],
         "assets": [{"person": "p1", "kind": "savings", "value": 350}, {"person": "p1", "kind": "vehicle", "value": 900}],
         "payment": {"method": "transfer", "iban": "QV33BWSL71890763040103"},
         "consents": [%s]},
       "requests": [{"service": "%s", "answers": %s}],
       "papers": [%s]}""";

  private static final String ALLOWED = """
      {"to": "%s", "person": "p1", "on": "2026-11-01", "until": "2026-12-01"}""";

  private static Packet packet(String allowed, String service, String answers, String paper) {
    var consent = allowed.isEmpty() ? "" : ALLOWED.formatted(allowed);
    var written = HOUSEHOLD.formatted(consent, service, answers, paper);
    var reading = READER.read(written.getBytes(StandardCharsets.UTF_8));
    assertEquals(reading.faults().toString(), "[]");
    return reading.packet();
  }

  private static Packet loan(String allowed) {
    return packet(
        allowed,
        "homePaymentRelief",
        "{\"lender\": {\"name\": \"Lockkeepers Mutual\"}, \"loanNumber\": \"LM-1\", \"amountDue\": 9600}",
        "");
  }

  private static List<RegisterName> asked(Packet packet) {
    return Inquiries.of(packet, TODAY).stream()
        .map(one -> one.question().register())
        .toList();
  }

  private static String why(Packet packet, RegisterName register, List<Map<String, String>> rows) {
    return Comparing.of(
            packet,
            question -> question.register() == register
                ? Optional.of(rows.stream().map(RegisterRow::of).toList())
                : Optional.empty(),
            TODAY)
        .stream()
        .map(Comparison::differs)
        .filter(reason -> reason != null)
        .map(reason -> reason.code().key())
        .collect(Collectors.joining(", "));
  }

  @Test
  public void aLenderIsAskedWhereThatIsAllowedAndOnlyThere() {
    assertEquals(asked(loan("lender")), List.of(RegisterName.LENDERS));
    assertEquals(asked(loan("landlord")), List.of());
    assertEquals(asked(loan("")), List.of());
  }

  @Test
  public void whatIsDueByTheLenderStandsBesideWhatWasSaid() {
    var row = Map.of(
        "lender",
        "Lockkeepers Mutual",
        "loan",
        "LM-1",
        "participates",
        "yes",
        "due",
        "9600.00",
        "asOf",
        "2026-11-25");
    assertEquals(why(loan("lender"), RegisterName.LENDERS, List.of(row)), "");
    assertEquals(why(loan("lender"), RegisterName.LENDERS, List.of()), "loanUnknown");
    var other = new HashMap<>(row);
    other.put("due", "10944.00");
    assertEquals(why(loan("lender"), RegisterName.LENDERS, List.of(other)), "lenderFigureDiffers");
    var inquiry = Inquiries.of(loan("lender"), TODAY).get(0);
    assertEquals(
        Findings.of(loan("lender"), inquiry, List.of(RegisterRow.of(other)))
            .keySet()
            .toString(),
        "[/requests/0/answers/lenderFigure]");
  }

  @Test
  public void aParcelIsHeldAgainstItsOwnerAndItsValue() {
    var asks =
        packet("registers", "valueReview", "{\"parcel\": \"BK-1\", \"currentValue\": 240000}", "");
    var row = new HashMap<>(Map.of(
        "number",
        "BK-1",
        "line1",
        "1 Tide Row",
        "postcode",
        "BK31",
        "town",
        "Gullhaven",
        "owner",
        "Valdeira Rui",
        "ownerNumber",
        "",
        "propertyClass",
        "residential",
        "area",
        "90"));
    row.putAll(Map.of("condition", "3", "assessedValue", "240000", "valuedOn", "2026-01-01"));
    assertEquals(why(asks, RegisterName.PARCELS, List.of(row)), "");
    row.put("owner", "Ansel Sauvageot");
    row.put("assessedValue", "260000");
    assertEquals(
        why(asks, RegisterName.PARCELS, List.of(row)), "parcelOfAnother, parcelValueDiffers");
    assertEquals(why(asks, RegisterName.PARCELS, List.of()), "parcelUnknown");
  }

  private static Packet leave(String until, String certificate) {
    return packet(
        "",
        "paidLeave",
        "{\"person\": \"p1\", \"benefitFrom\": \"2026-11-09\", \"returnOn\": \"" + until + "\"}",
        certificate);
  }

  @Test
  public void leaveIsAskedForNoLongerThanCertificatesCover() {
    var first = """
        {"kind": "medicalCertificate", "person": "p1", "accepted": true,
         "coversFrom": "2026-11-09", "coversUntil": "2026-11-22"}""";
    var second = first.replace("11-09", "11-23").replace("11-22", "12-06");
    assertEquals(why(leave("2026-11-23", first), RegisterName.SALES, List.of()), "");
    assertEquals(why(leave("2026-11-24", first), RegisterName.SALES, List.of()), "leaveBeyond");
    assertEquals(
        why(leave("2026-12-07", first + ", " + second), RegisterName.SALES, List.of()), "");
    assertEquals(
        why(leave("2026-11-24", first.replace("true", "false")), RegisterName.SALES, List.of()),
        "");
  }

  @Test
  public void aRecordOfADeathIsAboutWhoDied() {
    var record = """
        {"kind": "deathRecord", "accepted": true, "nameOnPaper": "Ansel Sauvageot"}""";
    var answers = "{\"deceased\": {\"name\": \"%s\"}}";
    assertEquals(
        why(
            packet("", "estateAuthority", answers.formatted("Sauvageot Ansel"), record),
            RegisterName.SALES,
            List.of()),
        "");
    assertEquals(
        why(
            packet("", "estateAuthority", answers.formatted("Isaura Dunmallow"), record),
            RegisterName.SALES,
            List.of()),
        "recordOfAnother");
  }

  private static List<String> shows(Packet packet, PaperKind kind, String income) {
    return PaperFacts.of(packet, kind, "p1", income, false).stream()
        .map(PaperFact::place)
        .toList();
  }

  @Test
  public void aPaperShowsWhatItCanAndNoMore() {
    var rent = packet("", "rentRelief", "{}", "");
    assertEquals(
        shows(rent, PaperKind.LEASE, null),
        List.of("/household/expenses/1/amount", "/requests/0/answers/leaseNames"));
    assertEquals(
        shows(packet("", "rentRelief", "{\"monthlyRent\": 690}", ""), PaperKind.LEASE, null)
            .get(1),
        "/requests/0/answers/monthlyRent");
    assertEquals(
        shows(rent, PaperKind.BANK_STATEMENT, null),
        List.of("/household/payment/iban", "/household/assets/0/value"));
    assertEquals(
        shows(rent, PaperKind.BENEFIT_LETTER, "i1"), List.of("/household/incomes/0/amount"));
    assertEquals(
        PaperFacts.of(rent, PaperKind.TENANCY_PROOF, "p1", null, true).stream()
            .map(PaperFact::place)
            .filter(place -> place.contains("/landlord/"))
            .toList(),
        List.of("/requests/0/answers/landlord/iban", "/requests/0/answers/landlord/agrees"));
    assertFalse(shows(rent, PaperKind.TENANCY_PROOF, null).toString().contains("landlord"));
    assertEquals(shows(rent, PaperKind.EMPLOYER_STATEMENT, "i2"), List.of());
    assertEquals(shows(rent, PaperKind.PASSPORT, null), List.of());
    assertEquals(
        shows(loan(""), PaperKind.LENDER_LETTER, null),
        List.of(
            "/requests/0/answers/lenderFigure/amount", "/requests/0/answers/lenderFigure/asOf"));
  }
}
