package civitane.app.reading;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/**
 * Reads the words off a picture: the program tesseract, as a process of its own, which is stopped when it takes too
 * long.
 */
final class Eye {
  /** The sides of a box around a word are no letters of it. */
  private static final Pattern FRAME = Pattern.compile("^[|\\[\\]]+|[|\\[\\]]+$");

  private static final Duration LONGEST = Duration.ofSeconds(90);

  /** Many papers come at once; those who wait at a screen come first. */
  private static final Semaphore AT_ONCE = new Semaphore(2);

  private static final String LATIN = "eng+fra+por";
  private static final String ARABIC = "ara+eng";

  /** Below this, on average, the letters are likely of another script. */
  private static final double READABLE = 0.60;

  /** What tesseract puts in a row of its table. */
  private static final int LEVEL_WORD = 5;

  private static final int COLUMNS = 12;

  private Eye() {}

  /** The picture could not be read in time, or at all. */
  static final class Unread extends IOException {
    private static final long serialVersionUID = 1;

    Unread(String message) {
      super(message);
    }
  }

  static List<PageLine> read(Path picture, int width, int height) throws IOException {
    var latin = lines(picture, LATIN, width, height);
    if (certain(latin) >= READABLE) {
      return latin;
    }
    var arabic = lines(picture, ARABIC, width, height);
    return certain(arabic) > certain(latin) ? arabic : latin;
  }

  private static double certain(List<PageLine> lines) {
    return lines.stream()
        .flatMap(line -> line.words().stream())
        .mapToDouble(PageWord::certain)
        .average()
        .orElse(0);
  }

  private static List<PageLine> lines(Path picture, String languages, int width, int height)
      throws IOException {
    var table = Files.createTempFile("civitane-read", ".tsv");
    try {
      var how = new ProcessBuilder(
              "tesseract", picture.toString(), "stdout", "-l", languages, "--psm", "3", "tsv")
          .redirectOutput(table.toFile())
          .redirectError(ProcessBuilder.Redirect.DISCARD);
      // One page takes one core: the others are for those who wait at a screen.
      how.environment().put("OMP_THREAD_LIMIT", "1");
      run(how);
      return table(Files.readString(table, StandardCharsets.UTF_8), width, height);
    } finally {
      Files.deleteIfExists(table);
    }
  }

  private static void run(ProcessBuilder how) throws IOException {
    AT_ONCE.acquireUninterruptibly();
    try {
      await(how.start());
    } finally {
      AT_ONCE.release();
    }
  }

  private static void await(Process process) throws IOException {
    try {
      process.getOutputStream().close();
      if (!process.waitFor(LONGEST.toMillis(), TimeUnit.MILLISECONDS)) {
        throw new Unread("it took longer than " + LONGEST.toSeconds() + " s");
      }
      if (process.exitValue() != 0) {
        throw new Unread("it ended with " + process.exitValue());
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Unread("it was interrupted");
    } finally {
      process.destroyForcibly();
    }
  }

  private static List<PageLine> table(String table, int width, int height) {
    var lines = new ArrayList<PageLine>();
    var words = new ArrayList<PageWord>();
    var before = "";
    for (var row : table.split("\n")) {
      var cells = row.split("\t", -1);
      if (cells.length < COLUMNS || !cells[0].equals(Integer.toString(LEVEL_WORD))) {
        continue;
      }
      var line = String.join(" ", cells[1], cells[2], cells[3], cells[4]);
      if (!line.equals(before) && !words.isEmpty()) {
        lines.add(new PageLine(List.copyOf(words)));
        words.clear();
      }
      before = line;
      var text = FRAME.matcher(cells[11].strip()).replaceAll("");
      if (!text.isEmpty()) {
        words.add(new PageWord(
            text,
            new Box(
                Double.parseDouble(cells[6]) / width,
                Double.parseDouble(cells[7]) / height,
                Double.parseDouble(cells[8]) / width,
                Double.parseDouble(cells[9]) / height),
            Double.parseDouble(cells[10]) / 100));
      }
    }
    if (!words.isEmpty()) {
      lines.add(new PageLine(List.copyOf(words)));
    }
    return Columns.joined(lines);
  }
}
