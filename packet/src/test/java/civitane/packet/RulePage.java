package civitane.packet;

import civitane.core.facts.WhoseWord;
import civitane.core.rates.RateBook;
import civitane.core.rates.RateShelf;
import civitane.core.reasons.Reason;
import civitane.core.rules.Check;
import civitane.core.rules.Entitlement;
import civitane.core.rules.Mode;
import civitane.core.rules.Question;
import civitane.core.rules.Result;
import civitane.core.services.Screening;
import civitane.core.services.Services;
import civitane.words.Language;
import civitane.words.Voice;
import civitane.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

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
    text.append("\n## How it is asked\n\n");
    service()
        .questions()
        .forEach(question -> text.append(asked(question, service + "." + question.key(), "")));
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
      text.append("\n## Numbers, from ")
          .append(WORDS.date(newest().from()))
          .append("\n\n")
          .append(numbers);
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

  private Entitlement<?> service() {
    return Services.named(service).orElseThrow();
  }

  /** A question with whose word counts, what it stands for left empty, and the papers it may call for. */
  private static String asked(Question question, String path, String indent) {
    var words = new ArrayList<String>();
    var empty = path.replaceFirst("\\.", ".otherwise.");
    if (WORDS.has(empty)) {
      words.add("left empty: " + WORDS.say(empty));
    }
    if (question.filledIn()) {
      words.add("filled in by the office");
    } else if (question.whose() != WhoseWord.HOUSEHOLD) {
      words.add("the word of " + WORDS.word(question.whose()) + " counts");
    }
    if (!question.papers().isEmpty()) {
      words.add("may call for "
          + WORDS.list(question.papers().stream().map(WORDS::word).toList()));
    }
    var line = new StringBuilder(indent).append("- ").append(WORDS.question(path));
    if (!words.isEmpty()) {
      line.append(" (").append(String.join("; ", words)).append(')');
    }
    line.append('\n');
    question
        .parts()
        .forEach(part -> line.append(asked(part, path + "." + part.key(), indent + "  ")));
    return line.toString();
  }

  private static RateBook newest() {
    return RATES.all().stream().max(Comparator.comparing(RateBook::from)).orElseThrow();
  }

  /** The service's part of the newest rate book, a line a number. */
  private String numbers() throws IOException {
    try (var books = Files.list(CORE.resolve("resources/civitane/rates"))) {
      var file = books.sorted().reduce((older, newer) -> newer).orElseThrow();
      var book = (Map<?, ?>) new Load(LoadSettings.builder().build())
          .loadFromString(Files.readString(file, StandardCharsets.UTF_8));
      var lines = new StringBuilder();
      if (book.get(service) instanceof Map<?, ?> own) {
        own.forEach((key, value) -> lines.append(line(plain(key), value, "")));
      }
      return lines.toString();
    }
  }

  private static String line(String label, Object value, String indent) {
    var line = new StringBuilder(indent).append("- ").append(label);
    if (value instanceof Map<?, ?> parts) {
      line.append('\n');
      parts.forEach((key, part) -> line.append(line(plain(key), part, indent + "  ")));
    } else if (value instanceof List<?> list && list.stream().allMatch(Map.class::isInstance)) {
      line.append('\n');
      for (var part : list) {
        line.append(indent)
            .append("  - ")
            .append(((Map<?, ?>) part)
                .entrySet().stream()
                    .map(one -> plain(one.getKey()) + " " + one.getValue())
                    .collect(Collectors.joining(", ")))
            .append('\n');
      }
    } else if (value instanceof List<?> list) {
      line.append(": ")
          .append(list.stream().map(RulePage::plain).collect(Collectors.joining(", ")))
          .append('\n');
    } else {
      line.append(": ").append(value).append('\n');
    }
    return line.toString();
  }

  /** The name of a number as it is said: {@code incomePercent} is "income percent". */
  private static String plain(Object key) {
    return key.toString().replaceAll("([a-z])([A-Z0-9])", "$1 $2").toLowerCase(Locale.ROOT);
  }
}
