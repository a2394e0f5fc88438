package civitane.packet.cli;

import civitane.core.rates.RateShelf;
import civitane.core.reasons.Parameter;
import civitane.core.reasons.ReasonCode;
import civitane.core.rules.Mode;
import civitane.core.services.Services;
import civitane.packet.Answer;
import civitane.packet.Cases;
import civitane.packet.Fault;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Every answer has its line, whatever is the matter with another. */
public class AnswerLinesTest {
  private static final RateShelf RATES = RateShelf.shipped();

  /** A code that has words, and one that has none. */
  private enum Code implements ReasonCode {
    TIE_TO_DISTRICT,
    UNSAID;

    @Override
    public String scope() {
      return "rules";
    }

    @Override
    public List<Parameter> parameters() {
      return List.of();
    }
  }

  /** A result with one check, whose sentence is made when it is written. */
  private static Answer saying(Code code) {
    var packet = new PacketReader(RATES).read(Cases.ofPackets().get(0).packet()).packet();
    var it = Services.named(packet.requests().get(0).service())
        .orElseThrow()
        .situation(packet, 0, RATES.on(packet.assessedOn()).orElseThrow(), Mode.SCREEN);
    return new Answer.Results(
        List.of(it.determination().check(it.check("T-1").met(code.with())).result("tried")));
  }

  private static Pipeline.Lines written(boolean pretty, Answer... answers) {
    return new AnswerLines(new ResultWriter(pretty, Language.EN)).of(List.of(answers));
  }

  private static List<String> lines(Pipeline.Lines lines) {
    return new String(lines.text(), StandardCharsets.UTF_8).lines().toList();
  }

  @Test
  public void eachHasItsLineInItsPlace() {
    var lines = written(
        false,
        saying(Code.TIE_TO_DISTRICT),
        saying(Code.TIE_TO_DISTRICT),
        saying(Code.TIE_TO_DISTRICT));
    assertFalse(lines.faulty());
    assertEquals(lines(lines).size(), 3);
    assertTrue(
        lines(lines).get(0).startsWith("[{\"service\":\"tried\""), lines(lines).get(0));
    assertEquals(written(false).text().length, 0);
  }

  @Test
  public void aSentenceThatCannotBeMadeSpoilsOnlyItsOwnLine() {
    var lines = written(
        false, saying(Code.TIE_TO_DISTRICT), saying(Code.UNSAID), saying(Code.TIE_TO_DISTRICT));
    assertTrue(lines.faulty());
    assertEquals(lines(lines).size(), 3);
    assertEquals(
        lines(lines).get(0), lines(written(false, saying(Code.TIE_TO_DISTRICT))).get(0));
    assertEquals(
        lines(lines).get(1),
        "{\"faults\":[{\"pointer\":\"\",\"message\":\"this packet can't be worked out (WordsFault)\","
            + "\"expected\":\"facts as they occur in real life\"}]}");
    assertTrue(lines(lines).get(2).contains("but a tie to the district"));
  }

  @Test
  public void faultsAreToldAmongResults() {
    var lines = written(
        false,
        saying(Code.TIE_TO_DISTRICT),
        new Answer.Faulty(List.of(new Fault("/version", "it is missing", "1"))));
    assertTrue(lines.faulty());
    assertEquals(
        lines(lines).get(1),
        "{\"faults\":[{\"pointer\":\"/version\",\"message\":\"it is missing\",\"expected\":\"1\"}]}");
  }

  @Test
  public void brokenLinesOfSeveralAnswersFollowEachOther() {
    var one = saying(Code.TIE_TO_DISTRICT);
    var alone = new String(written(true, one).text(), StandardCharsets.UTF_8);
    assertTrue(alone.lines().count() > 5, alone);
    assertEquals(new String(written(true, one, one).text(), StandardCharsets.UTF_8), alone + alone);
  }
}
