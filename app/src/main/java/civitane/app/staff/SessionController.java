package civitane.app.staff;

import io.swagger.v3.oas.annotations.Parameter;
import java.time.Clock;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is at the desk. */
@RestController
class SessionController {
  private final Staff staff;
  private final Clock clock;

  SessionController(Staff staff, Clock clock) {
    this.staff = staff;
    this.clock = clock;
  }

  /** The one who is signed in; without a name when nobody is. */
  record Session(
      @Nullable String login,
      @Nullable String name,
      @Nullable String role,
      LocalDate today) {}

  /** Open to all: it says only who the caller is, and hands out the token that changes must carry. */
  @GetMapping("/api/session")
  Session session(
      @Parameter(hidden = true) @Nullable Authentication authentication,
      @Parameter(hidden = true) CsrfToken token) {
    token.getToken();
    var today = LocalDate.now(clock);
    if (authentication == null || authentication instanceof AnonymousAuthenticationToken) {
      return new Session(null, null, null, today);
    }
    var me = staff.me();
    return new Session(me.login(), me.name(), me.role().words(), today);
  }
}
