package civitane.packet;

import civitane.core.facts.Request;
import civitane.core.services.Services;
import civitane.packet.json.Faults;
import civitane.packet.json.JsonBytes;
import civitane.packet.json.JsonText;
import civitane.packet.json.Path;
import civitane.packet.shape.Reference;
import civitane.packet.shape.Shape;
import civitane.packet.shape.ShapeReader;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

import static civitane.core.facts.Known.known;

/**
 * Reads requests: the answers by the questions of the service each one names.
 *
 * <p>Answers that stand before the name of their service are passed over first and read when it is known.
 */
final class RequestReader implements ShapeReader.Elsewhere {
  private static final String SERVICE = "service";
  private static final String ANSWERS = "answers";

  private final byte[] packet;
  private final JsonParser parser;
  private final Path path;
  private final Faults faults;
  private final List<Reference> references;
  private final JsonText json;

  RequestReader(
      byte[] packet, JsonParser parser, Path path, Faults faults, List<Reference> references) {
    this.packet = packet;
    this.parser = parser;
    this.path = path;
    this.faults = faults;
    this.references = references;
    this.json = new JsonText(parser, path, faults);
  }

  @Override
  public @Nullable Object read(ShapeReader reader) {
    if (parser.currentToken() != JsonToken.START_OBJECT) {
      faults.add(path.pointer(), "it has no parts", "an object with service, answers");
      json.passOver();
      return null;
    }
    String service = null;
    Object answers = null;
    var namesService = false;
    var answered = false;
    var from = -1L;
    var to = -1L;
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      var key = parser.currentName();
      path.enterPart(key);
      parser.nextToken();
      if (SERVICE.equals(key)) {
        twice(namesService);
        namesService = true;
        service = service();
      } else if (ANSWERS.equals(key)) {
        twice(answered);
        answered = true;
        var shape = service == null ? null : PacketShape.ANSWERS.get(service);
        if (shape != null) {
          answers = reader.read(shape);
        } else {
          from = parser.currentTokenLocation().getByteOffset();
          parser.skipChildren();
          to = parser.currentLocation().getByteOffset();
        }
      } else {
        faults.add(path.pointer(), "the key is not known here", "one of service, answers");
        json.passOver();
      }
      path.leave();
    }
    if (service == null) {
      if (!namesService) {
        faults.add(path.pointer(SERVICE), "it is missing", "a value for service");
      }
      return null;
    }
    if (from >= 0) {
      answers = later((int) from, (int) (to - from), known(PacketShape.ANSWERS.get(service)));
    }
    return new Request(
        service,
        answers instanceof Record given
            ? given
            : Services.named(service).orElseThrow().nothingAnswered());
  }

  private void twice(boolean already) {
    if (already) {
      json.keyTwice();
    }
  }

  /** The service named here; null, and told, when there is none of that name. */
  private @Nullable String service() {
    if (parser.currentToken() != JsonToken.VALUE_STRING) {
      faults.add(path.pointer(), "it is not the name of a service", services());
      json.passOver();
      return null;
    }
    var service = json.text();
    if (PacketShape.ANSWERS.containsKey(service)) {
      return service;
    }
    faults.add(
        path.pointer(),
        service.isBlank() ? "it is missing" : "there is no such service",
        services());
    return null;
  }

  private static String services() {
    return "one of " + String.join(", ", PacketShape.ANSWERS.keySet());
  }

  private @Nullable Object later(int from, int length, Shape shape) {
    path.enterPart(ANSWERS);
    try (var again = JsonBytes.parser(packet, from, length)) {
      again.nextToken();
      return new ShapeReader(again, path, faults, references, reader -> null).read(shape);
    } finally {
      path.leave();
    }
  }
}
