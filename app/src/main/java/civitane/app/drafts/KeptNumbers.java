package civitane.app.drafts;

import civitane.app.claims.Masked;
import civitane.app.problems.Problem;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The numbers of people and accounts that a draft keeps whole. A browser is sent them masked; what it sends back masked
 * stands for the one that is kept.
 */
final class KeptNumbers {
  /** @param whose the id of whom it is of; empty where that has none */
  private record Kept(String whose, String field, String number) {}

  private final List<Kept> kept = new ArrayList<>();

  KeptNumbers(JsonNode packet) {
    note(packet);
  }

  private void note(JsonNode node) {
    if (node instanceof ObjectNode object) {
      object.properties().forEach(one -> {
        if (Masked.isNumber(one.getKey()) && one.getValue().isString()) {
          kept.add(new Kept(id(object), one.getKey(), one.getValue().stringValue()));
        } else {
          note(one.getValue());
        }
      });
    } else if (node instanceof ArrayNode array) {
      array.forEach(this::note);
    }
  }

  private static String id(ObjectNode object) {
    return object.path("id").asString("");
  }

  /**
   * The packet with its numbers whole.
   *
   * @throws Problem where it can't be told which of those that are kept is meant
   */
  JsonNode in(JsonNode packet) {
    var whole = packet.deepCopy();
    restore(whole);
    return whole;
  }

  private void restore(JsonNode node) {
    if (node instanceof ObjectNode object) {
      object.propertyNames().stream().toList().forEach(name -> {
        var value = object.get(name);
        if (Masked.isNumber(name) && value.isString()) {
          if (Masked.isMasked(value.stringValue())) {
            object.put(name, meant(id(object), name, value.stringValue()));
          }
        } else {
          restore(value);
        }
      });
    } else if (node instanceof ArrayNode array) {
      array.forEach(this::restore);
    }
  }

  private String meant(String whose, String field, String masked) {
    var alike = kept.stream()
        .filter(one -> one.field().equals(field) && Masked.number(one.number()).equals(masked))
        .toList();
    var theirs = alike.stream().filter(one -> one.whose().equals(whose)).toList();
    var numbers = (theirs.isEmpty() ? alike : theirs)
        .stream().map(Kept::number).distinct().toList();
    if (numbers.size() != 1) {
      throw Problem.wrong("The number that ends with " + masked.substring(masked.length() - 4)
          + " is not the one that is kept. Type it whole.");
    }
    return numbers.get(0);
  }
}
