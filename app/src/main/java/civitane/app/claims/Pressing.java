package civitane.app.claims;

import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Item;
import civitane.core.claims.OutsideDate;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What makes a claim press beside its clock: a day outside, a wish to hurry, the day it reached the office. */
@Service
class Pressing {
  private final Claims claims;
  private final Wanting wanting;
  private final Ledgers ledgers;
  private final Clock clock;

  Pressing(Claims claims, Wanting wanting, Ledgers ledgers, Clock clock) {
    this.claims = claims;
    this.wanting = wanting;
    this.ledgers = ledgers;
    this.clock = clock;
  }

  /**
   * Notes the day that an answer should come before.
   *
   * @param date null where there is none any more
   */
  @Transactional
  void outside(Staff.Colleague by, String number, int version, @Nullable OutsideDate date) {
    claims.mine(by, number);
    if (date != null && date.on().isBefore(LocalDate.now(clock))) {
      throw Problem.wrong("The day to answer before is over; a day from today on would be right.");
    }
    claims.change(by, number, version, said(date), (claim, act) -> claim.outsideDate(act, date));
  }

  private static Reason said(@Nullable OutsideDate date) {
    return date == null
        ? Why.NO_OUTSIDE_DATE.with()
        : Why.OUTSIDE_DATE.with(
            Argument.term(date.what()),
            Argument.day(date.on()),
            Argument.told(date.shownBy().isEmpty() ? "none" : date.shownBy()));
  }

  @Transactional
  void wish(Staff.Colleague by, String number, int version, String because) {
    claims.mine(by, number);
    var wish = Why.WISH.with(Argument.told(needed(because)));
    claims.change(by, number, version, wish, (claim, act) -> claim.wishToHurry(act, wish));
  }

  @Transactional
  void answerWish(Staff.Colleague by, String number, int version, boolean granted, String because) {
    claims.mine(by, number);
    var told = Argument.told(needed(because));
    claims.change(
        by,
        number,
        version,
        granted ? Why.WISH_GRANTED.with(told) : Why.WISH_NOT_GRANTED.with(told),
        (claim, act) -> claim.answerWish(act, granted));
  }

  /** Says that a claim reached the office on another day; somebody else has to agree. */
  @Transactional
  void reached(Staff.Colleague by, String number, int version, LocalDate on, String shownBy) {
    claims.mine(by, number);
    var otherwise = Why.REACHED_OTHERWISE.with(
        Argument.day(on), Argument.told(needed(shownBy)), Argument.told(by.name()));
    claims.change(
        by, number, version, otherwise, (claim, act) -> claim.reachedOtherwise(act, on, otherwise));
  }

  /** Agrees, or does not, to the day that somebody else found; with it, what the claim wants may be another. */
  @Transactional
  void answerReached(
      Staff.Colleague by, String number, int version, boolean agreed, String because) {
    var household = claims.householdOf(number);
    ledgers.hold(household);
    var claimed = claimed(number).arguments();
    var day = (Argument.Day) claimed.get(0);
    if (!agreed) {
      var not = Why.REACHED_NOT_AGREED.with(day, Argument.told(needed(because)));
      claims.change(by, number, version, not, (claim, act) -> claim.answerReached(act, false));
      return;
    }
    var counts = Why.REACHED_AGREED.with(day, claimed.get(1));
    claims.change(by, number, version, counts, (claim, act) -> claim.answerReached(act, true));
    ledgers.reached(
        household,
        claims.requestOf(number),
        day.on().atStartOfDay(clock.getZone()).toOffsetDateTime(),
        Source.caseworker(by.login(), ((Argument.Told) claimed.get(1)).text()),
        by.login());
    claims.wake(by.actor(), number, wanting.of(number, null), counts);
  }

  /** Notes that something which came up is settled: who acts for the household now, or what somebody said. */
  @Transactional
  void settle(Staff.Colleague by, String number, int version, int item, String because) {
    claims.mine(by, number);
    var settles = claims
        .claim(number)
        .item(item)
        .flatMap(one -> settles(one.want()))
        .orElseThrow(() -> Problem.notThere("Something of that kind to settle"));
    var settled = settles.with(Argument.told(needed(because)));
    claims.change(by, number, version, settled, (claim, act) -> claim.accept(act, item));
  }

  private static Optional<Why> settles(Want want) {
    if (want.subject().startsWith(Want.ACTING)) {
      return Optional.of(Why.ACTING_SETTLED);
    }
    if (want.subject().startsWith(Want.ALIKE)) {
      return Optional.of(Why.ALIKE_SETTLED);
    }
    return Stream.of(Want.WROTE, Want.NOT_THEIRS, Want.UNREACHED, Want.MISSED)
        .filter(want.subject()::startsWith)
        .findFirst()
        .map(about -> Why.MESSAGE_SETTLED);
  }

  private Reason claimed(String number) {
    return claims.claim(number).live().stream()
        .map(Item::want)
        .filter(want -> want.subject().startsWith(Want.REACHED))
        .map(want -> want.reasons().get(0))
        .findFirst()
        .orElseThrow(() -> Problem.wrong("Nobody has said that it reached us on another day."));
  }

  private static String needed(String text) {
    if (text.isBlank()) {
      throw Problem.wrong("It needs a reason, or what shows it, in a few words.");
    }
    return text.strip();
  }
}
