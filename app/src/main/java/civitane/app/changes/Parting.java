package civitane.app.changes;

import civitane.app.access.Guard;
import civitane.app.access.Restriction;
import civitane.app.audit.AuditLog;
import civitane.app.claims.Claims;
import civitane.app.claims.Wanting;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.ledger.Ledgers;
import civitane.app.problems.Problem;
import civitane.app.staff.Staff;
import civitane.core.claims.Why;
import civitane.core.facts.Address;
import civitane.core.facts.HouseholdsWord;
import civitane.core.facts.Packet;
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
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/**
 * People of a household live by themselves from a day on: they are a household of their own, with all that is theirs and
 * all that was known of them. What was asked for stays with whoever asked for it, who stays in the old one.
 */
@Service
class Parting {
  private final Households households;
  private final KnownPeople people;
  private final Ledgers ledgers;
  private final Claims claims;
  private final Wanting wanting;
  private final Touching touching;
  private final Guard guard;
  private final AuditLog audit;
  private final Clock clock;

  Parting(
      Households households,
      KnownPeople people,
      Ledgers ledgers,
      Claims claims,
      Wanting wanting,
      Touching touching,
      Guard guard,
      AuditLog audit,
      Clock clock) {
    this.households = households;
    this.people = people;
    this.ledgers = ledgers;
    this.claims = claims;
    this.wanting = wanting;
    this.touching = touching;
    this.guard = guard;
    this.audit = audit;
    this.clock = clock;
  }

  /**
   * Who lives elsewhere, and where.
   *
   * @param people by the subjects they are
   * @param on the first day
   * @param isHidden whether the new address is protected
   * @param told who told it, and how
   */
  record Parted(
      List<UUID> people,
      @Nullable LocalDate on,
      String line1,
      String postcode,
      String town,
      boolean isHidden,
      String told) {}

  /** Records that people live by themselves; their household. */
  @Transactional
  UUID part(Staff.Colleague by, UUID household, Parted parted) {
    ledgers.hold(household);
    var facts = ledgers.household(household);
    var leaving = Member.of(facts)
        .filter(one -> parted.people().contains(one.subject()))
        .map(Member::person)
        .toList();
    var first = fit(facts, leaving, parted);
    var day = known(parted.on());
    var source = Source.caseworker(by.login(), parted.told().strip());
    var theirs = keepTheirs(by, household, facts, leaving, first, parted, source);
    keepOurs(by, household, facts, leaving, day, source);
    var who =
        Argument.told(leaving.stream().map(Person::fullName).collect(Collectors.joining(", ")));
    var because =
        Why.PARTED.with(who, Argument.day(day), Argument.told(parted.told().strip()));
    claims.undecidedOf(household).forEach(number -> claims.note(by, number, because));
    wanting.askAgain(by.actor(), household, List.of(), null, because);
    touching.by(by, household, day, who, source);
    audit.record(by.login(), "household parted", household.toString(), theirs.toString());
    return theirs;
  }

  /** Who of them applies from now on; every fault at once where it can't be. */
  private Person fit(Assembled facts, List<Person> leaving, Parted parted) {
    var faults = new ArrayList<Fault>();
    var grown = Conversation.adults(facts.packet());
    var first = leaving.stream().filter(grown::contains).findFirst().orElse(null);
    if (leaving.size() != parted.people().stream().distinct().count()) {
      faults.add(
          new Fault("/people", "somebody is not of this household", "people who live there"));
    } else if (leaving.stream().anyMatch(one -> one.role() == Role.APPLICANT)) {
      faults.add(
          new Fault(
              "/people",
              "whoever applies stays with what was asked for",
              "the others; where it is the applicant who moved, the others live by themselves at the old address"));
    } else if (first == null) {
      faults.add(new Fault(
          "/people", "no grown-up is among them", "at least one who can ask for something"));
    }
    if (parted.line1().isBlank() || parted.postcode().isBlank() || parted.town().isBlank()) {
      faults.add(new Fault(
          "/line1", "it is not said where they live", "street and number, postcode and town"));
    }
    faults.addAll(Reported.faults(parted.on(), parted.told(), LocalDate.now(clock)));
    if (first == null || !faults.isEmpty()) {
      throw Problem.wrong("That they live elsewhere can't be noted yet.", faults);
    }
    return first;
  }

  private UUID keepTheirs(
      Staff.Colleague by,
      UUID household,
      Assembled facts,
      List<Person> leaving,
      Person first,
      Parted parted,
      Source source) {
    var home = new Address(
        parted.line1().strip(),
        parted.town().strip(),
        parted.postcode().strip(),
        false,
        null,
        parted.isHidden(),
        null);
    var packet = facts
        .packet()
        .withHousehold(facts
            .packet()
            .household()
            .apart(leaving.stream().map(one -> Roles.nextTo(first, one)).toList(), home))
        .assessedOn(known(parted.on()));
    var theirs = households.keep(null, packet.household().applicant(), home.town());
    tell(by, theirs, household, packet, facts, source);
    guard
        .restriction(household)
        .ifPresent(restriction -> guard.restrict(
            by,
            theirs,
            restriction.because(),
            restriction.named().stream().map(Restriction.Named::login).toList()));
    if (parted.isHidden()) {
      guard.hides(by.actor(), theirs);
    }
    return theirs;
  }

  private void keepOurs(
      Staff.Colleague by,
      UUID household,
      Assembled facts,
      List<Person> leaving,
      LocalDate on,
      Source source) {
    var before = facts.packet().household();
    var staying = before.people().stream().filter(one -> !leaving.contains(one)).toList();
    var packet =
        facts.packet().withHousehold(before.of(staying, before.payment())).assessedOn(on);
    tell(by, household, household, packet, facts, source);
  }

  private void tell(
      Staff.Colleague by,
      UUID household,
      UUID from,
      Packet packet,
      Assembled facts,
      Source source) {
    var told = ledgers.tell(
        household,
        from,
        HouseholdsWord.of(packet).packet(),
        facts.places().ids(),
        source,
        by.login());
    people.remember(household, packet, told.places().ids());
  }
}
