package civitane.bench;

import civitane.core.rules.Mode;
import civitane.packet.cli.Determinations;
import java.io.BufferedOutputStream;
import java.io.IOException;
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

/** Packets of all services from a file to a file, as the command line works them out, once everything is compiled. */
@State(Scope.Benchmark)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(
    value = 1,
    jvmArgsAppend = {"-XX:+UseParallelGC", "-Xmn64m"})
@Warmup(iterations = 14, time = 4)
@Measurement(iterations = 6, time = 4)
public class DetermineBenchmark {
  private static final int PACKETS = 100_000;
  private static final int OUT_BUFFER = 1 << 16;

  @Param({"2", "1"})
  private int cores;

  private Path packets;
  private Path results;
  private Determinations determinations;

  @Setup(Level.Trial)
  public void write() throws IOException {
    packets = Files.createTempFile("packets", ".ndjson");
    results = Files.createTempFile("results", ".ndjson");
    MixedPackets.write(PACKETS, packets);
    determinations = new Determinations(WorkedCases.RATES, Mode.SCREEN, false, cores);
  }

  @TearDown(Level.Trial)
  public void remove() throws IOException {
    Files.delete(packets);
    Files.delete(results);
  }

  /** Packets a second. */
  @Benchmark
  @OperationsPerInvocation(PACKETS)
  public boolean determine() throws IOException {
    try (var in = Files.newInputStream(packets);
        var out = new BufferedOutputStream(Files.newOutputStream(results), OUT_BUFFER)) {
      return determinations.run(in, out, read -> {});
    }
  }
}
