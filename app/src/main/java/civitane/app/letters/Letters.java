package civitane.app.letters;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Letters: written once, kept as they went out, and confirmed by a code. */
@Service
public class Letters {
  /** Without letters and digits that look alike. */
  private static final String ALPHABET = "23456789ABCDEFGHJKMNPQRSTVWXYZ";

  private static final int CODE_LENGTH = 12;
  private static final int GROUP = 4;

  private final LetterRepository repository;
  private final LetterPrinter printer;
  private final AuditLog audit;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  Letters(LetterRepository repository, LetterPrinter printer, AuditLog audit, Clock clock) {
    this.repository = repository;
    this.printer = printer;
    this.audit = audit;
    this.clock = clock;
  }

  /** A letter in a list. */
  public record ListedLetter(UUID id, String kind, String code, LocalDate writtenOn) {}

  /** Writes and keeps a letter; a second of the same kind about the same number can't be kept. */
  @Transactional
  public ListedLetter write(LetterText text) {
    var today = LocalDate.now(clock);
    var code = newCode();
    var letter = new LetterRecord(
        UUID.randomUUID(),
        text.kind(),
        text.about(),
        code,
        printer.print(text, code, today),
        today);
    repository.saveAndFlush(letter);
    audit.record("letter written", text.about(), text.kind());
    return listed(letter);
  }

  /** The pages a letter would have, without keeping it. */
  public byte[] preview(LetterText text) {
    return printer.print(text, "preview", LocalDate.now(clock));
  }

  @Transactional(readOnly = true)
  public List<ListedLetter> about(List<String> numbers) {
    return repository.findByAboutInOrderByWrittenOnDesc(numbers).stream()
        .map(Letters::listed)
        .toList();
  }

  @Transactional
  public byte[] pdf(UUID id) {
    var letter = repository.findById(id).orElseThrow(() -> Problem.notThere("The letter"));
    audit.record("letter read", id.toString(), letter.kind());
    return letter.pdf();
  }

  /** Whether a code is that of a letter of this office, and of which kind and day; nothing else is told. */
  @Transactional(readOnly = true)
  Optional<ListedLetter> confirm(String typed) {
    var plain = typed.toUpperCase(java.util.Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    return repository.findByCode(grouped(plain)).map(Letters::listed);
  }

  private static ListedLetter listed(LetterRecord letter) {
    return new ListedLetter(letter.id(), letter.kind(), letter.code(), letter.writtenOn());
  }

  private String newCode() {
    var code = new StringBuilder();
    for (var i = 0; i < CODE_LENGTH; i++) {
      code.append(ALPHABET.charAt(random.nextInt(ALPHABET.length())));
    }
    return grouped(code.toString());
  }

  private static String grouped(String plain) {
    var grouped = new StringBuilder();
    for (var i = 0; i < plain.length(); i++) {
      if (i > 0 && i % GROUP == 0) {
        grouped.append('-');
      }
      grouped.append(plain.charAt(i));
    }
    return grouped.toString();
  }
}
