package civitane.bench;

import civitane.bench.engine.Engine;
import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.services.Screening;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The rules against the same rules as straight-line Java and in a rules engine, over the worked cases in turn. */
@State(Scope.Thread)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 2)
public class FloorBenchmark {
  @Param({"schoolMeals", "householdAllowance"})
  private String service;

  private final Screening screening = new Screening(WorkedCases.RATES);
  private Packet[] packets;
  private boolean meals;
  private Engine engine;
  private int next;

  @Setup
  public void read() {
    packets = WorkedCases.of(service).stream().map(WorkedCases.Case::facts).toArray(Packet[]::new);
    meals = service.equals("schoolMeals");
    engine = new Engine(service);
  }

  private Packet packet() {
    next = next + 1 == packets.length ? 0 : next + 1;
    return packets[next];
  }

  @Benchmark
  public Object floor() {
    return meals ? MealsFloor.of(packet(), true) : AllowanceFloor.of(packet(), true);
  }

  @Benchmark
  public Object engine() {
    return engine.of(packet(), true);
  }

  @Benchmark
  public Object rules() {
    return screening.of(packet(), Mode.DETERMINE);
  }

  @Benchmark
  public int rulesWithWorking() {
    return Reading.whole(screening.of(packet(), Mode.DETERMINE));
  }
}
