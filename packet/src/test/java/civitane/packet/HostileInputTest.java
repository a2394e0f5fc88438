package civitane.packet;

import civitane.core.rates.RateShelf;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

/** Whatever is thrown at the reader, it answers with faults, soon and without falling over. */
public class HostileInputTest {
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());
  private static final String WHOLE = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23", "household": {"people": [
       {"id": "p1", "role": "applicant", "givenName": "Oluchi"}], "incomes": [
       {"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"}]}}""";

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String with(String old, String fresh) {
    assertTrue(WHOLE.contains(old), old);
    return WHOLE.replace(old, fresh);
  }

  @DataProvider
  public static Object[][] hostile() {
    var badUtf8 = bytes(WHOLE);
    badUtf8[WHOLE.indexOf("Oluchi")] = (byte) 0xC3;
    var huge = new byte[10_000_000];
    Arrays.fill(huge, (byte) 'a');
    return new Object[][] {
      {"nothing", bytes("")},
      {"blank", bytes("   ")},
      {"not an object", bytes("[1, 2]")},
      {"a bare word", bytes("NaN")},
      {"cut off", bytes(WHOLE.substring(0, 90))},
      {"something behind", bytes(WHOLE + "{}")},
      {"deep nesting", bytes("[".repeat(100_000) + "]".repeat(100_000))},
      {
        "deep nesting in a packet",
        bytes(with("\"Oluchi\"", "{\"a\":".repeat(400) + "1" + "}".repeat(400)))
      },
      {"not a number", bytes(with("430.00", "NaN"))},
      {"infinite", bytes(with("430.00", "Infinity"))},
      {"a huge exponent", bytes(with("430.00", "1e999999999"))},
      {"a tiny exponent", bytes(with("430.00", "1e-999999999"))},
      {"ten thousand digits", bytes(with("430.00", "9".repeat(10_000)))},
      {"ten digits", bytes(with("430.00", "1234567890"))},
      {"three decimals", bytes(with("430.00", "430.001"))},
      {"negative", bytes(with("430.00", "-1"))},
      {"a number as text", bytes(with("430.00", "\"430\""))},
      {"a key twice", bytes(with("\"version\": 1", "\"version\": 1, \"version\": 1"))},
      {"a text too long", bytes(with("Oluchi", "o".repeat(4_001)))},
      {"a control character", bytes(with("Oluchi", "Olu\\u0007chi"))},
      {"a sign that turns the line", bytes(with("Oluchi", "Olu\u202echi"))},
      {"a code of no character", bytes(with("Oluchi", "Olu\ufffechi"))},
      {"a lone surrogate", bytes(with("Oluchi", "Olu\\ud83dchi"))},
      {"bytes that are not UTF-8", badUtf8},
      {"ten megabytes", huge},
      {"an unknown key", bytes(with("givenName", "givnName"))},
      {"an impossible date", bytes(with("2026-11-23", "2026-02-29"))},
      {"before the oldest rates", bytes(with("2026-11-23", "2025-06-30"))},
      {"another version", bytes(with("\"version\": 1", "\"version\": 2"))},
      {"another format", bytes(with("civitane-packet", "something-else"))},
      {
        "two applicants",
        bytes(with("\"Oluchi\"}", "\"Oluchi\"}, {\"id\": \"p2\", \"role\": \"applicant\"}"))
      },
      {"nobody applies", bytes(with("\"applicant\"", "\"spouse\""))},
      {
        "an id twice",
        bytes(with("\"Oluchi\"}", "\"Oluchi\"}, {\"id\": \"p1\", \"role\": \"child\"}"))
      },
      {"a person who is not there", bytes(with("\"person\": \"p1\"", "\"person\": \"p9\""))},
      {
        "a wrong resident number",
        bytes(with("\"Oluchi\"", "\"Oluchi\", \"residentNumber\": \"4821907368\""))
      },
      {
        "an amount and an hourly wage",
        bytes(with("430.00", "430.00, \"hourlyRate\": 12.5, \"hoursPerWeek\": 38"))
      },
      {
        "a service that is none",
        bytes(with("}]}}", "}]}, \"requests\": [{\"service\": \"lottery\"}]}"))
      },
    };
  }

  @Test
  public void theWholePacketIsRightToBeginWith() {
    assertTrue(
        READER.read(bytes(WHOLE)).faults().isEmpty(),
        READER.read(bytes(WHOLE)).faults().toString());
  }

  @Test(dataProvider = "hostile", timeOut = 20_000)
  public void isAnsweredWithAFault(String what, byte[] packet) {
    var reading = READER.read(packet);
    assertNull(reading.packet(), what);
    assertFalse(reading.faults().isEmpty(), what);
    reading
        .faults()
        .forEach(
            fault -> assertFalse(fault.message().isBlank() || fault.expected().isBlank(), what));
  }

  @Test
  public void everyFaultIsToldAtOnceWithItsPlace() {
    var packet = with("430.00", "-430.001")
        .replace("\"weekly\"", "\"wekly\"")
        .replace("\"Oluchi\"", "7")
        .replace("\"kind\"", "\"knd\"");
    var pointers =
        READER.read(bytes(packet)).faults().stream().map(Fault::pointer).toList();
    for (var pointer : new String[] {
      "/household/people/0/givenName",
      "/household/incomes/0/amount",
      "/household/incomes/0/frequency",
      "/household/incomes/0/knd",
      "/household/incomes/0/kind"
    }) {
      assertTrue(pointers.contains(pointer), pointer + " is not among " + pointers);
    }
  }
}
