package civitane.app.changes;

import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.claims.Wanting;
import civitane.app.decisions.Grants;
import civitane.app.decisions.Notices;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.ClaimState;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.facts.HouseholdsWord;
import civitane.core.facts.Person;
import civitane.core.facts.Role;
import civitane.core.ledger.Assembled;
import civitane.core.ledger.Source;
import civitane.core.reasons.Argument;
import civitane.core.services.Conversation;
import civitane.packet.Fault;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Somebody of a household has died. Post and messages to them stop at once, and so does what they have a part in: of whoever
 * lived with the applicant, by working it out again; of the applicant, by asking a person who goes on with it.
 */
@Service
class Deaths {
  private final Households households;
  private final KnownPeople people;
  private final Ledgers ledgers;
  private final Claims claims;
  private final Wanting wanting;
  private final Touching touching;
  private final Grants grants;
  private final Notices notices;
  private final AuditLog audit;
  private final Clock clock;

  Deaths(
      Households households,
      KnownPeople people,
      Ledgers ledgers,
      Claims claims,
      Wanting wanting,
      Touching touching,
      Grants grants,
      Notices notices,
      AuditLog audit,
      Clock clock) {
    this.households = households;
    this.people = people;
    this.ledgers = ledgers;
    this.claims = claims;
    this.wanting = wanting;
    this.touching = touching;
    this.grants = grants;
    this.notices = notices;
    this.audit = audit;
    this.clock = clock;
  }

  /** Who is of a household, who of it has died, and of whom nobody says yet who goes on. */
  @Transactional(readOnly = true)
  public DeathsView of(UUID household) {
    households.find(household);
    var facts = ledgers.household(household);
    var died = ledgers.died(household);
    var adults = Conversation.adults(facts.packet());
    var alive = Member.of(facts).filter(one -> !died.containsKey(one.subject())).toList();
    return new DeathsView(
        alive.stream().map(Member::view).toList(),
        Member.of(facts)
            .filter(one -> died.containsKey(one.subject()) && isOpen(household, one))
            .map(one -> new DeathsView.OpenDeath(
                one.subject(),
                one.person().fullName(),
                known(died, one.subject()),
                alive.stream()
                    .filter(other -> adults.contains(other.person()))
                    .sorted(Comparator.comparing(other -> other.person().role() != Role.SPOUSE))
                    .map(Member::view)
                    .toList()))
            .toList());
  }

  /** Whether nobody says yet who goes on; who lived with the applicant had asked for nothing. */
  private boolean isOpen(UUID household, Member dead) {
    return claims.isUnsettled(household, Want.DIED + dead.subject());
  }

  private static LocalDate known(Map<UUID, LocalDate> died, UUID person) {
    return Objects.requireNonNull(died.get(person));
  }

  /** Records that somebody died, by whom it was told; once. */
  @Transactional
  void report(
      Staff.Colleague by, UUID household, UUID person, @Nullable LocalDate on, String told) {
    ledgers.hold(household);
    var facts = ledgers.household(household);
    var dead = Member.of(facts)
        .filter(one -> one.subject().equals(person))
        .findFirst()
        .orElseThrow(() -> Problem.notThere("Somebody of this household"));
    if (ledgers.died(household).containsKey(person)) {
      throw Problem.overtaken("It is known already that they died.");
    }
    var day = fit(dead.person(), on, told);
    ledgers.tellDied(household, person, day, source(by, told), by.login());
    var name = Argument.told(dead.person().fullName());
    var how = Argument.told(told.strip());
    if (dead.person().role() == Role.APPLICANT) {
      var because = Why.DIED.with(name, Argument.day(day), how);
      claims.grantedOf(household).forEach(number -> claims.reopen(by, number, because));
      claims.surface(household, Want.DIED + person, because);
    } else {
      var because = Why.MEMBER_DIED.with(name, Argument.day(day), how);
      tell(by, household, facts, without(facts, dead.person(), null), day, source(by, told));
      claims.undecidedOf(household).forEach(number -> claims.note(by, number, because));
      wanting.askAgain(by.actor(), household, List.of(), null, because);
      touching.by(
          by,
          household,
          day.plusDays(1),
          Argument.told(dead.person().fullName()),
          source(by, told));
    }
    audit.record(by.login(), "death reported", household.toString(), person.toString());
  }

  private static Source source(Staff.Colleague by, String because) {
    return Source.caseworker(by.login(), because.strip());
  }

