package civitane.packet;

import civitane.core.facts.Packet;
import java.io.StringWriter;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.json.JsonFactory;

/** Writes packets as JSON that is read back as the same packet: the same facts always as the same bytes. */
public final class PacketWriter {
  private static final JsonFactory JSON = new JsonFactory();

  private PacketWriter() {}

  public static String written(Packet packet) {
    var text = new StringWriter();
    try (var json = JSON.createGenerator(text)) {
      write(json, packet);
    }
    return text.toString();
  }

  private static void write(JsonGenerator json, Packet packet) {
    json.writeStartObject();
    json.writeStringProperty("format", PacketShape.FORMAT);
    json.writeNumberProperty("version", PacketShape.VERSION);
    ValueWriter.optional(json, "lodgedOn", packet.lodgedOn());
    ValueWriter.optional(json, "assessedOn", packet.assessedOn());
    ValueWriter.optional(json, "asOf", packet.asOf());
    ValueWriter.optional(json, "lodgedAt", packet.lodgedAt());
    ValueWriter.optional(json, "channel", packet.channel());
    ValueWriter.optional(json, "language", packet.language());
    ValueWriter.optional(json, "household", packet.household());
    json.writeArrayPropertyStart("requests");
    for (var request : packet.requests()) {
      json.writeStartObject();
      json.writeStringProperty("service", request.service());
      json.writeName("answers");
      ValueWriter.record(json, request.answers());
      json.writeEndObject();
    }
    json.writeEndArray();
    ValueWriter.optional(json, "papers", packet.papers());
    ValueWriter.optional(json, "signatures", packet.signatures());
    json.writeEndObject();
  }
}
