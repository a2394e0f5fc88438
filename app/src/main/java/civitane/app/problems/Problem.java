package civitane.app.problems;

import civitane.packet.Fault;
import java.util.List;
import org.springframework.http.HttpStatus;

/** Something the person at the desk can put right, told with every fault at once. */
public final class Problem extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient HttpStatus status;
  private final transient List<Fault> faults;

  private Problem(HttpStatus status, String message, List<Fault> faults) {
    super(message);
    this.status = status;
    this.faults = List.copyOf(faults);
  }

  public static Problem notThere(String what) {
    return new Problem(
        HttpStatus.NOT_FOUND, what + " is not there, or not yours to see.", List.of());
  }

  public static Problem wrong(String message, List<Fault> faults) {
    return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, message, faults);
  }

  public static Problem wrong(String message) {
    return wrong(message, List.of());
  }

  /** Somebody else was faster. */
  public static Problem overtaken(String message) {
    return new Problem(HttpStatus.PRECONDITION_FAILED, message, List.of());
  }

  public static Problem notAllowed(String message) {
    return new Problem(HttpStatus.FORBIDDEN, message, List.of());
  }

  public static Problem tooLarge(String message) {
    return new Problem(HttpStatus.CONTENT_TOO_LARGE, message, List.of());
  }

  /** Something outside does not answer now. */
  public static Problem unavailable(String message) {
    return new Problem(HttpStatus.SERVICE_UNAVAILABLE, message, List.of());
  }

  public HttpStatus status() {
    return status;
  }

  public List<Fault> faults() {
    return faults;
  }
}
