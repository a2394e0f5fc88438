package civitane.app.staff;

import civitane.app.problems.Problem;
import civitane.core.claims.Actor;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people who work here, and who of them is at the desk now. */
@Service
public class Staff {
  /** How long a password that somebody else chose waits for one of one's own. */
  private static final Duration HANDED_OUT = Duration.ofDays(7);

  private final StaffRepository repository;
  private final PasswordEncoder passwords;
  private final Clock clock;

  Staff(StaffRepository repository, PasswordEncoder passwords, Clock clock) {
    this.repository = repository;
    this.passwords = passwords;
    this.clock = clock;
  }

  /** Somebody of the office, as others see them. */
  public record Colleague(String login, String name, Role role) {
    /** The same as whoever does something with a claim. */
    public Actor actor() {
      return new Actor.Staff(login);
    }
  }

  /** Who is signed in. */
  public Colleague me() {
    var authentication = SecurityContextHolder.getContext().getAuthentication();
    if (authentication == null) {
      throw Problem.notAllowed("Nobody is signed in.");
    }
    return named(authentication.getName());
  }

  /** Somebody who works here. Unknown is refused: nobody gets a role by being named. */
  public Colleague named(String login) {
    return repository
        .findById(login)
        .map(member -> new Colleague(member.login(), member.name(), member.role()))
        .orElseThrow(() -> Problem.notAllowed("Nobody of this name works here."));
  }

  /** Somebody who works here and gets in; empty where nobody of this name does. */
  @Transactional(readOnly = true)
  public Optional<Colleague> letsIn(String login) {
    return repository
        .findById(login)
        .filter(member -> !member.isDisabled())
        .map(member -> new Colleague(member.login(), member.name(), member.role()));
  }

  /** All who work claims, by their names. */
  public List<Colleague> whoWorkClaims() {
    return repository.findAll().stream()
        .filter(one -> one.role() == Role.CASEWORKER || one.role() == Role.SENIOR)
        .filter(one -> !one.isDisabled())
        .map(member -> new Colleague(member.login(), member.name(), member.role()))
        .sorted(Comparator.comparing(Colleague::name))
        .toList();
  }

  /** Whether somebody signs in with this name. */
  public boolean knows(String login) {
    return repository.existsById(login);
  }

  /** How somebody is called who did something here, as they are written down; staff whether or not they still work here. */
  public String nameOf(String actor) {
    return actor.startsWith(Actor.PERSON)
        ? "the household"
        : repository.findById(actor).map(StaffMember::name).orElse(actor);
  }

  /** Somebody in a list of all: whether they get in. */
  public record Listed(String login, String name, Role role, boolean disabled) {}

  /** All who work here or did, by their logins. */
  @Transactional(readOnly = true)
  public List<Listed> all() {
    return repository.findAll().stream()
        .map(one -> new Listed(one.login(), one.name(), one.role(), one.isDisabled()))
        .sorted(Comparator.comparing(Listed::login))
        .toList();
  }

  @Transactional
  public void disable(String login) {
    member(login).disable();
  }

  @Transactional
  public void livesIn(String login, String street) {
    member(login).livesIn(street);
  }

  @Transactional
  public void becomes(String login, Role role) {
    member(login).becomes(role);
  }

  /** Whether that is the password of somebody. */
  @Transactional(readOnly = true)
  public boolean opens(String login, String password) {
    return passwords.matches(password, member(login).passwordHash());
  }

  /** Somebody takes a password of their own. */
  @Transactional
  public void takes(String login, String password) {
    member(login).takes(passwords.encode(password), clock.instant());
  }

  /** Somebody is given a password, that lets them take one of their own and nothing else. */
  @Transactional
  public void isHanded(String login, String password) {
    member(login).isHanded(passwords.encode(password), clock.instant().plus(HANDED_OUT));
  }

  /** Whether somebody has yet to take a password of their own. */
  @Transactional(readOnly = true)
  public boolean isToTakeOne(String login) {
    return member(login).handedOutUntil().isPresent();
  }

  /** When somebody's password was changed, as long as they have not said that they know. */
  @Transactional(readOnly = true)
  public Optional<Instant> changeToTell(String login) {
    return member(login).changeToTell();
  }

  @Transactional
  public void knowsOfTheChange(String login) {
    member(login).knowsOfTheChange();
  }

  private StaffMember member(String login) {
    return repository.findById(login).orElseThrow(() -> Problem.notThere("A log-in of this name"));
  }

  @Transactional
  public void add(String login, String name, Role role, String password) {
    repository.save(new StaffMember(login, name, role, passwords.encode(password)));
  }
}
