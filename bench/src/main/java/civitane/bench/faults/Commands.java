package civitane.bench.faults;

import java.io.File;
import java.io.IOException;
import java.util.List;

/** Programmes that are run to their end. */
final class Commands {
  private Commands() {}

  /** Whether it ended well. */
  static boolean run(File log, List<String> command) throws IOException, InterruptedException {
    return new ProcessBuilder(command)
            .directory(new File("/"))
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.appendTo(log))
            .start()
            .waitFor()
        == 0;
  }
}