  private LocalDate fit(Person dead, @Nullable LocalDate on, String told) {
    var faults = new ArrayList<Fault>();
    var born = dead.birthDate();
    if (on == null || on.isAfter(LocalDate.now(clock)) || born != null && on.isBefore(born)) {
      faults.add(new Fault(
          "/on",
          "the day they died is not said, is ahead, or before they were born",
          "a day up to today"));
    }
    if (told.isBlank()) {
      faults.add(new Fault(
          "/told",
          "it is not noted who told it, or what shows it",
          "as in “their daughter, by phone” or “record of death, page 1”"));
    }
    if (!faults.isEmpty() || on == null) {
      throw Problem.wrong("The death can't be noted yet.", faults);
    }
    return on;
  }

  /** What the household is from the day after on; whoever applied before has somebody in their place. */
  private static List<Person> without(Assembled facts, Person dead, @Nullable Person inTheirPlace) {
    return facts.packet().household().people().stream()
        .filter(person -> !person.id().equals(dead.id()))
        .map(person -> inTheirPlace == null ? person : Roles.nextTo(inTheirPlace, person))
        .toList();
  }

  /** From the day after, the household is these people; what was the dead one's goes with them. */
  private void tell(
      Staff.Colleague by,
      UUID household,
      Assembled facts,
      List<Person> living,
      LocalDate died,
      Source source) {
    var from = died.plusDays(1);
    var before = facts.packet().household();
    // An account in the name of whoever applied takes no money any more; whoever goes on names
    // theirs.
    var account =
        living.stream().anyMatch(one -> one.id().equals(before.applicant().id()))
            ? before.payment()
            : null;
    var packet = facts.packet().withHousehold(before.of(living, account)).assessedOn(from);
    var told = ledgers.tell(
        household,
        household,
        HouseholdsWord.of(packet).packet(),
        facts.places().ids(),
        source,
        by.login());
    people.remember(household, packet, told.places().ids());
    households.keep(
        household, packet.household().applicant(), packet.household().address().town());
    for (var number : claims.undecidedOf(household)) {
      if (claims.facts(number).packet().assessedOn().isBefore(from)) {
        ledgers.assess(household, claims.requestOf(number), from, source, by.login());
      }
    }
  }

  /**
   * Says who goes on with what somebody asked for who has died.
   *
   * @param other null where nobody does: what was asked for lapses, and what was granted ends
   */
  @Transactional
  void goesOn(
      Staff.Colleague by, UUID household, UUID person, @Nullable UUID other, String because) {
    ledgers.hold(household);
    if (because.isBlank()) {
      throw Problem.wrong("It is said why, as in “her husband, who lives there, asks for it”.");
    }
    var facts = ledgers.household(household);
    var died = ledgers.died(household);
    var dead = Member.of(facts)
        .filter(one -> one.subject().equals(person) && isOpen(household, one))
        .findFirst()
        .orElseThrow(() -> Problem.overtaken("Somebody has said who goes on. Look at it again."));
    var day = known(died, person);
    if (other == null) {
      claims.undecidedOf(household).forEach(number -> ends(by, number, dead, day, because));
    } else {
      var living = Member.of(facts)
          .filter(one -> one.subject().equals(other) && !died.containsKey(other))
          .filter(one -> Conversation.adults(facts.packet()).contains(one.person()))
          .findFirst()
          .orElseThrow(() -> Problem.notThere("A grown-up of this household"))
          .person();
      tell(by, household, facts, without(facts, dead.person(), living), day, source(by, because));
      var goesOn =
          Why.GOES_ON.with(Argument.told(living.fullName()), Argument.told(because.strip()));
      claims.settle(by, household, Want.DIED + person, goesOn);
      wanting.askAgain(by.actor(), household, List.of(), null, goesOn);
      claims.undecidedOf(household).forEach(number -> notices.bringUp(by, number));
    }
    audit.record(
        by.login(), "said who goes on", household.toString(), other == null ? "nobody" : "one");
  }

  private void ends(Staff.Colleague by, String number, Member dead, LocalDate day, String because) {
    var awards = grants.awards(number);
    var service = claims.facts(number).packet().requests().get(0).service();
    var due = awards.isEmpty()
        ? DeskWords.WORDS.say("letter.notice.nothing")
        : String.join(
            "; ",
            awards.stream().map(award -> DeskWords.WORDS.award(service, award)).toList());
    claims.moveItem(
        by.actor(),
        number,
        Why.NOBODY_GOES_ON.with(
            Argument.told(dead.person().fullName()),
            Argument.day(day),
            Argument.told(because.strip()),
            Argument.told(due)),
        (claim, act) ->
            claim.state() == ClaimState.LODGED ? claim.withdraw(act) : claim.lapse(act));
  }
}
