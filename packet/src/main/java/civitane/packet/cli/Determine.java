package civitane.packet.cli;

import civitane.core.facts.Vocabulary;
import civitane.core.facts.Word;
import civitane.core.rates.RateShelf;
import civitane.core.rules.Mode;
import civitane.packet.PacketSchema;
import civitane.words.Language;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import me.tongfei.progressbar.ProgressBarBuilder;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Determines packets from files, one line of results a packet. */
@Command(
    name = "determine",
    mixinStandardHelpOptions = true,
    description =
        "Works out what each packet's household is entitled to. Prints one line of JSON a packet.",
    exitCodeListHeading = "%nExit codes:%n",
    exitCodeList = {
      "0:all well",
      "1:a packet had faults",
      "2:wrong use, or a file that can't be read"
    })
public final class Determine implements Callable<Integer> {
  private static final int ALL_WELL = 0;
  private static final int FAULTY = 1;
  private static final int WRONG_USE = 2;
  private static final String STANDARD_INPUT = "-";
  private static final int OUT_BUFFER = 1 << 16;

  @Option(
      names = "--mode",
      defaultValue = "determine",
      paramLabel = "screen|determine",
      description =
          "screen asks for neither identity, papers nor signatures (default: ${DEFAULT-VALUE})")
  private String mode = "determine";

  @Option(
      names = "--language",
      defaultValue = "en",
      paramLabel = "en|fr|pt|ar",
      description = "the language of the sentences (default: ${DEFAULT-VALUE})")
  private String language = "en";

  @Option(names = "--pretty", description = "breaks the lines of the results")
  private boolean pretty;

  @Option(names = "--schema", description = "prints the JSON Schema of a packet and ends")
  private boolean schema;

  @Parameters(
      paramLabel = "FILE",
      description = "a packet, or a packet a line; - is the standard input")
  private List<String> files = List.of();

  @SuppressWarnings("NullAway.Init")
  @Spec
  private CommandSpec spec;

  public static void main(String[] arguments) {
    System.exit(new CommandLine(new Determine()).execute(arguments));
  }

  @Override
  public Integer call() throws IOException {
    var out = new PrintStream(
        new BufferedOutputStream(
            new java.io.FileOutputStream(java.io.FileDescriptor.out), OUT_BUFFER),
        false,
        StandardCharsets.UTF_8);
    if (schema) {
      out.println(PacketSchema.json());
      out.flush();
      return ALL_WELL;
    }
    var asked = mode();
    if (files.isEmpty()) {
      return wrong("name a file, or - for the standard input");
    }
    for (var file : files) {
      if (!STANDARD_INPUT.equals(file) && !Files.isReadable(Path.of(file))
          || Files.isDirectory(Path.of(file))) {
        return wrong("the file " + file + " can't be read");
      }
    }
    var determinations = new Determinations(
        RateShelf.shipped(), asked, pretty, language(), Runtime.getRuntime().availableProcessors());
    var faulty = false;
    for (var file : files) {
      try (var in = open(file)) {
        faulty |= showing(file, progress -> determinations.run(in, out, progress));
      }
    }
    out.flush();
    return faulty ? FAULTY : ALL_WELL;
  }

  private Mode mode() {
    return named(Mode.class, mode, "the mode is screen or determine, not ");
  }

  private Language language() {
    return named(Language.class, language, "the language is en, fr, pt or ar, not ");
  }

  private <W extends Word> W named(Class<W> vocabulary, String word, String wrong) {
    var meaning = Vocabulary.of(vocabulary).byWord().get(word);
    if (meaning == null) {
      throw new CommandLine.ParameterException(spec.commandLine(), wrong + word);
    }
    return vocabulary.cast(meaning);
  }

  private int wrong(String message) {
    spec.commandLine().getErr().println(message);
    return WRONG_USE;
  }

  private static InputStream open(String file) throws IOException {
    return STANDARD_INPUT.equals(file) ? System.in : Files.newInputStream(Path.of(file));
  }

  private interface Work {
    boolean run(Consumer<Long> progress) throws IOException;
  }

  /** Shows how far it is, on a terminal only; the launcher says whether there is one. */
  private static boolean showing(String file, Work work) throws IOException {
    if (System.getenv("CIVITANE_PROGRESS") == null) {
      return work.run(read -> {});
    }
    var size = STANDARD_INPUT.equals(file) ? -1 : Files.size(Path.of(file));
    try (var bar = new ProgressBarBuilder()
        .setTaskName("determine")
        .setInitialMax(size)
        .setUnit(" MB", 1_000_000)
        .build()) {
      return work.run(bar::stepTo);
    }
  }
}
