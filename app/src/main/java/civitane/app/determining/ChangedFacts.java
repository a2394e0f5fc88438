package civitane.app.determining;

import civitane.app.problems.Problem;
import civitane.core.facts.Packet;
import civitane.packet.PacketWriter;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The facts of a packet with some of them put otherwise, to be read anew; the packet stays as it was. */
public final class ChangedFacts {
  private static final String ONE_MORE = "/-";

  private final Screenings screenings;
  private final ObjectNode facts;

  ChangedFacts(Screenings screenings, JsonMapper json, Packet packet) {
    this.screenings = screenings;
    this.facts = (ObjectNode) json.readTree(PacketWriter.written(packet));
  }

  /**
   * Puts a value at a place, {@code -} for one behind those of a list; a group of answers that is not there yet is made.
   * Throws where there is no such place.
   */
  public ChangedFacts put(String place, JsonNode value) {
    var at = place(place);
    if (facts.at(at.head()).isMissingNode()
        && facts.at(at.head().head()) instanceof ObjectNode above) {
      var key = at.head().last().getMatchingProperty();
      if (place.endsWith(ONE_MORE)) {
        above.putArray(key);
      } else {
        above.putObject(key);
      }
    }
    var parent = facts.at(at.head());
    if (parent instanceof ObjectNode object) {
      object.set(at.last().getMatchingProperty(), value);
    } else if (parent instanceof ArrayNode array && place.endsWith(ONE_MORE)) {
      array.add(value);
    } else if (parent instanceof ArrayNode array && array.has(at.last().getMatchingIndex())) {
      array.set(at.last().getMatchingIndex(), value);
    } else {
      throw noSuchPlace();
    }
    return this;
  }

  /** A place as it was sent, which may be none. */
  public static JsonPointer place(String sent) {
    if (!sent.startsWith("/")) {
      throw noSuchPlace();
    }
    return JsonPointer.compile(sent);
  }

  private static Problem noSuchPlace() {
    return Problem.wrong("There is no such place among the claim's facts.");
  }

  /** Takes what stands at a place away. */
  public ChangedFacts remove(String place) {
    var at = place(place);
    if (facts.at(at.head()) instanceof ObjectNode object) {
      object.remove(at.last().getMatchingProperty());
    }
    return this;
  }

  /**
   * The packet as it is now.
   *
   * @param wrong what to say where the facts can't be read any more, with their faults
   */
  public Packet packet(String wrong) {
    var reading = screenings.read(facts);
    if (reading.packet() == null) {
      throw Problem.wrong(wrong, reading.faults());
    }
    return reading.packet();
  }
}
