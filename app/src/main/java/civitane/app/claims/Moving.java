package civitane.app.claims;

import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.core.claims.Claim;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.core.time.LastDay;
import java.time.LocalDate;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person does with a claim as a whole: handing it over, giving more time, and ending or opening it again. */
@Service
public class Moving {
  private final Claims claims;
  private final Staff staff;
  private final LastDay lastDays;
  private final ApplicationEventPublisher events;

  Moving(Claims claims, Staff staff, LastDay lastDays, ApplicationEventPublisher events) {
    this.claims = claims;
    this.lastDays = lastDays;
    this.staff = staff;
    this.events = events;
  }

  /** Hands a claim over to somebody who works claims. */
  @Transactional
  void handOver(Staff.Colleague by, String number, int version, String to, String because) {
    claims.mine(by, number);
    var other = staff.named(to);
    if (other.role() != Role.CASEWORKER && other.role() != Role.SENIOR) {
      throw Problem.wrong(
          other.name() + " works no claims; a caseworker or a senior would be right.");
    }
    claims.impartial(other, number);
    claims.change(
        by,
        number,
        version,
        Why.HANDED_OVER.with(Argument.told(other.name()), told(because)),
        (claim, act) -> claim.handOver(act, other.login()));
  }

  /** Gives more time for an item that somebody asked it for. */
  @Transactional
  public void moreTime(
      Staff.Colleague by, String number, int version, int item, LocalDate asked, String because) {
    claims.mine(by, number);
    var until = lastDays.of(asked);
    claims.change(
        by,
        number,
        version,
        Why.MORE_TIME.with(Argument.day(until), told(because)),
        (claim, act) -> claim.moreTime(act, item, until));
    events.publishEvent(new MoreTimeGiven(number, item, until, by.login()));
  }

  /** The household does not ask for it any more; it may say so before anybody has the claim. */
  @Transactional
  void withdraw(Staff.Colleague by, String number, int version, String because) {
    if (claims.claim(number).holder() != null) {
      claims.mine(by, number);
    }
    claims.change(by, number, version, Why.WITHDRAWN.with(told(because)), Claim::withdraw);
  }

  @Transactional
  void lapse(Staff.Colleague by, String number, int version, String because) {
    claims.mine(by, number);
    claims.change(by, number, version, Why.LAPSED.with(told(because)), Claim::lapse);
  }

  @Transactional
  void openAgain(Staff.Colleague by, String number, int version, String because) {
    claims.mine(by, number);
    claims.change(by, number, version, Why.OPENED_AGAIN.with(told(because)), Claim::openAgain);
  }

  private static Argument told(String because) {
    if (because.isBlank()) {
      throw Problem.wrong("It is done with a reason, as in “on leave from Monday”.");
    }
    return Argument.told(because.strip());
  }
}
