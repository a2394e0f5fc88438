package civitane.packet;

import civitane.core.awards.Award;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Reason;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Whatever a rule finds out can be said in every language, and never in the words of the machine. */
public class SayingTest {
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader READER = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);

  private static final Pattern UNFINISHED =
      Pattern.compile("  | [.,;]|\\.\\.|,,|\\(\\)|«»|^\\s|\\s$");

  /** Sums above and below every limit, and numbers at the edges of what is asked. */
  private static final String[] OTHER_NUMBERS = {"0", "1", "2", "25", "3000", "99999"};

  private final Set<Reason> said = new HashSet<>();
  private final Set<Award> told = new HashSet<>();
  private int packets;

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void whateverIsFoundOutCanBeSaid(Cases.Case one) {
    var whole = (ObjectNode) one.json().get("packet");
    said(whole, one.toString());
    change(whole, whole, one.toString());
  }

  @AfterClass
  public void thereWereManyOfThem() {
    assertTrue(packets > 10_000, packets + " packets, " + said.size() + " reasons");
  }

  /** The packet with each of its parts left out, and each of its numbers and flags another. */
  private void change(ObjectNode whole, JsonNode at, String what) {
    if (at instanceof ObjectNode object) {
      for (var key : object.propertyNames().stream().toList()) {
        var was = object.get(key);
        object.remove(key);
        said(whole, what + " without " + key);
        if (was.isNumber()) {
          for (var other : OTHER_NUMBERS) {
            object.put(key, new BigDecimal(other));
            said(whole, what + " with " + key + " " + other);
          }
        } else if (was.isBoolean()) {
          object.put(key, !was.booleanValue());
          said(whole, what + " with another " + key);
        }
        object.set(key, was);
        change(whole, was, what);
      }
    } else if (at instanceof ArrayNode array) {
      for (var element : array) {
        change(whole, element, what);
      }
    }
  }

  private void said(ObjectNode json, String what) {
    var packet = READER.read(Cases.JSON.writeValueAsBytes(json)).packet();
    if (packet == null) {
      return;
    }
    packets++;
    for (var mode : Mode.values()) {
      for (var result : SCREENING.of(packet, mode)) {
        for (var check : result.checks()) {
          assertFalse(check.reasons().isEmpty(), what + ": " + check.id() + " says nothing");
          check.reasons().forEach(reason -> said(reason, json, what));
          check.changes().forEach(reason -> said(reason, json, what));
        }
        result.notes().forEach(note -> said(note.reason(), json, what));
        result.working().forEach(line -> said(line.label(), json, what));
        for (var award : result.awards()) {
          if (told.add(award)) {
            for (var language : Language.values()) {
              var text = Words.in(language).award(result.service(), award);
              wellSaid(text, language, json, what + ": " + award.what());
            }
          }
        }
      }
    }
  }

  private void said(Reason reason, ObjectNode json, String what) {
    if (said.add(reason)) {
      for (var language : Language.values()) {
        for (var voice : Voice.values()) {
          var text = Words.in(language).say(reason, voice);
          wellSaid(text, language, json, what + ": " + reason.code().code());
        }
      }
    }
  }

  private static void wellSaid(String text, Language language, ObjectNode packet, String what) {
    var where = what + " in " + language.word() + ": " + text;
    assertFalse(text.isBlank(), where);
    var own = PlainWords.withoutTold(text, packet);
    assertEquals(PlainWords.wrongIn(own, language), List.of(), where);
    assertFalse(PlainWords.ONE_OF_MANY.matcher(text).find(), where);
    assertFalse(UNFINISHED.matcher(text.replaceAll(" ; ", "; ")).find(), where);
  }
}
