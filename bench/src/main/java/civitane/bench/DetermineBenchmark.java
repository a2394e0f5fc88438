package civitane.bench;

import civitane.core.rules.Mode;
import civitane.packet.cli.Determinations;
import civitane.words.Language;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** Packets of all services from a file, as the command line works them out, once everything is compiled; the results go nowhere. */
@State(Scope.Benchmark)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(
    value = 1,
    jvmArgsAppend = {"-XX:+UseParallelGC", "-Xmn64m"})
@Warmup(iterations = 24, time = 1)
@Measurement(iterations = 8, time = 2)
public class DetermineBenchmark {
  private static final int PACKETS = 100_000;

  @Param({"2", "1"})
  private int cores;

  private Path packets;
  private Determinations determinations;

  @Setup(Level.Trial)
  public void write() throws IOException {
    packets = Files.createTempFile("packets", ".ndjson");
    MixedPackets.write(PACKETS, packets);
    determinations = new Determinations(WorkedCases.RATES, Mode.SCREEN, false, Language.EN, cores);
  }

  @TearDown(Level.Trial)
  public void remove() throws IOException {
    Files.delete(packets);
  }

  /** Packets a second. */
  @Benchmark
  @OperationsPerInvocation(PACKETS)
  public boolean determine() throws IOException {
    try (var in = Files.newInputStream(packets)) {
      return determinations.run(in, OutputStream.nullOutputStream(), read -> {});
    }
  }
}
