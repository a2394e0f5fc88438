package civitane.packet.cli;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.function.Function;

/** Works packets on several cores, some at a time, and hands the answers on in the order the packets came. */
final class Pipeline implements AutoCloseable {
  private static final int PACKETS_AT_ONCE = 64;

  /** Large packets are worked few at a time, so that not many of them are kept at once. */
  private static final int BYTES_AT_ONCE = 1 << 18;

  private final ExecutorService workers;
  private final int mostWaiting;
  private final Function<List<byte[]>, Lines> work;
  private final Consumer<Lines> sink;
  private final Deque<Future<Lines>> waiting = new ArrayDeque<>();

  /** What some packets became: lines to print, and whether one of them is made of faults. */
  record Lines(byte[] text, boolean faulty) {}

  Pipeline(int cores, Function<List<byte[]>, Lines> work, Consumer<Lines> sink) {
    this.workers = Executors.newFixedThreadPool(cores);
    this.mostWaiting = cores * 4;
    this.work = work;
    this.sink = sink;
  }

  void run(PacketSource source, Consumer<Long> progress) throws IOException {
    var batch = new ArrayList<byte[]>(PACKETS_AT_ONCE);
    var bytes = 0;
    for (var packet = source.next(); packet != null; packet = source.next()) {
      batch.add(packet);
      bytes += packet.length;
      if (batch.size() == PACKETS_AT_ONCE || bytes >= BYTES_AT_ONCE) {
        submit(batch);
        batch = new ArrayList<>(PACKETS_AT_ONCE);
        bytes = 0;
        progress.accept(source.bytesRead());
      }
    }
    submit(batch);
    while (!waiting.isEmpty()) {
      handOn();
    }
    progress.accept(source.bytesRead());
  }

  private void submit(List<byte[]> batch) {
    if (waiting.size() >= mostWaiting) {
      handOn();
    }
    waiting.add(workers.submit(() -> work.apply(batch)));
  }

  private void handOn() {
    try {
      sink.accept(waiting.remove().get());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("interrupted while packets were worked", e);
    } catch (ExecutionException e) {
      throw new IllegalStateException("a packet could not be worked", e.getCause());
    }
  }

  @Override
  public void close() {
    workers.shutdownNow();
  }
}
