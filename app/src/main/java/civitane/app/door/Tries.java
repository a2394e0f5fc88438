package civitane.app.door;

import civitane.app.signin.Attempts;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** Tries at the door are slowed and then locked: for what is tried, and for where it is tried from. */
@Component
class Tries {
  /** More than somebody needs who mistypes; all who wait in one hall come from one address. */
  private static final int MOST_OF_AN_ADDRESS = 60;

  /** What a hall full of people asks for in a quarter of an hour, each a few times. */
  private static final int MOST_LOOKS = 600;

  private final Attempts attempts;

  Tries(Attempts attempts) {
    this.attempts = attempts;
  }

  /** How long it is to be waited; empty where it may be tried. */
  Optional<Duration> wait(String what, String key, HttpServletRequest request) {
    var ofAddress = attempts.begin(what, request.getRemoteAddr(), MOST_OF_AN_ADDRESS);
    return ofAddress.isPresent() ? ofAddress : attempts.begin(what, key);
  }

  /** The same for what is open to anybody and tried by many: only for where it is asked from. */
  Optional<Duration> waitOfAddress(String what, HttpServletRequest request) {
    return attempts.begin(what, request.getRemoteAddr(), MOST_LOOKS);
  }

  void forget(String what, String key, HttpServletRequest request) {
    attempts.forget(what, request.getRemoteAddr());
    attempts.forget(what, key);
  }

  /** Somebody of the office has seen who it is: what was tried with their number counts no more. */
  void forget(String what, String key) {
    attempts.forget(what, key);
  }

  static <T> ResponseEntity<T> refused(Duration wait) {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, Long.toString(Math.max(1, wait.toSeconds())))
        .build();
  }
}
