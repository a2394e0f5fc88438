package civitane.bench;

import civitane.core.facts.Packet;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import java.util.List;
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

/** Each service on one core, over its worked cases in turn: with every sentence read, and with none. */
@State(Scope.Thread)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 1)
public class ServicesBenchmark {
  @Param({
    "householdAllowance",
    "rentRelief",
    "homePaymentRelief",
    "childDental",
    "disabilityAllowance",
    "legalAdvice",
    "studyAdjustments",
    "paidLeave",
    "schoolMeals",
    "housingList",
    "valueReview",
    "decisionAppeal",
    "paymentArrangement",
    "clearRecord",
    "nameChange",
    "estateAuthority",
    "taxpayerNumber",
    "identityCheck"
  })
  private String service;

  private final Screening screening = new Screening(WorkedCases.RATES);
  private Packet[] packets;
  private int next;

  @Setup
  public void read() {
    packets = WorkedCases.of(service).stream().map(WorkedCases.Case::facts).toArray(Packet[]::new);
  }

  private Packet packet() {
    next = next + 1 == packets.length ? 0 : next + 1;
    return packets[next];
  }

  @Benchmark
  public List<Result> withoutSentences() {
    return screening.of(packet(), Mode.DETERMINE);
  }

  @Benchmark
  public int withWorking() {
    return Reading.whole(screening.of(packet(), Mode.DETERMINE));
  }
}
