package civitane.app.letters;

import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

  /**
   * A letter with whom it is for.
   *
   * @param missed whether it was found that they have not got it
   */
  public record Addressed(
      UUID id,
      String kind,
      String about,
      String to,
      LocalDate writtenOn,
      LetterWay way,
      boolean missed) {}

  /** A letter as it is kept, without its pages. */
  record Kept(
      UUID id,
      String kind,
      String about,
      String says,
      LocalDate writtenOn,
      LetterWay way,
      @Nullable Instant missedAt) {}

  private Addressed addressed(Kept letter) {
    var text = json.readValue(letter.says(), LetterText.class);
    return new Addressed(
        letter.id(),
        letter.kind(),
        letter.about(),
        text.to(),
        letter.writtenOn(),
        letter.way(),
        letter.missedAt() != null);
  }

  /** What waits to go out, what waits longest first. */
  @Transactional(readOnly = true)
  public List<Addressed> waiting(int most) {
    return waiting(Set.of(LetterWay.POST, LetterWay.DOOR), most);
  }

  /** What waits to be handed over, what waits longest first. */
  @Transactional(readOnly = true)
  public List<Addressed> toHandOver(int most) {
    return waiting(Set.of(LetterWay.HAND), most);
  }

  private List<Addressed> waiting(Set<LetterWay> ways, int most) {
    return repository.waiting(ways, Limit.of(most)).stream()
        .map(this::addressed)
        .toList();
  }

  @Transactional(readOnly = true)
  public int countWaiting() {
    return repository.countWaiting();
  }

  /**
   * A letter goes out: once.
   *
   * @param run what it goes into the post with; null where it goes otherwise
   * @return whether it had waited until now
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean leave(Staff.Colleague by, UUID id, LetterWay way, @Nullable UUID run) {
    return repository.leave(id, by.login(), clock.instant(), run, way) > 0;
  }

  /** A letter, which has to be there. */
  @Transactional(readOnly = true)
  public Addressed find(UUID id) {
    return letter(id).orElseThrow(() -> Problem.notThere("The letter"));
  }

  @Transactional(readOnly = true)
  public Optional<Addressed> letter(UUID id) {
    return repository.findById(id).map(letter -> addressed(kept(letter)));
  }

  /** The household is told of what went out about some numbers; whether there is anything it was not told of. */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean tell(List<String> about) {
    return repository.tell(about, clock.instant()) > 0;
  }

  /** Whom it is for has read a letter at the door. */
  @Transactional
  public void read(UUID id) {
    repository.read(id, clock.instant());
  }

  /** A letter that was to be read at the door is handed over; whether it was neither read nor handed over before. */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean handOver(UUID id) {
    return repository.handOver(id, clock.instant()) > 0;
  }

  /** It is found that whom it is for has not got a letter; once. */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean miss(UUID id) {
    return repository.miss(id, clock.instant()) > 0;
  }

  /** What is to be read at the door and is not, what lies there longest first. */
  @Transactional(readOnly = true)
  public List<Addressed> unread(int most) {
    return repository.unread(Limit.of(most)).stream().map(this::addressed).toList();
  }

  /** What nobody has got since a day: at the door and not read, or to be handed over and still here; each once. */
  @Transactional(readOnly = true)
  public List<Addressed> lying(LocalDate leftBefore, LocalDate writtenBefore, int most) {
    return repository
        .lying(leftBefore.atStartOfDay(clock.getZone()).toInstant(), writtenBefore, Limit.of(most))
        .stream()
        .map(this::addressed)
        .toList();
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

  /** Whether the letter of a code is one that went out. */
  @Transactional(readOnly = true)
  public boolean hasLeft(String code) {
    return repository
        .findByCode(Codes.grouped(code))
        .filter(letter -> letter.leftAt() != null)
        .isPresent();
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
    return addressed(kept(letter));
  }

  private static Kept kept(StoredLetter letter) {
    return new Kept(
        letter.id(),
        letter.kind(),
        letter.about(),
        letter.says(),
        letter.writtenOn(),
        letter.way(),
        letter.missedAt());
  }
}
