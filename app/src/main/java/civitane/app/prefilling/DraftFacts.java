package civitane.app.prefilling;

import civitane.app.drafts.Draft;
import civitane.app.drafts.Taking;
import civitane.core.identity.NameMatch;
import civitane.core.identity.Names;
import civitane.core.money.Amount;
import civitane.core.registers.Resident;
import civitane.core.registers.TaxRecord;
import civitane.core.registers.Wage;
import civitane.core.registers.WageQuarters;
import civitane.core.time.Ages;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The facts of a draft, where something is filled in only in empty places and marked with where it is from. */
final class DraftFacts {
  private static final String POPULATION = "population register";
  private static final String WAGES = "wage register";
  private static final String TAX = "tax register";
  private static final String CHILD_BENEFIT = "child benefit register";
  private static final String ANSWERS = "answers";

  private final Draft draft;
  private final ObjectNode packet;
  private final Taking taking;
  private final LocalDate today;

  DraftFacts(Draft draft, LocalDate today) {
    this.draft = draft;
    this.packet = (ObjectNode) draft.packet();
    this.taking = new Taking(draft.taking());
    this.today = today;
  }

  private ArrayNode list(String name) {
    return packet.withObject("/household").withArray(name);
  }

  private List<ObjectNode> people() {
    return list("people").valueStream().map(ObjectNode.class::cast).toList();
  }

  ObjectNode applicant() {
    return people().stream()
        .filter(person -> "applicant".equals(person.path("role").asString("")))
        .findFirst()
        .orElseThrow();
  }

  static String number(ObjectNode person) {
    return person.path("residentNumber").asString("");
  }

  List<ObjectNode> requests() {
    return packet
        .withArray("requests")
        .valueStream()
        .map(ObjectNode.class::cast)
        .toList();
  }

  String iban() {
    return packet.at("/household/payment/iban").asString("");
  }

  /** Those who allow today that somebody is asked. */
  List<ObjectNode> consenting(String to) {
    return people().stream()
        .filter(person -> draft.allows(person.path("id").asString(""), to, today))
        .toList();
  }

  private static boolean isEmpty(JsonNode object, String key) {
    var value = object.path(key);
    return value.isMissingNode()
        || value.isNull()
        || value.isString() && value.stringValue().isBlank();
  }

  private String at(ObjectNode person) {
    return "/household/people/" + people().indexOf(person);
  }

  private int fill(ObjectNode object, String at, String key, @Nullable String value, String from) {
    if (value == null || !isEmpty(object, key)) {
      return 0;
    }
    object.put(key, value);
    taking.mark(at + "/" + key, from);
    return 1;
  }

  /** Who somebody is, where the household lives, and who else is registered there. */
  int resident(ObjectNode person, Resident found, List<Resident> household) {
    var at = at(person);
    var filled = fill(person, at, "givenName", found.givenName(), POPULATION)
        + fill(person, at, "familyName", found.familyName(), POPULATION)
        + fill(person, at, "birthDate", found.birthDate().toString(), POPULATION)
        + fill(person, at, "sex", found.sex() == null ? null : found.sex().word(), POPULATION);
    if (!person.equals(applicant())) {
      return filled;
    }
    var address = packet.withObject("/household/address");
    filled += fill(address, "/household/address", "line1", found.line1(), POPULATION)
        + fill(address, "/household/address", "postcode", found.postcode(), POPULATION)
        + fill(address, "/household/address", "town", found.town(), POPULATION);
    for (var other : household) {
      if (people().stream().noneMatch(known -> isSame(known, other))) {
        add(other);
        filled++;
      }
    }
    return filled;
  }

  private static boolean isSame(ObjectNode known, Resident other) {
    if (other.residentNumber().equals(known.path("residentNumber").asString(""))) {
      return true;
    }
    var name =
        known.path("givenName").asString("") + " " + known.path("familyName").asString("");
    return other.birthDate().toString().equals(known.path("birthDate").asString(""))
        && Names.compare(name, other.givenName() + " " + other.familyName()) != NameMatch.DIFFERENT;
  }

  /** The register does not say what people are to one another; that is guessed, and confirmed like all else. */
  private void add(Resident other) {
    var index = list("people").size();
    var id = freshId("p", list("people"));
    var grown = Ages.isAdult(other.birthDate(), today);
    list("people")
        .addObject()
        .put("id", id)
        .put("role", grown ? "relative" : "child")
        .put("givenName", other.givenName())
        .put("familyName", other.familyName())
        .put("birthDate", other.birthDate().toString())
        .put("residentNumber", other.residentNumber());
    var person = (ObjectNode) list("people").get(index);
    if (other.sex() != null) {
      person.put("sex", other.sex().word());
    }
    taking.mark("/household/people/" + index + "/role", POPULATION);
  }

  private static String freshId(String letter, ArrayNode list) {
    var used = list.valueStream().map(one -> one.path("id").asString("")).toList();
    var number = list.size() + 1;
    while (used.contains(letter + number)) {
      number++;
    }
    return letter + number;
  }

