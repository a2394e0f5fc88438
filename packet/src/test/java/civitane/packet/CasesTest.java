package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.words.Language;
import java.util.Iterator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;

/** Every worked case comes out as expected. */
public class CasesTest {
  private static final RateShelf RATES = RateShelf.shipped();

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.ofPackets().stream().map(one -> new Object[] {one}).iterator();
  }

  @Test(dataProvider = "cases")
  public void comesOutAsExpected(Cases.Case one) {
    var reading = new PacketReader(RATES).read(one.packet());
    var expected = one.json().get("expected");
    if (expected.isObject()) {
      agrees(
          "faults",
          expected,
          Cases.JSON.readTree(new ResultWriter(false, Language.EN).faults(reading.faults())));
      return;
    }
    assertEquals(reading.faults().toString(), "[]");
    var mode = one.json().get("mode").stringValue().equals("screen") ? Mode.SCREEN : Mode.DETERMINE;
    var results = new Screening(RATES).of(reading.packet(), mode);
    agrees(
        "", expected, Cases.JSON.readTree(new ResultWriter(false, Language.EN).results(results)));
  }

  /** Everything that is expected is there; amounts and lists hold nothing more. */
  private static void agrees(String at, JsonNode expected, JsonNode found) {
    if (expected.isNumber()) {
      assertEquals(
          found.isNumber() ? found.decimalValue().compareTo(expected.decimalValue()) : -9,
          0,
          at + ": " + found + " for " + expected);
    } else if (expected.isArray()) {
      assertEquals(found.size(), expected.size(), at + ": " + found + " for " + expected);
      for (var i = 0; i < expected.size(); i++) {
        agrees(at + "/" + i, expected.get(i), found.get(i));
      }
    } else if (expected.isObject()) {
      if (at.endsWith("amounts")) {
        assertEquals(found.size(), expected.size(), at + ": " + found + " for " + expected);
      }
      expected.properties().forEach(entry -> {
        assertEquals(
            found.has(entry.getKey()),
            true,
            at + "/" + entry.getKey() + " is not there in " + found);
        agrees(at + "/" + entry.getKey(), entry.getValue(), found.get(entry.getKey()));
      });
    } else {
      assertEquals(found, expected, at);
    }
  }
}
