package civitane.app.post;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.drafts.Applications;
import civitane.app.jobs.Jobs;
import civitane.app.letters.LetterWay;
import civitane.app.letters.Letters;
import civitane.app.letters.LettersOut;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Letters go out: together with a run of post, or into somebody's hand. Each goes once; a run can be printed again. */
@Service
public class PostOut {
  /** More at once no printer holds. */
  private static final int MOST = 200;

  private static final int RUNS = 10;

  private final Letters letters;
  private final LettersOut out;
  private final PostRows rows;
  private final ClaimLists claimLists;
  private final Guard guard;
  private final Jobs jobs;
  private final AuditLog audit;
  private final Clock clock;

  PostOut(
      Letters letters,
      LettersOut out,
      PostRows rows,
      ClaimLists claimLists,
      Guard guard,
      Jobs jobs,
      AuditLog audit,
      Clock clock) {
    this.letters = letters;
    this.out = out;
    this.rows = rows;
    this.claimLists = claimLists;
    this.guard = guard;
    this.jobs = jobs;
    this.audit = audit;
    this.clock = clock;
  }

  /** What waits to go out, without what is not there for who looks. */
  @Transactional(readOnly = true)
  List<ToGo> waiting(Staff.Colleague by) {
    return told(seen(by, out.waiting(MOST)));
  }

  private List<ToGo> told(List<LettersOut.Addressed> letters) {
    var households = households(letters);
    var held = held();
    var died = rows.died(households.values());
    return letters.stream().map(letter -> toGo(letter, households, held, died)).toList();
  }

  private static ToGo toGo(
      LettersOut.Addressed letter,
      Map<String, UUID> households,
      Set<UUID> held,
      Map<UUID, List<String>> died) {
    var household = of(letter, households);
    var toWhoDied = household
        .filter(id -> died.getOrDefault(id, List.of()).contains(letter.to()))
        .isPresent();
    return new ToGo(
        letter.id(),
        letter.kind(),
        letter.to(),
        letter.about(),
        household.map(id -> Applications.claimOf(letter.about())).orElse(null),
        letter.writtenOn(),
        letter.way(),
        toWhoDied || household.filter(held::contains).isPresent(),
        toWhoDied,
        letter.missed());
  }

  private static Optional<UUID> of(LettersOut.Addressed letter, Map<String, UUID> households) {
    return Optional.ofNullable(households.get(Applications.claimOf(letter.about())));
  }

  private Set<UUID> held() {
    return rows.holds().stream().map(Hold::household).collect(Collectors.toSet());
  }

  @Transactional(readOnly = true)
  List<PostRun> runs() {
    return rows.runs(RUNS);
  }

  /**
   * What went out together.
   *
   * @param run of those that went into the post; null where none did
   * @param atDoor how many are to be read at the door
   */
  public record Gone(@Nullable UUID run, int posted, int atDoor) {}

  /**
   * Letters go out: into the post, or to the door, whose household is told by a message. What went out meanwhile, is
   * held back, is left out.
   */
  @Transactional
  public Gone post(Staff.Colleague by, List<UUID> chosen) {
    var going = waiting(by).stream()
        .filter(letter -> !letter.held())
        .filter(letter -> chosen.contains(letter.id()))
        .toList();
    var run = UUID.randomUUID();
    if (going.stream().anyMatch(letter -> letter.way() == LetterWay.POST)) {
      rows.addRun(run, by.login(), clock.instant());
    }
    var posted = leave(by, going, LetterWay.POST, run);
    var atDoor = leave(by, going, LetterWay.DOOR, null);
    if (posted + atDoor == 0) {
      throw Problem.overtaken("None of these letters waits any more. Look at what does.");
    }
    audit.record(by.login(), "post run", run.toString(), posted + ", at the door " + atDoor);
    return new Gone(posted == 0 ? null : run, posted, atDoor);
  }

  private int leave(Staff.Colleague by, List<ToGo> going, LetterWay way, @Nullable UUID run) {
    var gone = going.stream()
        .filter(letter -> letter.way() == way && out.leave(by, letter.id(), way, run))
        .toList();
    gone.forEach(letter -> jobs.later(TellingOfLetters.KIND, letter.id().toString()));
    return gone.size();
  }

  /** Everything that was written by a day and is not held back goes into the post. */
  @Transactional
  public Gone postWritten(Staff.Colleague by, LocalDate until) {
    return post(
        by,
        waiting(by).stream()
            .filter(letter -> !letter.writtenOn().isAfter(until))
            .map(ToGo::id)
            .toList());
  }

  /** A letter is given into the hand of whom it is for: one that waits, or one that they did not read at the door. */
  @Transactional
  void handOver(Staff.Colleague by, UUID letter) {
    var isThere = !seen(by, out.letter(letter).stream().toList()).isEmpty();
    if (!isThere || !out.leave(by, letter, LetterWay.HAND, null) && !out.handOver(letter)) {
      throw Problem.overtaken("The letter does not wait any more. Look at what does.");
    }
    audit.record(by.login(), "letter handed over", letter.toString(), "");
  }

  /** What waits to be handed over, without what is not there for who looks. */
  @Transactional(readOnly = true)
  List<ToGo> toHandOver(Staff.Colleague by) {
    return told(seen(by, out.toHandOver(MOST)));
  }

  /** What is to be read at the door and is not, without what is not there for who looks. */
  @Transactional(readOnly = true)
  List<ToGo> unread(Staff.Colleague by) {
    return told(seen(by, out.unread(MOST)));
  }

  /** The pages of a run as they are printed, without letters that are not there for who prints. */
  byte[] pages(Staff.Colleague by, UUID run) {
    var laid = seen(by, out.ofRun(run));
    if (laid.isEmpty()) {
      throw Problem.notThere("The run");
    }
    var merger = new PDFMergerUtility();
    var pages = new ByteArrayOutputStream();
    merger.setDestinationStream(pages);
    for (var letter : laid) {
      merger.addSource(new RandomAccessReadBuffer(letters.pdf(by.actor(), letter.id())));
      letters
          .enclosed(letter.id())
          .ifPresent(enclosed -> merger.addSource(new RandomAccessReadBuffer(enclosed)));
    }
    try {
      merger.mergeDocuments(IOUtils.createMemoryOnlyStreamCache());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return pages.toByteArray();
  }

  private List<LettersOut.Addressed> seen(Staff.Colleague by, List<LettersOut.Addressed> laid) {
    var households = households(laid);
    var hidden = guard.hiddenFrom(by);
    return laid.stream()
        .filter(letter -> of(letter, households).filter(hidden::contains).isEmpty())
        .toList();
  }

  private Map<String, UUID> households(List<LettersOut.Addressed> laid) {
    return claimLists.householdsOf(laid.stream()
        .map(letter -> Applications.claimOf(letter.about()))
        .collect(Collectors.toSet()));
  }
}
