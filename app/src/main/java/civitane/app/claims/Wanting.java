package civitane.app.claims;

import civitane.app.determining.Screenings;
import civitane.app.ledger.BookChanged;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import civitane.core.claims.Want;
import civitane.core.claims.Wants;
import civitane.core.claims.Why;
import civitane.core.facts.HouseholdsWord;
import civitane.core.ledger.Assembled;
import civitane.core.reasons.Reason;
import civitane.core.rules.Mode;
import civitane.core.rules.Result;
import civitane.core.services.Services;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What claims want as they stand, each thing named so that it stays true. */
@Service
public class Wanting {
  private final Claims claims;
  private final Screenings screenings;
  private final Staff staff;
  private final List<AlsoWanted> others;

  Wanting(Claims claims, Screenings screenings, Staff staff, List<AlsoWanted> others) {
    this.others = List.copyOf(others);
    this.claims = claims;
    this.screenings = screenings;
    this.staff = staff;
  }

  /** What is missed of facts that were put together, by the rules and by whoever else looks at them. */
  public List<Want> of(UUID household, Assembled facts, Result result) {
    var service = Services.named(result.service()).orElseThrow();
    return Stream.concat(
            Wants.of(result, service::whose).stream()
                .map(want -> want.about(facts.places().lasting(want.subject()))),
            others.stream().flatMap(other -> other.of(household, facts).stream()))
        .toList();
  }

  /**
   * What a claim wants now: what the rules miss, and what its taking left open.
   *
   * @param settled the place that has just been set; null where none was
   */
  @Transactional(readOnly = true)
  public List<Want> of(String number, @Nullable String settled) {
    var facts = claims.facts(number);
    var result = screenings.results(facts.packet(), Mode.DETERMINE).get(0);
    var known = HouseholdsWord.of(facts.packet()).hearsay().stream()
        .map(said -> facts.places().lasting(said.pointer()))
        .collect(Collectors.toSet());
    var left = claims.foundByPeople(number).stream()
        .filter(want -> !want.subject().equals(settled))
        .filter(want -> !(want.isHearsay() && known.contains(want.subject())));
    return Stream.concat(of(claims.householdOf(number), facts, result).stream(), left)
        .toList();
  }

  /** Asks the claims of a household again where that changes what they want, or what they stand on has changed. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void askAgainIfChanged(
      Staff.Colleague by, UUID household, boolean factsChanged, Reason because) {
    for (var number : claims.undecidedOf(household)) {
      var wants = of(number, null);
      if (factsChanged || !claims.claim(number).wantsAlready(wants)) {
        claims.wake(by.actor(), number, wants, because);
      }
    }
  }

  /** Asks a claim again where that changes what it wants, and answers whether it does. */
  @Transactional(propagation = Propagation.MANDATORY)
  public boolean askAgain(Actor by, String number, Reason because) {
    var wants = of(number, null);
    var changes = !claims.claim(number).wantsAlready(wants);
    if (changes) {
      claims.wake(by, number, wants, because);
    }
    return changes;
  }

  /** A book of the office has changed: the claims that stand on it are asked again. */
  @EventListener
  @Transactional(propagation = Propagation.MANDATORY)
  public void on(BookChanged changed) {
    askAgain(
        staff.named(changed.by()).actor(),
        changed.household(),
        List.of(),
        null,
        Why.BOOK_CHANGED.with());
  }

  /**
   * Asks the claims of a household that nobody has decided yet what they want now.
   *
   * @param but the claims that know it already
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void askAgain(
      Actor by, UUID household, List<String> but, @Nullable String settled, Reason because) {
    for (var number : claims.undecidedOf(household)) {
      if (!but.contains(number)) {
        claims.wake(by, number, of(number, settled), because);
      }
    }
  }
}
