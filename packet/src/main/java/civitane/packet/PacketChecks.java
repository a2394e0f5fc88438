package civitane.packet;

import civitane.core.facts.Answers;
import civitane.core.facts.Frequency;
import civitane.core.facts.Role;
import civitane.core.rates.RateShelf;
import civitane.core.time.Dates;
import civitane.packet.json.Faults;
import civitane.packet.shape.Kind;
import civitane.packet.shape.Reference;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Faults that lie between the parts of a packet: ids, roles, references, dates and wages by the hour. */
final class PacketChecks {
  private static final String PEOPLE = "/household/people";

  private final Answers packet;
  private final Answers household;
  private final Faults faults;

  PacketChecks(Answers packet, Faults faults) {
    this.packet = packet;
    this.household = Optional.ofNullable(packet.group("household")).orElse(Answers.NONE);
    this.faults = faults;
  }

  void run(RateShelf rates, List<Reference> references) {
    version();
    dates(rates);
    roles();
    var people = ids("people");
    var incomes = ids("incomes");
    references(references, people, incomes);
    hourlyWages();
  }

  private void version() {
    var version = packet.number("version");
    if (version != null && version.toDecimal().intValue() != PacketShape.VERSION) {
      faults.add("/version", "this version is not read here", String.valueOf(PacketShape.VERSION));
    }
  }

  private void dates(RateShelf rates) {
    var lodged = packet.date("lodgedOn");
    if (lodged == null) {
      return;
    }
    var assessed = packet.date("assessedOn");
    if ((assessed == null ? lodged : assessed).isBefore(rates.oldest())) {
      faults.add(
          assessed == null ? "/lodgedOn" : "/assessedOn",
          "no rate book was in force on that day",
          "a day from " + Dates.written(rates.oldest()) + " on");
    }
    LocalDate asOf = packet.date("asOf");
    if (asOf != null && asOf.isBefore(lodged)) {
      faults.add("/asOf", "it lies before the day of lodging", "the day of lodging or later");
    }
  }

  private void roles() {
    var applicants = 0;
    var spouses = 0;
    var people = household.groups("people");
    for (var i = 0; i < people.size(); i++) {
      var role = people.get(i).word(Role.class, "role");
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

  private Set<String> ids(String list) {
    var ids = new HashSet<String>();
    var entries = household.groups(list);
    for (var i = 0; i < entries.size(); i++) {
      var id = entries.get(i).text("id");
      if (id != null && !ids.add(id)) {
        faults.add(
            "/household/" + list + "/" + i + "/id", "the id is used twice", "an id of its own");
      }
    }
    return ids;
  }

  private void references(List<Reference> references, Set<String> people, Set<String> incomes) {
    for (var reference : references) {
      var toPerson = reference.kind() == Kind.PERSON;
      if (!(toPerson ? people : incomes).contains(reference.id())) {
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
    var incomes = household.groups("incomes");
    for (var i = 0; i < incomes.size(); i++) {
      var income = incomes.get(i);
      var pointer = "/household/incomes/" + i;
      if ((income.has("hourlyRate") || income.has("hoursPerWeek")) && income.has("amount")) {
        faults.add(
            pointer + "/amount", "an amount and an hourly wage are both given", "one of the two");
      }
      var frequency = income.word(Frequency.class, "frequency");
      if (income.has("hourlyRate") && frequency != null && frequency != Frequency.WEEKLY) {
        faults.add(
            pointer + "/frequency", "a wage by the hour is weekly", "weekly, or no frequency");
      }
    }
  }
}
