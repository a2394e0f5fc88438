package civitane.app.door;

import civitane.app.letters.Letters;
import civitane.app.letters.LettersOut;
import civitane.app.lodging.ReadThrough;
import civitane.app.once.OnceByKey;
import civitane.app.problems.Problem;
import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The household's door. */
@RestController
class DoorController {
  /** What is counted of those who try to come in. */
  static final String ENTRY = "door entry";

  private static final String THROUGH = "hasRole('" + Visitor.ROLE + "')";

  private final DoorKeeper keeper;
  private final DoorStart start;
  private final Standing standing;
  private final Letterbox letterbox;
  private final OwnConsents consents;
  private final Letters letters;
  private final LettersOut lettersOut;
  private final Tries tries;

  DoorController(
      DoorKeeper keeper,
      DoorStart start,
      Standing standing,
      Letterbox letterbox,
      OwnConsents consents,
      Letters letters,
      LettersOut lettersOut,
      Tries tries) {
    this.keeper = keeper;
    this.start = start;
    this.standing = standing;
    this.letterbox = letterbox;
    this.consents = consents;
    this.letters = letters;
    this.lettersOut = lettersOut;
    this.tries = tries;
  }

  /** The number of a claim as it was typed. */
  record DoorNumber(String number) {}

  /** A number with the code that came. */
  record DoorCode(String number, String code) {}

  /** Something that is written. */
  record DoorText(String text) {}

  /** Whom the applicant does not allow to be asked any more. */
  record NotAllowed(String to) {}

  /** What anybody may read before the door: its words, and what can be asked for. */
  @GetMapping("/api/door/start")
  DoorStart.Start start(@RequestParam(defaultValue = "en") String language) {
    return start.in(Language.of(language));
  }

  /** Answers the same whether or not there is such a claim. */
  @PostMapping("/api/door/code")
  ResponseEntity<Void> code(@RequestBody DoorNumber typed, HttpServletRequest request) {
    var wait = tries.wait("door code", typed.number(), request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    keeper.ask(typed.number());
    return ResponseEntity.accepted().build();
  }

  @PostMapping("/api/door/entry")
  ResponseEntity<Void> enter(@RequestBody DoorCode typed, HttpServletRequest request) {
    var wait = tries.wait(ENTRY, typed.number(), request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    var token = keeper.enter(typed.number(), typed.code());
    if (token.isEmpty()) {
      return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).build();
    }
    tries.forget(ENTRY, typed.number(), request);
    return ResponseEntity.noContent()
        .header(HttpHeaders.SET_COOKIE, DoorCookie.of(token.get(), request).toString())
        .build();
  }

  @PostMapping("/api/door/exit")
  ResponseEntity<Void> leave(HttpServletRequest request) {
    DoorCookie.token(request).ifPresent(keeper::leave);
    return ResponseEntity.noContent()
        .header(HttpHeaders.SET_COOKIE, DoorCookie.gone(request).toString())
        .build();
  }

  @GetMapping("/api/door/standing")
  @PreAuthorize(THROUGH)
  DoorView standing(
      @AuthenticationPrincipal Visitor visitor,
      @RequestParam(defaultValue = "en") String language) {
    return standing.of(visitor, Language.of(language));
  }

  @GetMapping("/api/door/letters/{id}")
  @PreAuthorize(THROUGH)
  ResponseEntity<byte[]> letter(@AuthenticationPrincipal Visitor visitor, @PathVariable UUID id) {
    if (!standing.mayRead(visitor, id)) {
      throw Problem.notThere("The letter");
    }
    var pages = letters.pdf(letterbox.actor(visitor.number()), id);
    lettersOut.read(id);
    return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(pages);
  }

  @PostMapping("/api/door/allowed/taken-back")
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void allowNoMore(@AuthenticationPrincipal Visitor visitor, @RequestBody NotAllowed told) {
    consents.takeBack(visitor, told.to());
  }

  @PostMapping("/api/door/claims/{number}/messages")
  @OnceByKey
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void write(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody DoorText written) {
    letterbox.write(visitor, number, written.text());
  }

  @PostMapping("/api/door/claims/{number}/not-mine")
  @OnceByKey
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void notMine(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody DoorText written) {
    letterbox.notTheirs(visitor, number, written.text());
  }

  @PostMapping("/api/door/claims/{number}/changed")
  @OnceByKey
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changed(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody DoorText written) {
    letterbox.changed(visitor, number, written.text());
  }

  @PostMapping("/api/door/claims/{number}/not-wanted")
  @OnceByKey
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void notWanted(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestBody DoorText written) {
    letterbox.notWanted(visitor, number, written.text());
  }

  /** Everything that was told for a claim, but where they live. */
  @GetMapping("/api/door/claims/{number}/told")
  @PreAuthorize(THROUGH)
  List<ReadThrough.Section> told(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @RequestParam(defaultValue = "en") String language) {
    return standing.told(visitor, number, Language.of(language));
  }

  @PostMapping("/api/door/claims/{number}/items/{item}/time")
  @OnceByKey
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void time(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @PathVariable int item,
      @RequestBody DoorText written) {
    letterbox.askForTime(visitor, number, item, written.text());
  }

  @PostMapping("/api/door/claims/{number}/items/{item}/answer")
  @OnceByKey
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void answer(
      @AuthenticationPrincipal Visitor visitor,
      @PathVariable String number,
      @PathVariable int item,
      @RequestBody DoorText written) {
    letterbox.sayTo(visitor, number, item, written.text());
  }
}
