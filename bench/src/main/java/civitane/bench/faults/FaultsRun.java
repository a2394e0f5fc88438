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
   * for the registers, the user whose database it is, and the names of what is to fail, where not all of it.
   */
  public static void main(String[] arguments) throws Exception {
    var as = List.of("runuser", "-u", arguments[5], "--");
    var only = List.of(arguments).subList(6, arguments.length);
    try (var run = new FaultsRun(
        Path.of(arguments[0]),
        Path.of(arguments[1]),
        Path.of(arguments[2]),
        as,
        Path.of(arguments[3]),
        arguments[4])) {
      run.run(run.faults().stream()
          .filter(fault -> only.isEmpty() || only.contains(fault.name()))
          .toList());
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

  /**
   * Something that fails.
   *
   * @param name by which it is chosen
   * @param seconds after which it is put right
   */
  private record Fault(String name, String what, int seconds, Doing breaks, Doing mends) {}

  private List<Fault> faults() {
    Doing nothing = () -> {};
    return List.of(
        new Fault("before", "nothing fails", 0, nothing, nothing),
        new Fault("crash", "the database crashes", 5, cluster::crash, cluster::start),
        new Fault("line", "its line is cut", 15, line::cut, line::mend),
        new Fault("disk", "its disk is full", 20, cluster::fill, () -> {
          cluster.free();
          cluster.start();
        }),
        new Fault("node", "a node is killed", 5, nodes.get(0)::kill, () -> {
          nodes.get(0).start();
          nodes.get(0).awaitServing();
        }),
        new Fault("register", "a register hangs", 60, () -> behave("slow"), () -> behave("right")),
        new Fault("after", "nothing fails any more", 0, nothing, nothing));
  }

  private void run(List<Fault> faults) throws Exception {
    var lodged = new ConcurrentLinkedQueue<String>();
    var from = System.nanoTime();
    var until = from + faults.size() * APART * SECOND;
    var threads = Executors.newFixedThreadPool(CLERKS);
    for (var nr = 0; nr < CLERKS; nr++) {
      threads.execute(
          new Clerk(nr % 2 == 0 ? "ikenna" : "maud", nr, nodes, answers, lodged, until));
    }
    for (var nr = 0; nr < faults.size(); nr++) {
      fault(from + nr * APART * SECOND, faults.get(nr));
    }
    threads.shutdown();
    threads.awaitTermination(3, TimeUnit.MINUTES);
    var kept = new Kept(url);
    kept.awaitDone(System.nanoTime() + 15 * 60 * SECOND);
    lines.forEach(System.out::println);
    System.out.println(
        kept.line(lodged.stream().map(UUID::fromString).collect(Collectors.toUnmodifiableSet())));
    answers.wrong().forEach(wrong -> System.out.println("wrong: " + wrong));
  }

  /** Lets something fail, and puts it right. */
  private void fault(long from, Fault fault) throws Exception {
    sleepUntil(from);
    System.err.println(fault.what() + " …");
    fault.breaks().done();
    sleepUntil(from + fault.seconds() * SECOND);
    fault.mends().done();
    var mended = System.nanoTime();
    sleepUntil(from + APART * SECOND);
    lines.add(answers.line(fault.what(), from, mended, from + APART * SECOND));
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
