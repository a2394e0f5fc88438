package civitane.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stands before signing in: who tries too often waits, and every try is in the log. */
final class SignInGuard extends OncePerRequestFilter {
  /** Checking a password is made slow on purpose; more than a few at once would leave nothing for those at work. */
  private static final int AT_ONCE = 4;

  private final Semaphore places = new Semaphore(AT_ONCE);
  private final Attempts attempts;
  private final SignInLog log;

  SignInGuard(Attempts attempts, SignInLog log) {
    this.attempts = attempts;
    this.log = log;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    var login = Optional.ofNullable(request.getParameter("username")).orElse("");
    var address = request.getRemoteAddr();
    if (!places.tryAcquire()) {
      refuse(response, Duration.ofSeconds(1));
      return;
    }
    try {
      var wait = attempts.begin(login, address);
      if (wait.isPresent()) {
        log.happened(login, "sign-in refused", address);
        refuse(response, wait.get());
        return;
      }
      chain.doFilter(request, response);
    } finally {
      places.release();
    }
    if (response.getStatus() == HttpStatus.NO_CONTENT.value()) {
      attempts.forget(login, address);
      log.happened(login, "signed in", address);
    } else {
      log.happened(login, "sign-in failed", address);
    }
  }

  private static void refuse(HttpServletResponse response, Duration wait) throws IOException {
    response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
    response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds(wait)));
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response.getWriter().write("{\"detail\": \"" + tooOften(wait) + "\"}");
  }

  /** What is said to whoever tries too often. */
  static String tooOften(Duration wait) {
    return "Too many tries. Try again in " + said(seconds(wait)) + ".";
  }

  private static long seconds(Duration wait) {
    return Math.max(1, wait.plusMillis(999).toSeconds());
  }

  private static String said(long seconds) {
    if (seconds > 90) {
      return (seconds + 59) / 60 + " minutes";
    }
    return seconds == 1 ? "1 second" : seconds + " seconds";
  }
}
