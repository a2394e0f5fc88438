package civitane.packet;

import civitane.core.facts.Packet;
import civitane.core.facts.Paper;
import civitane.core.facts.Request;
import civitane.core.facts.Signature;
import civitane.core.rates.RateShelf;
import civitane.packet.PacketShape.Part;
import civitane.packet.json.Faults;
import civitane.packet.json.JsonBytes;
import civitane.packet.json.Path;
import civitane.packet.shape.Reference;
import civitane.packet.shape.ShapeReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

import static civitane.core.facts.Known.known;

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
    if (!JsonBytes.areFit(json, faults)) {
      return new Reading(null, faults.list());
    }
    var path = new Path();
    try (var parser = JsonBytes.parser(json, 0, json.length)) {
      return read(json, parser, path, faults);
    } catch (JacksonException e) {
      var where = e.getLocation();
      var column = where == null
          ? ""
          : " (line " + where.getLineNr() + ", column " + where.getColumnNr() + ")";
      faults.add(
          path.pointer(), "the text is not JSON from here on" + column, "JSON as in RFC 8259");
      return new Reading(null, faults.list());
    }
  }

  private Reading read(byte[] json, JsonParser parser, Path path, Faults faults) {
    if (parser.nextToken() == null) {
      faults.add("", "there is nothing here", "a packet, which is a JSON object");
      return new Reading(null, faults.list());
    }
    if (parser.currentToken() != JsonToken.START_OBJECT) {
      faults.add("", "it is not a packet", "a JSON object");
      return new Reading(null, faults.list());
    }
    var references = new ArrayList<Reference>();
    var requests = new RequestReader(json, parser, path, faults, references);
    var read = (@Nullable Object[])
        new ShapeReader(parser, path, faults, references, requests).read(PacketShape.PACKET);
    if (parser.nextToken() != null) {
      faults.add("", "something follows the end of the packet", "one packet a line");
    }
    new PacketChecks(known(read), faults).run(rates, references);
    return faults.isEmpty()
        ? new Reading(packet(known(read)), List.of())
        : new Reading(null, faults.list());
  }

  private static Packet packet(@Nullable Object[] read) {
    LocalDate lodgedOn = Part.LODGED_ON.of(read);
    LocalDate assessedOn = Part.ASSESSED_ON.of(read);
    LocalDate asOf = Part.AS_OF.of(read);
    List<Request> requests = Part.REQUESTS.of(read);
    List<Paper> papers = Part.PAPERS.of(read);
    List<Signature> signatures = Part.SIGNATURES.of(read);
    return new Packet(
        known(lodgedOn),
        known(assessedOn == null ? lodgedOn : assessedOn),
        known(asOf == null ? lodgedOn : asOf),
        Part.LODGED_AT.of(read),
        Part.CHANNEL.of(read),
        Part.LANGUAGE.of(read),
        known(Part.HOUSEHOLD.of(read)),
        requests == null ? List.of() : requests,
        papers == null ? List.of() : papers,
        signatures == null ? List.of() : signatures);
  }
}
