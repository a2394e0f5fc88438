package civitane.app.door;

import civitane.words.Language;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Asking for something more, or again, from where the claims stand. */
@RestController
@RequestMapping("/api/door/again")
class AskingAgainController {
  private static final String THROUGH = "hasRole('" + Visitor.ROLE + "')";

  private final AskingAgain asking;

  AskingAgainController(AskingAgain asking) {
    this.asking = asking;
  }

  /**
   * What is asked for.
   *
   * @param service null where something begun is gone on with
   */
  record AskedAgain(@Nullable String service, @Nullable String language) {}

  @GetMapping
  @PreAuthorize(THROUGH)
  AskingAgain.DoorAgain of(
      @AuthenticationPrincipal Visitor visitor,
      @RequestParam(defaultValue = "en") String language) {
    return asking.of(visitor, Language.of(language));
  }

  @PostMapping
  @PreAuthorize(THROUGH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void begin(
      @AuthenticationPrincipal Visitor visitor,
      @RequestBody AskedAgain asked,
      HttpServletRequest request) {
    DoorCookie.token(request)
        .ifPresent(
            token -> asking.begin(visitor, token, asked.service(), Language.of(asked.language())));
  }
}
