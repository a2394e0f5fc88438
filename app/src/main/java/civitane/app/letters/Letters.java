package civitane.app.letters;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
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
  private final LetterRepository repository;
  private final LetterPrinter printer;
  private final Codes codes;
  private final AuditLog audit;
  private final Clock clock;

  Letters(
      LetterRepository repository,
      LetterPrinter printer,
      Codes codes,
      AuditLog audit,
      Clock clock) {
    this.repository = repository;
    this.printer = printer;
    this.codes = codes;
    this.audit = audit;
    this.clock = clock;
  }

  /** A letter in a list. */
  public record ListedLetter(UUID id, String kind, String code, LocalDate writtenOn) {}

  /** Writes and keeps a letter; a second of the same kind about the same number can't be kept. */
  @Transactional
  public ListedLetter write(Staff.Colleague by, LetterText text) {
    var today = LocalDate.now(clock);
    var code = codes.fresh();
    var letter = new StoredLetter(
        UUID.randomUUID(),
        text.kind(),
        text.about(),
        code,
        printer.print(text, code, today),
        today);
    repository.saveAndFlush(letter);
    audit.record(by.login(), "letter written", text.about(), text.kind());
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
  public byte[] pdf(Staff.Colleague by, UUID id) {
    var letter = repository.findById(id).orElseThrow(() -> Problem.notThere("The letter"));
    audit.record(by.login(), "letter read", id.toString(), letter.kind());
    return letter.pdf();
  }

  /** Whether a code is that of a letter of this office, and of which kind and day; nothing else is told. */
  @Transactional(readOnly = true)
  Optional<ListedLetter> confirm(String typed) {
    return repository.findByCode(Codes.grouped(typed)).map(Letters::listed);
  }

  private static ListedLetter listed(StoredLetter letter) {
    return new ListedLetter(letter.id(), letter.kind(), letter.code(), letter.writtenOn());
  }
}
