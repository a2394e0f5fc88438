package civitane.app.foreseeing;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.catalogue.Catalogue;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.Claims;
import civitane.app.decisions.Grants;
import civitane.app.households.Households;
import civitane.app.households.KnownPeople;
import civitane.app.ledger.Ledgers;
import civitane.app.letters.Letters;
import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.core.foresight.Foreseen;
import civitane.core.foresight.Why;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Reason;
import civitane.core.time.LastDay;
import civitane.words.Voice;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** What is foreseen over all households comes up in time: nothing happens by itself, and a person sees to each. */
@Service
class ComingUp {
  /** How long beforehand it comes up, in days. */
  private static final int AHEAD = 60;

  /** How long it stays afterwards where nobody has seen to it, in days. */
  private static final int BEHIND = 30;

  /** How long before the end of something it is to be asked for again, in days; later where that is past. */
  private static final int ASK_BEFORE = 14;

  /** More of one kind nobody goes through at once: the soonest come first. */
  private static final int MOST = 200;

  private static final String NAMED_LATER = "";

  private final Grants grants;
  private final KnownPeople people;
  private final Households households;
  private final SettledRows settled;
  private final Claims claims;
  private final Ledgers ledgers;
  private final Letters letters;
  private final Guard guard;
  private final Staff staff;
  private final AuditLog audit;
  private final LastDay lastDays;
  private final Clock clock;

  ComingUp(
      Grants grants,
      KnownPeople people,
      Households households,
      SettledRows settled,
      Claims claims,
      Ledgers ledgers,
      Letters letters,
      Guard guard,
      Staff staff,
      AuditLog audit,
      LastDay lastDays,
      Clock clock) {
    this.grants = grants;
    this.people = people;
    this.households = households;
    this.settled = settled;
    this.claims = claims;
    this.ledgers = ledgers;
    this.letters = letters;
    this.guard = guard;
    this.staff = staff;
    this.audit = audit;
    this.lastDays = lastDays;
    this.clock = clock;
  }

  /** What nobody has seen to yet, the soonest first; without households that are not there for who looks. */
  @Transactional(readOnly = true)
  List<ComingDay> all(Staff.Colleague by) {
    var hidden = guard.hiddenFrom(by);
    var days = new ArrayList<ComingDay>();
    endings().forEach(ending -> days.add(of(by, ending)));
    for (var age : Foreseen.ages()) {
      people.reaching(age, from(), until(), MOST).forEach(birthday -> days.add(of(birthday, age)));
    }
    days.removeIf(day -> hidden.contains(day.household()));
    var seenTo = settled.of(days.stream().map(ComingDay::household).collect(Collectors.toSet()));
    days.removeIf(day -> seenTo.contains(new SettledRows.Foretold(day.household(), day.what())));
    // Asked for all at once: there may be hundreds.
    var names =
        households.named(days.stream().map(ComingDay::household).distinct().toList());
    return days.stream()
        .sorted(Comparator.comparing(ComingDay::on))
        .map(day -> day.of(known(names.get(day.household())).name()))
        .toList();
  }

  private LocalDate from() {
    return LocalDate.now(clock).minusDays(BEHIND);
  }

  private LocalDate until() {
    return LocalDate.now(clock).plusDays(AHEAD);
  }

  private List<Grants.Ending> endings() {
    return grants.ending(from(), until(), MOST).stream()
        .filter(ending -> Foreseen.isRenewed(ending.service()))
        .toList();
  }

  private static String what(Grants.Ending ending) {
    return "ends:" + ending.claim() + ":" + ending.on();
  }

  private ComingDay of(Staff.Colleague by, Grants.Ending ending) {
    var holder = ending.holder();
    return new ComingDay(
        what(ending),
        ending.on(),
        ending.household(),
        NAMED_LATER,
        said(Why.GRANT_ENDS.with(
            Argument.told(Catalogue.title(ending.service())), Argument.day(ending.on()))),
        ending.claim(),
        holder == null ? null : staff.nameOf(holder),
        by.login().equals(holder) || by.role() == Role.SENIOR);
  }

  private ComingDay of(KnownPeople.Birthday birthday, int age) {
    var who = new Argument.Who(
        birthday.person().toString(), birthday.givenName(), civitane.core.facts.Role.CHILD, 1);
    var foreseen = Foreseen.birthday(who, birthday.born(), age);
    return new ComingDay(
        "age:" + birthday.person() + ":" + age,
        foreseen.on(),
        birthday.household(),
        NAMED_LATER,
        said(foreseen.reason()),
        null,
        null,
        false);
  }

  private static String said(Reason reason) {
    return DeskWords.WORDS.say(reason, Voice.DESK);
  }

  /** Somebody has seen to it, in a way that wants no letter. */
  @Transactional
  void settle(Staff.Colleague by, UUID household, String what, String because) {
    if (because.isBlank()) {
      throw Problem.wrong("It is seen to with a reason, as in “they do not want it any more”.");
    }
    if (all(by).stream()
        .noneMatch(day -> day.household().equals(household) && day.what().equals(what))) {
      throw Problem.overtaken("Somebody has seen to it already.");
    }
    settle(by, new SettledRows.Foretold(household, what), because.strip());
  }

  private void settle(Staff.Colleague by, SettledRows.Foretold foretold, String because) {
    if (!settled.settle(foretold, by.login(), clock.instant(), because)) {
      throw Problem.overtaken("Somebody has seen to it already.");
    }
    audit.record(by.login(), "foreseen seen to", foretold.household().toString(), foretold.what());
  }

  /** A day by which a household asks is one on which the office is open, unless that would be too late. */
  private LocalDate openBy(LocalDate day, LocalDate end) {
    var open = lastDays.of(day);
    return open.isAfter(end) ? day : open;
  }

  /** Tells the household of a claim that what was granted ends, and asks it to ask again: once. */
  @Transactional
  void askToRenew(Staff.Colleague by, String number) {
    claims.mine(by, number);
    var ending = endings().stream()
        .filter(one -> one.claim().equals(number))
        .findFirst()
        .orElseThrow(() -> Problem.wrong(
            "Nothing of this claim ends soon, or it has been asked for again already."));
    settle(by, new SettledRows.Foretold(ending.household(), what(ending)), "asked to renew it");
    var today = LocalDate.now(clock);
    var before = ending.on().minusDays(ASK_BEFORE);
    letters.write(
        by.actor(),
        RenewalLetter.text(
            number,
            letters.written("renewal", number) + 1,
            claims.facts(number).packet(),
            ledgers.acting(ending.household()).values(),
            grants.awards(number),
            ending.on(),
            before.isAfter(today) ? openBy(before, ending.on()) : ending.on()));
    claims.note(by, number, civitane.core.claims.Why.RENEWAL_ASKED.with(Argument.day(ending.on())));
  }
}
