package civitane.app.door;

import civitane.packet.form.ScreenForm;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is known of a household and is no question of the form: it stays when a page of the form is kept. */
final class Unasked {
  private static final List<String> PARTS = List.of("address", "payment");
  private static final Map<String, List<String>> MAY =
      Map.of("phone", List.of("mayCall", "mayText"), "email", List.of("mayWrite"));
  private static final String HOUSEHOLD = "/household/";
  private static final String PEOPLE = HOUSEHOLD + "people/";

  private static final List<String> WHICH_INCOME = List.of("kind", "employer");
  private static final List<String> OF_INCOME =
      List.of("startsOn", "endsOn", "businessCosts", "registerMonthly");
  private static final List<String> BY_THE_HOUR = List.of("hourlyRate", "hoursPerWeek");

  private final Set<String> asked;

  Unasked(ScreenForm form) {
    asked = form.names();
  }

  /** Puts into a packet what stood in the one before it and is not asked. */
  void keep(JsonNode before, ObjectNode packet) {
    var known = before.path("household");
    var household = packet.withObject("/household");
    if (!household.has("expectedChildren") && known.has("expectedChildren")) {
      household.set("expectedChildren", known.get("expectedChildren"));
    }
    for (var part : PARTS) {
      if (known.path(part).isObject()) {
        keep(known.get(part), part, household, HOUSEHOLD + part);
      }
    }
    var people = household.withArray("people");
    var same = new SamePeople(people(known.path("people")), people(people));
    for (var row = 0; row < people.size(); row++) {
      var person = (ObjectNode) people.get(row);
      var place = PEOPLE + row + "/";
      same.rowBefore(row)
          .ifPresent(rowBefore ->
              merge(reachedAsBefore(known.path("people").path(rowBefore), person), person, place));
    }
    var ids = ids(known, household);
    allowed(known.path("consents"), ids, household);
    incomes(known.path("incomes"), ids, household.path("incomes"));
  }

  /** Puts into a packet what a household allows now, in place of what stands there. */
  static void allowNow(JsonNode known, ObjectNode packet) {
    var household = packet.withObject("/household");
    household.remove("consents");
    var before = known.path("household");
    allowed(before.path("consents"), ids(before, household), household);
  }

  /** The ids that people have in a packet, by those they had before. */
  private static Map<String, String> ids(JsonNode known, ObjectNode household) {
    var people = household.withArray("people");
    var same = new SamePeople(people(known.path("people")), people(people));
    var ids = new HashMap<String, String>();
    for (var row = 0; row < people.size(); row++) {
      var id = people.get(row).path("id").asString("");
      same.rowBefore(row)
          .ifPresent(rowBefore ->
              ids.put(known.path("people").path(rowBefore).path("id").asString(""), id));
    }
    return ids;
  }

  /** What somebody allowed holds until its end, whatever they ask for meanwhile. */
  private static void allowed(JsonNode known, Map<String, String> ids, ObjectNode household) {
    for (var consent : known) {
      var person = ids.get(consent.path("person").asString(""));
      if (person != null) {
        var kept = (ObjectNode) consent.deepCopy();
        household.withArray("consents").add(kept.put("person", person));
      }
    }
  }

  /** What is known of an income beside what is asked: since when, and pay by the hour where no amount stands there. */
  private static void incomes(JsonNode known, Map<String, String> ids, JsonNode incomes) {
    var left = known.valueStream().collect(Collectors.toCollection(ArrayList::new));
    for (var income : incomes) {
      left.stream()
          .filter(was ->
              WHICH_INCOME.stream().allMatch(key -> was.path(key).equals(income.path(key)))
                  && income
                      .path("person")
                      .asString("")
                      .equals(ids.get(was.path("person").asString(""))))
          .findFirst()
          .ifPresent(was -> {
            left.remove(was);
            Stream.concat(
                    OF_INCOME.stream(), income.has("amount") ? Stream.of() : BY_THE_HOUR.stream())
                .filter(was::has)
                .forEach(key -> ((ObjectNode) income).set(key, was.get(key)));
          });
    }
  }

  private static List<SamePeople.Named> people(JsonNode people) {
    return people
        .valueStream()
        .map(one -> new SamePeople.Named(
            one.path("givenName").asString(""),
            one.path("familyName").asString(""),
            one.path("birthDate").asString("")))
        .toList();
  }

  /** A person as they were known; what may be sent to a phone or an address that is another now was not said of it. */
  private static JsonNode reachedAsBefore(JsonNode known, JsonNode now) {
    var same = known.deepCopy();
    if (same.path("contact") instanceof ObjectNode contact) {
      MAY.forEach((way, may) -> {
        if (!contact.path(way).equals(now.path("contact").path(way))) {
          contact.remove(may);
        }
      });
    }
    return same;
  }

  private void merge(JsonNode known, ObjectNode into, String place) {
    known
        .properties()
        .forEach(field -> keep(field.getValue(), field.getKey(), into, place + field.getKey()));
  }

  private void keep(JsonNode value, String field, ObjectNode into, String at) {
    if (value.isObject()) {
      var within = into.path(field).isObject() ? (ObjectNode) into.get(field) : into.objectNode();
      merge(value, within, at + "/");
      if (!within.isEmpty()) {
        into.set(field, within);
      }
    } else if (!into.has(field) && !isAsked(at)) {
      into.set(field, value.deepCopy());
    }
  }

  /** Whether a question of the form is about a place, or something in it. */
  private boolean isAsked(String place) {
    return asked.stream()
        .anyMatch(name ->
            name.equals(place) || name.startsWith(place + "/") || name.startsWith(place + "#"));
  }
}
