package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.words.Language;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TimeZone;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;

/** The same facts give the same result to the byte, in whatever order they are told and on whatever machine. */
public class OrderTest {
  /** The lists in whose order nothing is said. Of assets the first vehicle is told from the others. */
  private static final List<String> OF_THE_HOUSEHOLD =
      List.of("people", "incomes", "noIncome", "expenses", "consents", "benefits");

  private static final List<String> OF_THE_PACKET = List.of("papers", "signatures");
  private static final Pattern PLACE =
      Pattern.compile("/household/(people|incomes|expenses)/(\\d+)");
  private static final int SHUFFLES = 3;
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);
  private static final ResultWriter WRITER = new ResultWriter(false, Language.EN);

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void theOrderOfTellingDoesNotMatter(Cases.Case one) {
    var packet = (ObjectNode) one.json().get("packet");
    var random = new Random(29);
    for (var mode : Mode.values()) {
      var told = result(packet, mode);
      for (var i = 0; i < SHUFFLES; i++) {
        assertEquals(result(shuffled(packet, random), mode), told, one.toString());
      }
    }
  }

  @Test(dataProvider = "cases")
  public void theMachineDoesNotMatter(Cases.Case one) {
    var packet = (ObjectNode) one.json().get("packet");
    var here = result(packet, Mode.DETERMINE);
    var zone = TimeZone.getDefault();
    var locale = Locale.getDefault();
    try {
      for (var far : List.of("Pacific/Kiritimati", "Pacific/Pago_Pago")) {
        TimeZone.setDefault(TimeZone.getTimeZone(far));
        for (var language : List.of("tr", "ar-EG", "th-TH-u-nu-thai-ca-buddhist")) {
          Locale.setDefault(Locale.forLanguageTag(language));
          assertEquals(result(packet, Mode.DETERMINE), here, one + " in " + far + ", " + language);
        }
      }
    } finally {
      TimeZone.setDefault(zone);
      Locale.setDefault(locale);
    }
  }

  private static ObjectNode shuffled(ObjectNode packet, Random random) {
    var other = packet.deepCopy();
    OF_THE_PACKET.forEach(list -> shuffle(other, list, random));
    OF_THE_HOUSEHOLD.forEach(list -> shuffle((ObjectNode) other.get("household"), list, random));
    return other;
  }

  private static void shuffle(ObjectNode owner, String list, Random random) {
    if (owner.get(list) instanceof ArrayNode told) {
      var entries = new ArrayList<JsonNode>();
      told.forEach(entries::add);
      Collections.shuffle(entries, random);
      var turned = owner.putArray(list);
      entries.forEach(turned::add);
    }
  }

  /** The result as written, its pointers naming what they point to instead of its place. */
  private static String result(ObjectNode packet, Mode mode) {
    var reading = READER.read(Cases.JSON.writeValueAsBytes(packet));
    return PLACE.matcher(WRITER.results(SCREENING.of(reading.packet(), mode))).replaceAll(place -> {
      var list = packet.get("household").get(place.group(1));
      var fact = list.get(Integer.parseInt(place.group(2)));
      return "/" + place.group(1) + "/"
          + (fact.has("id") ? fact.get("id").asString() : fact.get("kind").asString());
    });
  }
}
