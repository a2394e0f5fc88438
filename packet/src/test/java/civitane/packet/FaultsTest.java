package civitane.packet;

import civitane.core.rates.RateShelf;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

/** Whatever is wrong in a packet is said in words, wherever it stands. */
public class FaultsTest {
  private static final PacketReader READER = new PacketReader(RateShelf.shipped());

  private final Set<String> said = new TreeSet<>();

  @DataProvider
  public static java.util.Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void everyFaultIsSaidInWords(Cases.Case one) {
    var whole = (ObjectNode) one.json().get("packet");
    damage(whole, whole);
  }

  @AfterClass
  public void thereWereManyOfThem() {
    assertTrue(said.size() > 15, said.size() + " faults");
  }

  /** Each value in turn is of another kind, and each part in turn has a neighbour that nobody knows. */
  private void damage(ObjectNode whole, JsonNode at) {
    if (at instanceof ObjectNode object) {
      for (var key : object.propertyNames().stream().toList()) {
        var was = object.get(key);
        object.put(key, was.isString() ? "…" : "x");
        read(whole);
        object.put(key, -1.234);
        read(whole);
        object.set(key, was);
        damage(whole, was);
      }
      object.put("neverHeardOf", 1);
      read(whole);
      object.remove("neverHeardOf");
    } else if (at instanceof ArrayNode array) {
      array.forEach(element -> damage(whole, element));
    }
  }

  private void read(ObjectNode packet) {
    for (var fault : READER.read(Cases.JSON.writeValueAsBytes(packet)).faults()) {
      if (said.add(fault.message())) {
        var own = fault.message().replaceAll("[“\"'].*?[”\"']", "·");
        assertEquals(PlainWords.wrongIn(own), List.of(), fault.toString());
      }
    }
  }
}
