package civitane.app.letters;

import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** How letters go out: each waits, then leaves once or is taken back, and some come back. */
@Service
public class LettersOut {
  private final LetterRepository repository;
  private final JsonMapper json;
  private final Clock clock;

  LettersOut(LetterRepository repository, JsonMapper json, Clock clock) {
    this.repository = repository;
    this.json = json;
    this.clock = clock;
  }

  /** A letter with whom it is for. */
  public record Addressed(UUID id, String kind, String about, String to, LocalDate writtenOn) {}

  /** A letter as it is kept, without its pages. */
  record Kept(UUID id, String kind, String about, String says, LocalDate writtenOn) {}

  private Addressed addressed(Kept letter) {
    var text = json.readValue(letter.says(), LetterText.class);
    return new Addressed(letter.id(), letter.kind(), letter.about(), text.to(), letter.writtenOn());
  }

  /** What waits to go out, what waits longest first. */
  @Transactional(readOnly = true)
  public List<Addressed> waiting(int most) {
    return repository.waiting(Limit.of(most)).stream().map(this::addressed).toList();
  }

  @Transactional(readOnly = true)
  public int countWaiting() {
    return repository.countWaiting();
  }

  /**
   * A letter goes out: once.
   *
   * @param run what it goes into the post with; null where it is handed over
   * @return whether it had waited until now
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean leave(Staff.Colleague by, UUID id, @Nullable UUID run) {
    return repository.leave(id, by.login(), clock.instant(), run) > 0;
  }

  /** The letters of a run, in the order they are laid. */
  @Transactional(readOnly = true)
  public List<Addressed> ofRun(UUID run) {
    return repository.ofRun(run).stream().map(this::addressed).toList();
  }

  /** Whether the last letter of a kind about a number still waits to go out. */
  @Transactional(readOnly = true)
  public boolean waits(String kind, String about) {
    return repository.waits(kind, about);
  }

  /** Takes back the last letter of a kind about a number; whether it had not gone out yet. */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean takeBack(String kind, String about) {
    return repository.takeBack(kind, about, clock.instant()) > 0;
  }

  /** Notes that the letter of a code came back undelivered. */
  @Transactional(propagation = Propagation.MANDATORY)
  public Addressed cameBack(String code) {
    var letter = repository
        .findByCode(Codes.grouped(code))
        .orElseThrow(() -> Problem.wrong("No letter of this office has the code " + code + "."));
    if (letter.leftAt() == null) {
      throw Problem.wrong("The letter with this code has not gone out, so it can’t come back.");
    }
    letter.cameBack(clock.instant());
    return addressed(
        new Kept(letter.id(), letter.kind(), letter.about(), letter.says(), letter.writtenOn()));
  }
}
