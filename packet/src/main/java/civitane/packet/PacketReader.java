package civitane.packet;

import civitane.core.facts.Answers;
import civitane.core.facts.Packet;
import civitane.core.facts.Request;
import civitane.core.rates.RateShelf;
import civitane.packet.json.Faults;
import civitane.packet.json.JsonText;
import civitane.packet.shape.ShapeReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads packets, and reports every fault of one that is not right. */
public final class PacketReader {
  private final RateShelf rates;

  public PacketReader(RateShelf rates) {
    this.rates = rates;
  }

  /** A packet, or what is wrong with it; one of the two. */
  public record Reading(@Nullable Packet packet, List<Fault> faults) {}

  public Reading read(byte[] json) {
    var faults = new Faults();
    var value = JsonText.read(json, faults);
    return value == null && !faults.isEmpty()
        ? new Reading(null, faults.list())
        : read(value, faults);
  }

  private Reading read(@Nullable Object value, Faults faults) {
    if (!(value instanceof Map<?, ?> json)) {
      faults.add("", "it is not a packet", "a JSON object");
      return new Reading(null, faults.list());
    }
    var reader = new ShapeReader(faults);
    var requests = requests(json.get("requests"), reader, faults);
    var read = (Answers) reader.read(json, PacketShape.PACKET);
    new PacketChecks(read, faults).run(rates, reader.references());
    if (!faults.isEmpty()) {
      return new Reading(null, faults.list());
    }
    var lodgedOn = read.date("lodgedOn");
    var asOf = read.date("asOf") == null ? lodgedOn : read.date("asOf");
    return new Reading(PacketBinder.packet(read, lodgedOn, asOf, requests), List.of());
  }

  /** The answers are read by the questions of the service each request names, all else by the packet's own shape. */
  private static List<Request> requests(@Nullable Object json, ShapeReader reader, Faults faults) {
    var requests = new ArrayList<Request>();
    if (!(json instanceof List<?> list)) {
      return requests;
    }
    for (var i = 0; i < list.size(); i++) {
      if (!(list.get(i) instanceof Map<?, ?> request)
          || !(request.get("service") instanceof String service)) {
        continue;
      }
      var shape = PacketShape.ANSWERS.get(service);
      if (shape == null) {
        if (!service.isBlank()) {
          faults.add(
              "/requests/" + i + "/service",
              "there is no such service",
              "one of " + String.join(", ", PacketShape.ANSWERS.keySet()));
        }
        continue;
      }
      var answers = reader.readAt("requests", i, "answers", request.get("answers"), shape);
      requests.add(new Request(service, answers instanceof Answers given ? given : Answers.NONE));
    }
    return requests;
  }
}
