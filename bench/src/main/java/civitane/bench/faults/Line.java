package civitane.bench.faults;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** The line between the application and its database, that can be cut: what is open ends, and nothing new gets through. */
final class Line implements AutoCloseable {
  private final ServerSocket from;
  private final int to;
  private final Set<Socket> open = ConcurrentHashMap.newKeySet();
  private final ExecutorService threads = Executors.newCachedThreadPool(work -> {
    var thread = new Thread(work);
    thread.setDaemon(true);
    return thread;
  });
  private volatile boolean cut;

  /** @param to the port of the loopback address where the database listens */
  Line(int to) throws IOException {
    this.from = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    this.to = to;
    threads.execute(this::accept);
  }

  int port() {
    return from.getLocalPort();
  }

  void cut() {
    cut = true;
    open.forEach(Line::end);
    open.clear();
  }

  void mend() {
    cut = false;
  }

  private void accept() {
    while (!from.isClosed()) {
      try {
        var near = from.accept();
        if (cut) {
          end(near);
        } else {
          join(near);
        }
      } catch (IOException e) {
        // Closed, or whoever came is gone again.
      }
    }
  }

  private void join(Socket near) {
    var far = new Socket();
    try {
      far.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), to), 1_000);
    } catch (IOException e) {
      end(near);
      return;
    }
    open.add(near);
    open.add(far);
    threads.execute(() -> carry(near, far));
    threads.execute(() -> carry(far, near));
  }

  private void carry(Socket here, Socket there) {
    try {
      here.getInputStream().transferTo(there.getOutputStream());
    } catch (IOException e) {
      // One of both has ended.
    } finally {
      end(here);
      end(there);
      open.remove(here);
      open.remove(there);
    }
  }

  private static void end(Socket socket) {
    try {
      socket.close();
    } catch (IOException e) {
      // It is closed.
    }
  }

  @Override
  public void close() throws IOException {
    from.close();
    cut();
    threads.shutdownNow();
  }
}
