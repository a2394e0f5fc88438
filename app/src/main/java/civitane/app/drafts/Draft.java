package civitane.app.drafts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What has been typed so far.
 *
 * @param packet the facts and requests in the exchange format, as far as they could be read
 * @param typed what was typed and can't be read yet, by the place it belongs to
 * @param taking what is known of the taking itself and is no fact of the household: who acts, what was prefilled,
 *     answers kept aside, what a paper form left blank
 */
public record Draft(
    @Schema(type = "object", additionalProperties = Schema.AdditionalPropertiesValue.TRUE)
    JsonNode packet,

    @Schema(type = "object", additionalProperties = Schema.AdditionalPropertiesValue.TRUE)
    JsonNode typed,

    @Schema(type = "object", additionalProperties = Schema.AdditionalPropertiesValue.TRUE)
    JsonNode taking) {
  private static final int MOST_TITLE = 120;

  public Draft {
    typed = typed == null ? JsonNodeFactory.instance.objectNode() : typed;
    taking = taking == null ? JsonNodeFactory.instance.objectNode() : taking;
  }

  /** An application with nobody but a nameless applicant. */
  static Draft empty(JsonMapper json) {
    var packet = json.createObjectNode();
    packet
        .put("format", "civitane-packet")
        .put("version", 1)
        .put("channel", "counter")
        .put("language", "en");
    var household = packet.putObject("household");
    household.putObject("address");
    household.putArray("people").addObject().put("id", "p1").put("role", "applicant");
    household.put("expectedChildren", 0);
    for (var list : new String[] {"incomes", "noIncome"}) {
      household.putArray(list);
    }
    for (var list : new String[] {"requests", "papers", "signatures"}) {
      packet.putArray(list);
    }
    return new Draft(packet, json.createObjectNode(), json.createObjectNode());
  }

  public boolean hasItsParts() {
    return packet instanceof ObjectNode
        && typed instanceof ObjectNode
        && taking instanceof ObjectNode;
  }

  /** Whether somebody allows, on a day, that an office or a third party is asked. */
  public boolean allows(String person, String to, LocalDate on) {
    return packet
        .path("household")
        .path("consents")
        .valueStream()
        .anyMatch(consent -> to.equals(consent.path("to").asString(""))
            && person.equals(consent.path("person").asString(""))
            && !hasEnded(consent, on));
  }

  private static boolean hasEnded(JsonNode consent, LocalDate on) {
    var until = consent.path("until").asString("");
    return !until.isBlank() && LocalDate.parse(until).isBefore(on);
  }

  /** The name somebody is listed by; empty for whoever has none yet. */
  public String name(String person) {
    return packet
        .path("household")
        .path("people")
        .valueStream()
        .filter(one -> person.equals(one.path("id").asString("")))
        .map(Draft::name)
        .findFirst()
        .orElse("");
  }

  private static String name(JsonNode person) {
    return (person.path("givenName").asString("") + " "
            + person.path("familyName").asString(""))
        .strip();
  }

  /** A name to find it by. */
  String title() {
    for (var person : packet.path("household").path("people")) {
      if ("applicant".equals(person.path("role").asString(""))) {
        var name = name(person);
        return name.length() > MOST_TITLE ? name.substring(0, MOST_TITLE) : name;
      }
    }
    return "";
  }
}
