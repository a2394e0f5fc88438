package civitane.packet;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/**
 * Runs a fuzzer that follows the code: what reaches a branch that nothing reached before is kept and changed further. A
 * target has a method {@code fuzzerTestOneInput}, and nothing it throws is right.
 */
public final class Fuzzer {
  /** How long each target is tried; longer by hand, as in {@code -Dcivitane.fuzz.seconds=600}. */
  private static final int SECONDS = Integer.getInteger("civitane.fuzz.seconds", 5);

  private static final String FOLLOWED =
      "civitane.**:tools.jackson.**:org.apache.commons.csv.**:org.apache.pdfbox.**";
  private static final int PATIENCE_SECONDS = 300;

  /** What is tried first also waits for the code to be made followable, and that on a busy machine. */
  private static final int TOO_SLOW_SECONDS = 120;

  private Fuzzer() {}

  /**
   * Tries a target, beginning with what is right.
   *
   * @return what the fuzzer said, empty where nothing fell over; an input that made it fall is kept beside its corpus
   */
  public static String tried(Class<?> target, Map<String, byte[]> right)
      throws IOException, InterruptedException {
    var kept = Path.of("target", "fuzz", target.getSimpleName());
    var seeds = Files.createDirectories(kept.resolve("right"));
    var corpus = Files.createDirectories(kept.resolve("corpus"));
    for (var one : right.entrySet()) {
      Files.write(seeds.resolve(one.getKey()), one.getValue());
    }
    var said = kept.resolve("said.txt");
    var fuzzer = new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-Xmx2g",
            "-Djava.awt.headless=true",
            "-cp",
            System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
            "com.code_intelligence.jazzer.Jazzer",
            "--target_class=" + target.getName(),
            "--instrumentation_includes=" + FOLLOWED,
            "--custom_hook_includes=" + FOLLOWED,
            "--reproducer_path=" + kept,
            "-artifact_prefix=" + kept + "/",
            "-rss_limit_mb=6000",
            "-timeout=" + TOO_SLOW_SECONDS,
            "-max_total_time=" + SECONDS,
            corpus.toString(),
            seeds.toString())
        .redirectErrorStream(true)
        .redirectOutput(said.toFile())
        .start();
    if (!fuzzer.waitFor(SECONDS + PATIENCE_SECONDS, TimeUnit.SECONDS)) {
      fuzzer.destroyForcibly();
      return "it does not come to an end";
    }
    return fuzzer.exitValue() == 0 ? "" : String.join("\n", last(Files.readAllLines(said)));
  }

  private static List<String> last(List<String> lines) {
    return lines.subList(Math.max(0, lines.size() - 60), lines.size());
  }
}
