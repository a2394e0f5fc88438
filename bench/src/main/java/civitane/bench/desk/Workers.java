package civitane.bench.desk;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Many who ask the same kind of thing at once, one asking after the other each, for a while: without a pause, or looking
 * at each answer first.
 */
final class Workers<W> {
  /** One asking of a worker; chance says of what. */
  interface Asking<W> {
    void ask(W worker, Random chance) throws Exception;
  }

  private static final long NANOS = 1_000_000_000L;

  private final List<W> workers;

  Workers(List<W> workers) {
    this.workers = List.copyOf(workers);
  }

  /**
   * How long the askings took, after so many seconds that do not count.
   *
   * @throws Exception what an asking threw
   */
  Times times(int warm, int counted, Asking<W> asking) throws Exception {
    return times(warm, counted, asking, Duration.ZERO);
  }

  /** @param looking how long an answer is looked at, half as long to one and a half times as long, before the next asking */
  Times times(int warm, int counted, Asking<W> asking, Duration looking) throws Exception {
    var from = System.nanoTime() + warm * NANOS;
    var until = from + counted * NANOS;
    var threads = Executors.newFixedThreadPool(workers.size());
    try {
      var running = new ArrayList<Future<List<Long>>>();
      for (var i = 0; i < workers.size(); i++) {
        var worker = workers.get(i);
        var chance = new Random(i);
        Callable<List<Long>> one = () -> {
          var took = new ArrayList<Long>();
          for (var begun = System.nanoTime(); begun < until; begun = System.nanoTime()) {
            asking.ask(worker, chance);
            if (begun >= from) {
              took.add(System.nanoTime() - begun);
            }
            Thread.sleep((long) (looking.toMillis() * (0.5 + chance.nextDouble())));
          }
          return took;
        };
        running.add(threads.submit(one));
      }
      var all = new ArrayList<Long>();
      for (var one : running) {
        all.addAll(one.get());
      }
      return Times.of(all.stream().mapToLong(Long::longValue).toArray());
    } finally {
      threads.shutdownNow();
    }
  }
}
