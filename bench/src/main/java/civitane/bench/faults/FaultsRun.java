package civitane.bench.faults;

import java.io.File;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;

/**
 * Ten minutes of work at two nodes, of more than an office does in two hours, while one thing after the other fails: the
 * database crashes, its line is cut, its disk fills up, a node is killed, a register hangs. It ends with a line for each,
 * and one that tells what was lost and what is there twice.
 */
public final class FaultsRun implements AutoCloseable {
  private static final int CLERKS = 20;
  private static final long SECOND = 1_000_000_000L;
  /** Between one fault and the next. Seconds. */
  private static final int APART = 90;

  /** Megabytes: less than anything new needs. */
  private static final int DISK_LEFT = 1;

  private final Path folder;
  private final Cluster cluster;
  private final Line line;
  private final String url;
  private final Process registers;
  private final int registersPort;
  private final List<Node> nodes = new ArrayList<>();
  private final Answers answers = new Answers();
  private final List<String> lines = new ArrayList<>();

  private FaultsRun(
      Path folder, Path disk, Path programmes, List<String> as, Path app, String standIns)
      throws IOException, InterruptedException {
    this.folder = folder;
    var port = free();
    cluster = new Cluster(as, programmes, disk, port, log("database"));
    cluster.make();
    line = new Line(port);
    url = "jdbc:postgresql://127.0.0.1:" + port + "/civitane";
    registersPort = free();
    registers = new ProcessBuilder(
            java(), "-cp", standIns, "civitane.standins.StandIns", "" + registersPort)
        .redirectErrorStream(true)
        .redirectOutput(log("registers"))
        .start();
    for (var nr = 1; nr <= 2; nr++) {
      nodes.add(node(app, free(), nr));
      nodes.get(nr - 1).awaitServing();
    }
  }

  /**
   * Where logs go, a folder on a small disk, PostgreSQL's programmes, the application, the class path of what stands in
   * for the registers, and what runs a command as the user whose database it is.
   */
  public static void main(String[] arguments) throws Exception {
    var as = List.of(arguments).subList(5, arguments.length);
    try (var run = new FaultsRun(
        Path.of(arguments[0]),
        Path.of(arguments[1]),
        Path.of(arguments[2]),
        as,
        Path.of(arguments[3]),
        arguments[4])) {
      run.run();
    }
    System.exit(0);
  }

  private Node node(Path app, int port, int nr) throws IOException {
    return new Node(
        List.of(
            java(),
            "-jar",
            app.toString(),
            "--server.port=" + port,
            "--civitane.demo=yes",
            "--civitane.drawn-every=0",
            "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + line.port() + "/civitane",
            "--civitane.registers.at=http://127.0.0.1:" + registersPort,
            "--civitane.signing-key=" + folder.resolve("signing.key"),
            "--civitane.audit-key=" + folder.resolve("audit.key"),
            "--civitane.audit-anchor=" + folder.resolve("audit.anchor")),
        port,
        log("node-" + nr));
  }

  private static String java() {
    return Path.of(System.getProperty("java.home"), "bin", "java").toString();
  }

  private File log(String name) {
    return folder.resolve("faults-" + name + ".log").toFile();
  }

  private static int free() throws IOException {
    try (var socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  /** Something that is done to what lies below. */
  private interface Doing {
    void done() throws Exception;
  }

  private void run() throws Exception {
    var lodged = new ConcurrentLinkedQueue<String>();
    var from = System.nanoTime();
    var until = from + 7 * APART * SECOND;
    var threads = Executors.newFixedThreadPool(CLERKS);
    for (var nr = 0; nr < CLERKS; nr++) {
      threads.execute(
          new Clerk(nr % 2 == 0 ? "ikenna" : "maud", nr, nodes, answers, lodged, until));
    }
    fault(from, "nothing fails", 0, () -> {}, () -> {});
    fault(from + APART * SECOND, "the database crashes", 5, cluster::crash, cluster::start);
    fault(from + 2 * APART * SECOND, "its line is cut", 15, line::cut, line::mend);
    fault(from + 3 * APART * SECOND, "its disk is full", 20, () -> cluster.fill(DISK_LEFT), () -> {
      cluster.free();
      cluster.start();
    });
    fault(from + 4 * APART * SECOND, "a node is killed", 5, nodes.get(0)::kill, () -> {
      nodes.get(0).start();
      nodes.get(0).awaitServing();
    });
    fault(
        from + 5 * APART * SECOND,
        "a register hangs",
        60,
        () -> behave("slow"),
        () -> behave("right"));
    fault(from + 6 * APART * SECOND, "nothing fails any more", 0, () -> {}, () -> {});
    threads.shutdown();
    threads.awaitTermination(3, TimeUnit.MINUTES);
    var kept = new Kept(url);
    kept.awaitDone(System.nanoTime() + 15 * 60 * SECOND);
    lines.forEach(System.out::println);
    System.out.println(
        kept.line(lodged.stream().map(UUID::fromString).collect(Collectors.toUnmodifiableSet())));
    answers.wrong().forEach(wrong -> System.out.println("wrong: " + wrong));
  }

  /** Lets something fail for so many seconds, and puts it right. */
  private void fault(long from, String what, int seconds, Doing breaks, Doing mends)
      throws Exception {
    sleepUntil(from);
    System.err.println(what + " …");
    breaks.done();
    sleepUntil(from + seconds * SECOND);
    mends.done();
    var mended = System.nanoTime();
    sleepUntil(from + APART * SECOND);
    lines.add(answers.line(what, from, mended, from + APART * SECOND));
    System.err.println(lines.get(lines.size() - 1));
  }

  private static void sleepUntil(long nanos) throws InterruptedException {
    TimeUnit.NANOSECONDS.sleep(Math.max(0, nanos - System.nanoTime()));
  }

  private void behave(String how) throws IOException, InterruptedException {
    var http = HttpClient.newHttpClient();
    for (var register : List.of("population", "wages", "tax", "childBenefit")) {
      http.send(
          HttpRequest.newBuilder(
                  URI.create("http://127.0.0.1:" + registersPort + "/behaviour/" + register))
              .PUT(HttpRequest.BodyPublishers.ofString(how))
              .build(),
          BodyHandlers.discarding());
    }
  }

  @Override
  public void close() throws Exception {
    nodes.forEach(Node::kill);
    registers.destroyForcibly();
    line.close();
    cluster.stop();
    Files.deleteIfExists(folder.resolve("audit.anchor"));
  }
}
