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

/** Works packets on several cores, and hands the answers on in the order the packets came. */
final class Pipeline implements AutoCloseable {
  private static final int PACKETS_AT_ONCE = 64;

  private final ExecutorService workers;
  private final int mostWaiting;
  private final Function<byte[], Answer> work;
  private final Consumer<Answer> sink;
  private final Deque<Future<List<Answer>>> waiting = new ArrayDeque<>();

  /** What a packet became: a line to print, and whether it is made of faults. */
  record Answer(byte[] line, boolean faulty) {}

  Pipeline(int cores, Function<byte[], Answer> work, Consumer<Answer> sink) {
    this.workers = Executors.newFixedThreadPool(cores);
    this.mostWaiting = cores * 4;
    this.work = work;
    this.sink = sink;
  }

  void run(PacketSource source, Consumer<Long> progress) throws IOException {
    var batch = new ArrayList<byte[]>(PACKETS_AT_ONCE);
    for (var packet = source.next(); packet != null; packet = source.next()) {
      batch.add(packet);
      if (batch.size() == PACKETS_AT_ONCE) {
        submit(batch);
        batch = new ArrayList<>(PACKETS_AT_ONCE);
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
    waiting.add(workers.submit(() -> answers(batch)));
  }

  private List<Answer> answers(List<byte[]> batch) {
    var answers = new ArrayList<Answer>(batch.size());
    for (var packet : batch) {
      answers.add(work.apply(packet));
    }
    return answers;
  }

  private void handOn() {
    try {
      waiting.remove().get().forEach(sink);
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
