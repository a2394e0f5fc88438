package civitane.app.remembering;

import civitane.app.claims.Claims;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import java.util.ArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Calls about a claim: whom, how it went, what was said, and on which day one wants to call again. */
@Service
class Calls {
  private static final int LONGEST_NAME = 120;
  private static final int LONGEST = 400;

  private final Claims claims;
  private final Remembering remembering;

  Calls(Claims claims, Remembering remembering) {
    this.claims = claims;
    this.remembering = remembering;
  }

  /**
   * A call.
   *
   * @param who was called, or called
   * @param backOn when one wants to be told of it again; null where one does not
   */
  record Call(
      String who, CallKind kind, String told, @Nullable LocalDate backOn) {}

  /** Notes a call in the record of a claim; what is wrong with it is said all at once. */
  @Transactional
  void note(Staff.Colleague by, String number, Call call) {
    var against = new ArrayList<String>();
    if (call.who().isBlank() || call.who().length() > LONGEST_NAME) {
      against.add("A call is with somebody, by their name.");
    }
    if (call.told().isBlank() || call.told().length() > LONGEST) {
      against.add("Say what was said, or what is known, in up to " + LONGEST + " letters.");
    }
    if (!against.isEmpty()) {
      throw Problem.wrong(String.join(" ", against));
    }
    if (call.backOn() != null) {
      remembering.remind(by, number, call.backOn(), call.told());
    }
    claims.note(
        by,
        number,
        call.kind()
            .code()
            .with(Argument.told(call.who().strip()), Argument.told(call.told().strip())));
  }
}
