package civitane.core.foresight;

import civitane.core.facts.Household;
import civitane.core.facts.Packet;
import civitane.core.facts.Person;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import static civitane.core.facts.Known.known;

/** A day that is known beforehand, and what it brings. */
public record Foreseen(LocalDate on, Reason reason) {
  /** From this age on a child counts as an older one. */
  public static final int OLDER = 14;

  /** What a household may get on after it ends, by asking for it again. */
  private static final Set<String> RENEWED = Set.of(
      "householdAllowance",
      "schoolMeals",
      "childDental",
      "disabilityAllowance",
      "studyAdjustments");

  private static final Map<Integer, Why> BIRTHDAYS =
      Map.of(OLDER, Why.TURNS_OLDER, Ages.ADULT, Why.COMES_OF_AGE);

  /** The ages whose birthdays change what counts. */
  public static List<Integer> ages() {
    return BIRTHDAYS.keySet().stream().sorted().toList();
  }

  /** Whether the end of what a service grants wants somebody to look. */
  public static boolean isRenewed(String service) {
    return RENEWED.contains(service);
  }

  /** What is foreseen of the people of a packet and their papers between two days, both included, the soonest first. */
  public static List<Foreseen> of(Packet packet, LocalDate from, LocalDate until) {
    var foreseen = new ArrayList<Foreseen>();
    var household = packet.household();
    for (var person : household.people()) {
      for (var age : ages()) {
        birthday(household, person, age)
            .filter(one -> isWithin(one.on(), from, until))
            .ifPresent(foreseen::add);
      }
    }
    for (var paper : packet.papers()) {
      var ends = paper.expiresOn();
      var whose = household.person(paper.person());
      if (ends != null && paper.isEvidence() && whose.isPresent() && isWithin(ends, from, until)) {
        var who = Who.of(household, whose.get());
        foreseen.add(new Foreseen(
            ends, Why.PAPER_ENDS.with(Argument.term(paper.kind()), who, Argument.day(ends))));
      }
    }
    foreseen.sort(Comparator.comparing(Foreseen::on));
    return List.copyOf(foreseen);
  }

  private static Optional<Foreseen> birthday(Household household, Person person, int age) {
    var born = person.birthDate();
    if (born == null) {
      return Optional.empty();
    }
    return Optional.of(birthday(Who.of(household, person), born, age));
  }

  /** The birthday on which somebody reaches one of {@link #ages}. */
  public static Foreseen birthday(Who who, LocalDate born, int age) {
    var on = Ages.reached(born, age);
    return new Foreseen(on, known(BIRTHDAYS.get(age)).with(who, Argument.day(on)));
  }

  private static boolean isWithin(LocalDate day, LocalDate from, LocalDate until) {
    return !day.isBefore(from) && !day.isAfter(until);
  }
}
