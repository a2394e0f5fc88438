package civitane.packet.cli;

import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import civitane.packet.Fault;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Consumer;

/** Works out the packets of a stream, several at once, and writes a line of results or faults for each, in their order. */
public final class Determinations {
  private final PacketReader reader;
  private final Screening screening;
  private final ResultWriter writer;
  private final Mode mode;
  private final int cores;

  /**
   * For packets of one mode.
   *
   * @param pretty whether the lines of results are broken to be read by people
   * @param cores how many packets are worked at once
   */
  public Determinations(RateShelf rates, Mode mode, boolean pretty, int cores) {
    this.reader = new PacketReader(rates);
    this.screening = new Screening(rates);
    this.writer = new ResultWriter(pretty);
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
    var lines = new Lines(out);
    try (var pipeline = new Pipeline(cores, this::answer, lines::write)) {
      pipeline.run(new PacketSource(in), progress);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
    return lines.faulty;
  }

  private Pipeline.Answer answer(byte[] packet) {
    var reading = reader.read(packet);
    if (reading.packet() == null) {
      return new Pipeline.Answer(writer.bytesOfFaults(reading.faults()), true);
    }
    try {
      return new Pipeline.Answer(writer.bytesOf(screening.of(reading.packet(), mode)), false);
    } catch (RuntimeException e) {
      // One packet must not stop the others, whatever is the matter with it.
      return new Pipeline.Answer(
          writer.bytesOfFaults(List.of(new Fault(
              "",
              "this packet can't be worked out (" + e.getClass().getSimpleName() + ")",
              "facts as they occur in real life"))),
          true);
    }
  }

  /** The answers as they go out. */
  private static final class Lines {
    private final OutputStream out;
    private boolean faulty;

    Lines(OutputStream out) {
      this.out = out;
    }

    void write(Pipeline.Answer answer) {
      faulty |= answer.faulty();
      try {
        out.write(answer.line());
        out.write('\n');
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
