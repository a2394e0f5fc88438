package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.words.Language;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Results as they are written: the keys always there and in one order, numbers exact, sentences whole. */
public class ResultWriterTest {
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);
  private static final List<String> KEYS =
      List.of("service", "outcome", "hold", "route", "book", "tests", "amounts", "awards", "notes");
  private static final List<String> OF_A_TEST =
      List.of("id", "outcome", "measured", "limit", "because", "reasons", "needs", "missing");
  private static final Set<String> OUTCOMES = Set.of("met", "notMet", "unknown", "notApplicable");

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  private static JsonNode written(Cases.Case one, boolean pretty) {
    var results = SCREENING.of(READER.read(one.packet()).packet(), Mode.DETERMINE);
    return Cases.JSON.readTree(new ResultWriter(pretty, Language.EN).results(results));
  }

  private static List<String> keys(JsonNode node) {
    return new ArrayList<>(node.propertyNames());
  }

  @Test(dataProvider = "cases")
  public void everyKeyIsThereInItsPlace(Cases.Case one) {
    for (var result : written(one, false)) {
      assertEquals(keys(result).subList(0, KEYS.size()), KEYS, one.toString());
      for (var test : result.get("tests")) {
        assertEquals(keys(test).subList(0, OF_A_TEST.size()), OF_A_TEST, test.toString());
        assertTrue(OUTCOMES.contains(test.get("outcome").stringValue()), test.toString());
      }
    }
  }

  @Test(dataProvider = "cases")
  public void everySentenceIsWholeAndSpeaksOfNothingInside(Cases.Case one) {
    for (var result : written(one, false)) {
      for (var test : result.get("tests")) {
        var because = test.get("because").stringValue();
        assertTrue(because.endsWith("."), test.toString());
        assertTrue(
            Character.isUpperCase(because.codePointAt(0))
                || Character.isDigit(because.codePointAt(0)),
            test.toString());
        for (var inside : new String[] {"null", "Optional", "@", "civitane.", "Answers"}) {
          assertFalse(because.contains(inside), test.toString());
        }
      }
    }
  }

  @Test(dataProvider = "cases")
  public void everyPointerPointsIntoThePacket(Cases.Case one) {
    var packet = one.json().get("packet");
    for (var result : written(one, false)) {
      for (var test : result.get("tests")) {
        for (var need : test.get("needs")) {
          var pointer = need.stringValue();
          assertTrue(pointer.startsWith("/"), pointer);
          var parent = pointer.substring(0, pointer.lastIndexOf('/'));
          if (!parent.contains("/answers")) {
            assertFalse(packet.at(parent).isMissingNode() && parent.split("/").length > 3, pointer);
          }
        }
      }
    }
  }

  @Test(dataProvider = "cases")
  public void brokenLinesHoldTheSame(Cases.Case one) {
    assertEquals(written(one, true), written(one, false));
  }
}
