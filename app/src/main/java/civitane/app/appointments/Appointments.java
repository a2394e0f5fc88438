package civitane.app.appointments;

import civitane.app.access.Guard;
import civitane.app.audit.AuditLog;
import civitane.app.catalogue.DeskWords;
import civitane.app.claims.ClaimLists;
import civitane.app.claims.Claims;
import civitane.app.households.Households;
import civitane.app.problems.Problem;
import civitane.app.staff.Role;
import civitane.app.staff.Staff;
import civitane.core.claims.Want;
import civitane.core.claims.Why;
import civitane.core.reasons.Argument;
import civitane.core.time.LastDay;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import static civitane.core.facts.Known.known;

/** Appointments: nobody has two at once, none is on a closed day, and the claim tells of each. */
@Service
public class Appointments {
  private static final LocalTime OPENS = LocalTime.of(8, 0);
  private static final LocalTime CLOSES = LocalTime.of(18, 0);
  private static final int SHORTEST = 10;
  private static final int LONGEST = 180;
  private static final int AHEAD = 120;
  private static final int MOST_LETTERS = 400;

  private final AppointmentRows rows;
  private final Claims claims;
  private final ClaimLists claimLists;
  private final Households households;
  private final Hearings hearings;
  private final Guard guard;
  private final Staff staff;
  private final AuditLog audit;
  private final LastDay openDays;
  private final Clock clock;

  Appointments(
      AppointmentRows rows,
      Claims claims,
      ClaimLists claimLists,
      Households households,
      Hearings hearings,
      Guard guard,
      Staff staff,
      AuditLog audit,
      LastDay openDays,
      Clock clock) {
    this.rows = rows;
    this.claims = claims;
    this.claimLists = claimLists;
    this.households = households;
    this.hearings = hearings;
    this.guard = guard;
    this.staff = staff;
    this.audit = audit;
    this.openDays = openDays;
    this.clock = clock;
  }

  /**
   * An appointment that is to be made.
   *
   * @param with the login of who meets them
   * @param interpreter into which language; empty where nobody interprets
   * @param hearing whether it is one on which an appeal or a review is heard
   */
  public record Wished(
      LocalDate on,
      LocalTime at,
      int minutes,
      String with,
      Place place,
      String interpreter,
      String about,
      boolean hearing) {}

  /** The appointments of a day, without households that are not there for who looks; what for is for who works claims. */
  @Transactional(readOnly = true)
  List<AppointmentView> on(Staff.Colleague by, LocalDate day) {
    var kept = rows.on(day);
    var of =
        claimLists.householdsOf(kept.stream().map(Appointment::claim).collect(Collectors.toSet()));
    var hidden = guard.hiddenFrom(by);
    var names = households.named(List.copyOf(Set.copyOf(of.values())));
    return kept.stream()
        .filter(one -> !hidden.contains(known(of.get(one.claim()))))
        .map(one -> AppointmentView.of(
            one,
            known(names.get(known(of.get(one.claim())))).name(),
            staff.nameOf(one.with()),
            by.role() != Role.FRONT_DESK))
        .toList();
  }

  @Transactional(readOnly = true)
  List<AppointmentView> about(String number) {
    var name = households.named(claims.householdOf(number)).name();
    return rows.about(number).stream()
        .map(one -> AppointmentView.of(one, name, staff.nameOf(one.with()), true))
        .toList();
  }

