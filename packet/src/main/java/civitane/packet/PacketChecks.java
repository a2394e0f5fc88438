package civitane.packet;

import civitane.core.facts.Form;
import civitane.core.facts.Frequency;
import civitane.core.facts.Household;
import civitane.core.facts.Income;
import civitane.core.facts.Person;
import civitane.core.facts.Request;
import civitane.core.facts.Role;
import civitane.core.rates.RateShelf;
import civitane.core.services.Services;
import civitane.packet.PacketShape.Part;
import civitane.packet.json.Faults;
import civitane.packet.shape.Reference;
import civitane.words.Language;
import civitane.words.Words;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Faults that lie between the parts of a packet: ids, roles, references, dates and wages by the hour. */
final class PacketChecks {
  private static final String PEOPLE = "/household/people";

  private final @Nullable Object[] packet;
  private final List<Person> people;
  private final List<Income> incomes;
  private final Faults faults;

  /** What was read of a packet, by the places of its parts; as far as it could be read. */
  PacketChecks(@Nullable Object[] packet, Faults faults) {
    this.packet = packet;
    Household household = Part.HOUSEHOLD.of(packet);
    this.people = household == null ? List.of() : household.people();
    this.incomes = household == null ? List.of() : household.incomes();
    this.faults = faults;
  }

  void run(RateShelf rates, List<Reference> references) {
    version();
    dates(rates);
    offered();
    roles();
    var known = ids("people", people.stream().map(Person::id).toList());
    var earned = ids("incomes", incomes.stream().map(Income::id).toList());
    references(references, known, earned);
    hourlyWages();
  }

  private void version() {
    Integer version = Part.VERSION.of(packet);
    if (version != null && version != PacketShape.VERSION) {
      faults.add("/version", "this version is not read here", String.valueOf(PacketShape.VERSION));
    }
  }

  private void dates(RateShelf rates) {
    LocalDate lodged = Part.LODGED_ON.of(packet);
    if (lodged == null) {
      return;
    }
    LocalDate assessed = Part.ASSESSED_ON.of(packet);
    if ((assessed == null ? lodged : assessed).isBefore(rates.oldest())) {
      faults.add(
          assessed == null ? "/lodgedOn" : "/assessedOn",
          "no rate book was in force on that day",
          "a day from " + Words.in(Language.EN).date(rates.oldest()) + " on");
    }
    LocalDate asOf = Part.AS_OF.of(packet);
    if (asOf != null && asOf.isBefore(lodged)) {
      faults.add("/asOf", "it lies before the day of lodging", "the day of lodging or later");
    }
  }

  /** A service is asked for only from the day on which it is offered. */
  private void offered() {
    LocalDate lodged = Part.LODGED_ON.of(packet);
    LocalDate assessed = Part.ASSESSED_ON.of(packet);
    List<Request> requests = Part.REQUESTS.of(packet);
    var on = assessed == null ? lodged : assessed;
    if (on == null || requests == null) {
      return;
    }
    for (var i = 0; i < requests.size(); i++) {
      var from = requests.get(i) == null
          ? LocalDate.MIN
          : Services.named(requests.get(i).service()).orElseThrow().offeredFrom();
      if (from.isAfter(on)) {
        faults.add(
            "/requests/" + i + "/service",
            "it was not offered on that day",
            "a day from " + Words.in(Language.EN).date(from) + " on");
      }
    }
  }

  private void roles() {
    var applicants = 0;
    var spouses = 0;
    for (var i = 0; i < people.size(); i++) {
      var role = people.get(i).role();
      if (role == Role.APPLICANT && ++applicants > 1) {
        faults.add(PEOPLE + "/" + i + "/role", "there is a second applicant", "one applicant");
      }
      if (role == Role.SPOUSE && ++spouses > 1) {
        faults.add(PEOPLE + "/" + i + "/role", "there is a second spouse", "one spouse at most");
      }
    }
    if (applicants == 0) {
      faults.add(PEOPLE, "nobody is the applicant", "one person with the role applicant");
    }
  }

  private Set<String> ids(String list, List<@Nullable String> given) {
    var ids = new HashSet<String>();
    for (var i = 0; i < given.size(); i++) {
      if (given.get(i) != null && !ids.add(given.get(i))) {
        faults.add(
            "/household/" + list + "/" + i + "/id", "the id is used twice", "an id of its own");
      }
    }
    return ids;
  }

  private void references(List<Reference> references, Set<String> known, Set<String> earned) {
    for (var reference : references) {
      var toPerson = reference.form() == Form.PERSON;
      if (!(toPerson ? known : earned).contains(reference.id())) {
        faults.add(
            reference.pointer(),
            toPerson
                ? "there is no such person in the household"
                : "there is no such income in the household",
            toPerson
                ? "the id of a person of the household"
                : "the id of an income of the household");
      }
    }
  }

  private void hourlyWages() {
    for (var i = 0; i < incomes.size(); i++) {
      var income = incomes.get(i);
      var pointer = "/household/incomes/" + i;
      if ((income.hourlyRate() != null || income.hoursPerWeek() != null)
          && income.amount() != null) {
        faults.add(
            pointer + "/amount", "an amount and an hourly wage are both given", "one of the two");
      }
      if (income.hourlyRate() != null
          && income.frequency() != null
          && income.frequency() != Frequency.WEEKLY) {
        faults.add(
            pointer + "/frequency", "a wage by the hour is weekly", "weekly, or no frequency");
      }
    }
  }
}
