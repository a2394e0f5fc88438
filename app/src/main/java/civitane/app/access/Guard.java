package civitane.app.access;

import civitane.app.audit.AuditLog;
import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.core.claims.Actor;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who may see a household: everybody whose work it is, but of a restricted one only those who are named, and seniors. To
 * whoever may not see it, it is not there.
 */
@Service
public class Guard {
  private final RestrictionRows rows;
  private final Whose whose;
  private final Staff staff;
  private final AuditLog audit;
  private final Clock clock;

  Guard(RestrictionRows rows, Whose whose, Staff staff, AuditLog audit, Clock clock) {
    this.rows = rows;
    this.whose = whose;
    this.staff = staff;
    this.audit = audit;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public boolean maySee(Staff.Colleague who, UUID household) {
    return who.role() == Role.SENIOR
        || rows.of(household)
            .map(restriction ->
                restriction.named().stream().anyMatch(named -> named.login().equals(who.login())))
            .orElse(true);
  }

  /** Whether somebody may see the household of a claim; there may be no such claim. */
  @Transactional(readOnly = true)
  public boolean maySee(Staff.Colleague who, String claim) {
    return whose
        .claim(claim)
        .map(Whose.There::household)
        .map(household -> maySee(who, household))
        .orElse(true);
  }

  /** The households that are not there for somebody: to be left out of every list and count. */
  @Transactional(readOnly = true)
  public Set<UUID> hiddenFrom(Staff.Colleague who) {
    return who.role() == Role.SENIOR ? Set.of() : rows.hiddenFrom(who.login());
  }

  @Transactional(readOnly = true)
  public boolean isRestricted(UUID household) {
    return rows.of(household).isPresent();
  }

  @Transactional(readOnly = true)
  public Optional<Restriction> restriction(UUID household) {
    return rows.of(household);
  }

  /** Restricts a household from now on to named people, or says anew who they are. */
  @Transactional
  public void restrict(Staff.Colleague by, UUID household, String because, List<String> named) {
    if (because.isBlank()) {
      throw Problem.wrong("It is not said why, as in \"kin of a colleague\".");
    }
    named.forEach(staff::named);
    rows.restrict(household, because.strip(), by.login(), clock.instant());
    rows.nobody(household);
    named.forEach(login -> rows.name(household, login, clock.instant(), null));
    audit.record(
        by.login(), "household restricted", household.toString(), "named: " + named.size());
  }

  /** A household whose address is hidden is restricted as it is taken, to whoever of the office takes it. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hides(Actor by, UUID household) {
    if (rows.of(household).isEmpty()) {
      rows.restrict(household, "the address is hidden", by.written(), clock.instant());
      if (by instanceof Actor.Staff) {
        rows.name(household, by.written(), clock.instant(), null);
      }
      audit.record(by.written(), "household restricted", household.toString(), "hidden address");
    }
  }

  @Transactional
  public void lift(Staff.Colleague by, UUID household) {
    if (rows.of(household).isEmpty()) {
      throw Problem.wrong("It is not restricted.");
    }
    rows.lift(household);
    audit.record(by.login(), "restriction lifted", household.toString(), "");
  }

  /** Somebody who is not named has to see a restricted household all the same: from then on they are, with the reason. */
  @Transactional
  void breakGlass(Staff.Colleague by, String number, @Nullable String because) {
    if (because == null || because.isBlank()) {
      throw Problem.wrong("It is not said why you have to see it.");
    }
    var household = whose.claim(number).map(Whose.There::household).orElseThrow(Whose::noClaim);
    if (!maySee(by, household)) {
      rows.name(household, by.login(), clock.instant(), because.strip());
      audit.record(by.login(), "glass broken", household.toString(), number);
    }
  }

  /** Who had to see a restricted household, as long as no senior took note of it. */
  @Transactional(readOnly = true)
  public List<Restriction.Broken> broken() {
    return rows.broken();
  }

  /** A senior takes note that somebody had to see a restricted household. */
  @Transactional
  public void note(Staff.Colleague by, UUID household, String login) {
    if (!rows.note(household, login, by.login())) {
      throw Problem.notThere("That somebody had to see it");
    }
    audit.record(by.login(), "glass noted", household.toString(), login);
  }
}
