package civitane.packet.cli;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.rules.Situation;
import civitane.packet.Answer;
import civitane.packet.Cases;
import civitane.packet.Fault;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Supplier;
import org.testng.annotations.Test;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

/** Every answer has its line, whatever is the matter with another. */
public class AnswerLinesTest {
  private static final RateShelf RATES = RateShelf.shipped();

  /** A result with one test, whose sentence is made when it is written. */
  private static Answer saying(Supplier<String> because) {
    var packet = new PacketReader(RATES).read(Cases.ofPackets().get(0).packet()).packet();
    var it = new Situation(
        packet,
        packet.requests().get(0),
        0,
        RATES.on(packet.lodgedOn()).orElseThrow(),
        Mode.SCREEN);
    Result result =
        it.determination().test(civitane.core.rules.Test.met("T-1", because)).result("tried");
    return new Answer.Results(List.of(result));
  }

  private static Pipeline.Lines written(boolean pretty, Answer... answers) {
    return new AnswerLines(new ResultWriter(pretty)).of(List.of(answers));
  }

  private static List<String> lines(Pipeline.Lines lines) {
    return new String(lines.text(), StandardCharsets.UTF_8).lines().toList();
  }

  @Test
  public void eachHasItsLineInItsPlace() {
    var lines = written(false, saying(() -> "One."), saying(() -> "Two \u0141."), saying(() -> ""));
    assertFalse(lines.faulty());
    assertEquals(lines(lines).size(), 3);
    assertTrue(
        lines(lines).get(0).startsWith("[{\"service\":\"tried\""), lines(lines).get(0));
    assertTrue(lines(lines).get(1).contains("\"Two \u0141.\""), lines(lines).get(1));
    assertEquals(written(false).text().length, 0);
  }

  @Test
  public void aSentenceThatCannotBeMadeSpoilsOnlyItsOwnLine() {
    var lines = written(
        false,
        saying(() -> "One."),
        saying(() -> {
          throw new ArithmeticException("divided by 0");
        }),
        saying(() -> "Three."));
    assertTrue(lines.faulty());
    assertEquals(lines(lines).size(), 3);
    assertEquals(
        lines(lines).get(0), lines(written(false, saying(() -> "One."))).get(0));
    assertEquals(
        lines(lines).get(1),
        "{\"faults\":[{\"pointer\":\"\",\"message\":\"this packet can't be worked out (ArithmeticException)\","
            + "\"expected\":\"facts as they occur in real life\"}]}");
    assertTrue(lines(lines).get(2).contains("Three."));
  }

  @Test
  public void faultsAreToldAmongResults() {
    var lines = written(
        false,
        saying(() -> "One."),
        new Answer.Faulty(List.of(new Fault("/version", "it is missing", "1"))));
    assertTrue(lines.faulty());
    assertEquals(
        lines(lines).get(1),
        "{\"faults\":[{\"pointer\":\"/version\",\"message\":\"it is missing\",\"expected\":\"1\"}]}");
  }

  @Test
  public void brokenLinesOfSeveralAnswersFollowEachOther() {
    var one = saying(() -> "One.");
    var alone = new String(written(true, one).text(), StandardCharsets.UTF_8);
    assertTrue(alone.lines().count() > 5, alone);
    assertEquals(new String(written(true, one, one).text(), StandardCharsets.UTF_8), alone + alone);
  }
}
