package civitane.app.letters;

import civitane.app.audit.AuditLog;
import civitane.app.jobs.Jobs;
import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

import static civitane.core.facts.Known.known;

/** Letters: ordered within what they tell of, printed once outside it, kept as they went out, and confirmed by a code. */
@Service
public class Letters {
  private final LetterRepository repository;
  private final LetterPrinter printer;
  private final Codes codes;
  private final ObjectProvider<Enclosing> enclosing;
  private final AuditLog audit;
  private final Jobs jobs;
  private final TransactionTemplate inTransaction;
  private final JsonMapper json;
  private final Clock clock;

  Letters(
      LetterRepository repository,
      LetterPrinter printer,
      Codes codes,
      ObjectProvider<Enclosing> enclosing,
      AuditLog audit,
      Jobs jobs,
      TransactionTemplate inTransaction,
      JsonMapper json,
      Clock clock) {
    this.repository = repository;
    this.printer = printer;
    this.codes = codes;
    this.enclosing = enclosing;
    this.audit = audit;
    this.jobs = jobs;
    this.inTransaction = inTransaction;
    this.json = json;
    this.clock = clock;
  }

  /**
   * A letter in a list.
   *
   * @param leftAt when it went out; null while it waits
   * @param takenBackAt when what it told was taken back; it does not go out then
   * @param cameBackAt when it came back undelivered
   * @param way how it goes, or went
   * @param readAt when it was first read at the door
   */
  public record ListedLetter(
      UUID id,
      String kind,
      String about,
      String code,
      LocalDate writtenOn,
      @Nullable Instant leftAt,
      @Nullable Instant takenBackAt,
      @Nullable Instant cameBackAt,
      LetterWay way,
      @Nullable Instant readAt) {

    private static ListedLetter waiting(StoredLetter letter) {
      return new ListedLetter(
          letter.id(),
          letter.kind(),
          letter.about(),
          letter.code(),
          letter.writtenOn(),
          letter.leftAt(),
          null,
          null,
          letter.way(),
          null);
    }
  }

  /** Orders a letter; a second of the same kind on the same occasion can't be kept. */
  @Transactional
  public ListedLetter write(Actor by, LetterText text) {
    var letter = new StoredLetter(
        UUID.randomUUID(),
        text,
        codes.fresh(),
        json.writeValueAsString(text),
        LocalDate.now(clock));
    repository.saveAndFlush(letter);
    audit.record(by.written(), "letter written", text.about(), text.kind());
    jobs.later(LetterPrinting.KIND, letter.id().toString());
    return ListedLetter.waiting(letter);
  }

  /** How many letters of a kind there are about a number. */
  @Transactional(readOnly = true)
  public int written(String kind, String about) {
    return repository.countByKindAndAbout(kind, about);
  }

  /** The pages a letter would have, without keeping it. */
  public byte[] preview(LetterText text) {
    return printer.print(text, "preview", LocalDate.now(clock));
  }

  @Transactional(readOnly = true)
  public List<ListedLetter> about(List<String> numbers) {
    return repository.about(numbers);
  }

  /** The pages of a letter, printed now where nobody has got to it yet. */
  public byte[] pdf(Actor by, UUID id) {
    var letter = inTransaction.execute(status -> {
      var found = find(id);
      audit.record(by.written(), "letter read", id.toString(), found.kind());
      return found;
    });
    var pages = letter.pdf();
    if (pages == null) {
      print(id);
      pages = find(id).pdf();
    }
    return known(pages);
  }

  /** What goes with a letter in its envelope; empty where nothing does. */
  public Optional<byte[]> enclosed(UUID id) {
    return Optional.ofNullable(find(id).enclosed());
  }

  /** Prints a letter that is not printed yet; nothing is held in the database while its pages are made. */
  void print(UUID id) {
    var letter = find(id);
    if (letter.pdf() == null) {
      var text = json.readValue(letter.says(), LetterText.class);
      var pages = printer.print(text, letter.code(), letter.writtenOn());
      var enclosed = enclosing.stream()
          .flatMap(one -> one.with(letter.kind(), letter.about()).stream())
          .findFirst()
          .orElse(null);
      inTransaction.executeWithoutResult(status -> repository.print(id, pages, enclosed));
    }
  }

  private StoredLetter find(UUID id) {
    return repository.findById(id).orElseThrow(() -> Problem.notThere("The letter"));
  }

  /** The number that the letter of a code is about, as it stands on the letter; empty where there is no such letter. */
  @Transactional(readOnly = true)
  public Optional<String> aboutOf(String code) {
    return repository.findByCode(Codes.grouped(code)).map(StoredLetter::about);
  }

  /** Whether a code is that of a letter of this office, and of which kind and day; nothing else is told. */
  @Transactional(readOnly = true)
  Optional<ListedLetter> confirm(String typed) {
    return repository
        .findByCode(Codes.grouped(typed))
        .filter(letter -> letter.waits() || letter.leftAt() != null)
        .map(ListedLetter::waiting);
  }
}
