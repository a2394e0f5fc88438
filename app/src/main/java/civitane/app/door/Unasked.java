package civitane.app.door;

import civitane.packet.form.ScreenForm;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is known of a household and is no question of the form: it stays when a page of the form is kept. */
final class Unasked {
  private static final List<String> PARTS = List.of("address", "payment");
  private static final Map<String, List<String>> MAY =
      Map.of("phone", List.of("mayCall", "mayText"), "email", List.of("mayWrite"));
  private static final String HOUSEHOLD = "/household/";
  private static final String PEOPLE = HOUSEHOLD + "people/";

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
          .ifPresent(
              was -> merge(reachedAsBefore(known.path("people").path(was), person), person, place));
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