  /** Makes an appointment on a claim; what stands against it is said all at once. */
  @Transactional
  public void make(Staff.Colleague by, String number, Wished wished) {
    var with = staff.named(wished.with());
    var household = claims.householdOf(number);
    if (with.role() != Role.CASEWORKER && with.role() != Role.SENIOR
        || !guard.maySee(with, household)) {
      throw Problem.wrong(with.name() + " does not work this household’s claims.");
    }
    var against = against(wished);
    if (wished.hearing()) {
      claims.impartial(with, number);
      hearings.against(number, wished).ifPresent(against::add);
    }
    if (!against.isEmpty()) {
      throw Problem.wrong(String.join(" ", against));
    }
    rows.holding(with.login(), wished.on()).stream()
        .filter(one -> one.overlaps(wished.at(), wished.at().plusMinutes(wished.minutes())))
        .findFirst()
        .ifPresent(one -> {
          throw Problem.wrong(with.name() + " has another appointment from " + one.at() + " to "
              + one.ends() + ".");
        });
    var made = new Appointment(
        UUID.randomUUID(),
        number,
        wished.on(),
        wished.at(),
        wished.minutes(),
        with.login(),
        wished.place(),
        blank(wished.interpreter()),
        wished.about().strip(),
        wished.hearing(),
        null,
        null,
        null);
    rows.add(made, by.login(), clock.instant());
    if (wished.hearing()) {
      hearings.tell(by, made, with.name(), false);
    }
    claims.note(
        by,
        number,
        Why.APPOINTMENT_MADE.with(
            Argument.day(wished.on()),
            Argument.told(wished.at().toString()),
            Argument.told(with.name())));
    audit.record(by.login(), "appointment made", number, wished.on().toString());
  }

  private List<String> against(Wished wished) {
    var against = new ArrayList<String>();
    var now = LocalDateTime.now(clock);
    if (!wished.on().atTime(wished.at()).isAfter(now)) {
      against.add("An appointment is still to come.");
    } else if (wished.on().isAfter(now.toLocalDate().plusDays(AHEAD))) {
      against.add("An appointment is at most " + AHEAD + " days ahead.");
    }
    var open = openDays.of(wished.on());
    if (!open.equals(wished.on())) {
      against.add("The office is closed on that day; it is open again on "
          + DeskWords.WORDS.date(open) + ".");
    }
    if (wished.minutes() < SHORTEST || wished.minutes() > LONGEST) {
      against.add("It takes " + SHORTEST + " to " + LONGEST + " minutes.");
    } else if (wished.at().isBefore(OPENS)
        || wished.at().plusMinutes(wished.minutes()).isAfter(CLOSES)) {
      against.add("The office is open from " + OPENS + " to " + CLOSES + ".");
    }
    if (wished.about().isBlank() || wished.about().length() > MOST_LETTERS) {
      against.add("Say what it is about in a few words.");
    }
    return against;
  }

  private static @Nullable String blank(String text) {
    return text.isBlank() ? null : text.strip();
  }

  /** They are here. */
  @Transactional
  void here(Staff.Colleague by, UUID id) {
    find(by, id);
    if (!rows.here(id, clock.instant())) {
      throw Problem.overtaken("They have checked in already, or it is over.");
    }
    audit.record(by.login(), "appointment checked in", id.toString(), "");
  }

  /** It is over: they came, did not come, or it was called off, with what there is to say. */
  @Transactional
  void over(Staff.Colleague by, UUID id, Over over, String note) {
    var appointment = find(by, id);
    if (over != Over.CAME && note.isBlank()) {
      throw Problem.wrong("Say what is known of it, as in “called: ill, calls back”.");
    }
    if (!rows.over(id, over, note.strip(), by.login(), clock.instant())) {
      throw Problem.overtaken("Somebody has noted already what came of it.");
    }
    var came = over.code()
        .with(Argument.day(appointment.on()), Argument.told(note.isBlank() ? "—" : note.strip()));
    if (over == Over.CALLED_OFF && appointment.hearing()) {
      hearings.tell(by, appointment, staff.nameOf(appointment.with()), true);
    }
    if (over == Over.MISSED) {
      claims.hear(by.actor(), appointment.claim(), Want.MISSED, came);
    } else {
      claims.note(by, appointment.claim(), came);
    }
    audit.record(by.login(), "appointment over", id.toString(), over.name());
  }

  private Appointment find(Staff.Colleague by, UUID id) {
    return rows.find(id)
        .filter(one -> guard.maySee(by, claims.householdOf(one.claim())))
        .orElseThrow(() -> Problem.notThere("The appointment"));
  }
}
