package civitane.app.decisions;

import civitane.app.money.Settlement;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.packet.Cases;
import civitane.packet.PacketReader;
import civitane.packet.PlainWords;
import civitane.words.Language;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;

/** The letter that each worked case would bring, granted and refused, can be read by anybody in each language. */
public class WorkedLettersTest {
  private static final RateShelf RATES = RateShelf.shipped();
  private static final PacketReader PACKETS = new PacketReader(RATES);
  private static final Screening SCREENING = new Screening(RATES);
  private static final LocalDate UNTIL = LocalDate.parse("2027-01-29");

  @DataProvider
  public static Iterator<Object[]> cases() {
    return Cases.withResults();
  }

  @Test(dataProvider = "cases")
  public void theLetterSaysItPlainly(Cases.Case one) {
    var told = (ObjectNode) one.json().get("packet");
    for (var language : Language.values()) {
      var json = told.deepCopy().put("language", language.word());
      var packet =
          PACKETS.read(json.toString().getBytes(StandardCharsets.UTF_8)).packet();
      assertNotNull(packet, one.toString());
      for (var result : SCREENING.of(packet, Mode.DETERMINE)) {
        for (var grant : new boolean[] {true, false}) {
          var letter = new DecisionLetter(
                  "BW 104 220", packet.lodgedOn(), packet, result, List.of())
              .text(1, grant, null, Settlement.NOTHING, UNTIL);
          texts(letter)
              .forEach(text -> assertEquals(
                  PlainWords.wrongIn(PlainWords.withoutTold(text, json), language),
                  List.of(),
                  one + " in " + language.word() + ": " + text));
        }
      }
    }
  }

  /** All that the letter says but the address, which is as the household writes it. */
  private static Stream<String> texts(civitane.app.letters.LetterText letter) {
    return Stream.of(
            Stream.of(letter.title()),
            letter.paragraphs().stream(),
            letter.granted().stream(),
            letter.reasons().stream(),
            letter.figures().stream().flatMap(one -> Stream.of(one.label(), one.value())),
            letter.closing().stream())
        .flatMap(all -> all);
  }
}
