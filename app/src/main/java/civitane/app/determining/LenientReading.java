package civitane.app.determining;

import civitane.core.facts.Packet;
import civitane.packet.Fault;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads what can be read of a draft: parts with a fault are left out, and the rest is read again. */
public final class LenientReading {
  private static final int TRIES = 6;

  private final Screenings screenings;

  public LenientReading(Screenings screenings) {
    this.screenings = screenings;
  }

  /** What could be read, with every fault on the way there. */
  public record Read(@Nullable Packet packet, List<Fault> faults) {}

  public Read read(ObjectNode draft) {
    var all = new ArrayList<Fault>();
    for (var i = 0; i < TRIES; i++) {
      var reading = screenings.read(draft);
      if (reading.packet() != null) {
        return new Read(reading.packet(), all);
      }
      if (i == 0) {
        all.addAll(reading.faults());
      }
      // The last first, so that the places of the others stay what they are.
      for (var j = reading.faults().size() - 1; j >= 0; j--) {
        leaveOut(draft, reading.faults().get(j).pointer());
      }
    }
    return new Read(null, all);
  }

  private static void leaveOut(ObjectNode draft, String pointer) {
    var at = JsonPointer.compile(pointer);
    if (draft.at(at).isMissingNode()) {
      at = at.head();
    }
    if (at == null || at.matches()) {
      return;
    }
    var parent = draft.at(at.head());
    if (parent instanceof ObjectNode object) {
      object.remove(at.last().getMatchingProperty());
    } else if (parent instanceof ArrayNode array && at.last().getMatchingIndex() >= 0) {
      array.remove(at.last().getMatchingIndex());
    }
  }
}
