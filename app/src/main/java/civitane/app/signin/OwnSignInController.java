package civitane.app.signin;

import civitane.app.problems.Problem;
import civitane.app.staff.May;
import civitane.app.staff.Staff;
import civitane.app.staff.StaffSessions;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own log-in. */
@RestController
@RequestMapping("/api/own-sign-in")
class OwnSignInController {
  /** Tries with the password that holds now are counted as those to sign in are, beside them. */
  private static final String CHANGING = "own password ";

  private final OwnSignIn own;
  private final Attempts attempts;
  private final Staff staff;

  OwnSignInController(OwnSignIn own, Attempts attempts, Staff staff) {
    this.own = own;
    this.attempts = attempts;
    this.staff = staff;
  }

  /** How somebody signs in, and where they are. */
  record SignedInAt(boolean byPassword, List<StaffSessions.Since> sessions) {}

  /** The password that holds now, and another. */
  record AnotherPassword(String now, String another) {}

  @GetMapping
  @PreAuthorize(May.ONESELF)
  SignedInAt signedInAt(HttpSession session) {
    return new SignedInAt(own.isByPassword(), own.sessions(staff.me().login(), session.getId()));
  }

  @PostMapping("/password")
  @PreAuthorize(May.ONESELF)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassword(@RequestBody AnotherPassword typed, HttpServletRequest request) {
    var login = staff.me().login();
    attempts.begin(CHANGING + login, request.getRemoteAddr()).ifPresent(wait -> {
      throw Problem.wrong(SignInGuard.tooOften(wait));
    });
    own.prove(login, typed.now());
    attempts.forget(CHANGING + login, request.getRemoteAddr());
    own.password(login, request.getSession().getId(), typed.another());
  }

  /** What is typed so far, and is not kept. */
  record Typed(String password) {}

  @PostMapping("/strength")
  @PreAuthorize(May.ONESELF)
  OwnSignIn.Strength strength(@RequestBody Typed typed) {
    return own.strength(staff.me().login(), typed.password());
  }

  @PostMapping("/change-known")
  @PreAuthorize(May.ONESELF)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void knowOfTheChange() {
    own.knowsOfTheChange(staff.me().login());
  }

  @PostMapping("/end-others")
  @PreAuthorize(May.ONESELF)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endOthers(HttpSession session) {
    own.endOthers(staff.me().login(), session.getId());
  }
}
