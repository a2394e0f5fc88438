package civitane.bench;

import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import civitane.packet.PacketReader;
import civitane.packet.ResultWriter;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** School Meals on one core: the floor, the determination, its sentences, and reading and writing around it. */
@State(Scope.Thread)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class MealsBenchmark {
  private final Packet packet = Samples.meals();
  private final Screening screening = new Screening(Samples.RATES);
  private final PacketReader reader = new PacketReader(Samples.RATES);
  private final ResultWriter writer = new ResultWriter(false);

  /** The income rule alone, without an explanation. */
  @Benchmark
  public int floor() {
    return MealsFloor.tier(packet);
  }

  /** Every test and amount; sentences are not read. */
  @Benchmark
  public List<Result> determination() {
    return screening.of(packet, Mode.DETERMINE);
  }

  /** The same with every sentence, need and line of the working read. */
  @Benchmark
  public int determinationWithWorking() {
    var read = 0;
    for (var result : screening.of(packet, Mode.DETERMINE)) {
      for (var test : result.tests()) {
        read += test.because().length() + test.needs().size();
      }
      read += result.working().size();
    }
    return read;
  }

  /** The packet read from its bytes. */
  @Benchmark
  public Packet reading() {
    return reader.read(Samples.BYTES).packet();
  }

  /** From bytes to bytes, as the command line does. */
  @Benchmark
  public String readingDeterminingWriting() {
    return writer.results(screening.of(reader.read(Samples.BYTES).packet(), Mode.DETERMINE));
  }
}
