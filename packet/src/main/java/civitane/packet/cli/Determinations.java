package civitane.packet.cli;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.packet.Answer;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Works out the packets of a stream, several at once, and writes a line of results or faults for each, in their order. */
public final class Determinations {
  private final PacketReader reader;
  private final Screening screening;
  private final AnswerLines lines;
  private final Mode mode;
  private final int cores;

  /**
   * For packets of one mode.
   *
   * @param pretty whether the lines of results are broken to be read by people
   * @param language the language of the sentences
   * @param cores how many packets are worked at once
   */
  public Determinations(RateShelf rates, Mode mode, boolean pretty, Language language, int cores) {
    this.reader = new PacketReader(rates);
    this.screening = new Screening(rates);
    this.lines = new AnswerLines(new ResultWriter(pretty, language));
    this.mode = mode;
    this.cores = cores;
  }

  /**
   * Reads a stream to its end.
   *
   * @param progress told now and then how many bytes are read
   * @return whether a packet had faults
   */
  public boolean run(InputStream in, OutputStream out, Consumer<Long> progress) throws IOException {
    var output = new Output(out);
    try (var pipeline = new Pipeline(cores, this::answered, output::write)) {
      pipeline.run(new PacketSource(in), progress);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
    return output.faulty;
  }

  /** One step for all of them, then the next: so the processor has the code of a step at hand, which makes a tenth. */
  private Pipeline.Lines answered(List<byte[]> packets) {
    var readings = new ArrayList<PacketReader.Reading>(packets.size());
    for (var packet : packets) {
      readings.add(reader.read(packet));
    }
    var answers = new ArrayList<Answer>(packets.size());
    for (var reading : readings) {
      answers.add(answer(reading));
    }
    return lines.of(answers);
  }

  private Answer answer(PacketReader.Reading reading) {
    if (reading.packet() == null) {
      return new Answer.Faulty(reading.faults());
    }
    try {
      return new Answer.Results(screening.of(reading.packet(), mode));
    } catch (RuntimeException e) {
      return AnswerLines.notWorkedOut(e);
    }
  }

  /** Where the answers go out. */
  private static final class Output {
    private final OutputStream out;
    private boolean faulty;

    Output(OutputStream out) {
      this.out = out;
    }

    void write(Pipeline.Lines lines) {
      faulty |= lines.faulty();
      try {
        out.write(lines.text());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
