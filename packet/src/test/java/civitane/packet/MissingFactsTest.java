package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Finding;
import civitane.core.rules.Mode;
import civitane.core.rules.Outcome;
import civitane.core.services.Screening;
import civitane.words.Language;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Whatever a household leaves out, it gets an answer with every test in it, and the same one each time. */
public class MissingFactsTest {
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);
  private static final ResultWriter WRITER = new ResultWriter(false, Language.EN);

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void everyFactMayBeLeftOut(Cases.Case one) {
    var whole = one.json().get("packet");
    for (var pointer : pointers(whole)) {
      var packet = (ObjectNode) whole.deepCopy();
      leaveOut(packet, pointer);
      var reading = READER.read(Cases.JSON.writeValueAsBytes(packet));
      if (reading.packet() != null) {
        for (var mode : Mode.values()) {
          answered(reading, mode, one + " without " + pointer);
        }
        SCREENING.alsoLikely(reading.packet());
      }
    }
  }

  private static void answered(PacketReader.Reading reading, Mode mode, String what) {
    var results = SCREENING.of(reading.packet(), mode);
    var text = WRITER.results(results);
    assertTrue(!text.contains("null."), what + ": " + text);
    assertEquals(WRITER.results(SCREENING.of(reading.packet(), mode)), text, what);
    for (var result : results) {
      assertTrue(!result.checks().isEmpty(), what);
      for (var test : result.checks()) {
        assertTrue(!test.reasons().isEmpty(), what + ": " + test.id() + " says nothing");
      }
      if (result.outcome() == Finding.ENTITLED) {
        assertTrue(result.checks().stream().noneMatch(test -> test.is(Outcome.UNKNOWN)), what);
      }
    }
  }

  private static List<String> pointers(JsonNode packet) {
    var found = new ArrayList<String>();
    collect(packet.get("household"), "/household", found);
    collect(packet.get("requests"), "/requests", found);
    return found;
  }

  private static void collect(JsonNode node, String at, List<String> into) {
    if (node instanceof ObjectNode object) {
      object.propertyNames().forEach(key -> {
        into.add(at + "/" + key.replace("~", "~0").replace("/", "~1"));
        collect(object.get(key), at + "/" + key, into);
      });
    } else if (node instanceof ArrayNode array) {
      for (var i = 0; i < array.size(); i++) {
        collect(array.get(i), at + "/" + i, into);
      }
    }
  }

  private static void leaveOut(ObjectNode packet, String pointer) {
    var at = JsonPointer.compile(pointer);
    if (packet.at(at.head()) instanceof ObjectNode parent) {
      parent.remove(at.last().getMatchingProperty());
    }
  }
}