  /** What employers report: beside an income that was told, else as an income of its own. */
  int wages(ObjectNode person, List<Wage> wages) {
    var filled = 0;
    var id = person.path("id").asString("");
    for (var wage : wages) {
      var told = list("incomes")
          .valueStream()
          .map(ObjectNode.class::cast)
          .filter(income -> id.equals(income.path("person").asString("")))
          .filter(income -> "wages".equals(income.path("kind").asString("")))
          .filter(income -> isEmpty(income, "employer")
              || Names.compare(income.path("employer").asString(""), wage.employer())
                  != NameMatch.DIFFERENT)
          .findFirst();
      var monthly = wage.monthly().toDecimal();
      if (told.isPresent()) {
        if (isEmpty(told.get(), "registerMonthly")) {
          told.get().put("registerMonthly", monthly);
          filled++;
        }
        continue;
      }
      var index = list("incomes").size();
      var fresh = freshId("i", list("incomes"));
      list("incomes")
          .addObject()
          .put("id", fresh)
          .put("person", id)
          .put("kind", "wages")
          .put("amount", monthly)
          .put("frequency", "monthly")
          .put("employer", wage.employer())
          .put("registerMonthly", monthly);
      taking.mark("/household/incomes/" + index + "/amount", WAGES);
      filled++;
    }
    return filled;
  }

  private String place(ObjectNode request) {
    return "/requests/" + requests().indexOf(request) + "/" + ANSWERS;
  }

  private static ObjectNode answers(ObjectNode request) {
    return request.withObject("/" + ANSWERS);
  }

  /** Whether a request is about a person; while nobody is named, it is about who applies. */
  boolean isAbout(ObjectNode request, ObjectNode person) {
    var named = answers(request).path("person").asString(applicant().path("id").asString(""));
    return named.equals(person.path("id").asString(""));
  }

  /** What employers reported by quarter: beside an employer that was named, else with a row of its own. */
  int quarters(ObjectNode request, String list, String key, List<WageQuarters> reported) {
    var filled = 0;
    var rows = answers(request).withArray(list);
    for (var one : reported) {
      var index = rowOf(rows, one.employer());
      var row =
          index < 0 ? rows.addObject().put("name", one.employer()) : (ObjectNode) rows.get(index);
      if (isEmpty(row, key)) {
        var quarters = row.putObject(key);
        one.earned()
            .forEach((quarter, earned) -> quarters.put(quarter.toString(), earned.toDecimal()));
        taking.mark(
            place(request) + "/" + list + "/" + (index < 0 ? rows.size() - 1 : index) + "/" + key,
            WAGES);
        filled++;
      }
    }
    return filled;
  }

  private static int rowOf(ArrayNode rows, String employer) {
    for (var i = 0; i < rows.size(); i++) {
      if (Names.compare(rows.get(i).path("name").asString(""), employer) != NameMatch.DIFFERENT) {
        return i;
      }
    }
    return -1;
  }

  int taxFiled(ObjectNode request, String key, ObjectNode person, boolean filed) {
    var byPerson = answers(request).withObject("/" + key);
    var id = person.path("id").asString("");
    if (byPerson.has(id)) {
      return 0;
    }
    byPerson.put(id, filed);
    taking.mark(place(request) + "/" + key + "/" + id, TAX);
    return 1;
  }

  /** The assessed income of applicant and spouse together, once both are known. */
  int assessed(
      ObjectNode request,
      String key,
      String number,
      Function<String, Optional<TaxRecord>> assessment) {
    if (!isEmpty(answers(request), key)) {
      return 0;
    }
    var sum = Amount.ZERO;
    var numbers = new ArrayList<String>();
    for (var person : people()) {
      var role = person.path("role").asString("");
      if (role.equals("applicant") || role.equals("spouse")) {
        numbers.add(person.path("residentNumber").asString(""));
      }
    }
    if (numbers.stream().anyMatch(String::isBlank) || !numbers.contains(number)) {
      return 0;
    }
    for (var one : numbers) {
      var assessed = assessment.apply(one).map(TaxRecord::assessedIncome).orElse(null);
      if (assessed == null) {
        return 0;
      }
      sum = sum.plus(assessed);
    }
    answers(request).put(key, sum.toDecimal());
    taking.mark(place(request) + "/" + key, TAX);
    return 1;
  }

  /** Whether child benefit is received for each child of a list, as far as their numbers are asked about. */
  int benefits(
      ObjectNode request,
      String list,
      String key,
      Predicate<String> isAsked,
      Predicate<String> received) {
    var filled = 0;
    var rows = answers(request).withArray(list);
    for (var i = 0; i < rows.size(); i++) {
      var row = (ObjectNode) rows.get(i);
      var number = people().stream()
          .filter(
              person -> person.path("id").asString("").equals(row.path("person").asString("")))
          .map(person -> person.path("residentNumber").asString(""))
          .findFirst()
          .orElse("");
      if (!number.isBlank() && isAsked.test(number) && isEmpty(row, key)) {
        row.put(key, received.test(number));
        taking.mark(place(request) + "/" + list + "/" + i + "/" + key, CHILD_BENEFIT);
        filled++;
      }
    }
    return filled;
  }
}
