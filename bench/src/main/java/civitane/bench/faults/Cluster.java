package civitane.bench.faults;

import java.io.File;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A PostgreSQL of its own on a small disk of its own, that can crash, and whose disk can be filled. */
final class Cluster {
  private static final int PIECE = 1 << 20;
  private static final int BLOCK = 1 << 12;

  private final List<String> as;
  private final Path programmes;
  private final Path disk;
  private final int port;
  private final File log;

  /**
   * @param as what runs a command as the user whose database it is
   * @param disk a folder on a disk of its own
   */
  Cluster(List<String> as, Path programmes, Path disk, int port, File log) {
    this.as = as;
    this.programmes = programmes;
    this.disk = disk;
    this.port = port;
    this.log = log;
  }

  private Path data() {
    return disk.resolve("data");
  }

  private boolean run(String programme, String... arguments)
      throws IOException, InterruptedException {
    var command = new ArrayList<>(as);
    command.add(programmes.resolve(programme).toString());
    command.addAll(List.of(arguments));
    return Commands.run(log, command);
  }

  void make() throws IOException, InterruptedException {
    need(run(
        "initdb",
        "-D",
        data().toString(),
        "-U",
        "civitane",
        "--auth=trust",
        "--encoding=UTF8",
        "--locale=C.UTF-8"));
    start();
    need(run("createdb", "-h", "127.0.0.1", "-p", "" + port, "-U", "civitane", "civitane"));
  }

  /** Starts it where it does not run, as whatever watches over services does. */
  void start() throws IOException, InterruptedException {
    if (!run("pg_ctl", "-D", data().toString(), "status")) {
      need(run(
          "pg_ctl",
          "-D",
          data().toString(),
          "-w",
          "-l",
          data().resolve("server.log").toString(),
          "-o",
          "-p " + port + " -c listen_addresses=127.0.0.1 -c unix_socket_directories=''",
          "start"));
    }
  }

  /** As when the power goes: nothing is finished, and what was kept is there again at the next start. */
  void crash() throws IOException, InterruptedException {
    run("pg_ctl", "-D", data().toString(), "-m", "immediate", "stop");
  }

  void stop() throws IOException, InterruptedException {
    run("pg_ctl", "-D", data().toString(), "-m", "fast", "stop");
  }

  /** Fills its disk to the last block. */
  void fill() throws IOException {
    try (var file = new RandomAccessFile(filling().toFile(), "rw")) {
      for (var size = PIECE; size >= BLOCK; size /= 2) {
        fill(file, new byte[size]);
      }
    }
  }

  private static void fill(RandomAccessFile file, byte[] piece) {
    try {
      while (true) {
        file.seek(file.length());
        file.write(piece);
      }
    } catch (IOException e) {
      // No room for so much any more.
    }
  }

  void free() throws IOException {
    Files.deleteIfExists(filling());
  }

  private Path filling() {
    return disk.resolve("filling");
  }

  private void need(boolean done) throws IOException {
    if (!done) {
      throw new IOException("the database can't be made or started; see " + log);
    }
  }
}
