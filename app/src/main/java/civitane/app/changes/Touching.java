package civitane.app.changes;

import civitane.app.claims.Claims;
import civitane.app.claims.Wanting;
import civitane.app.decisions.Notices;
import civitane.app.decisions.Reworking;
import civitane.app.ledger.Ledgers;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What a change means for what was granted: worked out again for its day, and open where it comes to something else. */
@Component
class Touching {
  private final Claims claims;
  private final Wanting wanting;
  private final Reworking reworking;
  private final Notices notices;
  private final Ledgers ledgers;

  Touching(Claims claims, Wanting wanting, Reworking reworking, Notices notices, Ledgers ledgers) {
    this.claims = claims;
    this.wanting = wanting;
    this.reworking = reworking;
    this.notices = notices;
    this.ledgers = ledgers;
  }

  /**
   * What became of what was granted.
   *
   * @param touched what comes to something else, which is open again
   * @param left what stays as it is
   */
  record Touched(List<Reworking.Effect> touched, List<Reworking.Effect> left) {}

  /** @param what what changed, in words */
  @Transactional(propagation = Propagation.MANDATORY)
  public Touched by(
      Staff.Colleague by, UUID household, LocalDate on, Argument what, Source source) {
    var touched = new ArrayList<Reworking.Effect>();
    var left = new ArrayList<Reworking.Effect>();
    for (var number : claims.grantedOf(household)) {
      var effect = reworking.of(number, on);
      if (effect.isNone()) {
        claims.note(by, number, Why.CHANGE_LEAVES.with(Argument.day(on), what));
        left.add(effect);
      } else {
        var because = Why.CHANGE_TOUCHES.with(
            Argument.day(on), Argument.told(effect.before()), Argument.told(effect.after()));
        ledgers.assess(household, claims.requestOf(number), on, source, by.login());
        claims.reopen(by, number, because);
        claims.wake(by.actor(), number, wanting.of(number, null), because);
        notices.bringUp(by, number);
        touched.add(effect);
      }
    }
    return new Touched(touched, left);
  }
}
