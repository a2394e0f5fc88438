package civitane.app.door;

import civitane.app.messages.OwnContact;
import civitane.app.problems.Problem;
import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Applying at the door. */
@RestController
@RequestMapping("/api/door")
class ApplyingController {
  private static final String APPLIES = "hasRole('" + Applicant.ROLE + "')";
  private static final String CODE = "code to begin";
  private static final String ENTRY = "entry to begin";

  private final Beginning beginning;
  private final Applying applying;
  private final OwnLodging lodging;
  private final LookingUp lookingUp;
  private final DoorKeeper keeper;
  private final Tries tries;

  ApplyingController(
      Beginning beginning,
      Applying applying,
      OwnLodging lodging,
      LookingUp lookingUp,
      DoorKeeper keeper,
      Tries tries) {
    this.beginning = beginning;
    this.applying = applying;
    this.lodging = lodging;
    this.lookingUp = lookingUp;
    this.keeper = keeper;
    this.tries = tries;
  }

  /** A contact as it was typed, and the language that is read. */
  record OwnContactTyped(String contact, @Nullable String language) {}

  /**
   * The code that came to a contact.
   *
   * @param service what is asked for; null where something begun is gone on with
   */
  record BeginningCode(
      String contact,
      String code,
      @Nullable String service,
      @Nullable String language) {}

  /** What was typed on a page, by the names of its questions. */
  record PageTyped(int version, @Nullable String language, Map<String, String> values) {}

  /** What is asked for, too. */
  record AlsoAsked(int version, @Nullable String language, String service) {}

  /** That the registers may be asked about whoever applies. */
  record MayLookUp(int version, @Nullable String language) {}

  /**
   * The name by which it is signed; what is stated stands in what was read.
   *
   * @param allows whom whoever signs allows to be asked, of those that were offered
   */
  record DoorSignature(int version, @Nullable String language, String name, List<String> allows) {}

  @PostMapping("/beginning/code")
  ResponseEntity<Void> codeToBegin(@RequestBody OwnContactTyped typed, HttpServletRequest request) {
    var wait = tries.wait(CODE, OwnContact.counted(typed.contact()), request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    beginning.ask(typed.contact(), Language.of(typed.language()));
    return ResponseEntity.accepted().build();
  }

  @PostMapping("/beginning/entry")
  ResponseEntity<Void> enterToBegin(@RequestBody BeginningCode typed, HttpServletRequest request) {
    var wait = tries.wait(ENTRY, OwnContact.counted(typed.contact()), request);
    if (wait.isPresent()) {
      return Tries.refused(wait.get());
    }
    var token = beginning.enter(
        typed.contact(), typed.code(), typed.service(), Language.of(typed.language()));
    if (token.isEmpty()) {
      return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).build();
    }
    tries.forget(ENTRY, OwnContact.counted(typed.contact()), request);
    return ResponseEntity.noContent()
        .header(HttpHeaders.SET_COOKIE, DoorCookie.of(token.get(), request).toString())
        .build();
  }

  @GetMapping("/application")
  @PreAuthorize(APPLIES)
  DoorForm form(
      @AuthenticationPrincipal Applicant applicant,
      @RequestParam(defaultValue = "en") String language) {
    return applying.of(applicant, Language.of(language));
  }

  @PutMapping("/application")
  @PreAuthorize(APPLIES)
  DoorForm.DoorSaved fill(
      @AuthenticationPrincipal Applicant applicant, @RequestBody PageTyped typed) {
    return applying.fill(
        applicant.application(), typed.version(), typed.values(), Language.of(typed.language()));
  }

  /** Asks for something else, too; answers the form with its pages. */
  @PostMapping("/application/more")
  @PreAuthorize(APPLIES)
  DoorForm alsoAsk(@AuthenticationPrincipal Applicant applicant, @RequestBody AlsoAsked asked) {
    applying.alsoAsk(applicant.application(), asked.version(), asked.service());
    return applying.of(applicant, Language.of(asked.language()));
  }

  /** Asks the registers about whoever applies, who allows it with this. */
  @PostMapping("/application/registers")
  @PreAuthorize(APPLIES)
  LookingUp.LookedUp lookUp(
      @AuthenticationPrincipal Applicant applicant, @RequestBody MayLookUp allowed) {
    return lookingUp.lookUp(
        applicant.application(), allowed.version(), Language.of(allowed.language()));
  }

  @GetMapping("/application/told")
  @PreAuthorize(APPLIES)
  DoorForm.DoorTold toldSoFar(
      @AuthenticationPrincipal Applicant applicant,
      @RequestParam(defaultValue = "en") String language) {
    return lodging.told(applicant.application(), Language.of(language));
  }

  /** Signs and lodges it; whoever did so sees from then on where it stands. */
  @PostMapping("/application/lodge")
  @PreAuthorize(APPLIES)
  DoorForm.DoorLodged sign(
      @AuthenticationPrincipal Applicant applicant,
      @RequestBody DoorSignature typed,
      HttpServletRequest request) {
    var id = applicant.application();
    var language = Language.of(typed.language());
    try {
      var signed = lodging.lodge(id, typed.version(), typed.name(), typed.allows(), language);
      if (!signed.otherName().isEmpty()) {
        return new DoorForm.DoorLodged(
            false, List.of(new DoorForm.DoorWrong(-1, "", signed.otherName())));
      }
      DoorCookie.token(request).ifPresent(token -> keeper.goesOnWith(token, signed.number()));
      return new DoorForm.DoorLodged(true, List.of());
    } catch (Problem problem) {
      if (problem.faults().isEmpty()) {
        throw problem;
      }
      return new DoorForm.DoorLodged(false, lodging.against(id, problem.faults(), language));
    }
  }

  @PostMapping("/application/aside")
  @PreAuthorize(APPLIES)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putAside(@AuthenticationPrincipal Applicant applicant, HttpServletRequest request) {
    applying.putAside(applicant.application());
    DoorCookie.token(request).ifPresent(keeper::goesBack);
  }

  /** Goes back to where the claims stand; what was typed stays. */
  @PostMapping("/application/back")
  @PreAuthorize(APPLIES)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void goBack(HttpServletRequest request) {
    DoorCookie.token(request).ifPresent(keeper::goesBack);
  }
}
