package civitane.app.claims;

import civitane.app.households.ActingChanged;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.ledger.EntryKind;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Whoever applied from elsewhere for somebody else is told nothing more until somebody has seen by what right they act. */
@Service
class ActingUnseen {
  private final Claims claims;
  private final Ledgers ledgers;
  private final Clock clock;

  ActingUnseen(Claims claims, Ledgers ledgers, Clock clock) {
    this.claims = claims;
    this.ledgers = ledgers;
    this.clock = clock;
  }

  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(ActingChanged changed) {
    ledgers.acting(changed.household()).forEach((subject, one) -> {
      if (one.isUnseen() && one.actsOn(LocalDate.now(clock))) {
        claims.surface(
            changed.household(),
            Want.ACTS + subject,
            Why.ACTS_UNSEEN.with(
                Argument.told(one.name()),
                Argument.term(one.right()),
                Argument.told(one.shownBy() == null ? "–" : one.shownBy())));
      }
    });
  }

  /** Notes that they act, and what was seen of it; or that they do not, and why. */
  @Transactional
  void answer(
      Staff.Colleague by, String number, int version, int item, boolean yes, String because) {
    if (because.isBlank()) {
      throw Problem.wrong("It needs what was seen, or why they do not act, in a few words.");
    }
    var household = claims.householdOf(number);
    ledgers.hold(household);
    claims.mine(by, number);
    var about = claims
        .claim(number)
        .item(item)
        .map(one -> one.want().subject())
        .filter(subject -> subject.startsWith(Want.ACTS))
        .orElseThrow(() -> Problem.notThere("Somebody who acts, and was not seen yet"));
    var subject = UUID.fromString(about.substring(Want.ACTS.length()));
    var acting = ledgers.acting(household).get(subject);
    if (acting == null) {
      throw Problem.notThere("Somebody who acts for this household");
    }
    var source = Source.caseworker(by.login(), because.strip());
    var said = (yes ? Why.ACTS_SEEN : Why.ACTS_NOT)
        .with(Argument.told(acting.name()), Argument.told(because.strip()));
    claims.change(by, number, version, said, (claim, act) -> claim.accept(act, item));
    claims.settle(by, household, about, said);
    if (yes) {
      ledgers.tellActing(household, List.of(acting.seen()), EntryKind.USED, source, by.login());
    } else {
      ledgers.endActing(household, subject, LocalDate.now(clock).minusDays(1), source, by.login());
    }
  }
}
