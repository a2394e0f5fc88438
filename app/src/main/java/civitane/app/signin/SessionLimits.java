package civitane.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends what was begun too long ago, or was left alone: a desk that only looks by itself whether something changed is
 * left alone.
 */
final class SessionLimits extends OncePerRequestFilter {
  static final Duration LONGEST = Duration.ofHours(10);
  static final Duration IDLE = Duration.ofMinutes(20);

  /** The browser sets it where nobody has touched a key or the mouse for a minute. */
  static final String UNTOUCHED = "X-Untouched";

  private static final String BEGAN = "civitane.began";
  private static final String TOUCHED = "civitane.touched";

  /** That somebody is there is written once a minute: a write waits for the disk. */
  private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

  private final Clock clock;

  SessionLimits(Clock clock) {
    this.clock = clock;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var session = request.getSession(false);
    if (session != null) {
      look(session, request.getHeader(UNTOUCHED) != null, clock.instant());
    }
    chain.doFilter(request, response);
  }

  private static void look(HttpSession session, boolean untouched, Instant now) {
    var began = time(session, BEGAN, now);
    var touched = time(session, TOUCHED, now);
    if (began.plus(LONGEST).isBefore(now) || touched.plus(IDLE).isBefore(now)) {
      session.invalidate();
    } else if (!untouched && touched.plus(NOTED_EVERY).isBefore(now)) {
      session.setAttribute(TOUCHED, now.toEpochMilli());
    }
  }

  private static Instant time(HttpSession session, String name, Instant now) {
    if (session.getAttribute(name) instanceof Long at) {
      return Instant.ofEpochMilli(at);
    }
    session.setAttribute(name, now.toEpochMilli());
    return now;
  }
}
