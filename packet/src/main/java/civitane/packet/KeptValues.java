package civitane.packet;

import civitane.core.facts.Value;
import civitane.packet.json.Faults;
import civitane.packet.json.Path;
import civitane.packet.shape.Shape;
import civitane.packet.shape.ShapeReader;
import java.io.StringWriter;
import java.util.ArrayList;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.json.JsonFactory;

/** Single facts as they are kept: each as the packet would have it in its place. */
public final class KeptValues {
  private static final JsonFactory JSON = new JsonFactory();

  private KeptValues() {}

  public static String written(Object value) {
    var text = new StringWriter();
    try (var json = JSON.createGenerator(text)) {
      ValueWriter.value(json, value);
    }
    return text.toString();
  }

  /** The value that was kept. Throws where it is not one that the field can have. */
  public static @Nullable Object read(Value as, String kept) {
    var faults = new Faults();
    try (var parser = JSON.createParser(kept)) {
      parser.nextToken();
      var reader = new ShapeReader(parser, new Path(), faults, new ArrayList<>(), other -> null);
      var value = reader.read(Shape.of(as));
      if (!faults.isEmpty()) {
        throw new IllegalArgumentException("what was kept can't be read: " + faults.list());
      }
      return value;
    }
  }
}
