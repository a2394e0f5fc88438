package civitane.app.staff;

import civitane.app.problems.Problem;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is at the desk. */
@RestController
class SessionController {
  private final Staff staff;
  private final Choices choices;
  private final @Nullable WayIn otherWay;
  private final Clock clock;
  private final boolean demo;

  SessionController(
      Staff staff,
      Choices choices,
      ObjectProvider<WayIn> ways,
      Clock clock,
      @Value("${civitane.demo:no}") String demo) {
    this.staff = staff;
    this.choices = choices;
    this.otherWay = ways.getIfAvailable();
    this.clock = clock;
    this.demo = demo.equals("yes");
  }

  /**
   * The one who is signed in, with what they chose for their desk; without a name when nobody is.
   *
   * @param signsInAt where one goes to sign in; null where it is done here, by a password
   * @param demo whether nobody in it is real
   * @param newcomer whether a password of one's own is to be taken before anything else
   * @param passwordChangedAt when it was changed, where that was before they signed in and they have not said that they know
   */
  record Session(
      @Nullable String login,
      @Nullable String name,
      @Nullable String role,
      LocalDate today,
      Map<String, String> choices,
      @Nullable String signsInAt,
      boolean demo,
      boolean newcomer,
      @Nullable Instant passwordChangedAt) {}

  /** What somebody chooses for their desk. */
  record Choice(String name, String value) {}

  @PostMapping("/api/choices")
  @PreAuthorize(May.ANY_STAFF)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void choose(@RequestBody Choice choice) {
    if (!choices.keep(staff.me().login(), choice.name(), choice.value())) {
      throw Problem.wrong("There is no such choice, or it can’t be that.");
    }
  }

  /** Open to all: it says only who the caller is, and hands out the token that changes must carry. */
  @GetMapping("/api/session")
  Session session(
      @Parameter(hidden = true) @Nullable Authentication authentication,
      @Parameter(hidden = true) CsrfToken token,
      HttpServletRequest request) {
    token.getToken();
    var today = LocalDate.now(clock);
    var at = otherWay == null ? null : otherWay.beginsAt();
    if (authentication == null || authentication instanceof AnonymousAuthenticationToken) {
      return new Session(null, null, null, today, Map.of(), at, demo, false, null);
    }
    var me = staff.me();
    return new Session(
        me.login(),
        me.name(),
        me.role().words(),
        today,
        choices.of(me.login()),
        at,
        demo,
        request.isUserInRole(SecurityConfiguration.NEWCOMER),
        staff.changeToTell(me.login()).filter(since(request)::isAfter).orElse(null));
  }

  private static Instant since(HttpServletRequest request) {
    var session = request.getSession(false);
    return session == null ? Instant.MIN : Instant.ofEpochMilli(session.getCreationTime());
  }
}
