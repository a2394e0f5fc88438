package civitane.packet;

import civitane.core.foresight.Foreseen;
import civitane.core.rates.RateShelf;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;

/** Birthdays that change what counts and papers that end are foreseen, the soonest first, and nothing beyond the days asked. */
public class ForeseenTest {
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());

  private static final String PACKET = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-20", "asOf": "2026-11-26",
       "household": {"people": [
         {"id": "p1", "role": "applicant", "givenName": "Ada", "familyName": "Orlow", "birthDate": "1990-01-05"},
         {"id": "p2", "role": "child", "givenName": "Bram", "familyName": "Orlow", "birthDate": "2012-12-24"},
         {"id": "p3", "role": "child", "givenName": "Caja", "familyName": "Orlow", "birthDate": "2008-12-01"},
         {"id": "p4", "role": "child", "givenName": "Dov", "familyName": "Orlow"}]},
       "requests": [],
       "papers": [
         {"kind": "passport", "person": "p1", "expiresOn": "2026-12-10", "accepted": true},
         {"kind": "nationalId", "person": "p1", "expiresOn": "2026-12-11", "accepted": false},
         {"kind": "passport", "person": "p2", "expiresOn": "2027-03-01", "accepted": true}]}""";

  private static String foreseen(String from, String until) {
    var reading = READER.read(PACKET.getBytes(StandardCharsets.UTF_8));
    assertEquals(reading.faults().toString(), "[]");
    return Foreseen.of(reading.packet(), LocalDate.parse(from), LocalDate.parse(until)).stream()
        .map(one -> one.on() + " " + one.reason().code().key())
        .toList()
        .toString();
  }

  @Test
  public void whatComesIsThereWithItsDay() {
    assertEquals(
        foreseen("2026-11-27", "2027-01-26"),
        "[2026-12-01 comesOfAge, 2026-12-10 paperEnds, 2026-12-24 turnsOlder]");
  }

  @Test
  public void bothDaysAreWithin() {
    assertEquals(
        foreseen("2026-12-10", "2026-12-24"), "[2026-12-10 paperEnds, 2026-12-24 turnsOlder]");
    assertEquals(foreseen("2026-12-11", "2026-12-23"), "[]");
  }
}
