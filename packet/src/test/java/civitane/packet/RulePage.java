package civitane.packet;

import civitane.core.rates.RateShelf;
import civitane.core.reasons.Reason;
import civitane.core.rules.Check;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import static civitane.core.facts.Known.known;

/**
 * The rules of one service in words: every check with its paragraph, which stands with the rule in the core, and with
 * what it says of the worked cases; and the numbers of the newest rate book.
 */
final class RulePage {
  private static final Words WORDS = Words.in(Language.EN);
  private static final RateShelf RATES = RateShelf.shipped();
  private static final Path CORE = Path.of("../core/src/main");
  private static final Pattern PARAGRAPH =
      Pattern.compile("/\\*\\*\\s+\\*? ?([A-Z]+(?:-[A-Z]+)?): ([^@]*?)(?=\\*/|\\* *\\n|\\* *@)");

  private final String service;
  private final Map<String, Set<String>> says = new LinkedHashMap<>();
  private final Set<Object> said = new LinkedHashSet<>();
  private final Set<String> grants = new LinkedHashSet<>();

  private RulePage(String service) {
    this.service = service;
  }

  static String of(String service) throws IOException {
    var page = new RulePage(service);
    var reader = new PacketReader(RATES);
    var screening = new Screening(RATES);
    for (var one : Cases.in(service)) {
      if (one.json().get("expected").isArray()) {
        var packet = reader.read(one.packet()).packet();
        for (var mode : Mode.values()) {
          screening.of(known(packet), mode).forEach(page::take);
        }
      }
    }
    return page.text();
  }

  private void take(Result result) {
    if (result.service().equals(service)) {
      result.checks().forEach(this::take);
      for (var award : result.awards()) {
        if (said.add(award.what())) {
          grants.add(WORDS.award(service, award));
        }
      }
    }
  }

  private void take(Check check) {
    var sentences =
        says.computeIfAbsent(check.id().replaceFirst(":.*", ""), id -> new LinkedHashSet<>());
    for (Reason reason : check.reasons()) {
      if (said.add(check.outcome() + reason.code().code())) {
        sentences.add(WORDS.word(check.outcome()) + ": " + WORDS.say(reason, Voice.DESK));
      }
    }
  }

  private String text() throws IOException {
    var text = new StringBuilder("# ").append(WORDS.title(service)).append("\n\n");
    for (var about : new String[] {"what", "who", "pays"}) {
      text.append(WORDS.say(service + "." + about)).append('\n');
    }
    text.append("\n## What is checked\n");
    var paragraphs = paragraphs();
    says.forEach((id, sentences) -> {
      var paragraph = paragraphs.get(id);
      if (paragraph == null) {
        throw new AssertionError(id + " has no paragraph: begin the comment of its rule with it");
      }
      text.append("\n### ").append(id).append(": ").append(WORDS.check(service, id));
      text.append("\n\n").append(WORDS.capital(paragraph)).append("\n\n");
      sentences.forEach(sentence -> text.append("- ").append(sentence).append('\n'));
    });
    if (!grants.isEmpty()) {
      text.append("\n## What is granted\n\n");
      grants.forEach(grant -> text.append("- ").append(WORDS.capital(grant)).append('\n'));
    }
    var numbers = numbers();
    if (!numbers.isEmpty()) {
      text.append("\n## Numbers\n\n```yaml\n").append(numbers).append("\n```\n");
    }
    return text.toString();
  }

  /** What the rules' own comments say, by the check; first those that all services share, then the service's own. */
  private Map<String, String> paragraphs() throws IOException {
    var paragraphs = new LinkedHashMap<String, String>();
    for (var from : new String[] {"rules", "services/" + service.toLowerCase(Locale.ROOT)}) {
      try (var files = Files.list(CORE.resolve("java/civitane/core/" + from))) {
        for (var file : files.sorted().toList()) {
          var comments = PARAGRAPH.matcher(Files.readString(file));
          while (comments.find()) {
            paragraphs.put(
                comments.group(1),
                comments.group(2).replaceAll("\\s+(\\* )?", " ").strip());
          }
        }
      }
    }
    return paragraphs;
  }

  /** The service's part of the newest rate book, as it stands there. */
  private String numbers() throws IOException {
    try (var books = Files.list(CORE.resolve("resources/civitane/rates"))) {
      var newest = books.sorted().reduce((older, newer) -> newer).orElseThrow();
      var lines = Files.readString(newest, StandardCharsets.UTF_8).lines().toList();
      var own = Pattern.compile("( *)" + service + ":.*");
      for (var i = 0; i < lines.size(); i++) {
        var head = own.matcher(lines.get(i));
        if (head.matches()) {
          var inner = head.group(1) + "  ";
          return head.group().strip()
              + lines.stream()
                  .skip(i + 1)
                  .takeWhile(line -> line.startsWith(inner))
                  .map(line -> "\n" + line.substring(head.group(1).length()))
                  .collect(Collectors.joining());
        }
      }
    }
    return "";
  }
}
