package civitane.bench;

import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import civitane.packet.Answer;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import civitane.words.Language;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import static civitane.core.facts.Known.known;

/** Where the time of a packet goes, over the worked cases of all services: reading, the rules, reading and all. */
@State(Scope.Thread)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 2)
public class PacketBenchmark {
  private final Screening screening = new Screening(WorkedCases.RATES);
  private final PacketReader reader = new PacketReader(WorkedCases.RATES);
  private final ResultWriter writer = new ResultWriter(false, Language.EN);
  private byte[][] bytes;
  private Packet[] packets;
  private int next;

  @Setup
  public void read() {
    bytes = WorkedCases.all().stream()
        .map(one -> WorkedCases.JSON.writeValueAsBytes(one.packet()))
        .toArray(byte[][]::new);
    packets = WorkedCases.all().stream().map(WorkedCases.Case::facts).toArray(Packet[]::new);
  }

  private int next() {
    next = next + 1 == bytes.length ? 0 : next + 1;
    return next;
  }

  private byte[] lines(List<Result> results) {
    return writer.lines(List.of(new Answer.Results(results)));
  }

  /** A packet read from its bytes. */
  @Benchmark
  public Packet reading() {
    return known(reader.read(bytes[next()]).packet());
  }

  /** Its results with every sentence. */
  @Benchmark
  public int rules() {
    return Reading.whole(screening.of(packets[next()], Mode.DETERMINE));
  }

  /** Its results with every sentence, written. */
  @Benchmark
  public byte[] rulesAndWriting() {
    return lines(screening.of(packets[next()], Mode.DETERMINE));
  }

  /** From bytes to bytes, as the command line does. */
  @Benchmark
  public byte[] whole() {
    return lines(screening.of(reading(), Mode.DETERMINE));
  }
}
