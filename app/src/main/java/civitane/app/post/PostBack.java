package civitane.app.post;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.drafts.Applications;
import civitane.app.households.Households;
import civitane.app.letters.LettersOut;
import civitane.app.papers.Returning;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/**
 * Letters that come back: where the household lives is in doubt, no more post goes there, and each of its claims has a
 * next step, until somebody has asked by another way.
 */
@Service
class PostBack implements Returning {
  private final LettersOut letters;
  private final PostRows rows;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Households households;
  private final Guard guard;
  private final AuditLog audit;
  private final Clock clock;

  PostBack(
      LettersOut letters,
      PostRows rows,
      Claims claims,
      ClaimLists claimLists,
      Households households,
      Guard guard,
      AuditLog audit,
      Clock clock) {
    this.letters = letters;
    this.rows = rows;
    this.claims = claims;
    this.claimLists = claimLists;
    this.households = households;
    this.guard = guard;
    this.audit = audit;
    this.clock = clock;
  }

  /** A household to which no post goes. */
  record Doubted(UUID household, String name, Instant since) {}

  /** Where post is held back, without households that are not there for who looks. */
  @Transactional(readOnly = true)
  List<Doubted> doubted(Staff.Colleague by) {
    var hidden = guard.hiddenFrom(by);
    var held =
        rows.holds().stream().filter(hold -> !hidden.contains(hold.household())).toList();
    var names = households.named(held.stream().map(Hold::household).toList());
    return held.stream()
        .map(hold ->
            new Doubted(hold.household(), known(names.get(hold.household())).name(), hold.since()))
        .toList();
  }

  /**
   * A letter came back, known by its code.
   *
   * @return whom it was for
   */
  @Transactional
  String letterCameBack(Staff.Colleague by, String code) {
    var letter = letters.cameBack(code);
    var claim = Applications.claimOf(letter.about());
    var household = claimLists.householdsOf(Set.of(claim)).get(claim);
    if (household != null) {
      // Whatever else comes back meanwhile belongs to the same doubt, and is settled with it.
      var hold = rows.hold(household, letter.id(), by.login(), clock.instant());
      claims.surface(
          household, Want.POST + hold, Why.POST_CAME_BACK.with(Argument.day(letter.writtenOn())));
    }
    audit.record(by.login(), "letter came back", letter.id().toString(), claim);
    return letter.to();
  }

  @Override
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean cameBack(Staff.Colleague by, String code) {
    if (!letters.hasLeft(code)) {
      return false;
    }
    letterCameBack(by, code);
    return true;
  }

  /** Post goes to a household again, now that somebody knows where it lives. */
  @Transactional
  void release(Staff.Colleague by, UUID household, String because) {
    if (!guard.maySee(by, household)) {
      throw Problem.notThere("The household");
    }
    if (because.isBlank()) {
      throw Problem.wrong("Say how the address became sure, as in “asked by phone: moved to …”.");
    }
    var hold = rows.release(household, by.login(), clock.instant(), because.strip())
        .orElseThrow(() -> Problem.overtaken("Post goes to them already."));
    claims.settle(
        by, household, Want.POST + hold, Why.POST_SETTLED.with(Argument.told(because.strip())));
    audit.record(by.login(), "post released", household.toString(), "");
  }
}
