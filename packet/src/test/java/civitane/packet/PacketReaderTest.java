package civitane.packet;

import civitane.core.facts.Benefit;
import civitane.core.facts.Channel;
import civitane.core.facts.Frequency;
import civitane.core.facts.IncomeKind;
import civitane.core.facts.Role;
import civitane.core.money.Amount;
import civitane.core.rates.RateShelf;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;

/** A packet is read as it is meant, and each fault is told with its place and what would be right. */
public class PacketReaderTest {
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());

  private static PacketReader.Reading read(String json) {
    return READER.read(json.getBytes(StandardCharsets.UTF_8));
  }

  /** A packet with more in it, and more in its household. */
  private static String packet(String more, String household) {
    return """
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23"%s,
         "household": {"people": [{"id": "p1", "role": "applicant"}]%s}}""".formatted(more, household);
  }

  private static void fault(String json, String pointer, String message, String expected) {
    var reading = read(json);
    assertNull(reading.packet());
    assertEquals(
        reading.faults().toString(),
        List.of(new Fault(pointer, message, expected)).toString());
  }

  @Test
  public void everyPartIsReadAsWhatItIs() {
    var packet = read("""
        {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23", "asOf": "2026-11-30",
         "channel": "phone", "language": "pt",
         "household": {
           "address": {"line1": "12 Tide Row", "postcode": "BK31", "hidden": true,
                       "mailing": {"line1": "8 Weir Street"}},
           "people": [
             {"id": "a", "role": "applicant", "givenName": "Oluchi", "birthDate": "1988-03-14",
              "otherNames": [{"kind": "former", "name": "Oluchi Adeyemi"}]},
             {"id": "b", "role": "fosterChild", "nightsHere": 9, "sharesMoney": false}],
           "expectedChildren": 2,
           "benefits": ["householdAllowance", "householdAllowance"],
           "incomes": [{"id": "i", "person": "a", "kind": "wages", "hourlyRate": 12.5, "hoursPerWeek": 38,
                        "payslips": [{"periodEnd": "2026-11-06", "gross": 475}]}]},
         "papers": [{"kind": "passport", "person": "a", "accepted": true, "mrz": ["P<", "X"]}],
         "signatures": [{"person": "a", "name": "Oluchi", "on": "2026-11-23", "method": "screen"}]}""").packet();
    assertNotNull(packet);
    assertEquals(packet.asOf(), LocalDate.parse("2026-11-30"));
    assertEquals(packet.channel(), Channel.PHONE);
    var household = packet.household();
    assertEquals(household.lettersTo().line1(), "8 Weir Street");
    assertEquals(household.address().hidden(), true);
    assertEquals(household.people().get(1).role(), Role.FOSTER_CHILD);
    assertEquals(household.people().get(1).nightsHere(), 9);
    assertEquals(household.people().get(0).nightsHere(), 14, "where nothing is said, every night");
    assertEquals(household.people().get(0).sharesMoney(), true);
    assertEquals(household.expectedChildren(), 2);
    assertEquals(household.benefits(), Set.of(Benefit.HOUSEHOLD_ALLOWANCE));
    var income = household.incomes().get(0);
    assertEquals(income.kind(), IncomeKind.WAGES);
    assertEquals(income.takings(), Amount.of(475), "by the hour: 12.50 x 38");
    assertEquals(income.every(), Frequency.WEEKLY);
    assertEquals(income.payslips().get(0).gross(), Amount.of(475));
    assertEquals(packet.papers().get(0).mrz(), List.of("P<", "X"));
  }

  @Test
  public void nullAndBlankAreNotThere() {
    var packet = read(packet(
            ", \"language\": \" \", \"channel\": \"\", \"asOf\": null",
            ", \"address\": {\"line1\": \"\", \"postcode\": null}, \"incomes\": []"))
        .packet();
    assertNotNull(packet);
    assertNull(packet.language());
    assertNull(packet.channel());
    assertEquals(packet.asOf(), packet.lodgedOn());
    assertNull(packet.household().address().line1());
  }

  @Test
  public void answersAreTheSameBeforeAndBehindTheirServicesName() {
    var answers = "\"answers\": {\"reason\": \"birth\", \"person\": \"p1\", \"hoursOff\": 12.5}";
    var service = "\"service\": \"paidLeave\"";
    var behind = read(packet(", \"requests\": [{" + service + ", " + answers + "}]", ""));
    var before = read(packet(", \"requests\": [{" + answers + ", " + service + "}]", ""));
    assertEquals(before.faults(), List.of());
    assertEquals(
        before.packet().requests().get(0).answers(),
        behind.packet().requests().get(0).answers());
    assertEquals(
        read(packet(
                ", \"requests\": [{" + answers.replace("birth", "brith") + ", " + service + "}]",
                ""))
            .faults()
            .get(0)
            .pointer(),
        "/requests/0/answers/reason");
  }

  @DataProvider
  public static Object[][] faults() {
    return new Object[][] {
      {
        packet("", ", \"benefits\": [\"householdAllowance\", \"\"]"),
        "/household/benefits/1",
        "there is nothing here",
        "a value, or no place in the list"
      },
      {
        packet("", ", \"benefits\": [null]"),
        "/household/benefits/0",
        "there is nothing here",
        "a value, or no place in the list"
      },
      {
        packet("", ", \"adress\": {}"),
        "/household/adress",
        "the key is not known here",
        "address, perhaps"
      },
      {
        packet(", \"LodgedOn\": \"2026-11-23\"", ""),
        "/LodgedOn",
        "the key is not known here",
        "lodgedOn, perhaps"
      },
      {
        packet("", ", \"incomes\": {}"),
        "/household/incomes",
        "it is not a list",
        "a list, as in [ ]"
      },
      {
        packet("", ", \"expectedChildren\": 21"),
        "/household/expectedChildren",
        "it is not a whole number that makes sense here",
        "a whole number from 0 to 20"
      },
      {
        packet("", ", \"expectedChildren\": 1.5"),
        "/household/expectedChildren",
        "it is not a whole number that makes sense here",
        "a whole number from 0 to 20"
      },
      {
        packet(", \"asOf\": \"2026-11-22\"", ""),
        "/asOf",
        "it lies before the day of lodging",
        "the day of lodging or later"
      },
      {
        packet(
            "", ", \"payment\": {\"method\": \"transfer\", \"iban\": \"QV33BWSL71890763040104\"}"),
        "/household/payment/iban",
        "the check digits of the IBAN are wrong",
        "an IBAN with its check digits right"
      },
      {
        packet("", ", \"address\": {\"hidden\": \"yes\"}"),
        "/household/address/hidden",
        "it is not yes or no",
        "true or false"
      },
      {
        packet(", \"requests\": [{\"answers\": {}}]", ""),
        "/requests/0/service",
        "it is missing",
        "a value for service"
      },
      {
        packet(
            ", \"requests\": [{\"service\": \"paidLeave\", \"answers\": {\"employers\": [{\"quarters\": {\"2025Q5\": 1}}]}}]",
            ""),
        "/requests/0/answers/employers/0/quarters/2025Q5",
        "it is not a quarter",
        "a quarter, as in 2025Q3"
      },
      {
        packet(
            ", \"requests\": [{\"service\": \"childDental\", \"answers\": {\"taxFiled\": {\"p7\": true}}}]",
            ""),
        "/requests/0/answers/taxFiled/p7",
        "there is no such person in the household",
        "the id of a person of the household"
      },
      {
        packet(
            "",
            ", \"incomes\": [{\"id\": \"i\", \"person\": \"p1\", \"kind\": \"wages\", \"hourlyRate\": 12, \"hoursPerWeek\": 9, \"frequency\": \"monthly\"}]"),
        "/household/incomes/0/frequency",
        "a wage by the hour is weekly",
        "weekly, or no frequency"
      },
    };
  }

  @Test(dataProvider = "faults")
  public void eachFaultSaysWhatWhereAndWhatWouldBeRight(
      String json, String pointer, String message, String expected) {
    fault(json, pointer, message, expected);
  }

  @Test
  public void whatMustBeThereIsToldInTheOrderOfTheFormat() {
    var pointers = read("{}").faults().stream().map(Fault::pointer).toList();
    assertEquals(
        pointers, List.of("/format", "/version", "/lodgedOn", "/household", "/household/people"));
  }

  @Test
  public void aPointerEscapesWhatItMust() {
    assertEquals(
        read(packet("", ", \"a/b~c\": 1")).faults().get(0).pointer(), "/household/a~1b~0c");
  }

  @Test
  public void afterFiveHundredFaultsTheRestIsCounted() {
    var faults =
        read(packet("", ", \"benefits\": [" + "1, ".repeat(599) + "1]")).faults();
    assertEquals(faults.size(), 501);
    assertEquals(faults.get(500).message(), "100 more faults are not listed");
  }
}
