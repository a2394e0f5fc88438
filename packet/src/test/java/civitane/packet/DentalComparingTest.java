package civitane.packet;

import civitane.core.checking.Answers;
import civitane.core.checking.Comparing;
import civitane.core.checking.Comparison;
import civitane.core.checking.Findings;
import civitane.core.checking.Inquiries;
import civitane.core.facts.Packet;
import civitane.core.rates.RateShelf;
import civitane.core.registers.RegisterName;
import civitane.core.registers.RegisterRow;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Tax and child benefit are asked for a dental request, of those who allow it, and held against what was said. */
public class DentalComparingTest {
  private static final LocalDate TODAY = LocalDate.parse("2026-11-26");
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());

  private static final String HOUSEHOLD = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-20", "asOf": "2026-11-26",
       "household": {
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Ada", "familyName": "Holmqvarn",
            "birthDate": "1988-01-02", "residentNumber": "5314643569"},
           {"id": "p2", "role": "spouse", "givenName": "Rui", "familyName": "Holmqvarn",
            "birthDate": "1987-01-02", "residentNumber": "6485889106"},
           {"id": "p3", "role": "child", "givenName": "Tove", "familyName": "Holmqvarn",
            "birthDate": "2018-05-06", "residentNumber": "1012619860"}],
         "consents": [%s]},
       "requests": [{"service": "childDental", "answers": {
         "children": [{"person": "p3", "privateCover": false, "childBenefit": true}],
         "taxFiled": {"p1": true, "p2": true}, "assessedIncome": 40000}}]}""";

  private static Packet packet(String... allowing) {
    var consents = List.of(allowing).stream().map("""
            {"to": "registers", "person": "%s", "on": "2026-11-01", "until": "2027-01-01"}"""::formatted).collect(Collectors.joining(","));
    var reading = READER.read(HOUSEHOLD.formatted(consents).getBytes(StandardCharsets.UTF_8));
    assertEquals(reading.faults().toString(), "[]");
    return reading.packet();
  }

  private static RegisterRow assessed(String income) {
    return RegisterRow.of(Map.of("filed", "true", "assessedIncome", income));
  }

  private static String why(Packet packet, Answers answers) {
    return Comparing.of(packet, answers, TODAY).stream()
        .map(Comparison::differs)
        .filter(Objects::nonNull)
        .map(reason -> reason.code().key())
        .collect(Collectors.joining(", "));
  }

  private static long asked(Packet packet, RegisterName register) {
    return Inquiries.of(packet, TODAY).stream()
        .filter(one -> one.question().register() == register)
        .count();
  }

  @Test
  public void onlyThoseWhoAllowItAreAskedAbout() {
    assertEquals(asked(packet("p1"), RegisterName.TAX), 1);
    assertEquals(asked(packet("p1", "p2"), RegisterName.TAX), 2);
    assertEquals(asked(packet("p2"), RegisterName.CHILD_BENEFIT), 0);
    assertEquals(asked(packet("p1"), RegisterName.CHILD_BENEFIT), 1);
    assertEquals(asked(packet(), RegisterName.TAX), 0);
  }

  @Test
  public void theIncomeOfBothTogetherIsComparedOnceBothAreKnown() {
    Answers both = question -> question.register() == RegisterName.TAX
        ? Optional.of(List.of(assessed("20000.00")))
        : Optional.empty();
    assertEquals(why(packet("p1", "p2"), both), "");
    Answers more = question -> question.register() == RegisterName.TAX
        ? Optional.of(List.of(assessed("20000.01")))
        : Optional.empty();
    assertEquals(why(packet("p1", "p2"), more), "assessedIncomeDiffers");
    assertEquals(why(packet("p1"), more), "");
  }

  @Test
  public void aReturnThatWasNotFiledAndABenefitThatIsNotReceivedAreFound() {
    Answers none = question -> switch (question.register()) {
      case TAX ->
        Optional.of(List.of(RegisterRow.of(Map.of("filed", "false", "assessedIncome", ""))));
      case CHILD_BENEFIT -> Optional.of(List.of());
      default -> Optional.empty();
    };
    assertEquals(
        why(packet("p1", "p2"), none), "taxFiledDiffers, taxFiledDiffers, childBenefitDiffers");
    Answers unknown = question ->
        question.register() == RegisterName.TAX ? Optional.of(List.of()) : Optional.empty();
    assertEquals(why(packet("p1"), unknown), "taxUnknown");
  }

  @Test
  public void whatWasFoundStandsWhereItWasSaid() {
    var packet = packet("p1", "p2");
    var found = Inquiries.of(packet, TODAY).stream()
        .filter(one -> one.question().register() == RegisterName.TAX
            || one.question().register() == RegisterName.CHILD_BENEFIT)
        .flatMap(one -> Findings.of(
            packet,
            one,
            one.question().register() == RegisterName.TAX ? List.of(assessed("1.00")) : List.of())
            .entrySet()
            .stream())
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    assertEquals(
        found,
        Map.of(
            "/requests/0/answers/taxFiled/p1", true,
            "/requests/0/answers/taxFiled/p2", true,
            "/requests/0/answers/children/0/childBenefit", false));
  }
}
