package civitane.app.claims;

import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Facts as they are shown: of numbers of people and accounts, no more than tells two apart. */
public final class Masked {
  private static final Set<String> NUMBERS = Set.of("residentNumber", "iban");
  private static final Set<String> OF_A_PERSON =
      Set.of("id", "role", "givenName", "familyName", "birthDate", "nameInScript");
  private static final int LEFT = 4;
  private static final String DOTS = "•••• ";

  private Masked() {}

  /** Whether a field is a number that is not shown whole. */
  public static boolean isNumber(String field) {
    return NUMBERS.contains(field);
  }

  /** A number by its last four characters. */
  public static String number(String whole) {
    return DOTS + whole.substring(Math.max(0, whole.length() - LEFT));
  }

  /** Whether that is how a number is shown, and not a number. */
  public static boolean isMasked(String text) {
    return text.startsWith(DOTS);
  }

  /** The packet with every number in it masked, in its place. */
  public static JsonNode packet(JsonNode packet) {
    if (packet instanceof ObjectNode object) {
      object.propertyNames().stream().toList().forEach(name -> {
        var value = object.get(name);
        if (isNumber(name) && value.isString()) {
          object.put(name, number(value.stringValue()));
        } else {
          packet(value);
        }
      });
    } else if (packet instanceof ArrayNode array) {
      array.forEach(Masked::packet);
    }
    return packet;
  }

  /** Who is in a packet, and nothing else of it. */
  static JsonNode people(JsonNode packet) {
    var only = ((ObjectNode) packet).objectNode();
    var household = only.putObject("household");
    household.putArray("incomes");
    var people = household.putArray("people");
    packet.at("/household/people").forEach(person -> {
      var named = people.addObject();
      OF_A_PERSON.forEach(field -> {
        if (person.has(field)) {
          named.set(field, person.get(field));
        }
      });
    });
    return only;
  }
}
