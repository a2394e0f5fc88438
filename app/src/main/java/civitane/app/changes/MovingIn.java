package civitane.app.changes;

import civitane.app.access.Guard;
import civitane.app.access.Restriction;
import civitane.app.audit.AuditLog;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.claims.OfHousehold;
import civitane.app.claims.Wanting;
import civitane.app.decisions.Grants;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.facts.Vocabulary;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.packet.Fault;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/**
 * People of one household live in another from a day on, with all that is theirs. What their old home had together stays
 * with it, and so does whoever applied there, unless all of them move: that household is over then, and so has to be what
 * it asked for.
 */
@Service
class MovingIn {
  private final Households households;
  private final KnownPeople people;
  private final Ledgers ledgers;
  private final Claims claims;
  private final ClaimLists lists;
  private final Grants grants;
  private final Wanting wanting;
  private final Touching touching;
  private final Guard guard;
  private final AuditLog audit;
  private final Clock clock;

  MovingIn(
      Households households,
      KnownPeople people,
      Ledgers ledgers,
      Claims claims,
      ClaimLists lists,
      Grants grants,
      Wanting wanting,
      Touching touching,
      Guard guard,
      AuditLog audit,
      Clock clock) {
    this.households = households;
    this.people = people;
    this.ledgers = ledgers;
    this.claims = claims;
    this.lists = lists;
    this.grants = grants;
    this.wanting = wanting;
    this.touching = touching;
    this.guard = guard;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * Somebody who moves in.
   *
   * @param person by the subject they are
   * @param as the word of what they are to whoever applies where they move in
   */
  record Newcomer(UUID person, String as) {}

  /**
   * Who moves in, from where.
   *
   * @param from the household they were of
   * @param on the first day
   * @param told who told it, and how
   */
  record MovedIn(UUID from, List<Newcomer> people, @Nullable LocalDate on, String told) {}

  /** Records that people of another household live in this one. */
  @Transactional
  void moveIn(Staff.Colleague by, UUID household, MovedIn moved) {
    var from = moved.from();
    if (!guard.maySee(by, from)) {
      throw Problem.notThere("The household they come from");
    }
    households.find(from);
    // Whoever moves others the other way at the same moment waits, instead of each for the other.
    Stream.of(household, from).sorted().distinct().forEach(ledgers::hold);
    var home = ledgers.household(household);
    var old = ledgers.household(from);
    var roles = new LinkedHashMap<UUID, Role>();
    moved.people().forEach(one -> roles.put(one.person(), role(one.as())));
    var coming = Member.of(old).filter(one -> roles.containsKey(one.subject())).toList();
    fit(household, home, old, coming, roles, moved);

    var day = known(moved.on());
    var source = Source.caseworker(by.login(), moved.told().strip());
    ledgers.moveIn(household, from, roles, day, source, by.login());
    var here = ledgers.household(household, day);
    people.remember(household, here.packet(), here.places().ids());
    keepRestricted(by, household, from);
    var who = Argument.told(
        coming.stream().map(one -> one.person().fullName()).collect(Collectors.joining(", ")));
    var told = Argument.told(moved.told().strip());
    tell(by, household, day, who, Why.MOVED_IN.with(who, Argument.day(day), told), source);
    if (coming.size() < old.packet().household().people().size()) {
      tell(by, from, day, who, Why.PARTED.with(who, Argument.day(day), told), source);
    }
    audit.record(by.login(), "people moved in", household.toString(), from.toString());
  }

  private static Role role(String word) {
    if (Vocabulary.of(Role.class).byWord().get(word) instanceof Role role) {
      return role;
    }
    throw Problem.wrong("It is not said what they are to whoever applies here.");
  }

  private void tell(
      Staff.Colleague by,
      UUID household,
      LocalDate day,
      Argument who,
      Reason because,
      Source source) {
    claims.undecidedOf(household).forEach(number -> claims.note(by, number, because));
    wanting.askAgain(by.actor(), household, List.of(), null, because);
    touching.by(by, household, day, who, source);
  }

  private void fit(
      UUID household,
      Assembled home,
      Assembled old,
      List<Member> coming,
      Map<UUID, Role> roles,
      MovedIn moved) {
    var faults = new ArrayList<Fault>();
    var there = home.packet().household().people();
    if (household.equals(moved.from())) {
      faults.add(new Fault("/from", "they live here already", "people of another household"));
    } else if (there.isEmpty()) {
      faults.add(new Fault(
          "/from", "nobody lives here any more", "the household of whoever lives there now"));
    } else if (coming.isEmpty() || coming.size() != roles.size()) {
      faults.add(new Fault(
          "/people",
          "nobody is named, or somebody is not of that household",
          "people who live there"));
    } else {
      faults.addAll(leaving(old, coming, moved));
    }
    faults.addAll(as(there, roles.values()));
    if (old.packet().household().address().hidden()
        && !home.packet().household().address().hidden()) {
      faults.add(new Fault(
          "/from",
          "their address is protected, and this one is not",
          "a change reported first: that the address here is protected"));
    }
    faults.addAll(Reported.faults(moved.on(), moved.told(), LocalDate.now(clock)));
    if (!faults.isEmpty()) {
      throw Problem.wrong("That they live here can't be noted yet.", faults);
    }
  }

  private static List<Fault> as(List<Person> there, Collection<Role> roles) {
    var faults = new ArrayList<Fault>();
    if (roles.contains(Role.APPLICANT)) {
      faults.add(new Fault(
          "/people", "somebody applies here already", "what they are to whoever applies here"));
    }
    var married = there.stream().filter(one -> one.role() == Role.SPOUSE).count()
        + roles.stream().filter(Role.SPOUSE::equals).count();
    if (roles.contains(Role.SPOUSE) && married > 1) {
      faults.add(new Fault(
          "/people", "whoever applies here would have two partners", "another word for one"));
    }
    return faults;
  }

  /** What stands against their leaving: whoever applied, and what their home asked for, where nobody stays there. */
  private List<Fault> leaving(Assembled old, List<Member> coming, MovedIn moved) {
    if (coming.stream().noneMatch(one -> one.person().role() == Role.APPLICANT)) {
      return List.of();
    } else if (coming.size() < old.packet().household().people().size()) {
      return List.of(new Fault(
          "/people",
          "whoever applies stays with what was asked for, unless all of them move",
          "all of them; or those who stay first live apart, as a household of their own"));
    }
    var on = moved.on();
    var open = on == null ? List.<String>of() : notOver(moved.from(), on);
    return open.isEmpty()
        ? List.of()
        : List.of(new Fault(
            "/people",
            "what they asked for is not over by that day: " + String.join(", ", open),
            "decided, withdrawn or ended first; from here they ask for what they need then"));
  }

  /** What a household asked for that is open, that runs on a day, or that stands on facts of that day or later. */
  private Collection<String> notOver(UUID household, LocalDate on) {
    var today = LocalDate.now(clock);
    var open = new TreeSet<>(claims.undecidedOf(household));
    claims.grantedOf(household).stream()
        .filter(number -> grants.awards(number).stream().anyMatch(award -> award.runsOn(on)))
        .forEach(open::add);
    lists.ofHousehold(household, today).stream()
        .map(OfHousehold::number)
        .filter(number -> !claims.facts(number).packet().assessedOn().isBefore(on))
        .forEach(open::add);
    return open;
  }

  /** Whoever was protected stays so: who is named for their old home sees the new one, beside those who are named there. */
  private void keepRestricted(Staff.Colleague by, UUID household, UUID from) {
    guard.restriction(from).ifPresent(theirs -> {
      var here = guard.restriction(household);
      guard.restrict(
          by,
          household,
          here.map(Restriction::because).orElse(theirs.because()),
          Stream.concat(theirs.named().stream(), here.stream().flatMap(one -> one.named().stream()))
              .map(Restriction.Named::login)
              .distinct()
              .toList());
    });
  }
}
