package civitane.bench;

import civitane.core.facts.Packet;
import civitane.core.rates.RateShelf;
import civitane.packet.PacketReader;
import java.nio.charset.StandardCharsets;

/** The packet every benchmark works on: a mother and child with a weekly wage, lodged and signed. */
final class Samples {
  static final RateShelf RATES = RateShelf.shipped();

  static final String MEALS = """
      {"format": "civitane-packet", "version": 1, "lodgedOn": "2026-11-23",
       "household": {
         "address": {"line1": "12 Tide Row", "town": "Gullhaven", "postcode": "BK31"},
         "people": [
           {"id": "p1", "role": "applicant", "givenName": "Oluchi", "familyName": "Tamsett", "birthDate": "1988-03-14",
            "residentNumber": null, "residentNumberMissing": "declined"},
           {"id": "p2", "role": "child", "givenName": "Wren", "familyName": "Tamsett", "birthDate": "2017-05-02"}],
         "incomes": [{"id": "i1", "person": "p1", "kind": "wages", "amount": 430.00, "frequency": "weekly"}],
         "expenses": [{"kind": "rent", "amount": 640.00, "frequency": "monthly"}]},
       "requests": [{"service": "%s", "answers": %s}],
       "signatures": [{"person": "p1", "name": "Oluchi Tamsett", "on": "2026-11-23", "method": "screen"}]}
      """.formatted(
          "schoolMeals",
          "{\"children\": [{\"person\": \"p2\", \"school\": \"Marsh Road School\"}], \"householdTotal\": 2}");

  static final byte[] BYTES = MEALS.getBytes(StandardCharsets.UTF_8);

  private Samples() {}

  static Packet meals() {
    return new PacketReader(RATES).read(BYTES).packet();
  }
}
